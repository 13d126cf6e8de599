package app.drachen.core.math;

import static org.junit.jupiter.api.Assertions.assertEquals;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;

/** Quaternions against the matrix of the three turns, written out by hand. */
class AttitudeTest {
    /** Body to earth by heading, pitch, roll: the product of three plane turns. */
    private static double[][] matrix(double roll, double pitch, double heading) {
        double[][] x = {{1, 0, 0}, {0, Math.cos(roll), -Math.sin(roll)}, {0, Math.sin(roll), Math.cos(roll)}};
        double[][] y = {{Math.cos(pitch), 0, Math.sin(pitch)}, {0, 1, 0}, {-Math.sin(pitch), 0, Math.cos(pitch)}};
        double[][] z = {{Math.cos(heading), -Math.sin(heading), 0}, {Math.sin(heading), Math.cos(heading), 0}, {0, 0, 1}
        };
        return product(z, product(y, x));
    }

    private static double[][] product(double[][] a, double[][] b) {
        double[][] c = new double[3][3];
        for (int i = 0; i < 3; i++) {
            for (int k = 0; k < 3; k++) {
                for (int j = 0; j < 3; j++) {
                    c[i][k] += a[i][j] * b[j][k];
                }
            }
        }
        return c;
    }

    @Property(tries = 200, seed = "71")
    void vectorsTurnAsByTheMatrix(
            @ForAll @DoubleRange(min = -3.1, max = 3.1) double roll,
            @ForAll @DoubleRange(min = -1.5, max = 1.5) double pitch,
            @ForAll @DoubleRange(min = -3.1, max = 3.1) double heading,
            @ForAll @DoubleRange(min = -5, max = 5) double x,
            @ForAll @DoubleRange(min = -5, max = 5) double y) {
        double[] q = new double[6];
        Attitude.set(q, 1, roll, pitch, heading);
        double[][] m = matrix(roll, pitch, heading);
        double z = 1.5;
        for (int axis = 0; axis < 3; axis++) {
            double expected = m[axis][0] * x + m[axis][1] * y + m[axis][2] * z;
            assertEquals(expected, Attitude.towards(axis, q, 1, x, y, z), 1e-9);
        }
        assertEquals(1, q[1] * q[1] + q[2] * q[2] + q[3] * q[3] + q[4] * q[4], 1e-12);
    }

    @Property(tries = 200, seed = "72")
    void anglesComeBack(
            @ForAll @DoubleRange(min = -3.1, max = 3.1) double roll,
            @ForAll @DoubleRange(min = -1.5, max = 1.5) double pitch,
            @ForAll @DoubleRange(min = -3.1, max = 3.1) double heading) {
        double[] q = new double[4];
        Attitude.set(q, 0, roll, pitch, heading);
        assertEquals(roll, Attitude.roll(q, 0), 1e-8);
        assertEquals(pitch, Attitude.pitch(q, 0), 1e-8);
        assertEquals(heading, Attitude.heading(q, 0), 1e-8);
    }

    @Test
    void noseUpAndRightWingDownAsPilotsSayIt() {
        double[] q = new double[4];
        Attitude.set(q, 0, Math.toRadians(30), 0, 0);
        // the right wing's tip, along body y, lies lower: down positive
        assertEquals(0.5, Attitude.towards(2, q, 0, 0, 1, 0), 1e-12);
        Attitude.set(q, 0, 0, Math.toRadians(30), Math.PI / 2);
        assertEquals(-0.5, Attitude.towards(2, q, 0, 1, 0, 0), 1e-12, "the nose is up");
        assertEquals(Math.cos(Math.toRadians(30)), Attitude.towards(1, q, 0, 1, 0, 0), 1e-12, "and points east");
    }

    // mean 0, variance 1, fourth moment 3 − 1.2/4 of four even numbers
    @Test
    void flickerHasTheMomentsOfItsSum() {
        NoiseSource noise = new NoiseSource(9);
        int n = 400_000;
        double sum = 0;
        double square = 0;
        double fourth = 0;
        double most = 0;
        double lagged = 0;
        double last = 0;
        for (int i = 0; i < n; i++) {
            double x = noise.flicker();
            sum += x;
            square += x * x;
            fourth += x * x * x * x;
            lagged += x * last;
            last = x;
            most = Math.max(most, Math.abs(x));
        }
        assertEquals(0, sum / n, 5 / Math.sqrt(n));
        assertEquals(1, square / n, 0.01);
        assertEquals(2.7, fourth / n, 0.05);
        assertEquals(0, lagged / n, 5 / Math.sqrt(n), "one does not tell the next");
        assertEquals(3.2, most, 0.28);
    }
}
