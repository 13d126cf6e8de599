package app.drachen.core.debrief;

import app.drachen.core.log.FlightLog;
import app.drachen.core.log.LogColumn;

/** Means of a column over many stretches of rows, from sums that are made once. */
final class Means {
    private final double[] sums;
    private final int[] counts;

    /** Sums of a column; of nothing where the log has not got it. */
    Means(FlightLog log, LogColumn column) {
        int rows = log.has(column) ? log.rows() : 0;
        sums = new double[rows + 1];
        counts = new int[rows + 1];
        for (int row = 0; row < rows; row++) {
            double value = log.value(column, row);
            boolean there = !Double.isNaN(value);
            sums[row + 1] = sums[row] + (there ? value : 0);
            counts[row + 1] = counts[row] + (there ? 1 : 0);
        }
    }

    /**
     * Mean of a stretch.
     *
     * @param from first row
     * @param to row behind the last
     * @return [SI unit of the column]; NaN without samples
     */
    double mean(int from, int to) {
        if (to >= sums.length || to <= from) {
            return Double.NaN;
        }
        int n = counts[to] - counts[from];
        return n == 0 ? Double.NaN : (sums[to] - sums[from]) / n;
    }
}
