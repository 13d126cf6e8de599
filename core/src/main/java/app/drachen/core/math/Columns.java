package app.drachen.core.math;

/** Sums of columns times numbers, as a matrix times a vector, four columns at once and in their order. */
public final class Columns {
    private Columns() {}

    /**
     * Adds so many times each of some columns. The order of additions at each place is that of the columns, so the sum is that of one
     * after the other, bit for bit. Short loops, which a compiler makes parallel.
     *
     * @param sum added to, from one place to another [any unit]
     * @param columns the columns [unit of the sum over that of the times]
     * @param first the first of them
     * @param times how many times each, by the number of its column [any unit]
     * @param n how many columns
     * @param from first place
     * @param to place behind the last
     */
    public static void add(double[] sum, double[][] columns, int first, double[] times, int n, int from, int to) {
        int j = first;
        for (; j + 3 < first + n; j += 4) {
            double[] a = columns[j];
            double[] b = columns[j + 1];
            double[] c = columns[j + 2];
            double[] d = columns[j + 3];
            double timesA = times[j];
            double timesB = times[j + 1];
            double timesC = times[j + 2];
            double timesD = times[j + 3];
            for (int i = from; i < to; i++) {
                sum[i] = sum[i] + timesA * a[i] + timesB * b[i] + timesC * c[i] + timesD * d[i];
            }
        }
        for (; j < first + n; j++) {
            double[] column = columns[j];
            double time = times[j];
            for (int i = from; i < to; i++) {
                sum[i] += time * column[i];
            }
        }
    }
}
