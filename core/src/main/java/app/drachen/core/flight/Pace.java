package app.drachen.core.flight;

import app.drachen.core.aerodynamics.AirForces;

/**
 * How long a step an aircraft allows, by how fast the air answers its motion: the largest eigenvalue λ of force and moment per speed and
 * rate, over mass and inertia. It goes with airspeed and density, so it is worked out once.
 *
 * <p>Source: a step of Adams and Bashforth's second order is stable up to λ·h = 1 (E. Hairer, G. Wanner, Solving Ordinary Differential
 * Equations II, 1996, section V.1); it changes λ by 5/12·(λ·h)², 4 % at the 0.3 that is allowed here (own choice). An eigenvalue is the
 * limit of ‖Aⁿ‖^(1/n) (I. M. Gelfand, 1941).
 *
 * <p>Mutable, for one thread.
 */
final class Pace {
    /** Most of λ·h [-]. */
    private static final double MOST = 0.3;

    /** A step is cut into no more than so many pieces, for air beyond reason. */
    private static final int FINEST = 64;

    private static final double SPEED = 15;
    private static final double DENSITY = 1.2;
    private static final double[] STEPS = {0.1, 0.1, 0.1, 0.05, 0.05, 0.05};
    private static final int SQUARINGS = 8;

    private final AirForces air;
    private final BodyMotion body;
    private final double[] still;
    private double perSpeed = Double.NaN;

    Pace(AirForces air, BodyMotion body, int outputs) {
        this.air = air;
        this.body = body;
        still = new double[outputs];
    }

    /**
     * Into how many equal pieces a step is cut.
     *
     * @param step [s]
     * @param airspeed [m/s]
     * @param density [kg/m³]
     * @return 1 to 64
     */
    int pieces(double step, double airspeed, double density) {
        if (Double.isNaN(perSpeed)) {
            double fastest = fastest();
            // air that has no numbers is told by the flight itself
            perSpeed = fastest >= 0 ? fastest / (SPEED * DENSITY) : 0;
        }
        double wanted = step * perSpeed * airspeed * density / MOST;
        return wanted > 1 ? (int) Math.min(FINEST, Math.ceil(wanted)) : 1;
    }

    /** The largest eigenvalue in flight straight ahead [1/s]; asks the air, so whoever moves the aircraft asks it again. */
    private double fastest() {
        air.tailMeets(0);
        double[][] rates = new double[6][6];
        for (int j = 0; j < 6; j++) {
            double[] up = accelerations(j, STEPS[j]);
            double[] down = accelerations(j, -STEPS[j]);
            for (int i = 0; i < 6; i++) {
                rates[i][j] = (up[i] - down[i]) / (2 * STEPS[j]);
            }
        }
        return largest(rates);
    }

    private double[] accelerations(int which, double by) {
        double[] motion = {SPEED, 0, 0, 0, 0, 0};
        motion[which] += by;
        air.compute(motion[0], motion[1], motion[2], motion[3], motion[4], motion[5], DENSITY, still);
        return body.accelerations(
                new double[] {air.forceX(), air.forceY(), air.forceZ(), air.momentX(), air.momentY(), air.momentZ()});
    }

    /** The size of a matrix's largest eigenvalue, by squaring it again and again. */
    static double largest(double[][] matrix) {
        double[][] power = matrix;
        double logarithm = 0;
        double share = 1;
        for (int k = 0; k <= SQUARINGS; k++) {
            double norm = 0;
            for (double[] row : power) {
                for (double x : row) {
                    norm += x * x;
                }
            }
            norm = Math.sqrt(norm);
            if (!(norm > 0)) {
                return 0;
            }
            logarithm += share * Math.log(norm);
            share /= 2;
            power = squared(power, 1 / norm);
        }
        return Math.exp(logarithm);
    }

    private static double[][] squared(double[][] a, double scale) {
        int n = a.length;
        double[][] square = new double[n][n];
        for (int i = 0; i < n; i++) {
            for (int k = 0; k < n; k++) {
                double by = a[i][k] * scale * scale;
                for (int j = 0; j < n; j++) {
                    square[i][j] += by * a[k][j];
                }
            }
        }
        return square;
    }
}
