package app.drachen.core.debrief;

import app.drachen.core.log.FlightLog;
import app.drachen.core.log.LogColumn;
import app.drachen.core.units.Quantity;
import app.drachen.core.working.Source;
import app.drachen.core.working.Working;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/**
 * What the logbook says about a flight (LOGBOOK-A1): when it was in the air, how high, how far, how fast.
 *
 * <p>Source: definitions. In the air: from the first to the last time that it moves faster than 40 % of its usual speed
 * for 2 s (own estimate, good to about a second). The way is summed over steps of a second, so that the noise of positions
 * does not lengthen it.
 *
 * @param launch row of the launch
 * @param landing row of the touchdown
 * @param launchTime of the launch [s]
 * @param landingTime of the touchdown [s]
 * @param ground mean logged height before the launch, 0 if the log starts in the air [m]
 * @param greatestHeight above that ground [m]; NaN without heights
 * @param farthest from home [m]; NaN without positions
 * @param way over ground [m]; NaN without positions
 * @param meanAirspeed in the air [m/s]; NaN without an airspeed
 * @param charge used over the whole log [C]; NaN without it
 * @param wind mean wind, where the flight shows it
 */
public record FlightFacts(
        int launch,
        int landing,
        double launchTime,
        double landingTime,
        double ground,
        double greatestHeight,
        double farthest,
        double way,
        double meanAirspeed,
        double charge,
        Optional<WindFit> wind) {
    private static final double FLYING = 0.4;
    private static final double LASTS = 2;

    /** Reads them off a log; empty if nothing in it moves. */
    public static Optional<FlightFacts> of(FlightLog log) {
        LogColumn speeds = log.has(LogColumn.AIRSPEED) ? LogColumn.AIRSPEED : LogColumn.GROUND_SPEED;
        double usual = upperQuarter(log, speeds);
        if (!(usual > 2)) {
            return Optional.empty();
        }
        int launch = moving(log, speeds, FLYING * usual, 1);
        int landing = moving(log, speeds, FLYING * usual, -1);
        if (launch < 0 || landing <= launch) {
            return Optional.empty();
        }
        double before = log.mean(LogColumn.HEIGHT, 0, launch);
        double ground = Double.isNaN(before) ? 0 : before;
        double height = Double.NaN;
        double farthest = Double.NaN;
        for (int row = launch; row <= landing; row++) {
            height = larger(height, log.value(LogColumn.HEIGHT, row));
            farthest = larger(farthest, Math.hypot(log.value(LogColumn.NORTH, row), log.value(LogColumn.EAST, row)));
        }
        return Optional.of(new FlightFacts(
                launch,
                landing,
                log.time(launch),
                log.time(landing),
                ground,
                height - ground,
                farthest,
                way(log, launch, landing),
                log.mean(LogColumn.AIRSPEED, launch, landing),
                lastOf(log, LogColumn.CHARGE),
                WindFit.of(log, launch, landing)));
    }

    private static double upperQuarter(FlightLog log, LogColumn column) {
        double[] values = Arrays.stream(log.values(column))
                .filter(v -> !Double.isNaN(v))
                .sorted()
                .toArray();
        return values.length == 0 ? Double.NaN : values[values.length * 3 / 4];
    }

    private static int moving(FlightLog log, LogColumn speeds, double above, int step) {
        int since = -1;
        for (int row = step > 0 ? 0 : log.rows() - 1; row >= 0 && row < log.rows(); row += step) {
            double speed = log.value(speeds, row);
            if (speed > above) {
                since = since < 0 ? row : since;
                if (Math.abs(log.time(row) - log.time(since)) >= LASTS) {
                    return since;
                }
            } else if (!Double.isNaN(speed)) {
                since = -1;
            }
        }
        return -1;
    }

    /** The larger of two values, a missing one left out. */
    private static double larger(double a, double b) {
        return Double.isNaN(a) ? b : Double.isNaN(b) ? a : Math.max(a, b);
    }

    private static double way(FlightLog log, int from, int to) {
        double way = Double.NaN;
        double north = Double.NaN;
        double east = Double.NaN;
        double next = Double.NEGATIVE_INFINITY;
        for (int row = from; row <= to; row++) {
            double n = log.value(LogColumn.NORTH, row);
            double e = log.value(LogColumn.EAST, row);
            boolean due = !Double.isNaN(n) && !Double.isNaN(e) && (log.time(row) >= next || row == to);
            if (due) {
                double step = Math.hypot(n - north, e - east);
                way = Double.isNaN(step) ? (Double.isNaN(way) ? 0 : way) : way + step;
                north = n;
                east = e;
                next = log.time(row) + 1 - 1e-6;
            }
        }
        return way;
    }

    private static double lastOf(FlightLog log, LogColumn column) {
        for (int row = log.rows() - 1; row >= 0; row--) {
            if (!Double.isNaN(log.value(column, row))) {
                return log.value(column, row);
            }
        }
        return Double.NaN;
    }

    /** The facts that the log shows, with their workings. */
    public List<Working> workings() {
        List<Working> all = new ArrayList<>();
        add(
                all,
                "Time in the air",
                landingTime - launchTime,
                Quantity.TIME,
                "touchdown − launch",
                Working.in("launch", launchTime, Quantity.TIME),
                Working.in("touchdown", landingTime, Quantity.TIME));
        add(
                all,
                "Greatest height",
                greatestHeight,
                Quantity.HEIGHT,
                "greatest logged height − mean height before the launch",
                Working.in("greatest logged height", greatestHeight + ground, Quantity.HEIGHT),
                Working.in("mean height before the launch", ground, Quantity.HEIGHT));
        add(all, "Farthest from home", farthest, Quantity.DISTANCE, "greatest √(north² + east²)");
        add(all, "Way over ground", way, Quantity.DISTANCE, "Σ of the steps of a second");
        add(all, "Mean airspeed", meanAirspeed, Quantity.SPEED, "mean of the airspeed in the air");
        add(all, "Charge used", charge, Quantity.CHARGE, "last value of the charge");
        wind.ifPresent(w -> {
            all.add(w.working());
            add(all, "Wind from", w.from(), Quantity.BEARING, "direction of −w, the fitted wind");
        });
        return all;
    }

    private static void add(
            List<Working> all, String name, double value, Quantity quantity, String formula, Working.Input... inputs) {
        if (!Double.isNaN(value)) {
            all.add(Working.of(
                    "LOGBOOK-A1", name, value, quantity, formula, new Source.Elementary("definition"), inputs));
        }
    }
}
