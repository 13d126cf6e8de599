package app.drachen.core.wiring;

import java.util.ArrayList;
import java.util.List;
import org.hipparchus.linear.Array2DRowRealMatrix;
import org.hipparchus.linear.RealMatrix;
import org.hipparchus.linear.SingularValueDecomposition;

/**
 * How the board is turned in the aircraft, from how its horizon answers to known tilts.
 *
 * <p>Source: G. Wahba, A Least Squares Estimate of Satellite Attitude, 1965; solved by the singular values of F. L. Markley, Attitude
 * Determination Using Vector Observations and the Singular Value Decomposition, 1988. Gravity alone is compared, so it is the board's
 * level that is used, never a compass.
 *
 * @param matrix body from board [-]
 * @param nearest the nearest of the 24 right-angle rotations
 * @param rest angle between it and the best rotation [rad], 0 to π
 * @param misfit root mean square of the angles left between what was shown and what the best rotation would show [rad]
 */
public record BoardRotation(double[][] matrix, RightAngle nearest, double rest, double misfit) {
    /**
     * A tilt of the aircraft with what the board showed.
     *
     * @param roll of the aircraft, right wing down positive [rad]
     * @param pitch of the aircraft, nose up positive [rad]
     * @param shownRoll roll that the board showed [rad]
     * @param shownPitch pitch that the board showed [rad]
     */
    public record Tilt(double roll, double pitch, double shownRoll, double shownPitch) {}

    /**
     * A rotation by right angles: first about z (yaw), then y (pitch), then x (roll).
     *
     * @param yaw quarter turns to the right, 0 to 3
     * @param pitch quarter turns nose up, −1 to 1
     * @param roll quarter turns right side down, 0 to 3
     */
    public record RightAngle(int yaw, int pitch, int roll) {
        /** In words, such as "yaw 180°". */
        public String words() {
            if (yaw == 0 && pitch == 0 && roll == 0) {
                return "none: the arrow points forward";
            }
            List<String> words = new ArrayList<>();
            add(words, "yaw", yaw);
            add(words, "pitch", pitch);
            add(words, "roll", roll);
            return String.join(", then ", words);
        }

        private static void add(List<String> words, String axis, int turns) {
            if (turns != 0) {
                words.add(axis + " " + (turns < 0 ? "\u2212" : "") + 90 * Math.abs(turns) + "°");
            }
        }

        /** Body from board. */
        double[][] matrix() {
            return rotation(yaw * Math.PI / 2, pitch * Math.PI / 2, roll * Math.PI / 2);
        }
    }

    /** All 24, those about the upright first. */
    static List<RightAngle> all() {
        List<RightAngle> all = new ArrayList<>();
        for (int roll = 0; roll < 4; roll++) {
            for (int yaw = 0; yaw < 4; yaw++) {
                all.add(new RightAngle(yaw, 0, roll));
            }
        }
        for (int yaw = 0; yaw < 4; yaw++) {
            all.add(new RightAngle(yaw, 1, 0));
            all.add(new RightAngle(yaw, -1, 0));
        }
        return all;
    }

    /**
     * Body from board of a board turned by yaw, then pitch, then roll.
     *
     * @param yaw to the right [rad]
     * @param pitch nose up [rad]
     * @param roll right side down [rad]
     * @return [-]
     */
    static double[][] rotation(double yaw, double pitch, double roll) {
        double cy = Math.cos(yaw);
        double sy = Math.sin(yaw);
        double cp = Math.cos(pitch);
        double sp = Math.sin(pitch);
        double cr = Math.cos(roll);
        double sr = Math.sin(roll);
        return new double[][] {
            {cy * cp, cy * sp * sr - sy * cr, cy * sp * cr + sy * sr},
            {sy * cp, sy * sp * sr + cy * cr, sy * sp * cr - cy * sr},
            {-sp, cp * sr, cp * cr}
        };
    }

    /**
     * Direction of gravity in the axes of what is tilted so.
     *
     * @param roll right side down [rad]
     * @param pitch nose up [rad]
     * @return of length 1 [-]
     */
    static double[] gravity(double roll, double pitch) {
        return new double[] {-Math.sin(pitch), Math.sin(roll) * Math.cos(pitch), Math.cos(roll) * Math.cos(pitch)};
    }

    /**
     * The rotation that explains the tilts best.
     *
     * @throws IllegalArgumentException in one sentence if they cannot tell: at least two must differ by more than 10°
     */
    public static BoardRotation of(List<Tilt> tilts) {
        double[][] b = new double[3][3];
        for (Tilt t : tilts) {
            double[] body = gravity(t.roll(), t.pitch());
            double[] board = gravity(t.shownRoll(), t.shownPitch());
            for (int i = 0; i < 3; i++) {
                for (int j = 0; j < 3; j++) {
                    b[i][j] += body[i] * board[j];
                }
            }
        }
        SingularValueDecomposition svd = new SingularValueDecomposition(new Array2DRowRealMatrix(b, false));
        if (tilts.size() < 2 || svd.getSingularValues()[1] < 0.015 * tilts.size()) {
            throw new IllegalArgumentException(
                    "These tilts are too much alike to tell; tilt the nose up and the right wing down by 30° or more.");
        }
        RealMatrix u = svd.getU();
        RealMatrix v = svd.getV();
        double sign = Math.signum(det(u.getData()) * det(v.getData()));
        RealMatrix middle = new Array2DRowRealMatrix(new double[][] {{1, 0, 0}, {0, 1, 0}, {0, 0, sign}}, false);
        double[][] best = u.multiply(middle).multiply(v.transpose()).getData();
        RightAngle nearest = all().get(0);
        for (RightAngle one : all()) {
            if (angle(best, one.matrix()) < angle(best, nearest.matrix()) - 1e-9) {
                nearest = one;
            }
        }
        double sum = 0;
        for (Tilt t : tilts) {
            double[] body = gravity(t.roll(), t.pitch());
            double[] board = gravity(t.shownRoll(), t.shownPitch());
            double dot = 0;
            for (int i = 0; i < 3; i++) {
                dot += body[i] * (best[i][0] * board[0] + best[i][1] * board[1] + best[i][2] * board[2]);
            }
            sum += Math.pow(Math.acos(Math.max(-1, Math.min(1, dot))), 2);
        }
        return new BoardRotation(best, nearest, angle(best, nearest.matrix()), Math.sqrt(sum / tilts.size()));
    }

    private static double det(double[][] m) {
        return m[0][0] * (m[1][1] * m[2][2] - m[1][2] * m[2][1])
                - m[0][1] * (m[1][0] * m[2][2] - m[1][2] * m[2][0])
                + m[0][2] * (m[1][0] * m[2][1] - m[1][1] * m[2][0]);
    }

    private static double angle(double[][] a, double[][] b) {
        double trace = 0;
        for (int i = 0; i < 3; i++) {
            for (int j = 0; j < 3; j++) {
                trace += a[i][j] * b[i][j];
            }
        }
        return Math.acos(Math.max(-1, Math.min(1, (trace - 1) / 2)));
    }

    /**
     * @return turn about the upright, where that is the whole rotation up to its rest [rad], −π to π
     */
    public double yaw() {
        return Math.atan2(matrix[1][0], matrix[0][0]);
    }

    /** Whether the board lies flat and upright, only turned. */
    public boolean flat() {
        return nearest.pitch() == 0 && nearest.roll() == 0;
    }
}
