package app.drachen.core.wiring;

/**
 * How two packs side by side share a current; a negative share charges that pack.
 *
 * <p>Source: circuit theory (HARNESS-A6).
 *
 * @param first current of the first [A]
 * @param second current of the second [A]
 */
public record PackShare(double first, double second) {
    /**
     * The shares of two packs.
     *
     * @param firstVolts of the first without load [V]
     * @param secondVolts of the second without load [V]
     * @param firstOhms of the first [Ω], above 0
     * @param secondOhms of the second [Ω], above 0
     * @param current drawn from both [A]
     */
    public static PackShare of(
            double firstVolts, double secondVolts, double firstOhms, double secondOhms, double current) {
        double first = (firstVolts - secondVolts + current * secondOhms) / (firstOhms + secondOhms);
        return new PackShare(first, current - first);
    }
}
