package app.drachen.core.aerodynamics;

/**
 * How the flow over a strip separates: a smooth step from attached flow to that over a plate.
 *
 * <p>Source: that of {@link StripModel}.
 */
final class Separation {
    static final double PLATE_LIFT = 1.0;
    static final double STALL_BLEND = Math.toRadians(8);

    private Separation() {}

    /**
     * Angle from zero lift about which the flow separates, so that the curve peaks at the maximum.
     */
    static double stallAngle(double slope, double maximum) {
        double low = 0.05;
        double high = 1.2;
        for (int i = 0; i < 50; i++) {
            double middle = (low + high) / 2;
            double peak = 0;
            for (double a = 0; a < middle + STALL_BLEND; a += 0.004) {
                double sigma = separated(a - middle + STALL_BLEND);
                peak = Math.max(peak, (1 - sigma) * slope * a + sigma * PLATE_LIFT * Math.sin(2 * a));
            }
            if (peak < maximum) {
                low = middle;
            } else {
                high = middle;
            }
        }
        return (low + high) / 2;
    }

    /**
     * Share of separated flow: a smooth step around the stall angle.
     *
     * @param beyond angle beyond that at which separation begins, which is {@link #STALL_BLEND} before the stall angle [rad]
     * @return [-], 0 to 1
     */
    static double separated(double beyond) {
        double t = beyond / (2 * STALL_BLEND);
        if (t <= 0) {
            return 0;
        }
        return t >= 1 ? 1 : t * t * (3 - 2 * t);
    }
}
