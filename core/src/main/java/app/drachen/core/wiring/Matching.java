package app.drachen.core.wiring;

import java.util.Arrays;

/**
 * The cheapest way to give every row a column of its own.
 *
 * <p>Source: H. W. Kuhn, The Hungarian Method for the Assignment Problem, 1955, in the form with potentials and shortest ways;
 * n²·m steps.
 */
final class Matching {
    private Matching() {}

    /**
     * @param cost by row and column [-], finite; at least as many columns as rows
     * @return the column of each row
     */
    static int[] of(double[][] cost) {
        int n = cost.length;
        int m = n == 0 ? 0 : cost[0].length;
        double[] u = new double[n + 1];
        double[] v = new double[m + 1];
        int[] row = new int[m + 1];
        int[] way = new int[m + 1];
        for (int i = 1; i <= n; i++) {
            row[0] = i;
            int column = 0;
            double[] least = new double[m + 1];
            boolean[] used = new boolean[m + 1];
            Arrays.fill(least, Double.POSITIVE_INFINITY);
            do {
                used[column] = true;
                int at = row[column];
                double delta = Double.POSITIVE_INFINITY;
                int next = 0;
                for (int j = 1; j <= m; j++) {
                    if (!used[j]) {
                        double reduced = cost[at - 1][j - 1] - u[at] - v[j];
                        if (reduced < least[j]) {
                            least[j] = reduced;
                            way[j] = column;
                        }
                        if (least[j] < delta) {
                            delta = least[j];
                            next = j;
                        }
                    }
                }
                for (int j = 0; j <= m; j++) {
                    if (used[j]) {
                        u[row[j]] += delta;
                        v[j] -= delta;
                    } else {
                        least[j] -= delta;
                    }
                }
                column = next;
            } while (row[column] != 0);
            while (column != 0) {
                int before = way[column];
                row[column] = row[before];
                column = before;
            }
        }
        int[] columns = new int[n];
        for (int j = 1; j <= m; j++) {
            if (row[j] > 0) {
                columns[row[j] - 1] = j - 1;
            }
        }
        return columns;
    }
}
