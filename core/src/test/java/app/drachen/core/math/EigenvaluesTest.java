package app.drachen.core.math;

import static org.junit.jupiter.api.Assertions.assertEquals;

import app.drachen.core.math.Eigenvalues.Root;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** Matrices made from roots that are known, turned and scaled as badly as those of a flight are. */
class EigenvaluesTest {
    @Test
    void knownRootsComeBack() {
        Random random = new Random(9);
        for (int n = 0; n < 4_000; n++) {
            // two real roots and a pair, from hundredths to tens a second
            double fast = -Math.pow(10, 2 * random.nextDouble() - 0.5);
            double slow = (random.nextBoolean() ? 1 : -1) * Math.pow(10, -3 * random.nextDouble());
            double real = -Math.pow(10, 2 * random.nextDouble() - 1);
            double imaginary = Math.pow(10, 2 * random.nextDouble() - 1);
            double[][] a = {
                {fast, 0, 0, 0},
                {0, slow, 0, 0},
                {0, 0, real, imaginary},
                {0, 0, -imaginary, real}
            };
            for (int k = 0; k < 6; k++) {
                a = sheared(a, random);
            }
            for (int i = 0; i < 4; i++) {
                double by = Math.pow(10, 3 * random.nextDouble() - 1.5);
                for (int j = 0; j < 4; j++) {
                    a[i][j] *= by;
                    a[j][i] /= by;
                }
            }
            List<Root> wanted =
                    new ArrayList<>(List.of(new Root(fast, 0), new Root(slow, 0), new Root(real, imaginary)));
            wanted.sort(Comparator.comparingDouble(Root::size).reversed());
            List<Root> found = Eigenvalues.of(a);
            assertEquals(3, found.size(), n + ": " + found + " for " + wanted);
            for (Root w : wanted) {
                double off = found.stream()
                        .mapToDouble(f -> Math.hypot(f.real() - w.real(), f.imaginary() - w.imaginary()))
                        .min()
                        .orElseThrow();
                assertEquals(0, off, 1e-5 * Math.max(1, Math.abs(fast)), n + ": " + found + " for " + wanted);
            }
        }
    }

    /** Adds a multiple of a row to another, and takes it from the columns: the roots stay. */
    private static double[][] sheared(double[][] a, Random random) {
        int to = random.nextInt(4);
        int from = (to + 1 + random.nextInt(3)) % 4;
        double by = 2 * random.nextDouble() - 1;
        for (int j = 0; j < 4; j++) {
            a[to][j] += by * a[from][j];
        }
        for (int i = 0; i < 4; i++) {
            a[i][from] -= by * a[i][to];
        }
        return a;
    }

    @Test
    void equalAndNearRoots() {
        List<Root> equal = Eigenvalues.of(new double[][] {{-2, 1, 0}, {0, -2, 1}, {0, 0, -2}});
        equal.forEach(r -> assertEquals(-2, r.real(), 1e-3));
        assertEquals(List.of(new Root(0, 0), new Root(0, 0)), Eigenvalues.of(new double[2][2]));
    }
}
