package app.drachen.core.debrief;

import static app.drachen.core.math.Statistics.length;

import app.drachen.core.log.FlightLog;
import app.drachen.core.log.LogColumn;
import app.drachen.core.working.Span;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.IntUnaryOperator;

/**
 * Link, position, airspeed or rows that were gone for a while in the air.
 *
 * <p>Source: own estimates. The link: quality zero for 1 s, or no strength for 3 s where it comes twice a second. The
 * position: no fix or fewer than four satellites for 2 s, or for 3 s no new place while it flies on. The airspeed: said
 * not to be measured, or for 5 s off by 4 m/s and 40 % from what ground speed and the flight's own wind make it. Rows: none
 * for 3 s and ten times their usual distance.
 *
 * @param what was lost
 * @param span from when to when
 * @param evidence what shows it, as part of a sentence
 */
public record Lost(What what, Span span, String evidence) {
    /** What can be lost. */
    public enum What {
        LINK("Link"),
        POSITION("Position"),
        AIRSPEED("Airspeed"),
        ROWS("Rows");

        private final String label;

        What(String label) {
            this.label = label;
        }

        public String label() {
            return label;
        }
    }

    private static final double FROZEN = 3;
    private static final double WRONG = 5;

    /** So many steps tell what is usual [-]. */
    private static final int ENOUGH = 20_000;

    /**
     * Looks for losses.
     *
     * @param air when it was in the air
     * @return for each thing that the log can tell, what was lost, in order; nothing for what it cannot tell
     */
    static Map<What, List<Lost>> of(FlightLog log, Airborne air) {
        Map<What, List<Lost>> told = new EnumMap<>(What.class);
        link(log, air).ifPresent(lost -> told.put(What.LINK, lost));
        position(log, air).ifPresent(lost -> told.put(What.POSITION, lost));
        airspeed(log, air).ifPresent(lost -> told.put(What.AIRSPEED, lost));
        told.put(What.ROWS, rows(log, air));
        return told;
    }

    private static List<Lost> lost(
            FlightLog log, Airborne air, What what, double least, String evidence, IntUnaryOperator row) {
        return Stretches.of(log, air.launch(), air.landing() + 1, least, row).stream()
                .map(s -> new Lost(what, s, evidence))
                .toList();
    }

    private static Optional<List<Lost>> link(FlightLog log, Airborne air) {
        // a column that is zero throughout belongs to nothing that is wired
        if (greatest(log, LogColumn.LINK) > 0.01 && known(log, LogColumn.LINK, air)) {
            return Optional.of(lost(log, air, What.LINK, 1, "its quality is zero", i -> {
                double quality = log.value(LogColumn.LINK, i);
                return Stretches.said(quality, quality < 0.005);
            }));
        }
        if (usual(log, air, LogColumn.STRENGTH) > 0.5) {
            return Optional.empty();
        }
        return Optional.of(missing(log, air, What.LINK, LogColumn.STRENGTH, "no signal strength came"));
    }

    private static Optional<List<Lost>> position(FlightLog log, Airborne air) {
        if (greatest(log, LogColumn.FIX) > 0 && known(log, LogColumn.FIX, air)) {
            // kinds of fix know a 3, and 1 is none of them; qualities of a fix do not, and 1 is one
            boolean kinds = Arrays.stream(log.values(LogColumn.FIX)).anyMatch(v -> v == 3);
            return Optional.of(lost(log, air, What.POSITION, 2, "there is no fix", i -> {
                double fix = log.value(LogColumn.FIX, i);
                return Stretches.said(fix, fix < (kinds ? 1.5 : 0.5));
            }));
        }
        if (known(log, LogColumn.SATELLITES, air) && greatest(log, LogColumn.SATELLITES) >= 5) {
            return Optional.of(lost(log, air, What.POSITION, 2, "fewer than four satellites are seen", i -> {
                double seen = log.value(LogColumn.SATELLITES, i);
                return Stretches.said(seen, seen < 4);
            }));
        }
        boolean flies = log.has(LogColumn.AIRSPEED) || log.has(LogColumn.GROUND_SPEED);
        if (!flies || !(usual(log, air, LogColumn.NORTH) < FROZEN)) {
            return Optional.empty();
        }
        return Optional.of(missing(log, air, What.POSITION, LogColumn.NORTH, "no new place comes while it flies on"));
    }

    /** Where a column that comes often does not come, or stands still, while the aircraft flies. */
    private static List<Lost> missing(FlightLog log, Airborne air, What what, LogColumn column, String evidence) {
        LogColumn speeds = log.has(LogColumn.AIRSPEED) ? LogColumn.AIRSPEED : LogColumn.GROUND_SPEED;
        double least = Math.max(FROZEN, 5 * usual(log, air, column));
        List<Lost> found = new ArrayList<>();
        double last = Double.NaN;
        double since = log.time(air.launch());
        double way = 0;
        double seen = 0;
        for (int i = air.launch(); i <= air.landing(); i++) {
            double value = log.value(column, i);
            boolean fresh = !Double.isNaN(value) && (column == LogColumn.STRENGTH || value != last);
            double speed = log.value(speeds, i);
            // where rows are missing altogether, nothing shows
            double step = i > 0 ? Math.min(1, log.time(i) - log.time(i - 1)) : 0;
            way += speed > 0 ? speed * step : 0;
            seen += step;
            boolean end = i == air.landing();
            if (fresh || end) {
                boolean flew = column == LogColumn.STRENGTH || way > 20;
                if (seen >= least && flew) {
                    found.add(new Lost(what, new Span(since, log.time(i)), evidence));
                }
                since = log.time(i);
                way = 0;
                seen = 0;
                last = fresh ? value : last;
            }
        }
        return found;
    }

    private static Optional<List<Lost>> airspeed(FlightLog log, Airborne air) {
        if (greatest(log, LogColumn.AIRSPEED_MEASURED) > 0 && known(log, LogColumn.AIRSPEED_MEASURED, air)) {
            return Optional.of(lost(log, air, What.AIRSPEED, 2, "the autopilot does not believe it", i -> {
                double measured = log.value(LogColumn.AIRSPEED_MEASURED, i);
                return Stretches.said(measured, measured < 0.5);
            }));
        }
        if (!known(log, LogColumn.AIRSPEED, air)) {
            return Optional.empty();
        }
        return WindFit.ofGround(log, air.launch(), air.landing())
                .filter(w -> w.spread() < 2)
                .map(w -> Stretches.measured(log, air.launch(), air.landing() + 1, WRONG, i -> off(log, w, i)).stream()
                        .map(s -> new Lost(What.AIRSPEED, s, "it is far from what ground speed and wind make it"))
                        .toList());
    }

    private static int off(FlightLog log, WindFit wind, int row) {
        double ground = log.value(LogColumn.GROUND_SPEED, row);
        double course = log.value(LogColumn.COURSE, row);
        double through = length(ground * Math.cos(course) - wind.north(), ground * Math.sin(course) - wind.east());
        double off = Math.abs(log.value(LogColumn.AIRSPEED, row) - through);
        return Stretches.said(off, off > Math.max(4, 0.4 * through));
    }

    private static List<Lost> rows(FlightLog log, Airborne air) {
        // the usual distance from some of them, whatever the length of the log
        int count = air.landing() - air.launch();
        int stride = Math.max(1, count / ENOUGH);
        double[] some = new double[count / stride];
        for (int i = 0; i < some.length; i++) {
            int row = air.launch() + i * stride;
            some[i] = log.time(row + 1) - log.time(row);
        }
        Arrays.sort(some);
        double least = some.length == 0 ? FROZEN : Math.max(FROZEN, 10 * some[some.length / 2]);
        List<Lost> found = new ArrayList<>();
        double before = log.time(air.launch());
        for (int row = air.launch() + 1; row <= air.landing(); row++) {
            double time = log.time(row);
            if (time - before > least) {
                found.add(new Lost(What.ROWS, new Span(before, time), "the log has none"));
            }
            before = time;
        }
        return found;
    }

    private static boolean known(FlightLog log, LogColumn column, Airborne air) {
        return !Double.isNaN(log.mean(column, air.launch(), air.landing() + 1));
    }

    /** The greatest value of a column; 0 where there is none. */
    private static double greatest(FlightLog log, LogColumn column) {
        double most = Double.NEGATIVE_INFINITY;
        for (int row = 0; log.has(column) && row < log.rows(); row++) {
            double value = log.value(column, row);
            // no number is not more
            most = value > most ? value : most;
        }
        return most == Double.NEGATIVE_INFINITY ? 0 : most;
    }

    /** Usual time between new values of a column in the air [s]; infinite with fewer than ten. */
    private static double usual(FlightLog log, Airborne air, LogColumn column) {
        double[] gaps = new double[Math.min(ENOUGH, air.landing() - air.launch() + 1)];
        int n = 0;
        double last = Double.NaN;
        double since = Double.NaN;
        for (int i = air.launch(); log.has(column) && n < gaps.length && i <= air.landing(); i++) {
            double value = log.value(column, i);
            if (!Double.isNaN(value) && (column == LogColumn.STRENGTH || value != last)) {
                if (!Double.isNaN(since)) {
                    gaps[n++] = log.time(i) - since;
                }
                since = log.time(i);
                last = value;
            }
        }
        if (n < 10) {
            return Double.POSITIVE_INFINITY;
        }
        Arrays.sort(gaps, 0, n);
        return gaps[n / 2];
    }
}
