package app.drachen.core.plot;

/** What was seen of samples last; a view that has moved looks only at what came into it. Mutable, for one thread. */
public final class Sight {
    private final Pyramid samples;
    private double seconds;
    private long first;
    private double[] pairs = {};

    /** Nothing was seen of these samples yet. */
    public Sight(Pyramid samples) {
        this.samples = samples;
    }

    /**
     * Least and greatest value per column, as {@link Pyramid#leastAndGreatest} tells them.
     *
     * @param width of a column [s], above 0
     * @param from number of the first
     * @param columns how many
     * @return pairs, not to be changed [unit of the samples]
     */
    public double[] of(double width, long from, int columns) {
        long begin = Math.max(from, first);
        long end = Math.min(from + columns, first + pairs.length / 2);
        if (width != seconds || begin >= end) {
            pairs = samples.leastAndGreatest(width, from, columns);
        } else {
            double[] now = new double[2 * columns];
            System.arraycopy(pairs, at(begin, first), now, at(begin, from), at(end, begin));
            look(now, from, width, from, begin);
            look(now, from, width, end, from + columns);
            pairs = now;
        }
        seconds = width;
        first = from;
        return pairs;
    }

    private void look(double[] into, long from, double width, long begin, long end) {
        double[] fresh = samples.leastAndGreatest(width, begin, (int) (end - begin));
        System.arraycopy(fresh, 0, into, at(begin, from), fresh.length);
    }

    private static int at(long column, long from) {
        return (int) (2 * (column - from));
    }
}
