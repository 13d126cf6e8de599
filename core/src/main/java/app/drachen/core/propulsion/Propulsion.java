package app.drachen.core.propulsion;

import app.drachen.core.units.Ranges;

/**
 * Motor, propeller and pack, and how the thrust line lies.
 *
 * @param motor the motor
 * @param propeller the propeller
 * @param pack the pack
 * @param downThrust tilt of the thrust line, pulling down positive [rad], −0.3 to 0.3
 * @param rightThrust tilt of the thrust line, pulling right positive [rad], −0.3 to 0.3
 */
public record Propulsion(Motor motor, Propeller propeller, Pack pack, double downThrust, double rightThrust) {
    public Propulsion {
        Ranges.require("down thrust", downThrust, -0.3, 0.3, "rad");
        Ranges.require("right thrust", rightThrust, -0.3, 0.3, "rad");
    }

    /** The same drive on another pack. */
    public Propulsion withPack(Pack newPack) {
        return new Propulsion(motor, propeller, newPack, downThrust, rightThrust);
    }

    /**
     * Shaft speed at which motor and propeller torque balance.
     *
     * <p>Source: first-order motor model, M. Drela, "First-Order DC Electric Motor Model", 2007, and
     * the propeller of {@link Propeller}. The pack's resistance is added to the motor's, scaled by
     * power² as the speed controller chops it. Solved in closed form for a power coefficient held at
     * the given advance ratio.
     *
     * @param power command [-], 0 to 1
     * @param volts resting pack voltage [V], above 0
     * @param advance advance ratio of the last step [-], not negative
     * @param density air density [kg/m³]
     * @return shaft speed [rad/s], not negative
     */
    public double shaftSpeed(double power, double volts, double advance, double density) {
        double k = 1 / motor.speedConstant();
        double r = motor.resistance() + power * power * pack.resistance();
        double d = propeller.diameter();
        double d5 = d * d * d * d * d;
        double load = propeller.powerCoefficient(advance) * density * d5 / (8 * Math.PI * Math.PI * Math.PI);
        // k((power·U − kω)/r − I₀) = load·ω²  →  load·ω² + (k²/r)ω − k(power·U/r − I₀) = 0
        double drive = k * (power * volts / r - motor.noLoadCurrent());
        if (drive <= 0) {
            return 0;
        }
        double b = k * k / r;
        return (-b + Math.sqrt(b * b + 4 * load * drive)) / (2 * load);
    }

    /**
     * Motor current at a shaft speed.
     *
     * @param power command [-], 0 to 1
     * @param volts resting pack voltage [V]
     * @param shaftSpeed [rad/s]
     * @return current in the motor [A], not negative
     */
    public double motorCurrent(double power, double volts, double shaftSpeed) {
        double r = motor.resistance() + power * power * pack.resistance();
        return Math.max(0, (power * volts - shaftSpeed / motor.speedConstant()) / r);
    }
}
