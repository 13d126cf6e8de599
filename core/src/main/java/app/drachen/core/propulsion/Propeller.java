package app.drachen.core.propulsion;

import app.drachen.core.units.Ranges;

/**
 * A fixed-pitch propeller.
 *
 * <p>Source: own estimate, shaped after the small-propeller wind-tunnel data of J. B. Brandt and M. S. Selig, "Propeller Performance
 * Data at Low Reynolds Numbers", 2011 (from memory: a 10 × 5 has C_T 0.10, C_P 0.04 at rest, no thrust at J = 0.68, and an efficiency
 * of 0.65 to 0.7 near J = 0.45). ±15 % in thrust and power. Standing blades: S. F. Hoerner, Fluid-Dynamic Drag, 1965, C_D = 0.1 +
 * cos²β of the blade's area (from memory).
 *
 * @param diameter [m], 0.05 to 1
 * @param pitch [m], 0.02 to 1
 */
public record Propeller(double diameter, double pitch) {
    private static final double BLADES = 0.07;

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
        return 0.15 + 1.05 * pitch / diameter;
    }

    /**
     * Thrust coefficient T/(ρn²D⁴).
     *
     * @param advance V/(nD) [-], any
     * @return [-]; negative when the air drives the propeller, not below −0.05
     */
    public double thrustCoefficient(double advance) {
        double still = 0.055 + 0.085 * Math.min(pitch / diameter, 0.7);
        double x = advance / zeroThrustAdvance();
        return Math.max(-0.05, still * (1 - 0.2 * x - 0.8 * x * x));
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
        return Math.max(0.003, still * (1 + 0.15 * x - 0.72 * x * x));
    }

    /**
     * Drag area of the propeller while it stands: two blades of 0.07 of the disc, set at β = atan(p/(0.75·π·D)).
     *
     * @return [m²], above 0
     */
    public double standingDragArea() {
        double tangent = pitch / (0.75 * Math.PI * diameter);
        return BLADES * Math.PI / 4 * diameter * diameter * (0.1 + 1 / (1 + tangent * tangent));
    }
}
