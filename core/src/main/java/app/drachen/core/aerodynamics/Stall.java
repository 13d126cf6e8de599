package app.drachen.core.aerodynamics;

import static app.drachen.core.air.Atmosphere.GRAVITY;

import app.drachen.core.airframe.Planform;
import app.drachen.core.airframe.Section;
import app.drachen.core.setup.Setup;
import app.drachen.core.units.Quantity;
import app.drachen.core.working.Source;
import app.drachen.core.working.Working;

/**
 * Stall speed from mass, area and section data (BUILD-A8): Vs = √(2Mg/(ρ·S·CLmax)), banked Vs·√n.
 *
 * <p>Source: J. D. Anderson, Introduction to Flight, 2016; CLmax = 0.9·c_lmax·cos Λ¼ after D. P.
 * Raymer, Aircraft Design, 2018. The band comes from the section data.
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
        double factor = WING_SHARE * Math.cos(planform.quarterChordSweep());
        return new Stall(
                setup.massProperties().mass(),
                planform.area(),
                density,
                factor * section.maximumLift(),
                factor * section.maximumLiftSpread());
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
                        "Vs = √(2·M·g/(ρ·S·CLmax)), CLmax = 0.9·c_lmax·cos Λ¼",
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
