package app.drachen.core.debrief;

import app.drachen.core.log.FlightLog;
import app.drachen.core.log.LogColumn;
import app.drachen.core.math.Select;
import java.util.Arrays;
import java.util.DoubleSummaryStatistics;
import java.util.Optional;

/**
 * When a flight was in the air, from speed and height together.
 *
 * <p>Source: own estimate, good to about a second. In the air: from the first to the last time that it moves faster than
 * 40 % of its usual speed for 2 s, and is higher than a metre over the ground before and after; what never rises by 2.5 m
 * drives or stands.
 *
 * @param launch row of the launch
 * @param landing row of the touchdown, or the last one
 * @param ground mean logged height before the launch, or after the landing if the log starts in the air, or else 0 [m]
 * @param down whether it touches the ground there: the log goes on standing, or ends near the ground
 */
record Airborne(int launch, int landing, double ground, boolean down) {
    private static final double FLYING = 0.4;
    private static final double LASTS = 2;
    private static final double RISES = 2.5;
    private static final double NEAR = 1.5;

    static Optional<Airborne> of(FlightLog log) {
        LogColumn speeds = log.has(LogColumn.AIRSPEED) ? LogColumn.AIRSPEED : LogColumn.GROUND_SPEED;
        double usual = upperQuarter(log.values(speeds));
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
        double[] height = log.has(LogColumn.HEIGHT) ? steady(log.values(LogColumn.HEIGHT)) : new double[0];
        if (height.length == 0) {
            return Optional.of(new Airborne(launch, landing, ground, landing < log.rows() - 1));
        }
        if (!rises(height)) {
            return Optional.empty();
        }
        int left = Double.isNaN(before) ? launch : leaves(height, launch, landing, before);
        // a second or two on the ground is a throw or a short roll
        int up = log.time(left) - log.time(launch) < 2 ? launch : left;
        double after = log.time(log.rows() - 1) - log.time(landing) > 1.5
                ? log.mean(LogColumn.HEIGHT, Math.min(log.rows() - 1, log.rowAt(log.time(landing) + 1)), log.rows())
                : Double.NaN;
        int came = Double.isNaN(after) ? landing : comesDown(height, up, landing, after);
        int touched = log.time(landing) - log.time(came) < 1 ? landing : came;
        double end = last(height, log.rows() - 1);
        if (Double.isNaN(before) && !Double.isNaN(after)) {
            // it begins in the air, and comes down where the ground is
            ground = after;
        }
        double floor = Double.isNaN(before) ? 0 : before;
        boolean down = !Double.isNaN(after) || end < floor + NEAR;
        return Optional.of(new Airborne(up, Math.max(up + 1, touched), ground, down));
    }

    /** Whether a log has speeds to tell by. */
    static boolean moves(FlightLog log) {
        return log.has(LogColumn.AIRSPEED) || log.has(LogColumn.GROUND_SPEED);
    }

    /** Whether its heights rise as those of something that flies. */
    static boolean rises(FlightLog log) {
        return rises(steady(log.values(LogColumn.HEIGHT)));
    }

    private static boolean rises(double[] steady) {
        DoubleSummaryStatistics heights =
                Arrays.stream(steady).filter(h -> !Double.isNaN(h)).summaryStatistics();
        return heights.getMax() - heights.getMin() >= RISES;
    }

    /** Moves the numbers about. */
    private static double upperQuarter(double[] column) {
        int n = 0;
        for (double value : column) {
            if (!Double.isNaN(value)) {
                column[n++] = value;
            }
        }
        return n == 0 ? Double.NaN : Select.nth(column, n, n * 3 / 4);
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

    /** Heights with the middle of five in place of each, so that a jump of a row or two says nothing. */
    private static double[] steady(double[] height) {
        double[] steady = height.clone();
        double[] five = new double[5];
        for (int i = 2; i < height.length - 2; i++) {
            if (inOrder(height, i)) {
                continue;
            }
            System.arraycopy(height, i - 2, five, 0, 5);
            Arrays.sort(five);
            // what is no number stands last; a height that is missing stays so
            steady[i] = Double.isNaN(height[i]) || Double.isNaN(five[4]) ? height[i] : five[2];
        }
        return steady;
    }

    /** Whether five numbers rise or fall, so that the one between is their middle. */
    private static boolean inOrder(double[] h, int i) {
        return h[i - 2] <= h[i - 1] && h[i - 1] <= h[i] && h[i] <= h[i + 1] && h[i + 1] <= h[i + 2]
                || h[i - 2] >= h[i - 1] && h[i - 1] >= h[i] && h[i] >= h[i + 1] && h[i + 1] >= h[i + 2];
    }

    /** The last row on the ground before it climbs over two metres, if it rolls before. */
    private static int leaves(double[] height, int launch, int landing, double ground) {
        int on = launch;
        for (int row = launch; row < landing; row++) {
            if (height[row] > ground + 2) {
                return on;
            }
            on = height[row] <= ground + 0.5 ? row : on;
        }
        return launch;
    }

    /** The first row on the ground after it was last over a metre, if it rolls or slides on. */
    private static int comesDown(double[] height, int launch, int landing, double ground) {
        int row = landing;
        while (row > launch && !(height[row] > ground + 1)) {
            row--;
        }
        while (row < landing && !(height[row] <= ground + 0.4)) {
            row++;
        }
        return row;
    }

    private static double last(double[] values, int from) {
        int row = from;
        while (row > 0 && Double.isNaN(values[row])) {
            row--;
        }
        return values[row];
    }
}
