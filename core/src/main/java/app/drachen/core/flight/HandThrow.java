package app.drachen.core.flight;

import static app.drachen.core.air.Atmosphere.GRAVITY;

/**
 * A throw by hand at less than flying speed (BUILD-A11): how far it sinks until it flies.
 *
 * <p>Source: own estimate; a body that gains speed by its surplus thrust while lift grows with V², flying at 1.1 Vs.
 */
public final class HandThrow {
    private HandThrow() {}

    /**
     * Height lost until it flies: z = g(V_r/a)²[G(1) − G(k₀) − F(k₀)(1 − k₀)] + ż²/(2·0.21g), F = k − k³/3, G = k²/2 − k⁴/12.
     *
     * @param stall stall speed Vs [m/s], above 0
     * @param thrust thrust over weight T/W [-], not negative
     * @param drag drag over lift D/L [-], above 0
     * @param speed airspeed of the throw [m/s], not negative
     * @return [m]; not a number where it never gets there
     */
    public static double lost(double stall, double thrust, double drag, double speed) {
        double flying = 1.1 * stall;
        double gain = GRAVITY * (thrust - drag);
        double k = Math.min(1, speed / flying);
        if (gain <= 0 && k < 1) {
            return Double.NaN;
        }
        double sink = GRAVITY * flying / gain * (first(1) - first(k));
        double height = GRAVITY * Math.pow(flying / gain, 2) * (second(1) - second(k) - first(k) * (1 - k));
        return height + sink * sink / (2 * 0.21 * GRAVITY);
    }

    private static double first(double k) {
        return k - k * k * k / 3;
    }

    private static double second(double k) {
        return k * k / 2 - Math.pow(k, 4) / 12;
    }

    /**
     * The slowest throw that loses half the release height.
     *
     * @param stall stall speed Vs [m/s], above 0
     * @param thrust thrust over weight T/W [-], not negative
     * @param drag drag over lift D/L [-], above 0
     * @param release height of the hand [m], above 0
     * @return airspeed [m/s], at most 1.1 Vs
     */
    public static double least(double stall, double thrust, double drag, double release) {
        double low = 0;
        double high = 1.1 * stall;
        for (int i = 0; i < 60; i++) {
            double middle = (low + high) / 2;
            if (lost(stall, thrust, drag, middle) <= release / 2) {
                high = middle;
            } else {
                low = middle;
            }
        }
        return high;
    }
}
