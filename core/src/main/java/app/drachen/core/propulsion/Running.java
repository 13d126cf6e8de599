package app.drachen.core.propulsion;

/**
 * All drives running steadily at one power and airspeed.
 *
 * <p>Source: the motor model of {@link Drive} and the propeller of {@link Propeller}, ±15 % in thrust.
 *
 * @param thrust of all propellers [N]
 * @param current out of the pack [A], not negative
 * @param volts of the pack under this load [V]
 * @param lost in the windings, over what the pack gives [-], 0 to 1
 */
public record Running(double thrust, double current, double volts, double lost) {
    /**
     * Runs the drives until speed and advance ratio agree.
     *
     * @param power command [-], 0 to 1
     * @param used share of the pack that is used [-], 0 to 1
     * @param airspeed [m/s], 0 to 100
     * @param density [kg/m³], 0.5 to 1.6
     */
    public static Running of(Propulsion propulsion, double power, double used, double airspeed, double density) {
        double resting = propulsion.pack().restingVolts(used);
        double resistance = propulsion.resistanceForEach();
        double thrust = 0;
        double current = 0;
        double heat = 0;
        for (Drive drive : propulsion.drives()) {
            double diameter = drive.propeller().diameter();
            double speed = 0;
            double advance = 0;
            for (int i = 0; i < 60; i++) {
                speed = drive.shaftSpeed(power, resting, resistance, advance, density);
                double turns = Math.max(speed / (2 * Math.PI), 5);
                advance = 0.5 * (advance + airspeed / (turns * diameter));
            }
            double turns = speed / (2 * Math.PI);
            thrust += drive.propeller().thrustCoefficient(advance) * density * turns * turns * Math.pow(diameter, 4);
            double motor = drive.motorCurrent(power, resting, resistance, speed);
            current += power * motor;
            heat += motor * motor * drive.motor().resistance();
        }
        double volts = resting - current * propulsion.pack().resistance();
        double given = volts * current;
        return new Running(thrust, current, volts, given > 0 ? Math.min(1, heat / given) : 0);
    }
}
