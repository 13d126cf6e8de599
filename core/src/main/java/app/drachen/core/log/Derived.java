package app.drachen.core.log;

import app.drachen.core.geodesy.GeodeticPosition;
import app.drachen.core.geodesy.LocalGrid;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/**
 * Columns that follow from others of the same log: metres from home from positions, height above the start from
 * satellite heights, ground speed and course from positions, climb from heights, the power from the output that the current
 * follows.
 *
 * <p>Source: definitions; speeds and climb are central differences over about 2 s where positions come at 1 Hz or
 * faster. Satellite heights are metres off, pressure heights preferred (common practice).
 *
 * @param log the log with what could be worked out
 * @param worked what was worked out or left out, one sentence each
 */
public record Derived(FlightLog log, List<String> worked) {
    /** Half of the stretch over which speeds are taken [s]. */
    private static final double REACH = 1.0;

    /** An output that the current follows so closely drives the motor: own estimate [-]. */
    private static final double FOLLOWS = 0.85;

    public Derived {
        worked = List.copyOf(worked);
    }

    /** Works out what is missing, after what cannot have been was left out. */
    public static Derived of(FlightLog log) {
        List<String> worked = new ArrayList<>();
        FlightLog full = positions(Jumps.without(log, worked), worked);
        full = height(full, worked);
        full = speed(full, worked);
        full = climb(full, worked);
        full = power(full, worked);
        return new Derived(full, worked);
    }

    /** The first position of a log that has any. */
    public static Optional<GeodeticPosition> firstFix(FlightLog log) {
        for (int row = 0; row < log.rows(); row++) {
            double latitude = log.value(LogColumn.LATITUDE, row);
            double longitude = log.value(LogColumn.LONGITUDE, row);
            boolean none = latitude == 0 && longitude == 0;
            if (!Double.isNaN(latitude) && !Double.isNaN(longitude) && !none) {
                return Optional.of(new GeodeticPosition(latitude, longitude));
            }
        }
        return Optional.empty();
    }

    private static FlightLog positions(FlightLog log, List<String> worked) {
        Optional<GeodeticPosition> home = firstFix(log);
        if (log.has(LogColumn.NORTH) || home.isEmpty()) {
            return log;
        }
        LocalGrid grid = new LocalGrid(home.get());
        double[] north = nothing(log);
        double[] east = nothing(log);
        double lastLatitude = Double.NaN;
        double lastLongitude = Double.NaN;
        LocalGrid.Metres at = new LocalGrid.Metres(Double.NaN, Double.NaN);
        for (int row = 0; row < log.rows(); row++) {
            double latitude = log.value(LogColumn.LATITUDE, row);
            double longitude = log.value(LogColumn.LONGITUDE, row);
            boolean none = Double.isNaN(latitude) || Double.isNaN(longitude) || latitude == 0 && longitude == 0;
            if (none) {
                continue;
            }
            if (latitude != lastLatitude || longitude != lastLongitude) {
                at = grid.metres(latitude, longitude);
                lastLatitude = latitude;
                lastLongitude = longitude;
            }
            boolean near = Math.hypot(at.north(), at.east()) < 1e6;
            north[row] = near ? at.north() : Double.NaN;
            east[row] = near ? at.east() : Double.NaN;
        }
        worked.add("north and east are worked out from the positions; home is the first fix");
        return log.with(LogColumn.NORTH, north).with(LogColumn.EAST, east);
    }

    private static FlightLog height(FlightLog log, List<String> worked) {
        if (log.has(LogColumn.HEIGHT) || !log.has(LogColumn.SATELLITE_HEIGHT)) {
            return log;
        }
        double[] heights = log.values(LogColumn.SATELLITE_HEIGHT);
        double start =
                Arrays.stream(heights).filter(h -> !Double.isNaN(h)).findFirst().orElse(0);
        for (int row = 0; row < heights.length; row++) {
            heights[row] -= start;
        }
        worked.add("height is counted from the first satellite height");
        return log.with(LogColumn.HEIGHT, heights);
    }

    private static FlightLog speed(FlightLog log, List<String> worked) {
        boolean missing = !log.has(LogColumn.GROUND_SPEED) || !log.has(LogColumn.COURSE);
        if (!missing || !log.has(LogColumn.NORTH) || !log.has(LogColumn.EAST)) {
            return log;
        }
        double[] north = slopes(log, LogColumn.NORTH);
        double[] east = slopes(log, LogColumn.EAST);
        double[] speed = nothing(log);
        double[] course = nothing(log);
        for (int row = 0; row < log.rows(); row++) {
            speed[row] = Math.hypot(north[row], east[row]);
            double along = Math.atan2(east[row], north[row]);
            course[row] = along < 0 ? along + 2 * Math.PI : along;
        }
        worked.add("ground speed and course are worked out from the positions");
        FlightLog full = log.has(LogColumn.GROUND_SPEED) ? log : log.with(LogColumn.GROUND_SPEED, speed);
        return full.has(LogColumn.COURSE) ? full : full.with(LogColumn.COURSE, course);
    }

    private static FlightLog climb(FlightLog log, List<String> worked) {
        if (log.has(LogColumn.CLIMB) || !log.has(LogColumn.HEIGHT)) {
            return log;
        }
        worked.add("climb is worked out from the heights");
        return log.with(LogColumn.CLIMB, slopes(log, LogColumn.HEIGHT));
    }

    /** The power from the one output that the current follows, where the log has no power. */
    private static FlightLog power(FlightLog log, List<String> worked) {
        if (log.has(LogColumn.POWER) || !log.has(LogColumn.AMPS)) {
            return log;
        }
        double[] amps = log.values(LogColumn.AMPS);
        int motor = 0;
        double best = FOLLOWS;
        for (int channel = 1; channel <= 8; channel++) {
            LogColumn column = LogColumn.output(channel).orElseThrow();
            double follows = log.has(column) ? correlation(log.values(column), amps) : 0;
            if (follows > best) {
                best = follows;
                motor = channel;
            }
        }
        if (motor == 0) {
            return log;
        }
        double[] power = log.values(LogColumn.output(motor).orElseThrow());
        for (int row = 0; row < power.length; row++) {
            power[row] = Math.max(0, Math.min(1, (power[row] - 1_000) / 1_000));
        }
        worked.add("the power is worked out from output " + motor + ", which the current follows");
        return log.with(LogColumn.POWER, power);
    }

    /** Correlation of two columns where both have samples [-]; 0 where either hardly moves. */
    private static double correlation(double[] a, double[] b) {
        double n = 0;
        double meanA = 0;
        double meanB = 0;
        for (int i = 0; i < a.length; i++) {
            if (!Double.isNaN(a[i]) && !Double.isNaN(b[i])) {
                n++;
                meanA += (a[i] - meanA) / n;
                meanB += (b[i] - meanB) / n;
            }
        }
        double aa = 0;
        double bb = 0;
        double ab = 0;
        for (int i = 0; i < a.length; i++) {
            if (!Double.isNaN(a[i]) && !Double.isNaN(b[i])) {
                aa += (a[i] - meanA) * (a[i] - meanA);
                bb += (b[i] - meanB) * (b[i] - meanB);
                ab += (a[i] - meanA) * (b[i] - meanB);
            }
        }
        boolean moves = n > 50 && aa / n > 50 * 50 && bb / n > 1;
        return moves ? ab / Math.sqrt(aa * bb) : 0;
    }

    private static double[] nothing(FlightLog log) {
        double[] none = new double[log.rows()];
        Arrays.fill(none, Double.NaN);
        return none;
    }

    /**
     * Rates of change by differences between the samples nearest to 1 s before and after, and no more than 30 s apart.
     *
     * @return [unit of the column per second], NaN where there are no two samples
     */
    private static double[] slopes(FlightLog log, LogColumn column) {
        double[] values = log.values(column);
        double[] slopes = nothing(log);
        int from = 0;
        int to = 0;
        for (int row = 0; row < values.length; row++) {
            double time = log.time(row);
            while (from < row && log.time(from) < time - REACH) {
                from++;
            }
            while (to < values.length - 1 && log.time(to) < time + REACH) {
                to++;
            }
            int first = sampled(values, from, row, 1);
            int last = sampled(values, to, row, -1);
            if (from == row && row > 0 && first == row) {
                first = sampled(values, row - 1, Math.max(0, row - 200), -1);
            }
            if (first >= 0 && last > first && log.time(last) - log.time(first) <= 30) {
                slopes[row] = (values[last] - values[first]) / (log.time(last) - log.time(first));
            }
        }
        return slopes;
    }

    private static int sampled(double[] values, int from, int to, int step) {
        for (int row = from; step > 0 ? row <= to : row >= to; row += step) {
            if (!Double.isNaN(values[row])) {
                return row;
            }
        }
        return -1;
    }
}
