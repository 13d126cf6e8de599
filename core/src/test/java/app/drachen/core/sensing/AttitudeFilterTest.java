package app.drachen.core.sensing;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.drachen.core.math.NoiseSource;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** The filter knows how well it knows: its own covariance against a truth that it does not see. */
class AttitudeFilterTest {
    private static final double G = 9.80665;
    private static final double STEP = 0.005;
    private static final double SPEED = 14;
    private static final double GRAVITY_NOISE = 1.0;
    private static final double COMPASS_NOISE = Math.toRadians(4);

    /** A truth that turns and pitches, and its sensors with white noise of the sizes that the filter is told. */
    private static final class World {
        final NoiseSource noise;
        final AttitudeFilter filter = new AttitudeFilter();
        final double[] q = {1, 0, 0, 0};
        final double[] bias = new double[3];
        double time;

        World(long seed) {
            noise = new NoiseSource(seed);
            double tilt = Math.toRadians(2);
            filter.start(0, 0, 0);
            // the truth differs from what the filter starts with as much as it believes
            turn(new double[] {tilt * noise.gaussian(), tilt * noise.gaussian(), Math.toRadians(5) * noise.gaussian()});
            for (int i = 0; i < 3; i++) {
                bias[i] = 0.005 * noise.gaussian();
            }
        }

        /** q ← q · exp(angle), exact. */
        private void turn(double[] angle) {
            double size = Math.sqrt(angle[0] * angle[0] + angle[1] * angle[1] + angle[2] * angle[2]);
            double s = size < 1e-12 ? 0.5 : Math.sin(size / 2) / size;
            double c = Math.cos(size / 2);
            double x = s * angle[0];
            double y = s * angle[1];
            double z = s * angle[2];
            double[] o = q.clone();
            q[0] = o[0] * c - o[1] * x - o[2] * y - o[3] * z;
            q[1] = o[0] * x + o[1] * c + o[2] * z - o[3] * y;
            q[2] = o[0] * y - o[1] * z + o[2] * c + o[3] * x;
            q[3] = o[0] * z + o[1] * y - o[2] * x + o[3] * c;
        }

        /** A vector of the earth frame in body axes. */
        private double[] inBody(double n, double e, double d) {
            double[] r = new double[3];
            r[0] = (1 - 2 * (q[2] * q[2] + q[3] * q[3])) * n
                    + 2 * (q[1] * q[2] + q[0] * q[3]) * e
                    + 2 * (q[1] * q[3] - q[0] * q[2]) * d;
            r[1] = 2 * (q[1] * q[2] - q[0] * q[3]) * n
                    + (1 - 2 * (q[1] * q[1] + q[3] * q[3])) * e
                    + 2 * (q[2] * q[3] + q[0] * q[1]) * d;
            r[2] = 2 * (q[1] * q[3] + q[0] * q[2]) * n
                    + 2 * (q[2] * q[3] - q[0] * q[1]) * e
                    + (1 - 2 * (q[1] * q[1] + q[2] * q[2])) * d;
            return r;
        }

        void fly(double seconds) {
            int steps = (int) Math.round(seconds / STEP);
            for (int i = 1; i <= steps; i++) {
                double[] rate = {0.5 * Math.sin(0.9 * time), 0.2 * Math.sin(0.7 * time), 0.3 * Math.cos(0.4 * time)};
                turn(new double[] {rate[0] * STEP, rate[1] * STEP, rate[2] * STEP});
                double[] gyro = new double[3];
                for (int k = 0; k < 3; k++) {
                    bias[k] += AttitudeFilter.BIAS_WANDER * Math.sqrt(STEP) * noise.gaussian();
                    gyro[k] = rate[k] + bias[k] + AttitudeFilter.GYRO_NOISE / Math.sqrt(STEP) * noise.gaussian();
                }
                filter.turn(gyro, STEP);
                if (i % 20 == 0) {
                    correct(rate, gyro);
                }
                time += STEP;
            }
        }

        private void correct(double[] rate, double[] gyro) {
            double[] down = inBody(0, 0, 1);
            double[] force = {
                -G * down[0] + GRAVITY_NOISE * noise.gaussian(),
                rate[2] * SPEED - G * down[1] + GRAVITY_NOISE * noise.gaussian(),
                -rate[1] * SPEED - G * down[2] + GRAVITY_NOISE * noise.gaussian()
            };
            // the turn's acceleration is taken out with the true rates here: its error is not white
            double[] known = {rate[0] + filter.bias(0), rate[1] + filter.bias(1), rate[2] + filter.bias(2)};
            filter.gravity(force, known, SPEED, 0, 0, GRAVITY_NOISE);
            double wrong = COMPASS_NOISE * noise.gaussian();
            filter.compass(inBody(Math.cos(wrong), -Math.sin(wrong), 0), COMPASS_NOISE);
        }

        double distance() {
            return filter.distance(q, bias);
        }
    }

    // mean of 60 independent distances with 6 degrees of freedom: χ² of 360 over 60; 99.8 % of it lies within
    // 360 ± 3.09·√720, by the normal approximation to χ² (Bar-Shalom, Li, Kirubarajan 2001, section 5.4.2)
    @ParameterizedTest
    @ValueSource(doubles = {2, 10, 60})
    void theErrorsAreAsLargeAsTheFilterSays(double seconds) {
        double sum = 0;
        int runs = 60;
        for (int seed = 0; seed < runs; seed++) {
            World world = new World(1_000 + seed);
            world.fly(seconds);
            sum += world.distance();
        }
        double half = 3.09 * Math.sqrt(2.0 * 6 * runs) / runs;
        assertEquals(6, sum / runs, half, "mean squared distance after " + seconds + " s");
    }

    @Test
    void aBiasIsFoundAndTheAttitudeStands() {
        World world = new World(5);
        world.bias[0] = 0.02;
        world.bias[1] = -0.015;
        world.bias[2] = 0.01;
        world.fly(120);
        for (int i = 0; i < 3; i++) {
            assertEquals(world.bias[i], world.filter.bias(i), 0.003, "bias " + i);
        }
        assertTrue(world.distance() < 30, "still believes what is so: " + world.distance());
    }

    @Test
    void withoutNoiseATurnIsFollowedExactly() {
        AttitudeFilter filter = new AttitudeFilter();
        filter.start(0.3, -0.2, 1.1);
        // a right angle about the body's own down axis, then back
        for (int i = 0; i < 200; i++) {
            filter.turn(new double[] {0, 0, Math.PI / 2}, STEP);
        }
        for (int i = 0; i < 200; i++) {
            filter.turn(new double[] {0, 0, -Math.PI / 2}, STEP);
        }
        assertEquals(0.3, filter.roll(), 1e-9);
        assertEquals(-0.2, filter.pitch(), 1e-9);
        assertEquals(1.1, filter.heading(), 1e-9);
    }
}
