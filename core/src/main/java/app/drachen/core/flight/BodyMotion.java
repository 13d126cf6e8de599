package app.drachen.core.flight;

import static app.drachen.core.air.Atmosphere.GRAVITY;

import app.drachen.core.airframe.MassProperties;
import app.drachen.core.math.Attitude;

/**
 * A rigid body in motion: where it is, how it lies, how it moves and turns.
 *
 * <p>Body axes x forward, y right, z down about the centre of gravity; earth frame north, east, down from the home
 * point, taken as flat. Classical Runge-Kutta of fourth order; forces change along a straight line within a step.
 *
 * <p>Source: rigid-body equations as in B. Etkin, L. D. Reid, Dynamics of Flight, 1996, chapter 4, with quaternion
 * attitude (B. L. Stevens, F. L. Lewis, Aircraft Control and Simulation, 2003). The Earth's rotation and curvature are
 * left out: 1 mm/s² at 30 m/s, 20 m of height at 16 km.
 *
 * <p>Mutable, for one thread; a step allocates nothing.
 */
final class BodyMotion {
    /** north, east, down [m]; u, v, w over ground [m/s]; q0…q3; p, q, r [rad/s]. */
    static final int STATES = 13;

    private static final int ATTITUDE = 6;

    private final double mass;
    private final double ix;
    private final double iy;
    private final double iz;
    private final double ixz;
    private final double determinant;

    final double[] state = new double[STATES];
    private final double[] at = new double[STATES];
    private final double[] sum = new double[STATES];
    private final double[] rate = new double[STATES];
    private final double[] now = new double[6];

    BodyMotion(MassProperties properties) {
        mass = properties.mass();
        ix = properties.rollInertia();
        iy = properties.pitchInertia();
        iz = properties.yawInertia();
        ixz = properties.productInertia();
        determinant = ix * iz - ixz * ixz;
        state[6] = 1;
    }

    double mass() {
        return mass;
    }

    /** Places the body: earth position [m], attitude [rad], all speeds nought. */
    void place(double north, double east, double height, double roll, double pitch, double heading) {
        state[0] = north;
        state[1] = east;
        state[2] = -height;
        Attitude.set(state, ATTITUDE, roll, pitch, heading);
        move(0, 0, 0, 0, 0, 0);
    }

    /** Sets the body velocity over ground [m/s] and the turning rates [rad/s]. */
    void move(double u, double v, double w, double p, double q, double r) {
        state[3] = u;
        state[4] = v;
        state[5] = w;
        state[10] = p;
        state[11] = q;
        state[12] = r;
    }

    /**
     * Advances time.
     *
     * @param step [s]
     * @param load force [N] and moment [N m] at the start of the step, six values
     * @param slope change of the load within the step, six values
     */
    void advance(double step, double[] load, double[] slope) {
        derive(state, load, slope, 0);
        for (int i = 0; i < STATES; i++) {
            sum[i] = rate[i];
            at[i] = state[i] + step / 2 * rate[i];
        }
        derive(at, load, slope, 0.5);
        for (int i = 0; i < STATES; i++) {
            sum[i] += 2 * rate[i];
            at[i] = state[i] + step / 2 * rate[i];
        }
        derive(at, load, slope, 0.5);
        for (int i = 0; i < STATES; i++) {
            sum[i] += 2 * rate[i];
            at[i] = state[i] + step * rate[i];
        }
        derive(at, load, slope, 1);
        for (int i = 0; i < STATES; i++) {
            state[i] += step / 6 * (sum[i] + rate[i]);
        }
        double norm = Math.sqrt(state[6] * state[6] + state[7] * state[7] + state[8] * state[8] + state[9] * state[9]);
        for (int i = 6; i < 10; i++) {
            state[i] /= norm;
        }
    }

    /** Rates of change of the present state under a load; the array is the body's own. */
    double[] rates(double[] load) {
        derive(state, load, load, 0);
        return rate;
    }

    /** What a load [N, N m] alone does to speeds [m/s²] and rates [rad/s²] of a body that does not turn. */
    double[] accelerations(double[] load) {
        return new double[] {
            load[0] / mass,
            load[1] / mass,
            load[2] / mass,
            (iz * load[3] + ixz * load[5]) / determinant,
            load[4] / iy,
            (ixz * load[3] + ix * load[5]) / determinant
        };
    }

    private void derive(double[] s, double[] load, double[] slope, double share) {
        for (int i = 0; i < 6; i++) {
            now[i] = load[i] + share * slope[i];
        }
        double q0 = s[6];
        double q1 = s[7];
        double q2 = s[8];
        double q3 = s[9];
        double u = s[3];
        double v = s[4];
        double w = s[5];
        double p = s[10];
        double q = s[11];
        double r = s[12];
        // third row of the rotation body to earth: what down is in body axes
        double downX = 2 * (q1 * q3 - q0 * q2);
        double downY = 2 * (q2 * q3 + q0 * q1);
        double downZ = 1 - 2 * (q1 * q1 + q2 * q2);
        rate[0] = (1 - 2 * (q2 * q2 + q3 * q3)) * u + 2 * (q1 * q2 - q0 * q3) * v + 2 * (q1 * q3 + q0 * q2) * w;
        rate[1] = 2 * (q1 * q2 + q0 * q3) * u + (1 - 2 * (q1 * q1 + q3 * q3)) * v + 2 * (q2 * q3 - q0 * q1) * w;
        rate[2] = downX * u + downY * v + downZ * w;
        rate[3] = now[0] / mass + downX * GRAVITY - q * w + r * v;
        rate[4] = now[1] / mass + downY * GRAVITY - r * u + p * w;
        rate[5] = now[2] / mass + downZ * GRAVITY - p * v + q * u;
        rate[6] = 0.5 * (-q1 * p - q2 * q - q3 * r);
        rate[7] = 0.5 * (q0 * p + q2 * r - q3 * q);
        rate[8] = 0.5 * (q0 * q - q1 * r + q3 * p);
        rate[9] = 0.5 * (q0 * r + q1 * q - q2 * p);
        // Euler's equations with I = [[ix, 0, −ixz], [0, iy, 0], [−ixz, 0, iz]]
        double hx = ix * p - ixz * r;
        double hy = iy * q;
        double hz = iz * r - ixz * p;
        double tx = now[3] - (q * hz - r * hy);
        double ty = now[4] - (r * hx - p * hz);
        double tz = now[5] - (p * hy - q * hx);
        rate[10] = (iz * tx + ixz * tz) / determinant;
        rate[11] = ty / iy;
        rate[12] = (ixz * tx + ix * tz) / determinant;
    }

    /** Fills the parts along body x, y and z of a velocity of the earth frame [m/s]. */
    void along(double north, double east, double down, double[] parts) {
        Attitude.into(state, ATTITUDE, north, east, down, parts);
    }

    /** Velocity over ground [m/s] to the north, east or down, axis 0 to 2. */
    double overGround(int axis) {
        return towards(axis, state, state[3], state[4], state[5]);
    }

    /** A vector of body axes along north, east or down, axis 0 to 2. */
    private static double towards(int axis, double[] s, double x, double y, double z) {
        return Attitude.towards(axis, s, ATTITUDE, x, y, z);
    }

    double roll() {
        return Attitude.roll(state, ATTITUDE);
    }

    double pitch() {
        return Attitude.pitch(state, ATTITUDE);
    }

    double heading() {
        return Attitude.heading(state, ATTITUDE);
    }

    /**
     * Slides on over level ground by Coulomb's friction, wings level.
     *
     * @param step [s]
     * @param less speed that friction takes in it [m/s]
     * @return whether it still moves
     */
    boolean slide(double step, double less) {
        double north = overGround(0);
        double east = overGround(1);
        double speed = Math.hypot(north, east);
        double next = Math.max(0, speed - less);
        double heading = heading();
        double share = speed == 0 ? 0 : (speed + next) / 2 * step / speed;
        double along = speed == 0 ? 0 : next / speed;
        place(state[0] + share * north, state[1] + share * east, 0, 0, 0, heading);
        double cos = Math.cos(heading);
        double sin = Math.sin(heading);
        move(along * (cos * north + sin * east), along * (cos * east - sin * north), 0, 0, 0, 0);
        return next > 0;
    }
}
