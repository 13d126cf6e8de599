package app.drachen.core.plot;

import java.util.Arrays;

/**
 * Samples over time with the least and greatest value of every 64, so that the picture of a million of them costs no
 * more than a look at some thousands. A column without samples stays NaN and shows as a gap.
 */
public final class Pyramid {
    private static final int BITS = 6;
    private static final int BLOCK = 1 << BITS;

    private final double[] times;
    private final double[] values;
    private final double[] least;
    private final double[] greatest;

    /**
     * Samples; the arrays are kept and must not change.
     *
     * @param times rising [s]
     * @param values one for each, NaN where missing [any unit]
     */
    public Pyramid(double[] times, double[] values) {
        this.times = times;
        this.values = values;
        int blocks = (values.length + BLOCK - 1) >> BITS;
        least = new double[blocks];
        greatest = new double[blocks];
        Arrays.fill(least, Double.NaN);
        Arrays.fill(greatest, Double.NaN);
        for (int i = 0; i < values.length; i++) {
            double value = values[i];
            if (!Double.isNaN(value)) {
                int block = i >> BITS;
                least[block] = Double.isNaN(least[block]) ? value : Math.min(least[block], value);
                greatest[block] = Double.isNaN(greatest[block]) ? value : Math.max(greatest[block], value);
            }
        }
    }

    /**
     * Least and greatest value per column.
     *
     * @param from time at the left edge [s]
     * @param to time at the right edge [s], above the left
     * @param columns number of pixel columns, at least 1
     * @return pairs of least and greatest value [unit of the samples], NaN in empty columns
     */
    public double[] leastAndGreatest(double from, double to, int columns) {
        double[] pairs = new double[2 * columns];
        Arrays.fill(pairs, Double.NaN);
        double perSecond = columns / (to - from);
        int start = Arrays.binarySearch(times, from);
        int i = start < 0 ? -start - 1 : start;
        while (i < times.length && times[i] <= to) {
            int column = column(i, from, perSecond, columns);
            int last = i + BLOCK - 1;
            boolean whole = (i & BLOCK - 1) == 0
                    && last < times.length
                    && times[last] <= to
                    && column(last, from, perSecond, columns) == column;
            if (whole) {
                put(pairs, column, least[i >> BITS], greatest[i >> BITS]);
                i += BLOCK;
            } else {
                put(pairs, column, values[i], values[i]);
                i++;
            }
        }
        return pairs;
    }

    private int column(int i, double from, double perSecond, int columns) {
        return Math.min(columns - 1, (int) ((times[i] - from) * perSecond));
    }

    private static void put(double[] pairs, int column, double low, double high) {
        if (Double.isNaN(low)) {
            return;
        }
        boolean empty = Double.isNaN(pairs[2 * column]);
        pairs[2 * column] = empty ? low : Math.min(pairs[2 * column], low);
        pairs[2 * column + 1] = empty ? high : Math.max(pairs[2 * column + 1], high);
    }
}
