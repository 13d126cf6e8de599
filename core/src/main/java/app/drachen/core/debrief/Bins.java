package app.drachen.core.debrief;

import app.drachen.core.math.Columns;
import app.drachen.core.math.Select;
import java.util.Arrays;
import java.util.List;

/** The lines of the spectrum of windows of one length, two to each 1/length, tapered as by von Hann. Not for several threads. */
final class Bins {
    /** Of exponentially distributed power this share lies below so much of its mean: 1 − exp(−0.431). */
    private static final double QUIET_SHARE = 0.35;

    private static final double QUIET = 0.431;
    /** The mean of the logarithms of exponentially distributed powers lies below that of their mean: exp(0.577). */
    private static final double FEW = 1.78;

    private final double length;
    private final double rate;
    private final int size;
    private final double[] frequencies;
    /** Their natural logarithms. */
    private final double[] logarithms;

    /**
     * For each sample of the first half the factors of all lines, so that the lines are summed side by side. Counted from the middle, a
     * cosine is the same in both halves and a sine the opposite.
     */
    private final double[][] cosines;

    private final double[][] sines;
    private final double weights;
    private final int lowest;
    /** From the squares of the sums of a line to its power, with what smoothing took of it. */
    private final double[] scales;

    /** Samples of both halves of a window, added and taken from each other, and the sums of each line; used again. */
    private final double[] same;

    private final double[] opposite;
    private final double[] c;
    private final double[] s;

    /**
     * Lines.
     *
     * @param length of a window [s]
     * @param rate samples in a second [Hz]
     * @param low lowest frequency of interest [Hz]; lines begin at one swing to a window, to see what lies below
     * @param high last frequency [Hz]
     */
    Bins(double length, double rate, double low, double high) {
        this.length = length;
        this.rate = rate;
        size = (int) Math.rint(length * rate);
        lowest = (int) Math.rint((low - 1 / length) * 2 * length);
        int count = 1 + (int) Math.floor((high - 1 / length) * 2 * length + 1e-9);
        frequencies = new double[count];
        scales = new double[count];
        c = new double[count];
        s = new double[count];
        int half = (size + 1) / 2;
        cosines = new double[half][count];
        sines = new double[half][count];
        same = new double[half];
        opposite = new double[half];
        double sum = 0;
        double[] taper = new double[half];
        for (int i = 0; i < half; i++) {
            // the middle one of an odd number is both halves'
            double share = 2 * i + 1 == size ? 0.5 : 1;
            taper[i] = share * (0.5 - 0.5 * Math.cos(2 * Math.PI * (i + 0.5) / size));
            sum += 2 * taper[i];
        }
        weights = sum;
        Arrays.fill(scales, 4 / (weights * weights));
        logarithms = new double[count];
        for (int k = 0; k < count; k++) {
            frequencies[k] = (1 + k / 2.0) / length;
            logarithms[k] = Math.log(frequencies[k]);
            for (int i = 0; i < half; i++) {
                double angle = 2 * Math.PI * frequencies[k] * (i - (size - 1) / 2.0) / rate;
                cosines[i][k] = taper[i] * Math.cos(angle);
                sines[i][k] = taper[i] * Math.sin(angle);
            }
        }
    }

    double length() {
        return length;
    }

    int size() {
        return size;
    }

    int count() {
        return frequencies.length;
    }

    /** The first line of interest. */
    int lowest() {
        return lowest;
    }

    double low() {
        return frequencies[lowest];
    }

    double high() {
        return frequencies[frequencies.length - 1];
    }

    double frequency(int line) {
        return frequencies[line];
    }

    double rate() {
        return rate;
    }

    /**
     * A grid at the rate of these windows. Where the grid is finer, each sample is a mean weighted as by von Hann over four
     * steps, so that nothing faster is folded down into the lines.
     */
    Grid sampled(Grid grid) {
        double per = grid.rate() / rate;
        if (per == 1) {
            return grid;
        }
        boolean fine = fine(grid);
        int reach = fine ? 0 : (int) Math.ceil(2 * per);
        double[] weights = new double[2 * reach + 1];
        double whole = 0;
        for (int k = -reach; k <= reach; k++) {
            weights[k + reach] = fine ? 1 : 0.5 + 0.5 * Math.cos(Math.PI * k / (reach + 1));
            whole += weights[k + reach];
        }
        float[] values = grid.values();
        float[] samples = new float[(int) (grid.steps() / per)];
        for (int i = 0; i < samples.length; i++) {
            int first = (int) Math.rint((i + 0.5) * per - 0.5) - reach;
            double mean = first < 0 || first + weights.length > values.length
                    ? Double.NaN
                    : weighted(values, first, weights) / whole;
            samples[i] = (float) (Double.isNaN(mean) ? mean(grid, first + reach, reach, weights) : mean);
        }
        return grid.thinned(rate, samples);
    }

    /** Sum of steps times weights. */
    private static double weighted(float[] values, int from, double[] weights) {
        // four sums that need not wait for each other
        double first = 0;
        double second = 0;
        double third = 0;
        double fourth = 0;
        int i = 0;
        for (; i + 3 < weights.length; i += 4) {
            first += values[from + i] * weights[i];
            second += values[from + i + 1] * weights[i + 1];
            third += values[from + i + 2] * weights[i + 2];
            fourth += values[from + i + 3] * weights[i + 3];
        }
        for (; i < weights.length; i++) {
            first += values[from + i] * weights[i];
        }
        return first + second + (third + fourth);
    }

    /** A weighted mean where some are missing; none where one of the nearer half is. */
    private static double mean(Grid grid, int middle, int reach, double[] weights) {
        double sum = 0;
        double weight = 0;
        for (int k = -reach; k <= reach; k++) {
            double value = grid.value(middle + k);
            double w = weights[k + reach];
            if (!Double.isNaN(value)) {
                sum += w * value;
                weight += w;
            } else if (Math.abs(k) <= reach / 2) {
                return Double.NaN;
            }
        }
        return sum / weight;
    }

    /** Whether a grid has little more samples than the windows. */
    boolean fine(Grid grid) {
        return grid.rate() / rate < 1.5;
    }

    /** How much the samples of a grid are smoothed; to be told before their power is asked for. */
    void smoothed(Grid grid) {
        double width = fine(grid) ? 0 : 4 / rate;
        for (int k = 0; k < scales.length; k++) {
            double share = hann(frequencies[k] * width);
            scales[k] = 4 / (weights * weights * share * share);
        }
    }

    /** Power of each line: the square of its amplitude. Seven digits are more than noise has. */
    float[] power(double[] samples) {
        for (int i = 0; i < same.length; i++) {
            same[i] = samples[i] + samples[size - 1 - i];
            opposite[i] = samples[i] - samples[size - 1 - i];
        }
        sum(same, cosines, c);
        sum(opposite, sines, s);
        float[] power = new float[frequencies.length];
        for (int k = 0; k < power.length; k++) {
            power[k] = (float) ((c[k] * c[k] + s[k] * s[k]) * scales[k]);
        }
        return power;
    }

    /** The sum of samples times factors for each line, in the order of the samples. */
    private static void sum(double[] samples, double[][] factors, double[] sums) {
        Arrays.fill(sums, 0);
        Columns.add(sums, factors, 0, samples, samples.length, 0, sums.length);
    }

    /** What a mean weighted as by von Hann leaves of a frequency, as a share of one over its width. */
    private static double hann(double x) {
        if (x < 1e-6) {
            return 1;
        }
        double sinc = Math.sin(Math.PI * x) / (Math.PI * x);
        return Math.max(0.2, sinc / (1 - x * x));
    }

    /** The mean power of each line in the quieter windows, as far as it is noise. */
    private double[] quiet(List<float[]> windows) {
        int n = windows.size();
        double[] quiet = new double[frequencies.length];
        // some lines at once, for what stands side by side in memory is read together
        double[][] some = new double[Math.min(8, quiet.length)][n];
        for (int first = 0; first < quiet.length; first += some.length) {
            int count = Math.min(some.length, quiet.length - first);
            for (int w = 0; w < n; w++) {
                float[] window = windows.get(w);
                for (int k = 0; k < count; k++) {
                    some[k][w] = window[first + k];
                }
            }
            for (int k = 0; k < count; k++) {
                quiet[first + k] = Select.nth(some[k], n, (int) (QUIET_SHARE * (n - 1))) / QUIET * (n < 8 ? FEW : 1);
            }
        }
        return quiet;
    }

    /** What gusts have in each line on the whole: the quieter windows, smoothed over neighbouring lines. */
    double[] floor(List<float[]> windows) {
        double[] quiet = quiet(windows);
        double[] logs = new double[quiet.length];
        for (int k = 0; k < logs.length; k++) {
            logs[k] = Math.log(Math.max(1e-12, quiet[k]));
        }
        double[] floor = new double[quiet.length];
        int[] near = new int[quiet.length];
        for (int k = 0; k < quiet.length; k++) {
            floor[k] = Math.max(1e-12, smooth(logs, k, 0.5 + 2 / Math.sqrt(windows.size()), near));
        }
        return floor;
    }

    /** The spectrum of gusts falls evenly: a line through the logarithms nearby, without those that stand out of it. */
    private double smooth(double[] logs, int line, double out, int[] near) {
        int from = line;
        while (from > 0 && near(from - 1, line)) {
            from--;
        }
        int n = 0;
        for (int k = from; k < logs.length && (k <= line || near(k, line)); k++) {
            near[n++] = k;
        }
        Fit.Line through = Fit.line(logarithms, logs, near, n);
        for (int again = 0; again < 3; again++) {
            int kept = 0;
            for (int i = 0; i < n; i++) {
                if (logs[near[i]] < through.at(logarithms[near[i]]) + out) {
                    near[kept++] = near[i];
                }
            }
            if (kept < 5 || kept == n) {
                break;
            }
            n = kept;
            through = Fit.line(logarithms, logs, near, n);
        }
        return Math.exp(through.at(logarithms[line]));
    }

    private boolean near(int other, int line) {
        return Math.abs(logarithms[other] - logarithms[line]) < 0.8 || Math.abs(other - line) <= 7;
    }

    /**
     * The first line from one on that rises over its neighbours and is so many times as strong as the floor; −1 if there is none. The
     * last line may be the foot of one above it.
     */
    int strong(float[] power, double[] floor, double needed, int from) {
        for (int k = from; k < power.length - 1; k++) {
            if (power[k] >= needed * floor[k] && power[k] >= power[k - 1] && power[k] > power[k + 1]) {
                return k;
            }
        }
        return -1;
    }

    /** How much louder than the floor a window is beside a line; 1 as usual. */
    double level(float[] power, double[] floor, int line) {
        double[] ratios = new double[power.length];
        int n = 0;
        for (int k = 0; k < power.length; k++) {
            if (Math.abs(k - line) > 4) {
                ratios[n++] = power[k] / floor[k];
            }
        }
        if (n < 4) {
            return 1;
        }
        return Select.nth(ratios, n, n / 2) / Math.log(2);
    }

    /** How much of the power within a factor of two stands in a line and beside it. */
    double share(float[] power, int line) {
        double all = 0;
        double near = 0;
        for (int k = 0; k < power.length; k++) {
            if (frequencies[k] >= frequencies[line] / 2 && frequencies[k] <= 2 * frequencies[line]) {
                all += power[k];
                near += Math.abs(k - line) <= 3 ? power[k] : 0;
            }
        }
        return near / all;
    }

    /** The top of a parabola through a line and its neighbours [Hz]. */
    double refined(float[] power, int line) {
        if (line == 0 || line == power.length - 1) {
            return frequencies[line];
        }
        double a = Math.log(Math.max(1e-300, power[line - 1]));
        double b = Math.log(Math.max(1e-300, power[line]));
        double c = Math.log(Math.max(1e-300, power[line + 1]));
        double bend = a - 2 * b + c;
        double shift = bend < 0 ? Math.max(-0.5, Math.min(0.5, 0.5 * (a - c) / bend)) : 0;
        return frequencies[line] + shift / (2 * length);
    }
}
