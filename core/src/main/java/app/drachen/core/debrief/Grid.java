package app.drachen.core.debrief;

import app.drachen.core.log.FlightLog;
import app.drachen.core.log.LogColumn;
import app.drachen.core.math.Select;

/**
 * A column at equal steps, for spectra: as fine as it was sampled, at most {@value #FINEST} Hz. What is held between two
 * samples is no sample; gaps are no numbers; a value that jumps away for one row and back is left out.
 */
final class Grid {
    /** Finer steps show nothing that an aircraft does [Hz]. */
    static final int FINEST = 50;

    private static final double MOST = 4_000_000;

    /** Without samples. */
    static final Grid NONE = new Grid(0, 1, new double[0], 0, 0);

    private final double start;
    private final double rate;
    private final double[] values;
    private final double sampled;
    private final double rows;

    /** How many steps are missing before each, and before the end; nothing if none is. */
    private final int[] missing;

    private Grid(double start, double rate, double[] values, double sampled, double rows) {
        this.start = start;
        this.rate = rate;
        this.values = values;
        this.sampled = sampled;
        this.rows = rows;
        missing = missing(values);
    }

    private static int[] missing(double[] values) {
        int first = 0;
        while (first < values.length && !Double.isNaN(values[first])) {
            first++;
        }
        int[] missing = new int[first == values.length ? 0 : values.length + 1];
        for (int i = first; i < values.length; i++) {
            missing[i + 1] = missing[i] + (Double.isNaN(values[i]) ? 1 : 0);
        }
        return missing;
    }

    /** Whether there are steps from one to another, and none of them is missing. */
    boolean whole(int from, int to) {
        return from >= 0 && to <= values.length && (missing.length == 0 || missing[to] == missing[from]);
    }

    /** Steps in a second [Hz]. */
    double rate() {
        return rate;
    }

    /** How often the column was really sampled [Hz]. */
    double sampled() {
        return sampled;
    }

    /**
     * Up to 0.4 of this rate [Hz] the grid shows what was there. Where samples are held for one row and sometimes for two,
     * the beat of both rates makes images of slow movements, and it shows less.
     */
    double even() {
        double beat = rows - sampled;
        return Math.min(rate, beat > 0.1 * rows && beat < sampled ? beat : sampled);
    }

    /** Step at or after a time [s]. */
    int at(double time) {
        return (int) Math.max(0, Math.min(values.length, Math.ceil((time - start) * rate - 1e-6)));
    }

    /** Time of the first step [s]. */
    double start() {
        return start;
    }

    /** How many steps. */
    int steps() {
        return values.length;
    }

    /** All steps; not to be changed. */
    double[] values() {
        return values;
    }

    double value(int step) {
        return step >= 0 && step < values.length ? values[step] : Double.NaN;
    }

    /** A column between two rows; steps are means of what lies in them, or lie on the line between two samples. */
    static Grid of(FlightLog log, LogColumn column, int first, int last) {
        double[] times = log.values(LogColumn.TIME, first, last + 1);
        double[] samples = log.values(column, first, last + 1);
        int n = there(times, samples);
        double[] held = new double[n];
        int changes = changes(times, samples, n, held);
        if (n < 8 || changes < 4) {
            return NONE;
        }
        double[] spare = new double[n];
        double sampled = 1 / usual(held, changes, spare);
        without(samples, n, held, spare);
        // a log of days is looked at more coarsely, so that it stays in memory
        double rate = Math.min(Math.min(FINEST, sampled), MOST / Math.max(1, times[n - 1] - times[0]));
        double[] values = steps(times, samples, n, rate);
        return new Grid(times[0], rate, values, sampled, (n - 1) / Math.max(1e-9, times[n - 1] - times[0]));
    }

    /** Moves samples that are there to the front, with their times; how many they are. */
    private static int there(double[] times, double[] samples) {
        int n = 0;
        for (int i = 0; i < samples.length; i++) {
            if (!Double.isNaN(samples[i])) {
                times[n] = times[i];
                samples[n++] = samples[i];
            }
        }
        return n;
    }

    /** For how long each value was held until it changed [s]; how many changes there are after the first value. */
    private static int changes(double[] times, double[] samples, int n, double[] held) {
        int changes = 0;
        int changed = 0;
        for (int i = 1; i < n; i++) {
            if (samples[i] != samples[i - 1]) {
                held[changes++] = times[i] - times[changed];
                changed = i;
            }
        }
        return changes;
    }

    /** The values of all steps. */
    private static double[] steps(double[] times, double[] samples, int n, double rate) {
        double start = times[0];
        double[] values = new double[(int) Math.floor((times[n - 1] - start) * rate) + 1];
        int[] counts = new int[values.length];
        for (int i = 0; i < n; i++) {
            int step = (int) Math.min(values.length - 1, Math.rint((times[i] - start) * rate));
            values[step] += samples[i];
            counts[step]++;
        }
        double gap = Math.max(2.5 / rate, 0.3);
        int previous = 0;
        for (int step = 0; step < values.length; step++) {
            if (counts[step] > 0) {
                values[step] /= counts[step];
                continue;
            }
            double time = start + step / rate;
            while (previous + 1 < n && times[previous + 1] <= time) {
                previous++;
            }
            values[step] = between(times, samples, previous, Math.min(n - 1, previous + 1), time, gap);
        }
        return values;
    }

    private static double between(double[] times, double[] samples, int previous, int next, double time, double gap) {
        double span = times[next] - times[previous];
        if (!(span <= gap && span > 0)) {
            return Double.NaN;
        }
        double share = Math.max(0, Math.min(1, (time - times[previous]) / span));
        return samples[previous] + share * (samples[next] - samples[previous]);
    }

    /**
     * The usual time between two samples: of changes, the quick ones. If nearly all take one row or two, samples are held;
     * if some take longer, the value is rounded and was the same for a while.
     */
    private static double usual(double[] held, int n, double[] spare) {
        double quick = quantile(held, n, 0.1, spare);
        double sum = 0;
        int count = 0;
        for (int i = 0; i < n; i++) {
            if (held[i] <= 2.2 * quick) {
                sum += held[i];
                count++;
            }
        }
        return count > 0.97 * n ? sum / count : quick;
    }

    private static double quantile(double[] values, int n, double share, double[] spare) {
        System.arraycopy(values, 0, spare, 0, n);
        return Math.max(1e-4, Select.nth(spare, n, (int) (share * (n - 1))));
    }

    /** A single value far outside of its neighbours, which agree with each other, takes their mean. */
    private static void without(double[] samples, int n, double[] steps, double[] spare) {
        for (int i = 1; i < n; i++) {
            steps[i - 1] = Math.abs(samples[i] - samples[i - 1]);
        }
        double usual = quantile(steps, Math.max(1, n - 1), 0.9, spare);
        for (int i = 1; i < n - 1; i++) {
            double across = Math.abs(samples[i + 1] - samples[i - 1]);
            double away = Math.min(Math.abs(samples[i] - samples[i - 1]), Math.abs(samples[i + 1] - samples[i]));
            boolean sameWay = (samples[i] - samples[i - 1]) * (samples[i] - samples[i + 1]) > 0;
            if (sameWay && away > 8 * usual && across < 3 * usual) {
                samples[i] = (samples[i - 1] + samples[i + 1]) / 2;
            }
        }
    }
}
