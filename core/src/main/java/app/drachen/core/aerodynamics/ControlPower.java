package app.drachen.core.aerodynamics;

import app.drachen.core.airframe.ControlChord;
import app.drachen.core.airframe.Planform;
import app.drachen.core.airframe.Tail;
import app.drachen.core.airframe.Wing;
import app.drachen.core.controls.Axis;
import app.drachen.core.controls.Output;
import app.drachen.core.setup.Setup;
import app.drachen.core.units.Quantity;
import app.drachen.core.working.Source;
import app.drachen.core.working.Working;

/**
 * What the ailerons (or elevons) do.
 *
 * <p>Source: R. C. Nelson, Flight Stability and Automatic Control, 1998; moment and damping from {@link Derivatives}, which agree
 * with a vortex lattice within 4 %. The rate is that of a roll without yaw; flown, the slip that comes with it takes 10 to 30 %
 * away, on a wing without a tail 15 to 50 % (measured on the flight model); flaps on real sections are good to 10 % (own estimate).
 */
public final class ControlPower {
    private static final double SLIPPED = 0.65;
    private static final double SLIPPED_TAILLESS = 0.5;
    private static final double MOST = 1.1;

    private ControlPower() {}

    /**
     * Roll damping C_lp.
     *
     * @return [1/rad], negative
     */
    public static double rollDamping(Setup setup) {
        return Derivatives.flown(setup).at(Derivative.ROLL_RATE);
    }

    /**
     * Roll by its control, C_lδ.
     *
     * @return per radian of one aileron, the other the opposite way [1/rad]; 0 without ailerons
     */
    public static double rollPower(Setup setup) {
        return Derivatives.flown(setup).at(Derivative.ROLL_CONTROL);
    }

    /**
     * Chord at a distance from the middle.
     *
     * @param wing the wing
     * @param y distance [m], not negative
     * @return chord [m]
     */
    public static double chordAt(Wing wing, double y) {
        return ControlChord.chordAt(wing, y);
    }

    /**
     * Steady roll rate at full stick (THROWS-A9): p = (2V/b)·x, x where the rolling moment of the strips is 0; for small throws x is
     * δ·C_lδ/−C_lp.
     *
     * @param setup the aircraft
     * @param speed airspeed [m/s], 1 to 100
     * @return roll rate as a working; 0 without ailerons
     */
    public static Working rollRate(Setup setup, double speed) {
        Planform planform = setup.planform();
        Derivatives flown = Derivatives.flown(setup);
        double tip = Derivatives.steadyRoll(setup);
        double rate = 2 * speed / planform.span() * tip;
        double low = setup.airframe().tail() instanceof Tail.None ? SLIPPED_TAILLESS : SLIPPED;
        return Working.of(
                        "THROWS-A9",
                        "Roll rate at full stick",
                        rate,
                        Quantity.ANGULAR_RATE,
                        "p = (2V/b)·x; x, the tip's angle, where the strips' rolling moment is 0: δ·C_lδ/−C_lp, less what flaps lose beyond 15° and near the stall",
                        Source.NELSON,
                        Working.in("airspeed V", speed, Quantity.SPEED),
                        Working.in("span b", planform.span(), Quantity.SPAN),
                        Working.in("angle of the tip x", tip, Quantity.ANGLE),
                        Working.in("roll power C_lδ", flown.at(Derivative.ROLL_CONTROL), Quantity.PER_RADIAN),
                        Working.in("roll damping C_lp", flown.at(Derivative.ROLL_RATE), Quantity.NUMBER),
                        Working.in("mean deflection δ at full stick", fullDeflection(setup, Axis.ROLL), Quantity.ANGLE))
                .within(low * rate, MOST * rate);
    }

    /**
     * Mean deflection without sign of the surfaces that answer full stick on one axis.
     *
     * @return [rad], not negative; 0 if none answers
     */
    public static double fullDeflection(Setup setup, Axis axis) {
        double rate =
                switch (axis) {
                    case ROLL -> setup.controls().rates().roll();
                    case PITCH -> setup.controls().rates().pitch();
                    case YAW -> setup.controls().rates().yaw();
                    case POWER -> 0;
                };
        double sum = 0;
        int n = 0;
        for (Output output : setup.controls().surfaces()) {
            double share = output.mix().share(axis) * rate;
            if (share != 0) {
                double up = output.deflection(output.pulse(share));
                double down = output.deflection(output.pulse(-share));
                sum += Math.abs(up - down) / 2;
                n++;
            }
        }
        return n == 0 ? 0 : sum / n;
    }
}
