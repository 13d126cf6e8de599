package app.drachen.core.sensing;

import static app.drachen.core.air.Atmosphere.GRAVITY;
import static app.drachen.core.math.Statistics.length;

import app.drachen.core.math.Attitude;

/**
 * Attitude and gyro bias by a Kalman filter whose state is the small turn by which the attitude is wrong.
 *
 * <p>The gyro is integrated at every step; gravity, seen by the accelerometer once the acceleration of a coordinated turn
 * is taken out, and the compass correct it. The error's turn δθ is in body axes: true attitude = attitude · exp(δθ);
 * δθ̇ = −ω×δθ − δb − n. Measurements come one number after another.
 *
 * <p>Source: F. L. Markley, "Attitude error representations for Kalman filtering", Journal of Guidance, Control, and
 * Dynamics 26, 2003; acceleration of a coordinated turn as in R. W. Beard, T. W. McLain, Small Unmanned Aircraft, 2012,
 * chapter 8.
 *
 * <p>Mutable, for one thread; nothing is allocated after construction.
 */
public final class AttitudeFilter {
    /** Noise of the gyro, as a density [rad/s/√Hz]. */
    public static final double GYRO_NOISE = 0.002;

    /** Wander of the gyro's bias [rad/s²/√Hz]. */
    public static final double BIAS_WANDER = 2e-5;

    private static final int N = 6;
    private static final double FIRST_TILT = Math.toRadians(2);
    private static final double FIRST_HEADING = Math.toRadians(5);
    private static final double FIRST_BIAS = 0.005;

    private final double[] attitude = {1, 0, 0, 0};
    private final double[] bias = new double[3];
    private final double[][] p = new double[N][N];
    private final double[] error = new double[N];
    private final double[] row = new double[N];
    private final double[] spread = new double[N];
    private final double[] mean = new double[3];
    private double sincePrediction;

    /** Starts at an attitude [rad] that is known to some degrees. */
    public void start(double roll, double pitch, double heading) {
        Attitude.set(attitude, 0, roll, pitch, heading);
        for (int i = 0; i < 3; i++) {
            bias[i] = 0;
            double angle = i == 2 ? FIRST_HEADING : FIRST_TILT;
            p[i][i] = angle * angle;
            p[i + 3][i + 3] = FIRST_BIAS * FIRST_BIAS;
        }
        sincePrediction = 0;
    }

    /** Turns on by what the gyro shows [rad/s] for a step [s]. */
    public void turn(double[] gyro, double step) {
        double x = (gyro[0] - bias[0]) * step / 2;
        double y = (gyro[1] - bias[1]) * step / 2;
        double z = (gyro[2] - bias[2]) * step / 2;
        multiply(x, y, z);
        sincePrediction += step;
        for (int i = 0; i < 3; i++) {
            mean[i] += (gyro[i] - bias[i]) * step;
        }
        if (sincePrediction >= 0.02 - 1e-9) {
            predict();
        }
    }

    /** attitude · (1, x, y, z), made of length 1; x, y, z are half the turn [rad]. */
    private void multiply(double x, double y, double z) {
        double q0 = attitude[0];
        double q1 = attitude[1];
        double q2 = attitude[2];
        double q3 = attitude[3];
        // cosine and sine of the half turn to third order
        double square = x * x + y * y + z * z;
        double c = 1 - square / 2;
        double s = 1 - square / 6;
        double n0 = c * q0 - s * (q1 * x + q2 * y + q3 * z);
        double n1 = c * q1 + s * (q0 * x + q2 * z - q3 * y);
        double n2 = c * q2 + s * (q0 * y + q3 * x - q1 * z);
        double n3 = c * q3 + s * (q0 * z + q1 * y - q2 * x);
        double norm = 1 / Math.sqrt(n0 * n0 + n1 * n1 + n2 * n2 + n3 * n3);
        attitude[0] = n0 * norm;
        attitude[1] = n1 * norm;
        attitude[2] = n2 * norm;
        attitude[3] = n3 * norm;
    }

    /** Carries the covariance on: Φ = [[I − [ω×]dt, −I·dt], [0, I]], P ← ΦPΦᵀ + Q. */
    private void predict() {
        double dt = sincePrediction;
        sincePrediction = 0;
        for (int column = 0; column < N; column++) {
            turnRows(p, column, dt);
        }
        for (int line = 0; line < N; line++) {
            turnColumns(p[line], dt);
        }
        for (int i = 0; i < 3; i++) {
            p[i][i] += GYRO_NOISE * GYRO_NOISE * dt;
            p[i + 3][i + 3] += BIAS_WANDER * BIAS_WANDER * dt;
            mean[i] = 0;
        }
    }

    /** Φ times one column of a matrix; {@code mean} holds ω·dt. */
    private void turnRows(double[][] m, int column, double dt) {
        double a = m[0][column];
        double b = m[1][column];
        double c = m[2][column];
        m[0][column] = a - (mean[1] * c - mean[2] * b) - dt * m[3][column];
        m[1][column] = b - (mean[2] * a - mean[0] * c) - dt * m[4][column];
        m[2][column] = c - (mean[0] * b - mean[1] * a) - dt * m[5][column];
    }

    /** One line of a matrix times Φᵀ. */
    private void turnColumns(double[] line, double dt) {
        double a = line[0];
        double b = line[1];
        double c = line[2];
        line[0] = a - (mean[1] * c - mean[2] * b) - dt * line[3];
        line[1] = b - (mean[2] * a - mean[0] * c) - dt * line[4];
        line[2] = c - (mean[0] * b - mean[1] * a) - dt * line[5];
    }

    /**
     * Corrects by gravity.
     *
     * @param force what the accelerometer shows [m/s²]
     * @param gyro what the gyro shows [rad/s]
     * @param speed through the air along x [m/s]
     * @param below speed through the air along z [m/s]
     * @param gaining change of that speed [m/s²]
     * @param noise of the acceleration that is not taken out [m/s²]
     */
    public void gravity(double[] force, double[] gyro, double speed, double below, double gaining, double noise) {
        double p = gyro[0] - bias[0];
        double q = gyro[1] - bias[1];
        double r = gyro[2] - bias[2];
        double x = (gaining + q * below - force[0]) / GRAVITY;
        double y = (r * speed - p * below - force[1]) / GRAVITY;
        double z = (-q * speed - force[2]) / GRAVITY;
        double dx = down(0);
        double dy = down(1);
        double dz = down(2);
        double variance = noise * noise / (GRAVITY * GRAVITY);
        // down in true body axes = d + d × δθ
        measure(0, -dz, dy, x - dx, variance);
        measure(dz, 0, -dx, y - dy, variance);
        measure(-dy, dx, 0, z - dz, variance);
        apply();
    }

    /**
     * Corrects by the compass.
     *
     * @param noise of the heading [rad]
     * @param field direction of the magnetic field in body axes [-]
     */
    public void compass(double[] field, double noise) {
        double north = towards(0, field);
        double east = towards(1, field);
        if (length(north, east) < 1e-6) {
            return;
        }
        double wrong = -Math.atan2(east, north);
        // a turn of the body turns the heading by its part about the vertical
        measure(down(0), down(1), down(2), wrong, noise * noise);
        apply();
    }

    /** One number h·δθ + noise, worked into the error. */
    private void measure(double h0, double h1, double h2, double value, double variance) {
        double s = variance;
        double expected = h0 * error[0] + h1 * error[1] + h2 * error[2];
        for (int i = 0; i < N; i++) {
            row[i] = p[i][0] * h0 + p[i][1] * h1 + p[i][2] * h2;
        }
        s += h0 * row[0] + h1 * row[1] + h2 * row[2];
        for (int i = 0; i < N; i++) {
            spread[i] = row[i] / s;
            error[i] += spread[i] * (value - expected);
        }
        for (int i = 0; i < N; i++) {
            for (int k = 0; k <= i; k++) {
                p[i][k] -= spread[i] * row[k];
                p[k][i] = p[i][k];
            }
        }
    }

    /** Puts the error into attitude and bias. */
    private void apply() {
        multiply(error[0] / 2, error[1] / 2, error[2] / 2);
        for (int i = 0; i < 3; i++) {
            bias[i] += error[i + 3];
        }
        for (int i = 0; i < N; i++) {
            error[i] = 0;
        }
    }

    /** Part of down along body x, y or z, axis 0 to 2. */
    double down(int axis) {
        return switch (axis) {
            case 0 -> 2 * (attitude[1] * attitude[3] - attitude[0] * attitude[2]);
            case 1 -> 2 * (attitude[2] * attitude[3] + attitude[0] * attitude[1]);
            default -> 1 - 2 * (attitude[1] * attitude[1] + attitude[2] * attitude[2]);
        };
    }

    /** A vector of body axes along north, east or down, axis 0 to 2. */
    double towards(int axis, double[] v) {
        return Attitude.towards(axis, attitude, 0, v[0], v[1], v[2]);
    }

    /**
     * @return roll [rad], −π to π
     */
    public double roll() {
        return Attitude.roll(attitude, 0);
    }

    /**
     * @return pitch [rad], −π/2 to π/2
     */
    public double pitch() {
        return Attitude.pitch(attitude, 0);
    }

    /**
     * @return heading [rad], −π to π
     */
    public double heading() {
        return Attitude.heading(attitude, 0);
    }

    /**
     * @param axis 0 to 2
     * @return bias believed about x, y or z [rad/s]
     */
    public double bias(int axis) {
        return bias[axis];
    }

    /**
     * How far the truth lies from what is believed, by the filter's own covariance: eᵀP⁻¹e, which is distributed as χ²
     * with 6 degrees of freedom where the filter is consistent (Y. Bar-Shalom, X. R. Li, T. Kirubarajan, Estimation with
     * Applications to Tracking and Navigation, 2001, section 5.4).
     *
     * @param trueBias [rad/s], three values
     * @return the squared distance [-], not negative
     * @param trueAttitude what is so, as a quaternion [-]
     */
    public double distance(double[] trueAttitude, double[] trueBias) {
        double[] e = new double[N];
        double q0 = attitude[0];
        double q1 = -attitude[1];
        double q2 = -attitude[2];
        double q3 = -attitude[3];
        double[] t = trueAttitude;
        double sign = Math.signum(q0 * t[0] - q1 * t[1] - q2 * t[2] - q3 * t[3]);
        e[0] = 2 * sign * (q0 * t[1] + q1 * t[0] + q2 * t[3] - q3 * t[2]);
        e[1] = 2 * sign * (q0 * t[2] + q2 * t[0] + q3 * t[1] - q1 * t[3]);
        e[2] = 2 * sign * (q0 * t[3] + q3 * t[0] + q1 * t[2] - q2 * t[1]);
        for (int i = 0; i < 3; i++) {
            e[i + 3] = trueBias[i] - bias[i];
        }
        return solve(p, e);
    }

    /** eᵀM⁻¹e by Cholesky's factor: |L⁻¹e|². */
    private static double solve(double[][] m, double[] e) {
        double[][] l = new double[N][N];
        double[] y = new double[N];
        double sum = 0;
        for (int i = 0; i < N; i++) {
            for (int k = 0; k <= i; k++) {
                double rest = m[i][k];
                for (int j = 0; j < k; j++) {
                    rest -= l[i][j] * l[k][j];
                }
                l[i][k] = i == k ? Math.sqrt(rest) : rest / l[k][k];
            }
            double left = e[i];
            for (int j = 0; j < i; j++) {
                left -= l[i][j] * y[j];
            }
            y[i] = left / l[i][i];
            sum += y[i] * y[i];
        }
        return sum;
    }
}
