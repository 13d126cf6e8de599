package app.drachen.core.plot;

import java.util.Arrays;

/**
 * Thins samples to what a screen can show: the least and greatest value in each column of pixels,
 * so that no peak is lost. A column without samples stays NaN and shows as a gap.
 */
public final class Decimation {
    private Decimation() {}

    /**
     * Least and greatest value per column.
     *
     * @param times rising times [s]
     * @param values samples, NaN where missing [any unit]
     * @param from time at the left edge [s]
     * @param to time at the right edge [s], above the left
     * @param columns number of pixel columns, at least 1
     * @return pairs of least and greatest value [unit of the samples], NaN in empty columns
     */
    public static double[] leastAndGreatest(double[] times, double[] values, double from, double to, int columns) {
        double[] pairs = new double[2 * columns];
        Arrays.fill(pairs, Double.NaN);
        int start = Arrays.binarySearch(times, from);
        start = start < 0 ? -start - 1 : start;
        for (int i = start; i < times.length && times[i] <= to; i++) {
            double value = values[i];
            if (Double.isNaN(value)) {
                continue;
            }
            int column = Math.min(columns - 1, (int) ((times[i] - from) / (to - from) * columns));
            double least = pairs[2 * column];
            pairs[2 * column] = Double.isNaN(least) ? value : Math.min(least, value);
            pairs[2 * column + 1] = Double.isNaN(least) ? value : Math.max(pairs[2 * column + 1], value);
        }
        return pairs;
    }
}
