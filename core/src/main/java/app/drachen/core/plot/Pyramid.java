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
     * Least and greatest value per column. Columns lie on a grid from time zero on, so that each says the same whatever else is in view,
     * and a picture that moves does not shimmer.
     *
     * @param seconds width of a column [s], above 0
     * @param first number of the first; column k holds what lies from k to k + 1 widths after zero
     * @param columns how many, 0 or more
     * @return pairs of least and greatest value [unit of the samples], NaN in empty columns
     */
    public double[] leastAndGreatest(double seconds, long first, int columns) {
        double[] pairs = new double[2 * columns];
        Arrays.fill(pairs, Double.NaN);
        int i = begin(seconds, first);
        while (i < times.length) {
            long column = column(i, seconds);
            if (column >= first + columns) {
                return pairs;
            }
            int level = BITS.length - 1;
            while (level >= 0 && !whole(i, BITS[level], column, seconds)) {
                level--;
            }
            int at = (int) (column - first);
            if (level >= 0) {
                int block = i >> BITS[level];
                put(pairs, at, least[level][block], greatest[level][block]);
                i += 1 << BITS[level];
            } else {
                put(pairs, at, values[i], values[i]);
                i++;
            }
        }
        return pairs;
    }

    /** The first sample in a column or after it. */
    private int begin(double seconds, long column) {
        int low = 0;
        int high = times.length;
        while (low < high) {
            int mid = (low + high) >>> 1;
            if (column(mid, seconds) < column) {
                low = mid + 1;
            } else {
                high = mid;
            }
        }
        return low;
    }

    /** Whether a block begins here and lies in one column. */
    private boolean whole(int i, int bits, long column, double seconds) {
        int size = 1 << bits;
        int last = i + size - 1;
        return (i & size - 1) == 0 && last < times.length && column(last, seconds) == column;
    }

    private long column(int i, double seconds) {
        return (long) Math.floor(times[i] / seconds);
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
