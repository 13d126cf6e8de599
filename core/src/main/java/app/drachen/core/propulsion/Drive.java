package app.drachen.core.propulsion;

import app.drachen.core.units.Ranges;

/**
 * A motor with its propeller, and how its thrust line lies.
 *
 * @param motor the motor
 * @param propeller the propeller
 * @param turn which way it turns
 * @param downThrust tilt of the thrust line, pulling down positive [rad], −0.3 to 0.3
 * @param rightThrust tilt of the thrust line, pulling right positive [rad], −0.3 to 0.3
 */
public record Drive(Motor motor, Propeller propeller, Turn turn, double downThrust, double rightThrust) {
    /** Which way a propeller turns, seen from behind. */
    public enum Turn {
        CLOCKWISE(1),
        COUNTERCLOCKWISE(-1);

        private final int sign;

        Turn(int sign) {
            this.sign = sign;
        }

        /** +1 where its torque rolls the airframe to the left. */
        public int sign() {
            return sign;
        }
    }

    public Drive {
        Ranges.require("down thrust", downThrust, -0.3, 0.3, "rad");
        Ranges.require("right thrust", rightThrust, -0.3, 0.3, "rad");
    }

    /** A drive straight ahead that turns clockwise. */
    public static Drive straight(Motor motor, Propeller propeller) {
        return new Drive(motor, propeller, Turn.CLOCKWISE, 0, 0);
    }

    /**
     * The same drive with another tilt up or down.
     *
     * @param tilt pulling down positive [rad]
     */
    public Drive withDownThrust(double tilt) {
        return new Drive(motor, propeller, turn, tilt, rightThrust);
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
     * @param packResistance that this motor sees: the pack's, times the motors that draw from it alike [Ω]
     * @param advance advance ratio of the last step [-], not negative
     * @param density air density [kg/m³]
     * @return shaft speed [rad/s], not negative
     */
    public double shaftSpeed(double power, double volts, double packResistance, double advance, double density) {
        double k = 1 / motor.speedConstant();
        double r = motor.resistance() + power * power * packResistance;
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
     * @param packResistance that this motor sees [Ω]
     * @param shaftSpeed [rad/s]
     * @return current in the motor [A], not negative
     */
    public double motorCurrent(double power, double volts, double packResistance, double shaftSpeed) {
        double r = motor.resistance() + power * power * packResistance;
        return Math.max(0, (power * volts - shaftSpeed / motor.speedConstant()) / r);
    }
}
