package app.drachen.core.controls;

import app.drachen.core.units.Ranges;

/**
 * What the sticks may ask for in Manual.
 *
 * <p>Source: common practice, y = rate·((1 − e)·x + e·x³).
 *
 * @param roll share of full command [-], 0.05 to 1
 * @param pitch share of full command [-], 0.05 to 1
 * @param yaw share of full command [-], 0.05 to 1
 * @param expo [-], 0 to 0.9
 */
public record Rates(double roll, double pitch, double yaw, double expo) {
    private static final int STEPS = 20;

    public Rates {
        Ranges.require("roll rate", roll, 0.05, 1, "-");
        Ranges.require("pitch rate", pitch, 0.05, 1, "-");
        Ranges.require("yaw rate", yaw, 0.05, 1, "-");
        Ranges.require("expo", expo, 0, 0.9, "-");
    }

    /**
     * Shapes a stick.
     *
     * @param stick [-], −1 to 1
     * @param rate share of full command [-]
     * @return command [-]
     */
    public double shape(double stick, double rate) {
        return rate * ((1 - expo) * stick + expo * stick * stick * stick);
    }

    /**
     * The stick that gives a command; the inverse of {@link #shape}.
     *
     * @param command [-]
     * @param rate share of full command [-]
     * @return stick [-], −1 to 1
     */
    public double stickFor(double command, double rate) {
        double wanted = Math.max(-1, Math.min(1, command / rate));
        // Newton's rule on (1 − e)·s + e·s³: from the far end of a curve that bends away, it never steps past the root
        double stick = Math.signum(wanted);
        for (int i = 0; i < STEPS; i++) {
            double step = (shape(stick, 1) - wanted) / (1 - expo + 3 * expo * stick * stick);
            stick -= step;
            if (Math.abs(step) < 1e-15) {
                break;
            }
        }
        return Math.max(-1, Math.min(1, stick));
    }
}
