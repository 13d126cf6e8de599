package app.drachen.core.math;

import static org.junit.jupiter.api.Assertions.assertArrayEquals;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;

import org.hipparchus.linear.Array2DRowRealMatrix;
import org.hipparchus.linear.ArrayRealVector;
import org.hipparchus.linear.LUDecomposition;
import org.junit.jupiter.api.Test;

/** Linear equations against the library's solver, and against a matrix whose answer is known. */
class FactoredTest {
    @Test
    void itSolvesAsTheLibraryDoes() {
        NoiseSource noise = new NoiseSource(5);
        for (int n = 1; n < 60; n++) {
            double[][] matrix = new double[n][n];
            double[] right = new double[n];
            for (int i = 0; i < n; i++) {
                right[i] = noise.gaussian();
                for (int j = 0; j < n; j++) {
                    // noughts on the diagonal: rows have to change places
                    matrix[i][j] = i == j && n > 1 ? 0 : noise.gaussian() * Math.exp(3 * noise.gaussian());
                }
            }
            double[] expected = new LUDecomposition(new Array2DRowRealMatrix(matrix))
                    .getSolver()
                    .solve(new ArrayRealVector(right))
                    .toArray();
            assertArrayEquals(expected, new Factored(matrix).solve(right), "of " + n + ", to the bit");
        }
    }

    @Test
    void theHilbertMatrixHasTheInverseThatIsKnown() {
        // the inverse's first row for n = 5, as in any table: 25, −300, 1050, −1400, 630
        double[][] hilbert = new double[5][5];
        for (int i = 0; i < 5; i++) {
            for (int j = 0; j < 5; j++) {
                hilbert[i][j] = 1.0 / (i + j + 1);
            }
        }
        assertArrayEquals(
                new double[] {25, -300, 1_050, -1_400, 630},
                new Factored(hilbert).solve(new double[] {1, 0, 0, 0, 0}),
                1e-6);
    }

    @Test
    void equationsWithoutASingleAnswerAreRefused() {
        assertThrows(ArithmeticException.class, () -> new Factored(new double[][] {{1, 2}, {2, 4}}));
        assertThrows(ArithmeticException.class, () -> new Factored(new double[][] {{0, 0}, {0, 1}}));
        assertThrows(ArithmeticException.class, () -> new Factored(new double[][] {{Double.NaN}}));
        assertEquals(0, new Factored(new double[0][0]).solve(new double[0]).length);
    }
}
