package app.drachen.core.math;

/**
 * Seeded random numbers whose bits are the same on every machine and Java version.
 *
 * <p>Source: SplitMix64 (G. Steele, D. Lea, C. Flood, "Fast splittable pseudorandom number
 * generators", 2014) and the polar method (G. Marsaglia, T. A. Bray, 1964). Not for secrets.
 */
public final class NoiseSource {
    /** √3 over the number of steps: an even number of n steps has a variance of (n² − 1)/12. */
    private static final double FLICKER = Math.sqrt(3) / Math.sqrt(65_536.0 * 65_536.0 - 1);

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

    /**
     * Nearly normal and quick: the sum of four even numbers of 16 bits (Irwin and Hall), for the flicker of sensors, whose
     * tails do not matter.
     *
     * @return mean 0, standard deviation 1, within ±3.47 [-]
     */
    public double flicker() {
        long bits = nextLong();
        long sum = (bits & 0xFFFF) + (bits >>> 16 & 0xFFFF) + (bits >>> 32 & 0xFFFF) + (bits >>> 48);
        return (sum - 2 * 65_535L) * FLICKER;
    }
}
