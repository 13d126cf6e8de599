package app.drachen.core.math;

/**
 * Attitudes as quaternions q0 to q3 inside an array, body to earth; earth axes north, east, down, body axes forward, right,
 * down; angles heading, then pitch, then roll.
 *
 * <p>Source: B. L. Stevens, F. L. Lewis, Aircraft Control and Simulation, 2003, section 1.3.
 */
public final class Attitude {
    private Attitude() {}

    /**
     * Sets a quaternion from angles [rad].
     *
     * @param q array that holds it
     * @param at place of q0
     */
    public static void set(double[] q, int at, double roll, double pitch, double heading) {
        double cr = Math.cos(roll / 2);
        double sr = Math.sin(roll / 2);
        double cp = Math.cos(pitch / 2);
        double sp = Math.sin(pitch / 2);
        double cy = Math.cos(heading / 2);
        double sy = Math.sin(heading / 2);
        q[at] = cr * cp * cy + sr * sp * sy;
        q[at + 1] = sr * cp * cy - cr * sp * sy;
        q[at + 2] = cr * sp * cy + sr * cp * sy;
        q[at + 3] = cr * cp * sy - sr * sp * cy;
    }

    /**
     * A vector of body axes along north, east or down, axis 0 to 2.
     *
     * @param q attitude as a quaternion [-]
     * @param x component in the frame turned from [any unit]
     * @param y the second component [as x]
     * @param z the third component [as x]
     * @return the components in the frame turned into [as x]
     */
    public static double towards(int axis, double[] q, int at, double x, double y, double z) {
        double q0 = q[at];
        double q1 = q[at + 1];
        double q2 = q[at + 2];
        double q3 = q[at + 3];
        return switch (axis) {
            case 0 -> (1 - 2 * (q2 * q2 + q3 * q3)) * x + 2 * (q1 * q2 - q0 * q3) * y + 2 * (q1 * q3 + q0 * q2) * z;
            case 1 -> 2 * (q1 * q2 + q0 * q3) * x + (1 - 2 * (q1 * q1 + q3 * q3)) * y + 2 * (q2 * q3 - q0 * q1) * z;
            default -> 2 * (q1 * q3 - q0 * q2) * x + 2 * (q2 * q3 + q0 * q1) * y + (1 - 2 * (q1 * q1 + q2 * q2)) * z;
        };
    }

    /**
     * A vector of earth axes along the body's.
     *
     * @param q attitude as a quaternion [-]
     * @param north component [any unit]
     * @param east component [as north]
     * @param down component [as north]
     * @param parts filled: along x, y, z [as north]
     */
    public static void into(double[] q, int at, double north, double east, double down, double[] parts) {
        double q0 = q[at];
        double q1 = q[at + 1];
        double q2 = q[at + 2];
        double q3 = q[at + 3];
        parts[0] =
                (1 - 2 * (q2 * q2 + q3 * q3)) * north + 2 * (q1 * q2 + q0 * q3) * east + 2 * (q1 * q3 - q0 * q2) * down;
        parts[1] =
                2 * (q1 * q2 - q0 * q3) * north + (1 - 2 * (q1 * q1 + q3 * q3)) * east + 2 * (q2 * q3 + q0 * q1) * down;
        parts[2] =
                2 * (q1 * q3 + q0 * q2) * north + 2 * (q2 * q3 - q0 * q1) * east + (1 - 2 * (q1 * q1 + q2 * q2)) * down;
    }

    /**
     * @return roll [rad], −π to π
     * @param q attitude as a quaternion [-]
     */
    public static double roll(double[] q, int at) {
        return Math.atan2(
                2 * (q[at + 2] * q[at + 3] + q[at] * q[at + 1]),
                1 - 2 * (q[at + 1] * q[at + 1] + q[at + 2] * q[at + 2]));
    }

    /**
     * @return pitch [rad], −π/2 to π/2
     * @param q attitude as a quaternion [-]
     */
    public static double pitch(double[] q, int at) {
        double sine = -2 * (q[at + 1] * q[at + 3] - q[at] * q[at + 2]);
        return Math.asin(Math.max(-1, Math.min(1, sine)));
    }

    /**
     * @return heading [rad], −π to π
     * @param q attitude as a quaternion [-]
     */
    public static double heading(double[] q, int at) {
        return Math.atan2(
                2 * (q[at + 1] * q[at + 2] + q[at] * q[at + 3]),
                1 - 2 * (q[at + 2] * q[at + 2] + q[at + 3] * q[at + 3]));
    }
}
