package app.drachen.core.debrief;

import app.drachen.core.math.Columns;
import java.util.List;
import java.util.stream.IntStream;

/** Least squares on the few samples of a window. */
final class Fit {
    private Fit() {}

    /** Level and slope of so many samples, at right angles and of length 1; the level alone of a single one. */
    static double[][] trend(int n) {
        double[] level = new double[n];
        double[] slope = new double[n];
        double square = 0;
        for (int i = 0; i < n; i++) {
            level[i] = 1 / Math.sqrt(n);
            slope[i] = i - (n - 1) / 2.0;
            square += slope[i] * slope[i];
        }
        for (int i = 0; i < n; i++) {
            slope[i] /= Math.sqrt(square);
        }
        return n < 2 ? new double[][] {level} : new double[][] {level, slope};
    }

    /**
     * Makes directions stand at right angles to each other, and of length 1 (Gram and Schmidt); what lies in those before it is left out.
     *
     * @param basis the first of them do so already; the others are changed, and those left out come last
     * @param found how many do
     * @param filled how many directions there are
     * @param shares room for as many numbers
     * @return how many stand at right angles now
     */
    static int upright(double[][] basis, int found, int filled, double[] shares) {
        int upright = found;
        for (int k = found; k < filled; k++) {
            double[] rest = basis[k];
            double before = Math.sqrt(dot(rest, rest));
            less(rest, basis, upright, shares);
            double length = Math.sqrt(dot(rest, rest));
            if (length > 1e-3 * before && length > 1e-12) {
                double per = 1 / length;
                for (int i = 0; i < rest.length; i++) {
                    rest[i] *= per;
                }
                basis[k] = basis[upright];
                basis[upright++] = rest;
            }
        }
        return upright;
    }

    /**
     * Takes the first directions of a basis out of samples.
     *
     * @param basis at right angles to each other and of length 1
     * @param found how many of them
     * @param shares room for as many numbers
     */
    static void less(double[] samples, double[][] basis, int found, double[] shares) {
        int k = 0;
        for (; k + 1 < found; k += 2) {
            two(samples, basis[k], basis[k + 1], shares, k);
        }
        if (k < found) {
            shares[k] = -dot(samples, basis[k]);
        }
        Columns.add(samples, basis, 0, shares, found, 0, samples.length);
    }

    /** Minus the sums of products with two others, which are read beside each other. */
    private static void two(double[] samples, double[] one, double[] other, double[] shares, int at) {
        double first = 0;
        double second = 0;
        double third = 0;
        double fourth = 0;
        int i = 0;
        for (; i + 1 < samples.length; i += 2) {
            first -= samples[i] * one[i];
            second -= samples[i] * other[i];
            third -= samples[i + 1] * one[i + 1];
            fourth -= samples[i + 1] * other[i + 1];
        }
        for (; i < samples.length; i++) {
            first -= samples[i] * one[i];
            second -= samples[i] * other[i];
        }
        shares[at] = first + third;
        shares[at + 1] = second + fourth;
    }

    /** Sum of products. */
    static double dot(double[] a, double[] b) {
        // four sums that need not wait for each other
        double first = 0;
        double second = 0;
        double third = 0;
        double fourth = 0;
        int i = 0;
        for (; i + 3 < b.length; i += 4) {
            first += a[i] * b[i];
            second += a[i + 1] * b[i + 1];
            third += a[i + 2] * b[i + 2];
            fourth += a[i + 3] * b[i + 3];
        }
        for (; i < b.length; i++) {
            first += a[i] * b[i];
        }
        return first + second + (third + fourth);
    }

    private static double mean(double[] values) {
        double sum = 0;
        for (double v : values) {
            sum += v;
        }
        return sum / values.length;
    }

    /** Root of the mean square about the mean. */
    static double deviation(double[] values) {
        double mean = mean(values);
        double square = 0;
        for (double v : values) {
            square += (v - mean) * (v - mean);
        }
        return Math.sqrt(square / values.length);
    }

    /** The running sum about the mean: what a rate does to an angle. */
    static void summed(double[] values, double[] sums) {
        double mean = mean(values);
        double sum = 0;
        for (int i = 0; i < values.length; i++) {
            sum += values[i] - mean;
            sums[i] = sum;
        }
    }

    /**
     * A line.
     *
     * @param x a place on it, the mean of those it was laid through [unit of the places]
     * @param y its value there [unit of the values]
     * @param slope by how much it rises [unit of the values per unit of the places]
     */
    record Line(double x, double y, double slope) {
        double at(double place) {
            return y + slope * (place - x);
        }
    }

    /** The line of least squares through the points of some indices, the first so many of them; level for fewer than three. */
    static Line line(double[] x, double[] y, int[] indices, int n) {
        double middle = 0;
        double height = 0;
        for (int i = 0; i < n; i++) {
            middle += x[indices[i]] / n;
            height += y[indices[i]] / n;
        }
        double xx = 0;
        double xy = 0;
        for (int i = 0; i < n; i++) {
            double far = x[indices[i]] - middle;
            xx += far * far;
            xy += far * (y[indices[i]] - height);
        }
        return new Line(middle, height, n < 3 || xx <= 0 ? 0 : xy / xx);
    }

    /** The line of least squares through points x, y. */
    static Line line(List<double[]> points) {
        return line(
                points.stream().mapToDouble(p -> p[0]).toArray(),
                points.stream().mapToDouble(p -> p[1]).toArray(),
                IntStream.range(0, points.size()).toArray(),
                points.size());
    }

    /** Size of a frequency [Hz] in a piece of a grid, level and slope taken out; 0 where samples are missing. */
    static double amplitude(Grid grid, double from, double to, double frequency) {
        int first = grid.at(from);
        int n = grid.at(to) - first;
        if (n < 5) {
            return 0;
        }
        double[] samples = new double[n];
        if (!grid.fill(first, samples)) {
            return 0;
        }
        double[][] trend = trend(n);
        less(samples, trend, trend.length, new double[trend.length]);
        double c = 0;
        double s = 0;
        for (int i = 0; i < n; i++) {
            double angle = 2 * Math.PI * frequency * i / grid.rate();
            c += samples[i] * Math.cos(angle);
            s += samples[i] * Math.sin(angle);
        }
        return 2 * Math.hypot(c, s) / n;
    }
}
