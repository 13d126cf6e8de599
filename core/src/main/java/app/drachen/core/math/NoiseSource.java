package app.drachen.core.math;

/**
 * Seeded random numbers whose bits are the same on every machine and Java version.
 *
 * <p>Source: SplitMix64 (G. Steele, D. Lea, C. Flood, "Fast splittable pseudorandom number
 * generators", 2014) and the polar method (G. Marsaglia, T. A. Bray, 1964). Not for secrets.
 */
public final class NoiseSource {
    private long state;
    private double spare = Double.NaN;

    public NoiseSource(long seed) {
        this.state = seed;
    }

    private long nextLong() {
        state += 0x9E3779B97F4A7C15L;
        long z = state;
        z = (z ^ (z >>> 30)) * 0xBF58476D1CE4E5B9L;
        z = (z ^ (z >>> 27)) * 0x94D049BB133111EBL;
        return z ^ (z >>> 31);
    }

    /**
     * @return evenly spread [-], 0 to below 1
     */
    public double uniform() {
        return (nextLong() >>> 11) * 0x1.0p-53;
    }

    /**
     * @return normally spread [-], mean 0, standard deviation 1
     */
    public double gaussian() {
        if (!Double.isNaN(spare)) {
            double value = spare;
            spare = Double.NaN;
            return value;
        }
        double u;
        double v;
        double s;
        do {
            u = 2 * uniform() - 1;
            v = 2 * uniform() - 1;
            s = u * u + v * v;
        } while (s >= 1 || s == 0);
        double factor = StrictMath.sqrt(-2 * StrictMath.log(s) / s);
        spare = v * factor;
        return u * factor;
    }
}
