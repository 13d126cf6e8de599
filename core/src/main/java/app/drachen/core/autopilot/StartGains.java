package app.drachen.core.autopilot;

import app.drachen.core.aerodynamics.ControlPower;
import app.drachen.core.air.Atmosphere;
import app.drachen.core.airframe.Planform;
import app.drachen.core.flight.Aircraft;
import app.drachen.core.flight.Trim;
import app.drachen.core.setup.Gains;
import app.drachen.core.setup.Setup;

/**
 * First gains from size and speed of the aircraft (TUNE-A5): K from the roll rate at full throw, T
 * = 4I_x/(ρ·V·S·b²·|C_lp|), then half of the gain of S. Skogestad, "Simple analytic rules for model
 * reduction and PID controller tuning", 2003: K_c = T/(K(τ_c + θ)), with τ_c = 2θ and a delay θ of
 * at least 0.06 s.
 *
 * <p>Source: R. C. Nelson 1998 for the roll mode; pitch from the strip model's own answer to a
 * small command. Own estimate, ±40 %.
 */
public final class StartGains {
    private static final double DELAY = 0.06;

    private StartGains() {}

    /** Gains for an aircraft at its cruise speed. */
    public static Gains of(Setup setup) {
        double speed = setup.modes().limits().cruiseSpeed();
        double density = Atmosphere.SEA_LEVEL_DENSITY;
        Planform planform = setup.planform();
        double k = Math.max(0.5, fullCommandRollRate(setup, speed));
        double t = 4
                * setup.massProperties().rollInertia()
                / (density
                        * speed
                        * planform.area()
                        * planform.span()
                        * planform.span()
                        * -ControlPower.rollDamping(setup));
        double roll = rateGain(k, t);
        double forward = forwardGain(k);
        PitchAnswer answer = PitchAnswer.of(setup, speed, density);
        // over the short time pitch rate answers like an integrator with q̇ per command
        double pitch = clampGain(0.5 / (answer.perCommand() * 3 * DELAY));
        return new Gains(
                new Gains.AxisGains(3.0, clampGain(roll), integralGain(forward), forward),
                new Gains.AxisGains(
                        3.0,
                        pitch,
                        Math.max(3 * pitch, integralGain(0.8 * answer.commandPerRate())),
                        clampGain(0.8 * answer.commandPerRate())),
                0.1,
                0.3,
                0.02,
                0.06,
                Math.max(1.8, 0.2 * speed));
    }

    /**
     * Rate gain of an axis that answers as K/(Ts + 1).
     *
     * @param k [rad/s per command]
     * @param t [s]
     * @return [1/(rad/s)]
     */
    static double rateGain(double k, double t) {
        return clampGain(0.5 * t / (k * 3 * DELAY));
    }

    /** Command per wanted rate [1/(rad/s)]: four fifths of what would just do. */
    static double forwardGain(double k) {
        return clampGain(0.8 / k);
    }

    /** Command per accumulated rate error [1/rad]: what the forward gain misses is made good with a time of 0.6 s. */
    static double integralGain(double forward) {
        return clampGain(2 * forward);
    }

    private static double clampGain(double gain) {
        return Math.max(0.01, Math.min(2, gain));
    }

    private static double fullCommandRollRate(Setup setup, double speed) {
        double atRate = ControlPower.rollRate(setup, speed).value();
        return atRate / setup.controls().rates().roll();
    }

    /**
     * How pitch answers, by small changes in the strip model.
     *
     * @param perCommand pitch acceleration per unit of command [rad/s²], above 0
     * @param commandPerRate command that holds a steady pull-up of 1 rad/s [-], not negative
     */
    record PitchAnswer(double perCommand, double commandPerRate) {
        static PitchAnswer of(Setup setup, double speed, double density) {
            double alpha =
                    Trim.level(setup, speed, density) instanceof Trim.Result.Trimmed trimmed ? trimmed.alpha() : 0.05;
            double[] low = accelerations(setup, speed, density, alpha, 0, -0.2);
            double[] high = accelerations(setup, speed, density, alpha, 0, 0.2);
            double perCommand = Math.max(1, Math.abs(high[4] - low[4]) / 0.4);
            double[] still = accelerations(setup, speed, density, alpha, 0, 0);
            double[] turning = accelerations(setup, speed, density, alpha, 0.3, 0);
            double[] pitched = accelerations(setup, speed, density, alpha + 0.02, 0, 0);
            double perRate = (turning[4] - still[4]) / 0.3;
            double perAlpha = (pitched[4] - still[4]) / 0.02;
            double liftPerAlpha = -(pitched[2] - still[2]) / 0.02;
            // steady pull-up: lift turns the path, V·q = L_α·Δα/m, and the moments balance
            double alphaPerRate = speed / Math.max(1, liftPerAlpha);
            double needed = -(perRate + perAlpha * alphaPerRate) / perCommand;
            return new PitchAnswer(perCommand, Math.max(0, needed));
        }
    }

    private static double[] accelerations(
            Setup setup, double speed, double density, double alpha, double rate, double command) {
        Aircraft aircraft = new Aircraft(setup);
        double[] pulses = setup.controls().outputs().stream()
                .mapToDouble(o -> o.pulse(o.mix().mix(0, command, 0, 0)))
                .toArray();
        aircraft.place(0, 0, 100, 0, alpha, 0, speed);
        aircraft.move(speed * Math.cos(alpha), 0, speed * Math.sin(alpha), 0, rate, 0);
        aircraft.settle(pulses, density, speed);
        return aircraft.accelerations(0, 0, 0, density);
    }
}
