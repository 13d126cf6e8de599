package app.drachen.core.math;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import org.hipparchus.analysis.solvers.LaguerreSolver;
import org.hipparchus.complex.Complex;
import org.hipparchus.exception.MathIllegalStateException;
import org.hipparchus.linear.EigenDecompositionNonSymmetric;
import org.hipparchus.linear.MatrixUtils;

/**
 * Eigenvalues of a real square matrix.
 *
 * <p>Source: reduction to Hessenberg and Schur form by Hipparchus (G. H. Golub, C. F. Van Loan, Matrix Computations, 2013), after
 * balancing. The roots are put back into the characteristic equation; where they miss it, Laguerre's method finds them from there.
 */
public final class Eigenvalues {
    /** What misses the equation by no more than this is right; by no more than that it may be used. */
    private static final double CLOSE = 1e-9;

    private static final double GOOD = 1e-6;

    private Eigenvalues() {}

    /**
     * An eigenvalue.
     *
     * @param real real part [1/s for a matrix of motion]
     * @param imaginary imaginary part, not negative: a pair stands once [rad/s]
     */
    public record Root(double real, double imaginary) {
        /**
         * @return distance from 0 [rad/s]
         */
        public double size() {
            return Math.hypot(real, imaginary);
        }

        /** Whether it is one of a pair, that is an oscillation. */
        public boolean paired() {
            return imaginary > 1e-9;
        }
    }

    /**
     * The eigenvalues, pairs once, the largest first.
     *
     * @param matrix square, copied
     * @throws ArithmeticException if no way gives roots whose product is the characteristic equation
     */
    public static List<Root> of(double[][] matrix) {
        if (Arrays.stream(matrix).flatMapToDouble(Arrays::stream).allMatch(x -> x == 0)) {
            return Collections.nCopies(matrix.length, new Root(0, 0));
        }
        double[][] balanced = balanced(matrix);
        double[] equation = equation(balanced);
        Complex[] schur;
        try {
            schur = new EigenDecompositionNonSymmetric(MatrixUtils.createRealMatrix(balanced)).getEigenvalues();
        } catch (MathIllegalStateException e) {
            // it did not converge: the other way is left
            schur = new Complex[0];
        }
        Complex[] best = schur;
        double rest = rest(schur, equation);
        if (rest > CLOSE) {
            Complex[] other = new LaguerreSolver(1e-14, 1e-14).solveAllComplex(equation, 10_000, 0.0);
            double otherRest = rest(other, equation);
            best = otherRest < rest ? other : best;
            rest = Math.min(rest, otherRest);
        }
        if (rest > GOOD) {
            throw new ArithmeticException("no eigenvalues fit the characteristic equation");
        }
        List<Root> roots = new ArrayList<>();
        for (Complex value : best) {
            boolean real = Math.abs(value.getImaginary()) <= 1e-9 * value.norm();
            if (real || value.getImaginary() > 0) {
                roots.add(new Root(value.getReal(), real ? 0 : value.getImaginary()));
            }
        }
        roots.sort(Comparator.comparingDouble(Root::size).reversed());
        return roots;
    }

    /** Rows and columns scaled alike by powers of two until they are of one size (B. N. Parlett, C. Reinsch 1969). */
    private static double[][] balanced(double[][] matrix) {
        int n = matrix.length;
        double[][] a = new double[n][];
        for (int i = 0; i < n; i++) {
            a[i] = matrix[i].clone();
        }
        boolean changed = true;
        for (int round = 0; changed && round < 100; round++) {
            changed = false;
            for (int i = 0; i < n; i++) {
                double column = 0;
                double row = 0;
                for (int j = 0; j < n; j++) {
                    column += j == i ? 0 : Math.abs(a[j][i]);
                    row += j == i ? 0 : Math.abs(a[i][j]);
                }
                if (column == 0 || row == 0) {
                    continue;
                }
                double factor = 1;
                double sum = column + row;
                while (column < row / 2) {
                    factor *= 2;
                    column *= 4;
                }
                while (column > row * 2) {
                    factor /= 2;
                    column /= 4;
                }
                if ((column + row) / factor < 0.95 * sum) {
                    changed = true;
                    for (int j = 0; j < n; j++) {
                        a[i][j] /= factor;
                        a[j][i] *= factor;
                    }
                }
            }
        }
        return a;
    }

    /** The characteristic equation, lowest power first (U. J. J. Le Verrier 1840, D. K. Faddeev). */
    private static double[] equation(double[][] a) {
        int n = a.length;
        double[] c = new double[n + 1];
        c[n] = 1;
        double[][] m = new double[n][n];
        for (int k = 1; k <= n; k++) {
            double[][] next = new double[n][n];
            double trace = 0;
            for (int i = 0; i < n; i++) {
                for (int j = 0; j < n; j++) {
                    double sum = 0;
                    for (int l = 0; l < n; l++) {
                        sum += a[i][l] * m[l][j];
                    }
                    next[i][j] = sum + (i == j ? c[n - k + 1] : 0);
                }
            }
            for (int i = 0; i < n; i++) {
                for (int l = 0; l < n; l++) {
                    trace += a[i][l] * next[l][i];
                }
            }
            c[n - k] = -trace / k;
            m = next;
        }
        return c;
    }

    /** By how much the product of the roots misses the equation, against the size that each power can have. */
    private static double rest(Complex[] roots, double[] equation) {
        int n = equation.length - 1;
        if (roots.length != n) {
            return Double.POSITIVE_INFINITY;
        }
        Complex[] product = new Complex[n + 1];
        double[] size = new double[n + 1];
        Arrays.fill(product, Complex.ZERO);
        product[0] = Complex.ONE;
        size[0] = 1;
        for (int k = 0; k < n; k++) {
            for (int i = k + 1; i >= 0; i--) {
                Complex lower = i > 0 ? product[i - 1] : Complex.ZERO;
                product[i] = lower.subtract(product[i].multiply(roots[k]));
                size[i] = (i > 0 ? size[i - 1] : 0) + size[i] * roots[k].norm();
            }
        }
        double rest = 0;
        for (int i = 0; i <= n; i++) {
            double scale = Math.max(size[i], Math.abs(equation[i]));
            rest = Math.max(
                    rest, scale == 0 ? 0 : product[i].subtract(equation[i]).norm() / scale);
        }
        return rest;
    }
}
