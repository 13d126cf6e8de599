package app.drachen.core.debrief;

import app.drachen.core.log.FlightLog;
import app.drachen.core.log.LogColumn;
import app.drachen.core.math.Statistics;
import app.drachen.core.modes.FlightMode;
import app.drachen.core.modes.Route;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * What the cards after the first ask of a flight: how Hold stands, what the chopped power does, how Home lines up and
 * arrives, how close a lap is flown, how often a stick was reversed. Empty wherever the log does not show it.
 *
 * <p>Source: definitions.
 */
public final class CardMeasures {
    /** A stick within this is let go [-]. */
    private static final double LET_GO = 0.10;

    /** A stick beyond this is full [-]. */
    private static final double FULL = 0.80;

    /** What a mode has to come to rest [s], and how long it must be seen then [s]. */
    private static final double RESTS = 5;

    private static final double SEEN = 20;

    /** How long the course must point home [s]. */
    private static final double LINED_UP = 6;

    /** Who has not lined up in this time does not line up [s]. */
    private static final double LONG = 60;

    /** Rows further apart than this may miss a stop of the stick [s]. */
    private static final double COARSE = 0.5;

    private CardMeasures() {}

    /** A stretch of rows. */
    private record Rows(int from, int to) {}

    /** The longest stretch of Hold with the sticks let go, without its first seconds; empty if it is too short. */
    private static Optional<Rows> holding(FlightLog log, List<ModeSegment> segments) {
        Rows best = new Rows(0, 0);
        for (ModeSegment segment : segments) {
            int from = -1;
            for (int row = segment.from(); segment.mode() == FlightMode.HOLD && row <= segment.to(); row++) {
                boolean free = row < segment.to() && letGo(log, row);
                if (free && from < 0) {
                    from = row;
                } else if (!free && from >= 0) {
                    int rested = Math.min(row, log.rowAt(log.time(from) + RESTS));
                    if (row - rested > best.to() - best.from()) {
                        best = new Rows(rested, row);
                    }
                    from = -1;
                }
            }
        }
        boolean seen = best.to() > best.from() && log.time(best.to() - 1) - log.time(best.from()) >= SEEN;
        return seen ? Optional.of(best) : Optional.empty();
    }

    private static boolean letGo(FlightLog log, int row) {
        // a stick that the log does not show may have been held
        return Math.abs(log.value(LogColumn.STICK_ROLL, row)) <= LET_GO
                && Math.abs(log.value(LogColumn.STICK_PITCH, row)) <= LET_GO;
    }

    /**
     * How far the height strays to either side in Hold, hands off: half of its range.
     *
     * @return [m], not negative
     */
    public static Optional<Double> holdHeight(FlightLog log, List<ModeSegment> segments) {
        return holding(log, segments).flatMap(rows -> {
            double least = Double.NaN;
            double most = Double.NaN;
            for (int row = rows.from(); row < rows.to(); row++) {
                double height = log.value(LogColumn.HEIGHT, row);
                least = height < least || Double.isNaN(least) ? height : least;
                most = height > most || Double.isNaN(most) ? height : most;
            }
            return finite((most - least) / 2);
        });
    }

    /**
     * By how much the heading turns in Hold, hands off, from the beginning to the end.
     *
     * @return [rad], not negative
     */
    public static Optional<Double> holdTurn(FlightLog log, List<ModeSegment> segments) {
        return holding(log, segments).flatMap(rows -> {
            double turned = 0;
            double last = Double.NaN;
            for (int row = rows.from(); row < rows.to(); row++) {
                double heading = log.value(LogColumn.HEADING, row);
                if (!Double.isNaN(heading)) {
                    turned += Double.isNaN(last) ? 0 : Statistics.wrap(heading - last);
                    last = heading;
                }
            }
            return finite(Double.isNaN(last) ? Double.NaN : Math.abs(turned));
        });
    }

    /**
     * How far the nose falls within 3 s after the power is taken away, the pitch stick still.
     *
     * @param ground logged height of the launch [m]
     * @return the most of all such moments [rad], not negative
     */
    public static Optional<Double> chopPitch(FlightLog log, double ground) {
        return chop(log, ground, LogColumn.PITCH, 3);
    }

    /**
     * What height is lost within 5 s after the power is taken away, the pitch stick still for the first 3 s.
     *
     * @param ground logged height of the launch [m]
     * @return the most of all such moments [m], not negative
     */
    public static Optional<Double> chopHeight(FlightLog log, double ground) {
        return chop(log, ground, LogColumn.HEIGHT, 5);
    }

    private static Optional<Double> chop(FlightLog log, double ground, LogColumn column, double seconds) {
        double most = Double.NaN;
        for (int row : chops(log, ground, seconds)) {
            double before = log.value(column, row);
            for (int i = row; i < log.rows() && log.time(i) - log.time(row) <= seconds; i++) {
                double fallen = before - log.value(column, i);
                most = fallen > (Double.isNaN(most) ? -1 : most) ? Math.max(0, fallen) : most;
            }
        }
        return finite(most);
    }

    /**
     * Where the power is taken away high enough, with the pitch stick still for 2.5 s.
     *
     * @param ground logged height of the launch [m]
     * @param seconds of log behind it that are wanted [s], above 0
     * @return rows
     */
    public static List<Integer> chops(FlightLog log, double ground, double seconds) {
        List<Integer> found = new ArrayList<>();
        for (int row = 1; row < log.rows(); row++) {
            boolean cut = log.value(LogColumn.POWER, row) < 0.05
                    && log.value(LogColumn.POWER, log.rowAt(log.time(row) - 0.5)) > 0.2
                    && !(log.value(LogColumn.POWER, row - 1) < 0.05)
                    && log.value(LogColumn.HEIGHT, row) - ground > 15
                    && log.time(log.rows() - 1) - log.time(row) > seconds;
            if (cut && still(log, row)) {
                found.add(row);
            }
        }
        return found;
    }

    /** Whether the pitch stick stays where it is, and the power off, for 2.5 s. */
    private static boolean still(FlightLog log, int row) {
        double stick = log.value(LogColumn.STICK_PITCH, row);
        for (int i = row; i < log.rows() && log.time(i) - log.time(row) < 2.5; i++) {
            boolean held = Math.abs(log.value(LogColumn.STICK_PITCH, i) - stick) <= 0.05;
            if (!held || log.value(LogColumn.POWER, i) > 0.1) {
                return false;
            }
        }
        return true;
    }

    /** The first stretch of Home that begins away from home; empty without one or without a place. */
    private static Optional<Rows> homing(FlightLog log, List<ModeSegment> segments, double radius) {
        return segments.stream()
                .filter(s -> s.mode() == FlightMode.HOME && away(log, s.from()) > 1.5 * radius)
                .map(s -> new Rows(s.from(), s.to()))
                .findFirst();
    }

    private static double away(FlightLog log, int row) {
        return Math.hypot(log.value(LogColumn.NORTH, row), log.value(LogColumn.EAST, row));
    }

    /**
     * Time from Home until the course points home within 15° for 6 s; a turn that only passes by is quicker.
     *
     * @param radius of the circle at home [m], above 0
     * @return [s]; infinite if it does not within a minute; empty if Home ended before, or the log shows no course
     */
    public static Optional<Double> lineUp(FlightLog log, List<ModeSegment> segments, double radius) {
        return homing(log, segments, radius).flatMap(rows -> {
            double since = Double.NaN;
            double begun = log.time(rows.from());
            double lastSeen = begun;
            for (int row = rows.from(); row < rows.to() && away(log, row) > radius; row++) {
                double home = Math.atan2(-log.value(LogColumn.EAST, row), -log.value(LogColumn.NORTH, row));
                double off = Math.abs(Statistics.wrap(log.value(LogColumn.COURSE, row) - home));
                if (Double.isNaN(off)) {
                    continue;
                }
                if (off >= Math.toRadians(15)) {
                    since = Double.NaN;
                } else if (Double.isNaN(since)) {
                    since = log.time(row);
                } else if (log.time(row) - since >= LINED_UP) {
                    return Optional.of(since - begun);
                }
                lastSeen = log.time(row);
            }
            return lastSeen - begun >= LONG ? Optional.of(Double.POSITIVE_INFINITY) : Optional.empty();
        });
    }

    /**
     * How far the height is off at home, when Home first comes within its circle and a half.
     *
     * @param radius of the circle at home [m], above 0
     * @param height that is set, as the log counts heights [m]
     * @return [m], not negative; empty if it does not arrive or the log shows no height there
     */
    public static Optional<Double> homeHeight(FlightLog log, List<ModeSegment> segments, double radius, double height) {
        return homing(log, segments, radius).flatMap(rows -> {
            for (int row = rows.from(); row < rows.to(); row++) {
                double off = Math.abs(log.value(LogColumn.HEIGHT, row) - height);
                if (away(log, row) < 1.5 * radius && !Double.isNaN(off)) {
                    return Optional.of(off);
                }
            }
            return Optional.empty();
        });
    }

    /**
     * Share of the points of a route that Mission came near.
     *
     * @param near how near [m], above 0
     * @return [-], 0 to 1
     */
    public static Optional<Double> pointsReached(FlightLog log, List<ModeSegment> segments, Route route, double near) {
        List<ModeSegment> missions = missions(log, segments);
        if (missions.isEmpty()) {
            return Optional.empty();
        }
        long reached = route.points().stream()
                .filter(p -> missions.stream().anyMatch(s -> {
                    for (int row = s.from(); row < s.to(); row++) {
                        double north = log.value(LogColumn.NORTH, row) - p.north();
                        double east = log.value(LogColumn.EAST, row) - p.east();
                        if (Math.hypot(north, east) < near) {
                            return true;
                        }
                    }
                    return false;
                }))
                .count();
        return Optional.of((double) reached / route.points().size());
    }

    private static List<ModeSegment> missions(FlightLog log, List<ModeSegment> segments) {
        return segments.stream()
                .filter(s -> s.mode() == FlightMode.MISSION && !Double.isNaN(away(log, s.from())))
                .toList();
    }

    /**
     * How often a stick went to its stop on the side it went to less often, in Level.
     *
     * @param stick roll or pitch stick
     * @return [-]; empty if it never was at a stop on either side, or if the rows are too far apart to count stops
     */
    public static Optional<Double> reversals(FlightLog log, List<ModeSegment> segments, LogColumn stick) {
        if (log.rows() < 2 || log.duration() / (log.rows() - 1) > COARSE) {
            return Optional.empty();
        }
        int[] stops = new int[2];
        int side = 0;
        for (ModeSegment segment : segments) {
            for (int row = segment.from(); segment.mode() == FlightMode.LEVEL && row < segment.to(); row++) {
                double at = log.value(stick, row);
                int now = at > FULL ? 1 : at < -FULL ? -1 : 0;
                if (now != 0 && now != side) {
                    stops[now > 0 ? 1 : 0]++;
                    side = now;
                }
            }
        }
        return stops[0] + stops[1] == 0 ? Optional.empty() : Optional.of((double) Math.min(stops[0], stops[1]));
    }

    private static Optional<Double> finite(double value) {
        return Double.isNaN(value) ? Optional.empty() : Optional.of(value);
    }
}
