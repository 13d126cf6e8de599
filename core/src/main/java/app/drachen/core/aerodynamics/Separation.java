package app.drachen.core.aerodynamics;

/**
 * How the flow over a strip separates: a smooth step from attached flow to that over a plate.
 *
 * <p>Source: that of {@link StripModel}.
 */
final class Separation {
    static final double PLATE_LIFT = 1.0;
    static final double STALL_BLEND = Math.toRadians(8);

    private static final double LEAST = 0.05;
    private static final double MOST = 1.2;
    private static final double STEP = 0.004;

    private Separation() {}

    /** Angles at which a curve of lift is looked at, in steps of 0.004 [rad], and the lift of a plate at each [-]. */
    private static final double[] LOOKED_AT = lookedAt();

    private static final double[] PLATE = plate();

    private static double[] lookedAt() {
        double[] angles = new double[(int) ((MOST + STALL_BLEND) / STEP) + 2];
        for (int i = 1; i < angles.length; i++) {
            angles[i] = angles[i - 1] + STEP;
        }
        return angles;
    }

    private static double[] plate() {
        double[] lift = new double[LOOKED_AT.length];
        for (int i = 0; i < lift.length; i++) {
            lift[i] = PLATE_LIFT * Math.sin(2 * LOOKED_AT[i]);
        }
        return lift;
    }

    /**
     * Angle from zero lift about which the flow separates, so that the curve peaks at the maximum.
     */
    static double stallAngle(double slope, double maximum) {
        double low = LEAST;
        double high = MOST;
        for (int i = 0; i < 50; i++) {
            double middle = (low + high) / 2;
            if (reaches(maximum, slope, middle)) {
                high = middle;
            } else {
                low = middle;
            }
        }
        return (low + high) / 2;
    }

    /** Whether the lift gets as high as that when the flow separates about an angle. */
    private static boolean reaches(double maximum, double slope, double stall) {
        for (int i = 0; LOOKED_AT[i] < stall + STALL_BLEND; i++) {
            double a = LOOKED_AT[i];
            double sigma = separated(a - stall + STALL_BLEND);
            // what is no number counts as reached, so that such a strip stalls at once and not never
            if (!((1 - sigma) * slope * a + sigma * PLATE[i] < maximum)) {
                return true;
            }
        }
        return !(maximum > 0);
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
