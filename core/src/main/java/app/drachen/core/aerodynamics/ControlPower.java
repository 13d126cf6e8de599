package app.drachen.core.aerodynamics;

import app.drachen.core.airframe.Flap;
import app.drachen.core.airframe.Planform;
import app.drachen.core.airframe.Wing;
import app.drachen.core.airframe.WingPanel;
import app.drachen.core.controls.Axis;
import app.drachen.core.controls.Output;
import app.drachen.core.setup.Setup;
import app.drachen.core.units.Quantity;
import app.drachen.core.working.Source;
import app.drachen.core.working.Working;

/**
 * What the ailerons (or elevons) do.
 *
 * <p>Source: R. C. Nelson, Flight Stability and Automatic Control, 1998; H. Glauert 1927. Strip theory: damping and power
 * are both 25 to 70 % too large, since the downwash of a wing that rolls is left out (see the planforms in the sources of
 * formulas); their ratio, and so the roll rate, is good to ±25 %.
 */
public final class ControlPower {
    private ControlPower() {}

    /**
     * Roll damping C_lp = −(a/12)(1 + 3λ)/(1 + λ).
     *
     * @return [-], negative
     */
    public static double rollDamping(Planform planform) {
        double taper = planform.taper();
        return -LiftingSurface.slope(planform) / 12 * (1 + 3 * taper) / (1 + taper);
    }

    /**
     * Aileron effectiveness C_lδ = (2aτ/(S·b))·∫c·y dy over the aileron.
     *
     * @return per radian of one aileron, the other the opposite way [1/rad]; 0 without ailerons
     */
    public static double rollPower(Wing wing) {
        if (wing.aileron().isEmpty()) {
            return 0;
        }
        Flap flap = wing.aileron().get();
        Planform planform = Planform.of(wing);
        double half = planform.span() / 2;
        int steps = 400;
        double integral = 0;
        for (int i = 0; i < steps; i++) {
            double y = half * (flap.from() + (flap.to() - flap.from()) * (i + 0.5) / steps);
            integral += chordAt(wing, y) * y;
        }
        integral *= half * (flap.to() - flap.from()) / steps;
        return 2
                * LiftingSurface.slope(planform)
                * LiftingSurface.flapEffectiveness(flap.chordRatio())
                * integral
                / (planform.area() * planform.span());
    }

    /**
     * Chord at a distance from the middle.
     *
     * @param wing the wing
     * @param y distance [m], not negative
     * @return chord [m]
     */
    public static double chordAt(Wing wing, double y) {
        double inner = 0;
        WingPanel last = wing.panels().get(0);
        for (WingPanel panel : wing.panels()) {
            last = panel;
            if (y <= inner + panel.length()) {
                double share = (y - inner) / panel.length();
                return panel.rootChord() + share * (panel.tipChord() - panel.rootChord());
            }
            inner += panel.length();
        }
        return last.tipChord();
    }

    /**
     * Steady roll rate at full stick (THROWS-A9): p = (2V/b)(C_lδ/−C_lp)·δ.
     *
     * @param setup the aircraft
     * @param speed airspeed [m/s], 1 to 100
     * @return roll rate as a working; 0 without ailerons
     */
    public static Working rollRate(Setup setup, double speed) {
        Planform planform = setup.planform();
        double deflection = fullDeflection(setup, Axis.ROLL);
        double power = rollPower(setup.airframe().wing());
        double rate = 2 * speed / planform.span() * power / -rollDamping(planform) * deflection;
        return Working.of(
                        "THROWS-A9",
                        "Roll rate at full stick",
                        rate,
                        Quantity.ANGULAR_RATE,
                        "p = (2V/b)·(C_lδ/−C_lp)·δ",
                        Source.NELSON,
                        Working.in("airspeed V", speed, Quantity.SPEED),
                        Working.in("span b", planform.span(), Quantity.SPAN),
                        Working.in("aileron power C_lδ", power, Quantity.PER_RADIAN),
                        Working.in("roll damping C_lp", rollDamping(planform), Quantity.NUMBER),
                        Working.in("deflection δ at full stick", deflection, Quantity.ANGLE))
                .within(Math.min(0.75 * rate, 1.25 * rate), Math.max(0.75 * rate, 1.25 * rate));
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
