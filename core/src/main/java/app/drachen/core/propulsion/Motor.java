package app.drachen.core.propulsion;

import app.drachen.core.units.Ranges;

/**
 * A brushless motor by its data-sheet constants.
 *
 * @param speedConstant angular speed per volt [rad/(s V)], 10 to 1 000
 * @param resistance of motor, speed controller and leads [Ω], 0.002 to 2
 * @param noLoadCurrent [A], 0 to 10
 */
public record Motor(double speedConstant, double resistance, double noLoadCurrent) {
    public Motor {
        Ranges.require("motor speed constant", speedConstant, 10, 1_000, "rad/(s V)");
        Ranges.require("motor resistance", resistance, 0.002, 2, "Ω");
        Ranges.require("no-load current", noLoadCurrent, 0, 10, "A");
    }
}
