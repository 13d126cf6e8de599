package app.drachen.core.math;

/** Sample statistics. NaN samples are left out; an empty sample gives NaN. */
public final class Statistics {
    private Statistics() {}

    /**
     * Arithmetic mean of a part of an array.
     *
     * @param values samples [any unit]
     * @param from first index
     * @param to index behind the last
     * @return mean [unit of the samples], NaN without samples
     */
    public static double mean(double[] values, int from, int to) {
        double sum = 0;
        int n = 0;
        for (int i = from; i < to; i++) {
            if (!Double.isNaN(values[i])) {
                sum += values[i];
                n++;
            }
        }
        return n == 0 ? Double.NaN : sum / n;
    }

    /**
     * Standard deviation (divisor n − 1) of a part of an array.
     *
     * @param values samples [any unit]
     * @param from first index
     * @param to index behind the last
     * @return standard deviation [unit of the samples], NaN with fewer than two samples
     */
    public static double deviation(double[] values, int from, int to) {
        double mean = mean(values, from, to);
        double sum = 0;
        int n = 0;
        for (int i = from; i < to; i++) {
            if (!Double.isNaN(values[i])) {
                sum += (values[i] - mean) * (values[i] - mean);
                n++;
            }
        }
        return n < 2 ? Double.NaN : Math.sqrt(sum / (n - 1));
    }

    /**
     * Wraps an angle.
     *
     * @param angle [rad], any
     * @return the same direction [rad], −π to below π
     */
    public static double wrap(double angle) {
        double turned = angle - 2 * Math.PI * Math.floor((angle + Math.PI) / (2 * Math.PI));
        return turned >= Math.PI ? turned - 2 * Math.PI : turned;
    }

    /**
     * Limits a value.
     *
     * @param value [any unit]
     * @param low [same unit]
     * @param high [same unit]
     * @return the nearest value inside [same unit]
     */
    public static double clamp(double value, double low, double high) {
        return Math.max(low, Math.min(high, value));
    }

    /**
     * Length of a vector in the plane, for lengths whose squares are far from what a number holds; {@link Math#hypot} takes ten times
     * as long.
     *
     * @param x component [any unit]
     * @param y component [as x]
     * @return √(x² + y²) [as x]
     */
    public static double length(double x, double y) {
        return Math.sqrt(x * x + y * y);
    }
}
