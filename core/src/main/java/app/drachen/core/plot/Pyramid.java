package app.drachen.core.plot;

import java.util.Arrays;

/**
 * Samples over time with the least and greatest value of every 16 and of every 256, so that the picture of a million of them costs no
 * more than a look at some thousands. A column without samples stays NaN and shows as a gap.
 */
public final class Pyramid {
    private static final int[] BITS = {4, 8};

    private final double[] times;
    private final double[] values;

    /** Of each level, of each of its blocks. */
    private final double[][] least = new double[BITS.length][];

    private final double[][] greatest = new double[BITS.length][];

    /**
     * Samples; the arrays are kept and must not change.
     *
     * @param times rising [s]
     * @param values one for each, NaN where missing [any unit]
     */
    public Pyramid(double[] times, double[] values) {
        this.times = times;
        this.values = values;
        least[0] = blocks(values, BITS[0], false);
        greatest[0] = blocks(values, BITS[0], true);
        least[1] = blocks(least[0], BITS[1] - BITS[0], false);
        greatest[1] = blocks(greatest[0], BITS[1] - BITS[0], true);
    }

    /** The least or the greatest of so many values that follow one another; NaN where there is none. */
    private static double[] blocks(double[] of, int bits, boolean greatest) {
        double[] blocks = new double[(of.length + (1 << bits) - 1) >> bits];
        Arrays.fill(blocks, Double.NaN);
        for (int i = 0; i < of.length; i++) {
            int block = i >> bits;
            double known = blocks[block];
            // what is compared with no number is not more
            if (Double.isNaN(known) || (greatest ? of[i] > known : of[i] < known)) {
                blocks[block] = of[i];
            }
        }
        return blocks;
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
            int level = BITS.length - 1;
            while (level >= 0 && !whole(i, BITS[level], to, column, from, perSecond, columns)) {
                level--;
            }
            if (level >= 0) {
                int block = i >> BITS[level];
                put(pairs, column, least[level][block], greatest[level][block]);
                i += 1 << BITS[level];
            } else {
                put(pairs, column, values[i], values[i]);
                i++;
            }
        }
        return pairs;
    }

    /** Whether a block begins here and lies in one column. */
    private boolean whole(int i, int bits, double to, int column, double from, double perSecond, int columns) {
        int size = 1 << bits;
        int last = i + size - 1;
        return (i & size - 1) == 0
                && last < times.length
                && times[last] <= to
                && column(last, from, perSecond, columns) == column;
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
