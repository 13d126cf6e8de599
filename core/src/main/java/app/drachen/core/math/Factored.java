package app.drachen.core.math;

/**
 * A square matrix as the product of two triangles, to solve linear equations with it again and again.
 *
 * <p>Source: Gaussian elimination with partial pivoting (G. H. Golub, C. F. Van Loan, Matrix Computations, 2013, section 3.4). The
 * library's does the same, bit for bit; its first use fetches the forms of numbers of a country, a twentieth of a clearance in a program just
 * started.
 */
public final class Factored {
    private final double[][] rows;
    private final int[] order;

    /**
     * Takes a matrix apart.
     *
     * @param matrix square [any unit]; used up
     * @throws ArithmeticException if some row is no more than a sum of others
     */
    public Factored(double[][] matrix) {
        rows = matrix;
        int n = rows.length;
        order = new int[n];
        for (int i = 0; i < n; i++) {
            order[i] = i;
        }
        for (int k = 0; k < n; k++) {
            pivot(k);
            double[] top = rows[k];
            for (int i = k + 1; i < n; i++) {
                double[] row = rows[i];
                double share = row[k] / top[k];
                row[k] = share;
                if (share != 0) {
                    less(row, top, share, k + 1);
                }
            }
        }
    }

    /** Brings the row with the largest number in a column to where that column is cleared below. */
    private void pivot(int k) {
        int best = k;
        for (int i = k + 1; i < rows.length; i++) {
            best = Math.abs(rows[i][k]) > Math.abs(rows[best][k]) ? i : best;
        }
        if (!(Math.abs(rows[best][k]) > Double.MIN_NORMAL)) {
            throw new ArithmeticException("these equations have no single answer");
        }
        double[] row = rows[k];
        rows[k] = rows[best];
        rows[best] = row;
        int number = order[k];
        order[k] = order[best];
        order[best] = number;
    }

    private static void less(double[] row, double[] top, double share, int from) {
        for (int j = from; j < row.length; j++) {
            row[j] -= share * top[j];
        }
    }

    /**
     * Solves for one right side.
     *
     * @param right as long as the matrix [unit of the matrix times that of the answer]
     * @return the answer [its own unit]
     */
    public double[] solve(double[] right) {
        int n = rows.length;
        double[] answer = new double[n];
        for (int i = 0; i < n; i++) {
            double[] row = rows[i];
            double rest = right[order[i]];
            for (int j = 0; j < i; j++) {
                rest -= row[j] * answer[j];
            }
            answer[i] = rest;
        }
        for (int i = n - 1; i >= 0; i--) {
            double[] row = rows[i];
            double rest = answer[i];
            for (int j = n - 1; j > i; j--) {
                rest -= row[j] * answer[j];
            }
            answer[i] = rest / row[i];
        }
        return answer;
    }
}
