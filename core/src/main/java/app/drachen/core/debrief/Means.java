package app.drachen.core.debrief;

import app.drachen.core.log.FlightLog;
import app.drachen.core.log.LogColumn;

/** Means of a column over many stretches of rows, from sums of {@value #BLOCK} rows each that are made once. */
final class Means {
    private static final int BLOCK = 32;

    private final FlightLog log;
    private final LogColumn column;

    /** Sum and number of the samples of all blocks before each. */
    private final double[] sums;

    private final int[] counts;

    /** Sums of a column; of nothing where the log has not got it. */
    Means(FlightLog log, LogColumn column) {
        this.log = log;
        this.column = column;
        int blocks = log.has(column) ? log.rows() / BLOCK : 0;
        sums = new double[blocks + 1];
        counts = new int[blocks + 1];
        double[] values = new double[BLOCK];
        for (int block = 0; block < blocks; block++) {
            log.values(column, block * BLOCK, BLOCK, values);
            double sum = 0;
            int count = 0;
            for (double value : values) {
                boolean there = !Double.isNaN(value);
                sum += there ? value : 0;
                count += there ? 1 : 0;
            }
            sums[block + 1] = sums[block] + sum;
            counts[block + 1] = counts[block] + count;
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
        if (!log.has(column) || to > log.rows() || to <= from) {
            return Double.NaN;
        }
        int first = Math.min((from + BLOCK - 1) / BLOCK, sums.length - 1);
        int last = Math.max(first, Math.min(to / BLOCK, sums.length - 1));
        double sum = sums[last] - sums[first];
        int n = counts[last] - counts[first];
        // the rows beside the whole blocks
        for (int row = from; row < to; row++) {
            row = row == first * BLOCK ? last * BLOCK : row;
            double value = row < to ? log.value(column, row) : Double.NaN;
            if (!Double.isNaN(value)) {
                sum += value;
                n++;
            }
        }
        return n == 0 ? Double.NaN : sum / n;
    }
}
