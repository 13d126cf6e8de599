package app.drachen.core.debrief;

import app.drachen.core.math.Columns;
import java.util.Arrays;
import java.util.List;
import java.util.stream.IntStream;

/** Least squares on the few samples of a window. */
final class Fit {
    private Fit() {}

    /** Level and slope of so many samples, at right angles and of length 1. */
    static List<double[]> trend(int n) {
        double[] level = new double[n];
        double[] slope = new double[n];
        for (int i = 0; i < n; i++) {
            level[i] = 1;
            slope[i] = 2.0 * i / Math.max(1, n - 1) - 1;
        }
        double[][] basis = new double[2][];
        int found = add(basis, 0, level);
        return List.of(Arrays.copyOf(basis, add(basis, found, slope)));
    }

    /**
     * Takes level, slope and some movements out of samples, as far as they explain them.
     *
     * @param trend of as many samples
     */
    static void without(double[] samples, List<double[]> trend, List<double[]> movements) {
        double[][] basis = trend.toArray(new double[trend.size() + movements.size()][]);
        int found = trend.size();
        for (double[] movement : movements) {
            found = add(basis, found, movement);
        }
        less(samples, basis, found);
    }

    /** One more direction, at right angles to the others and of length 1; left out if it lies in them. How many there are then. */
    private static int add(double[][] basis, int found, double[] movement) {
        double[] rest = movement.clone();
        double before = Math.sqrt(dot(rest, 0, rest));
        less(rest, basis, found);
        double length = Math.sqrt(dot(rest, 0, rest));
        if (!(length > 1e-3 * before && length > 1e-12)) {
            return found;
        }
        for (int i = 0; i < rest.length; i++) {
            rest[i] /= length;
        }
        basis[found] = rest;
        return found + 1;
    }

    /** Takes the first directions of a basis out of samples. */
    private static void less(double[] samples, double[][] basis, int found) {
        double[] shares = new double[found];
        int k = 0;
        for (; k + 1 < found; k += 2) {
            two(samples, basis[k], basis[k + 1], shares, k);
        }
        if (k < found) {
            shares[k] = -dot(samples, 0, basis[k]);
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

    /** Sum of products of numbers from one on and as many others as there are. */
    static double dot(double[] a, int from, double[] b) {
        // four sums that need not wait for each other
        double first = 0;
        double second = 0;
        double third = 0;
        double fourth = 0;
        int i = 0;
        for (; i + 3 < b.length; i += 4) {
            first += a[from + i] * b[i];
            second += a[from + i + 1] * b[i + 1];
            third += a[from + i + 2] * b[i + 2];
            fourth += a[from + i + 3] * b[i + 3];
        }
        for (; i < b.length; i++) {
            first += a[from + i] * b[i];
        }
        return first + second + (third + fourth);
    }

    /** Root of the mean square about the mean. */
    static double deviation(double[] values) {
        double mean = 0;
        for (double v : values) {
            mean += v / values.length;
        }
        double square = 0;
        for (double v : values) {
            square += (v - mean) * (v - mean) / values.length;
        }
        return Math.sqrt(square);
    }

    /** The running sum about the mean: what a rate does to an angle. */
    static double[] summed(double[] values) {
        double mean = 0;
        for (double v : values) {
            mean += v / values.length;
        }
        double[] sums = new double[values.length];
        double sum = 0;
        for (int i = 0; i < values.length; i++) {
            sum += values[i] - mean;
            sums[i] = sum;
        }
        return sums;
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
        for (int i = 0; i < n; i++) {
            samples[i] = grid.value(first + i);
            if (Double.isNaN(samples[i])) {
                return 0;
            }
        }
        without(samples, trend(n), List.of());
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
