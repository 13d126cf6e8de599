package app.drachen.core.propulsion;

import app.drachen.core.units.Ranges;

/**
 * A fixed-pitch propeller.
 *
 * <p>Source: own estimate, shaped after the small-propeller wind-tunnel data of J. B. Brandt and M.
 * S. Selig, "Propeller Performance Data at Low Reynolds Numbers", 2011: thrust falls about linearly
 * with the advance ratio and vanishes near 1.1 times the pitch ratio; power falls less. ±15 % in
 * thrust and power.
 *
 * @param diameter [m], 0.05 to 1
 * @param pitch [m], 0.02 to 1
 */
public record Propeller(double diameter, double pitch) {
    public Propeller {
        Ranges.require("propeller diameter", diameter, 0.05, 1, "m");
        Ranges.require("propeller pitch", pitch, 0.02, 1, "m");
    }

    /**
     * Advance ratio V/(nD) without thrust.
     *
     * @return [-]
     */
    public double zeroThrustAdvance() {
        return 1.1 * pitch / diameter;
    }

    /**
     * Thrust coefficient T/(ρn²D⁴).
     *
     * @param advance V/(nD) [-], any
     * @return [-]; negative when the air drives the propeller, not below −0.05
     */
    public double thrustCoefficient(double advance) {
        double still = 0.055 + 0.085 * Math.min(pitch / diameter, 0.7);
        return Math.max(-0.05, still * (1 - advance / zeroThrustAdvance()));
    }

    /**
     * Power coefficient P/(ρn³D⁵).
     *
     * @param advance V/(nD) [-], any
     * @return [-], not below 0.003
     */
    public double powerCoefficient(double advance) {
        double ratio = pitch / diameter;
        double still = 0.012 + 0.062 * Math.min(ratio, 0.9);
        double x = advance / zeroThrustAdvance();
        return Math.max(0.003, still * (1 - 0.12 * x - 0.62 * x * x));
    }
}
