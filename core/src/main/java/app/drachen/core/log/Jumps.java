package app.drachen.core.log;

import java.util.List;

/**
 * Values that no aircraft can have taken: a place or a height that jumps away for up to three samples and back again, and
 * the place at 0°, 0° where receivers without a fix say they are.
 *
 * <p>Source: own estimate. Nothing here flies faster than 120 m/s over ground or 60 m/s up and down; a receiver wanders by
 * 15 m, a height by 10 m.
 */
final class Jumps {
    private static final int MOST = 3;
    private static final double EARTH = 6_371_000;

    private Jumps() {}

    /**
     * The log without them.
     *
     * @param told receives a sentence for each kind
     */
    static FlightLog without(FlightLog log, List<String> told) {
        FlightLog clean = places(log, told, LogColumn.LATITUDE, LogColumn.LONGITUDE, EARTH);
        clean = places(clean, told, LogColumn.NORTH, LogColumn.EAST, 1);
        clean = heights(clean, told, LogColumn.HEIGHT);
        return heights(clean, told, LogColumn.SATELLITE_HEIGHT);
    }

    private static FlightLog places(FlightLog log, List<String> told, LogColumn up, LogColumn right, double metres) {
        if (!log.has(up) || !log.has(right)) {
            return log;
        }
        double[] x = log.values(up);
        double[] y = log.values(right);
        int zeros = 0;
        for (int i = 0; i < x.length; i++) {
            if (up == LogColumn.LATITUDE && x[i] == 0 && y[i] == 0) {
                x[i] = Double.NaN;
                y[i] = Double.NaN;
                zeros++;
            }
        }
        int jumps = remove(log, 120, 15, x, y, metres);
        if (zeros > 0) {
            told.add(zeros + (zeros == 1 ? " position" : " positions") + " at 0°, 0° left out: no fix");
        }
        if (jumps > 0) {
            told.add(jumps + (jumps == 1 ? " position" : " positions")
                    + " left out that no aircraft reaches in the time");
        }
        return zeros + jumps == 0 ? log : log.with(up, x).with(right, y);
    }

    private static FlightLog heights(FlightLog log, List<String> told, LogColumn column) {
        if (!log.has(column)) {
            return log;
        }
        double[] heights = log.values(column);
        int jumps = remove(log, 60, 10, heights, heights.clone(), 0);
        if (jumps > 0) {
            told.add(jumps + (jumps == 1 ? " height" : " heights") + " left out that no aircraft reaches in the time");
        }
        return jumps == 0 ? log : log.with(column, heights);
    }

    /**
     * Takes out samples that lie too far from the one before and the one after, which lie near each other. The second
     * coordinate counts in metres of {@code metres} to a radian, shortened by latitude; 0 leaves it out.
     */
    private static int remove(FlightLog log, double speed, double wander, double[] x, double[] y, double metres) {
        int removed = 0;
        int before = -1;
        for (int i = 0; i < x.length; i++) {
            if (Double.isNaN(x[i])) {
                continue;
            }
            if (before >= 0 && far(log, speed, wander, x, y, metres, before, i)) {
                int next = i + 1;
                int seen = 0;
                while (next < x.length
                        && seen < MOST
                        && (Double.isNaN(x[next]) || far(log, speed, wander, x, y, metres, before, next))) {
                    seen += Double.isNaN(x[next]) ? 0 : 1;
                    next++;
                }
                if (next < x.length && seen < MOST && !Double.isNaN(x[next])) {
                    for (int k = i; k < next; k++) {
                        removed += Double.isNaN(x[k]) ? 0 : 1;
                        x[k] = Double.NaN;
                        y[k] = Double.NaN;
                    }
                    i = next;
                }
            }
            before = i;
        }
        return removed;
    }

    private static boolean far(
            FlightLog log, double speed, double wander, double[] x, double[] y, double metres, int one, int other) {
        double seconds = Math.abs(log.time(other) - log.time(one));
        double up = (x[other] - x[one]) * Math.max(1, metres);
        double wide = metres > 1 ? Math.cos(x[one]) : 1;
        double right = metres == 0 ? 0 : (y[other] - y[one]) * metres * wide;
        return Math.hypot(up, right) > speed * seconds + wander;
    }
}
