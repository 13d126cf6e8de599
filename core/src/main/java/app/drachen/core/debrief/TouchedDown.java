package app.drachen.core.debrief;

import app.drachen.core.log.FlightLog;
import app.drachen.core.log.LogColumn;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * How a flight came to the ground, from the last second before it.
 *
 * <p>Source: sink at the ground from the climb of the last 0.3 s where that is logged often, else from a straight line
 * through that of the last second, or through the heights of the last two; an impact stops from flying speed within 0.4 s,
 * or ends the log within a second of the ground, sinking more than 4 m/s. Own estimates.
 *
 * @param time of the touchdown [s]
 * @param sink at the touchdown, not negative; NaN if it is not known [m/s]
 * @param bank at the touchdown, not negative; NaN if it is not known [rad]
 * @param pitch at the touchdown, nose up positive; NaN if it is not known [rad]
 * @param before speed before it; NaN if it is not known [m/s]
 * @param impact whether it hit the ground
 */
public record TouchedDown(double time, double sink, double bank, double pitch, double before, boolean impact) {
    private static final double STOPS_WITHIN = 0.4;
    private static final double DIVES = 4;
    private static final double MOMENT = 0.3;

    /** Sink above which a touchdown is hard, and above which it is an impact [m/s]. */
    public static final double HARD = 2;

    private static final double HITS = 3;
    private static final double BANK = Math.toRadians(40);
    private static final double NOSE_DOWN = Math.toRadians(-25);

    /** Whether it touched down harder than is wanted; not so where the sink is not known. */
    public boolean hard() {
        return hit() || sink > HARD;
    }

    /** Whether it hit the ground rather than touched down. */
    public boolean hit() {
        return impact || tumbled() || sink > HITS;
    }

    /** Whether it came down on its side or on its nose. */
    public boolean tumbled() {
        return banked() || pitch < NOSE_DOWN;
    }

    /** Whether it came down on its side. */
    public boolean banked() {
        return bank > BANK;
    }

    static Optional<TouchedDown> of(FlightLog log, Optional<Airborne> airborne) {
        int last = log.rows() - 1;
        // without speeds heights alone tell whether it flew
        boolean flew = airborne.isPresent() || !Airborne.moves(log) && Airborne.rises(log);
        if (last < 1 || !flew && !falls(log, last)) {
            return Optional.empty();
        }
        int row = airborne.map(Airborne::landing).orElse(last);
        boolean thrown = airborne.isEmpty() && sinks(log, last);
        double sink = thrown ? Math.max(-climb(log, row), fall(log, last)) : -climb(log, row);
        double height = log.value(LogColumn.HEIGHT, known(log, LogColumn.HEIGHT, last))
                - airborne.map(Airborne::ground).orElse(0.0);
        boolean ends = log.time(last) - log.time(row) < 0.7;
        boolean dives = ends && sink > DIVES && height < sink;
        boolean down = airborne.map(Airborne::down).orElse(height < 1.5);
        if (!down && !dives) {
            return Optional.empty();
        }
        LogColumn fast = log.has(LogColumn.AIRSPEED) ? LogColumn.AIRSPEED : LogColumn.GROUND_SPEED;
        double before = log.mean(fast, log.rowAt(log.time(row) - 1), row);
        return Optional.of(new TouchedDown(
                log.time(row),
                Double.isNaN(sink) ? Double.NaN : Math.max(0, sink),
                Math.abs(log.value(LogColumn.ROLL, known(log, LogColumn.ROLL, row))),
                log.value(LogColumn.PITCH, known(log, LogColumn.PITCH, row)),
                before,
                dives || thrown || stops(log, fast, row, before)));
    }

    /** Whether the log ends as nothing ends that stands or drives: on its side, on its nose, or dropping. */
    private static boolean falls(FlightLog log, int last) {
        double bank = Math.abs(log.value(LogColumn.ROLL, known(log, LogColumn.ROLL, last)));
        double pitch = log.value(LogColumn.PITCH, known(log, LogColumn.PITCH, last));
        return log.has(LogColumn.ROLL) && bank > Math.toRadians(40)
                || log.has(LogColumn.PITCH) && pitch < Math.toRadians(-25)
                || log.has(LogColumn.PITCH) && -climb(log, last) > DIVES
                || sinks(log, last);
    }

    /** Whether a short log ends falling under power, as out of a throw that was too weak. */
    private static boolean sinks(FlightLog log, int last) {
        double highest = Double.NaN;
        for (int row = 0; row <= last; row++) {
            double height = log.value(LogColumn.HEIGHT, row);
            highest = height > highest || Double.isNaN(highest) ? height : highest;
        }
        double end = log.value(LogColumn.HEIGHT, known(log, LogColumn.HEIGHT, last));
        return log.duration() < 5
                && highest - end > 0.7
                && fall(log, last) > 1
                && log.mean(LogColumn.POWER, 0, last + 1) > 0.3;
    }

    /** How fast the height falls in the last 0.5 s [m/s]. */
    private static double fall(FlightLog log, int last) {
        double end = log.value(LogColumn.HEIGHT, known(log, LogColumn.HEIGHT, last));
        double before = log.value(LogColumn.HEIGHT, known(log, LogColumn.HEIGHT, log.rowAt(log.time(last) - 0.5)));
        return (before - end) / 0.5;
    }

    /** The last row up to one, within a second, that has a value; that one itself if there is none. */
    private static int known(FlightLog log, LogColumn column, int row) {
        for (int r = row; r >= 0 && log.time(row) - log.time(r) < 1; r--) {
            if (!Double.isNaN(log.value(column, r))) {
                return r;
            }
        }
        return row;
    }

    /** Whether it stands within a moment. */
    private static boolean stops(FlightLog log, LogColumn speeds, int row, double before) {
        if (!(before > 5)) {
            return false;
        }
        double moving = Double.NaN;
        for (int r = row; r < log.rows() && log.time(r) - log.time(row) < 3; r++) {
            double speed = log.value(speeds, r);
            if (speed > 0.6 * before) {
                moving = log.time(r);
            } else if (speed < 0.25 * before) {
                return !Double.isNaN(moving) && log.time(r) - moving <= STOPS_WITHIN;
            }
        }
        return false;
    }

    /** Climb at a row from the rows before it [m/s]. */
    private static double climb(FlightLog log, int row) {
        List<double[]> points = new ArrayList<>();
        LogColumn column = log.has(LogColumn.CLIMB) ? LogColumn.CLIMB : LogColumn.HEIGHT;
        double reach = column == LogColumn.CLIMB ? 1 : 2;
        // where the log goes on, the row of the touchdown stands on the ground already
        int until = row < log.rows() - 1 ? row - 1 : row;
        for (int r = until; r >= 0 && log.time(row) - log.time(r) <= reach; r--) {
            double value = log.value(column, r);
            if (!Double.isNaN(value)) {
                points.add(new double[] {log.time(r), value});
            }
        }
        if (points.isEmpty()) {
            return Double.NaN;
        }
        if (column == LogColumn.HEIGHT) {
            return points.size() < 3 ? Double.NaN : Fit.line(points).slope();
        }
        // the last moments where they are logged often enough, else the line through the last second
        List<double[]> moments =
                points.stream().filter(p -> log.time(row) - p[0] <= MOMENT).toList();
        if (moments.size() >= 4) {
            return moments.stream().mapToDouble(p -> p[1]).average().orElseThrow();
        }
        double lowest = points.stream().mapToDouble(p -> p[1]).min().orElseThrow();
        double highest = points.stream().mapToDouble(p -> p[1]).max().orElseThrow();
        return Math.max(lowest, Math.min(highest, Fit.line(points).at(log.time(row))));
    }
}
