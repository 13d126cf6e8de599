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

    /** So many rows tell how a column was sampled, if it changes so often among them. */
    private static final int MANY = 1 << 18;

    private static final int ENOUGH = 1_000;

    /** Without samples. */
    static final Grid NONE = new Grid(0, 1, new float[0], 0, 0);

    private final double start;
    private final double rate;
    private final float[] values;
    private final double sampled;
    private final double rows;

    private Grid(double start, double rate, float[] values, double sampled, double rows) {
        this.start = start;
        this.rate = rate;
        this.values = values;
        this.sampled = sampled;
        this.rows = rows;
    }

    /** The same column at another rate [Hz]. */
    Grid thinned(double rate, float[] values) {
        return new Grid(start, rate, values, sampled, rows);
    }

    /**
     * Copies steps.
     *
     * @param from the first
     * @param into as many as there is room for [SI unit of the column]
     * @return false if some are missing
     */
    boolean fill(int from, double[] into) {
        if (from < 0 || from + into.length > values.length) {
            return false;
        }
        // a sum with something missing in it is no number
        double sum = 0;
        for (int i = 0; i < into.length; i++) {
            double value = values[from + i];
            into[i] = value;
            sum += value;
        }
        return !Double.isNaN(sum);
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

    /** All steps, NaN where one is missing; not to be changed. Seven digits are more than a sensor has. */
    float[] values() {
        return values;
    }

    double value(int step) {
        return step >= 0 && step < values.length ? values[step] : Double.NaN;
    }

    /** A column between two rows; steps are means of what lies in them, or lie on the line between two samples. */
    static Grid of(FlightLog log, LogColumn column, int first, int last) {
        int every = Math.max(1, (last - first) / MANY);
        Pace some = Pace.of(log, column, first, last, every);
        Pace pace = every > 1 && some.changes < ENOUGH ? Pace.of(log, column, first, last, 1) : some;
        if (pace.samples < 8 || pace.changes < 4) {
            return NONE;
        }
        int from = first;
        while (Double.isNaN(log.value(column, from))) {
            from++;
        }
        int to = last;
        while (Double.isNaN(log.value(column, to))) {
            to--;
        }
        double begin = log.time(from);
        double end = log.time(to);
        // a log of days is looked at more coarsely, so that it stays in memory
        double rate = Math.min(Math.min(FINEST, pace.sampled), MOST / Math.max(1, end - begin));
        Steps steps = new Steps(begin, rate, new float[(int) Math.floor((end - begin) * rate) + 1]);
        steps.take(new There(log, column, from, to, 1), pace.jump);
        return new Grid(begin, rate, steps.values, pace.sampled, (steps.taken - 1) / Math.max(1e-9, end - begin));
    }

    /**
     * How a column was sampled. In a long log every so-manieth thousand rows tells it.
     *
     * @param samples that were looked at
     * @param changes from one to the next among them
     * @param sampled how often the column was really sampled [Hz]
     * @param jump what nine of ten samples differ from the one before by less than [SI unit of the column]
     */
    private record Pace(int samples, int changes, double sampled, double jump) {
        static Pace of(FlightLog log, LogColumn column, int first, int last, int every) {
            int most = (last - first) / every + 2 * There.SOME;
            double[] held = new double[most];
            double[] jumps = new double[most];
            int samples = 0;
            int steps = 0;
            int changes = 0;
            double changed = 0;
            double all = 0;
            double before = 0;
            There there = new There(log, column, first, last, every);
            for (; there.next(); samples++, before = there.value) {
                if (there.apart) {
                    // for how long it had been held already is known at the beginning only
                    changed = every == 1 ? there.time : Double.NaN;
                    continue;
                }
                jumps[steps++] = Math.abs(there.value - before);
                if (there.value != before) {
                    if (!Double.isNaN(changed)) {
                        held[changes] = there.time - changed;
                        all += held[changes++];
                    }
                    changed = there.time;
                }
            }
            return changes == 0
                    ? new Pace(samples, 0, 0, 0)
                    : new Pace(samples, changes, 1 / usual(held, changes, all), quantile(jumps, steps, 0.9));
        }
    }

    /** The samples of a column that are there, one after the other. */
    private static final class There {
        private static final int SOME = 1024;

        private final FlightLog log;
        private final LogColumn column;
        private final int end;
        private final int every;
        private final double[] times = new double[SOME];
        private final double[] values = new double[SOME];
        private int row;
        private int at;
        private int read;
        private double time;
        private double value;

        /** Whether it is the first, or rows before it were passed over. */
        private boolean apart;

        /** The samples of the rows from a first to a last, of every so-manieth thousand. */
        There(FlightLog log, LogColumn column, int first, int last, int every) {
            this.log = log;
            this.column = column;
            this.every = every;
            row = first;
            end = last + 1;
        }

        /** Goes to the next; false, and still at the last, if there is none. */
        boolean next() {
            apart = false;
            while (at < read || more()) {
                double here = values[at++];
                if (!Double.isNaN(here)) {
                    time = times[at - 1];
                    value = here;
                    return true;
                }
            }
            return false;
        }

        private boolean more() {
            apart = apart || every > 1 || read == 0;
            read = Math.max(0, Math.min(SOME, end - row));
            log.values(LogColumn.TIME, row, read, times);
            log.values(column, row, read, values);
            row += read + (every - 1) * SOME;
            at = 0;
            return read > 0;
        }
    }

    /** Steps that are filled from samples in their order. */
    private static final class Steps {
        private final double start;
        private final double rate;
        private final double gap;
        private final float[] values;
        private int taken;
        private int step;
        private double sum;
        private int count;
        private double time;
        private double value;

        Steps(double start, double rate, float[] values) {
            this.start = start;
            this.rate = rate;
            this.values = values;
            gap = Math.max(2.5 / rate, 0.3);
        }

        /** All samples. A single value far outside of its neighbours, which agree with each other, takes their mean. */
        void take(There samples, double jump) {
            samples.next();
            double before = samples.value;
            take(samples.time, before);
            samples.next();
            double here = samples.value;
            double at = samples.time;
            while (samples.next()) {
                double next = samples.value;
                double away = Math.min(Math.abs(here - before), Math.abs(next - here));
                if ((here - before) * (here - next) > 0 && away > 8 * jump && Math.abs(next - before) < 3 * jump) {
                    here = (before + next) / 2;
                }
                take(at, here);
                before = here;
                here = next;
                at = samples.time;
            }
            take(at, here);
            values[step] = (float) (sum / count);
        }

        private void take(double at, double sample) {
            int here = (int) Math.min(values.length - 1, Math.rint((at - start) * rate));
            if (here > step) {
                values[step] = (float) (sum / count);
                while (++step < here) {
                    values[step] = (float) between(start + step / rate, at, sample);
                }
                sum = 0;
                count = 0;
            }
            sum += sample;
            count++;
            taken++;
            time = at;
            value = sample;
        }

        /** On the line from the sample before to the next, if they are not far apart. */
        private double between(double between, double at, double sample) {
            double span = at - time;
            if (!(span <= gap && span > 0)) {
                return Double.NaN;
            }
            double share = Math.max(0, Math.min(1, (between - time) / span));
            return value + share * (sample - value);
        }
    }

    /**
     * The usual time between two samples: of changes, the quick ones. If nearly all take one row or two, samples are held;
     * if some take longer, the value is rounded and was the same for a while.
     *
     * @param held how long each of them took, moved about [s]
     * @param all their sum, as they came [s]
     */
    private static double usual(double[] held, int n, double all) {
        double quick = quantile(held, n, 0.1);
        double sum = all;
        int count = n;
        for (int i = 0; i < n; i++) {
            if (held[i] > 2.2 * quick) {
                sum -= held[i];
                count--;
            }
        }
        return count > 0.97 * n ? sum / count : quick;
    }

    /** Moves the values about. */
    private static double quantile(double[] values, int n, double share) {
        return Math.max(1e-4, Select.nth(values, n, (int) (share * (n - 1))));
    }
}
