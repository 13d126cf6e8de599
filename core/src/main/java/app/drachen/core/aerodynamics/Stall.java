package app.drachen.core.aerodynamics;

import static app.drachen.core.air.Atmosphere.GRAVITY;

import app.drachen.core.airframe.Flap;
import app.drachen.core.airframe.Planform;
import app.drachen.core.airframe.Section;
import app.drachen.core.airframe.Tail;
import app.drachen.core.airframe.Wing;
import app.drachen.core.airframe.WingPanel;
import app.drachen.core.setup.Setup;
import app.drachen.core.units.Quantity;
import app.drachen.core.working.Source;
import app.drachen.core.working.Working;

/**
 * Stall speed from mass, area and section data (BUILD-A8): Vs = √(2Mg/(ρ·S·CLmax)), banked Vs·√n.
 *
 * <p>Source: J. D. Anderson, Introduction to Flight, 2016; CLmax = 0.9·c_lmax·cos Λ¼ after D. P.
 * Raymer, Aircraft Design, 2018. The band comes from the section data. A tailless aircraft pays for its raised elevons.
 *
 * @param mass [kg]
 * @param area [m²]
 * @param density [kg/m³]
 * @param lift CLmax of the wing [-]
 * @param liftSpread how far it may be off either way [-]
 */
public record Stall(double mass, double area, double density, double lift, double liftSpread) {
    static final double WING_SHARE = 0.9;

    /**
     * Stall of a set-up.
     *
     * @param setup the aircraft
     * @param density air density [kg/m³], 0.5 to 1.6
     */
    public static Stall of(Setup setup, double density) {
        Planform planform = setup.planform();
        Section section = setup.airframe().wing().section();
        double factor = WING_SHARE * Math.cos(planform.quarterChordSweep()) / elevonLoss(setup);
        return new Stall(
                setup.massProperties().mass(),
                planform.area(),
                density,
                factor * section.maximumLift(),
                factor * section.maximumLiftSpread());
    }

    /**
     * What raised elevons cost a tailless aircraft: they press down with L·SM·c̄/l to balance the lift, so that C_Lmax is
     * divided by 1 + SM·c̄/l, l from the CG to where the elevons' lift acts, at 0.44 of the chord there (thin section with a
     * quarter-chord flap, H. Glauert 1927).
     *
     * @return [-], 1 for an aircraft with a tail
     */
    private static double elevonLoss(Setup setup) {
        Wing wing = setup.airframe().wing();
        if (!(setup.airframe().tail() instanceof Tail.None) || wing.aileron().isEmpty()) {
            return 1;
        }
        Balance balance = Balance.of(setup);
        Planform planform = balance.planform();
        Flap flap = wing.aileron().get();
        double y = planform.span() / 2 * (flap.from() + flap.to()) / 2;
        double station = wing.rootLeadingEdge() + sweptBack(wing, y) + 0.44 * ControlPower.chordAt(wing, y);
        double arm = station - balance.mass().centre().aft();
        double margin = Math.max(0, balance.margin());
        return 1 + Math.min(0.5, margin * planform.meanChord() / Math.max(arm, planform.meanChord() / 10));
    }

    /** How far the leading edge lies behind that of the middle [m]. */
    private static double sweptBack(Wing wing, double y) {
        double inner = 0;
        double aft = 0;
        for (WingPanel panel : wing.panels()) {
            double along = Math.max(0, Math.min(panel.length(), y - inner));
            aft += along * Math.tan(panel.sweep());
            inner += panel.length();
        }
        return aft;
    }

    /**
     * @return level stall speed [m/s]
     */
    public double speed() {
        return at(lift);
    }

    private double at(double maximumLift) {
        return Math.sqrt(2 * mass * GRAVITY / (density * area * maximumLift));
    }

    /**
     * @return lower bound of the stall speed [m/s]
     */
    public double low() {
        return at(lift + liftSpread);
    }

    /**
     * @return upper bound of the stall speed [m/s]
     */
    public double high() {
        return at(lift - liftSpread);
    }

    /** Level stall speed as a working. */
    public Working working() {
        return Working.of(
                        "BUILD-A8",
                        "Stall, level",
                        speed(),
                        Quantity.SPEED,
                        "Vs = √(2·M·g/(ρ·S·CLmax)), CLmax = 0.9·c_lmax·cos Λ¼; tailless: over 1 + SM·c̄/l",
                        Source.ANDERSON,
                        Working.in("mass M", mass, Quantity.MASS),
                        Working.in("wing area S", area, Quantity.AREA),
                        Working.in("air density ρ", density, Quantity.DENSITY),
                        Working.in("CLmax", lift, Quantity.NUMBER))
                .within(low(), high());
    }

    /** Wing loading as a working. */
    public Working loading() {
        return Working.of(
                "BUILD-A8",
                "Wing loading",
                mass / area,
                Quantity.WING_LOADING,
                "M/S",
                Source.ANDERSON,
                Working.in("mass M", mass, Quantity.MASS),
                Working.in("wing area S", area, Quantity.AREA));
    }
}
