package app.drachen.core.plot;

/** Round steps for axes. Source: steps of 1, 2 and 5 times a power of ten, common practice. */
public final class Ticks {
    private Ticks() {}

    /**
     * The smallest round step that cuts a span into at most so many parts.
     *
     * @param span length of the axis, above 0 [any unit]
     * @param most greatest number of parts, at least 1
     * @return step [same unit], above 0
     */
    public static double step(double span, int most) {
        double raw = span / most;
        double power = Math.pow(10, Math.floor(Math.log10(raw)));
        for (double factor : new double[] {1, 2, 5}) {
            if (factor * power >= raw * (1 - 1e-12)) {
                return factor * power;
            }
        }
        return 10 * power;
    }
}
