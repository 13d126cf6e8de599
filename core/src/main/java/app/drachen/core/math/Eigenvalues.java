package app.drachen.core.math;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.hipparchus.complex.Complex;
import org.hipparchus.linear.EigenDecompositionNonSymmetric;
import org.hipparchus.linear.MatrixUtils;

/**
 * Eigenvalues of a real square matrix.
 *
 * <p>Source: reduction to Hessenberg and Schur form by Hipparchus (G. H. Golub, C. F. Van Loan, Matrix Computations, 2013).
 */
public final class Eigenvalues {
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
     */
    public static List<Root> of(double[][] matrix) {
        List<Root> roots = new ArrayList<>();
        for (Complex value :
                new EigenDecompositionNonSymmetric(MatrixUtils.createRealMatrix(matrix)).getEigenvalues()) {
            if (value.getImaginary() >= -1e-12) {
                roots.add(new Root(value.getReal(), Math.max(0, value.getImaginary())));
            }
        }
        roots.sort(Comparator.comparingDouble(Root::size).reversed());
        return roots;
    }
}
