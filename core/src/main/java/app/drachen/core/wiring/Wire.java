package app.drachen.core.wiring;

/**
 * Copper wire by its American gauge.
 *
 * <p>Source: ASTM B258, d = 0.127·92^((36 − n)/39) mm; IEC 60028, ρ = 0.01724 Ω mm²/m at 20 °C. Stranded wire has a few per cent
 * more.
 */
public final class Wire {
    /** Resistivity of copper [Ω m]. */
    public static final double COPPER = 0.01724e-6;

    private Wire() {}

    /**
     * @param gauge American wire gauge [-], 0 to 40
     * @return diameter of the copper [m]
     */
    public static double diameter(double gauge) {
        return 0.127e-3 * Math.pow(92, (36 - gauge) / 39);
    }

    /**
     * There and back.
     *
     * @param gauge American wire gauge [-], 0 to 40
     * @param length one way [m], not negative
     * @return resistance of both wires [Ω]
     */
    public static double resistance(double gauge, double length) {
        double d = diameter(gauge);
        return COPPER * 2 * length / (Math.PI * d * d / 4);
    }

    /**
     * The thinnest even gauge that loses no more than so much.
     *
     * @param length one way [m], not negative
     * @param current [A], not negative
     * @param drop allowed, both ways [V], above 0
     * @return American wire gauge, 30 or thicker
     */
    public static int gaugeFor(double length, double current, double drop) {
        for (int gauge = 30; gauge > 0; gauge -= 2) {
            if (current * resistance(gauge, length) <= drop) {
                return gauge;
            }
        }
        return 0;
    }
}
