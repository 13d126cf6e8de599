package app.drachen.core.flight;

import static app.drachen.core.air.Atmosphere.GRAVITY;

import app.drachen.core.aerodynamics.Stall;
import app.drachen.core.propulsion.Running;
import app.drachen.core.setup.Setup;
import app.drachen.core.units.Quantity;
import app.drachen.core.working.Source;
import app.drachen.core.working.Working;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * What motor and pack give this aircraft: thrust to weight, full-power current, climb, endurance, and the throw it needs.
 *
 * <p>Source: the motor model of {@link Running}, ±15 % in thrust; drag from the strip model's level flight at cruise.
 */
public final class PowerSheet {
    /** Share of the pack used when thrust and climb are reckoned: neither full nor empty. */
    static final double USED = 0.3;

    /** Share of the pack that a flight may use; common practice. */
    static final double USABLE = 0.7;

    /** Height of the hand at release [m]. */
    private static final double RELEASE = 1.8;

    static final double SPREAD = 0.15;

    private final Setup setup;
    private final double density;
    private final Optional<Trim.Result.Trimmed> cruise;

    private PowerSheet(Setup setup, double density) {
        this.setup = setup;
        this.density = density;
        cruise = Trim.level(setup, speed(setup), density) instanceof Trim.Result.Trimmed t
                ? Optional.of(t)
                : Optional.empty();
    }

    private static double speed(Setup setup) {
        return setup.modes().limits().cruiseSpeed();
    }

    /**
     * What can be said; a glider has nothing of it, and without level flight at cruise speed there is neither climb nor
     * endurance.
     *
     * @param density air density of the field [kg/m³], 0.5 to 1.6
     */
    public static List<Working> of(Setup setup, double density) {
        List<Working> sheet = new ArrayList<>();
        if (!setup.propulsion().drives().isEmpty()) {
            PowerSheet sums = new PowerSheet(setup, density);
            sheet.add(thrustToWeight(setup, density));
            sheet.add(fullPowerCurrent(setup, density));
            sums.climb().ifPresent(sheet::add);
            sums.endurance().ifPresent(sheet::add);
            sums.leastThrow().ifPresent(sheet::add);
        }
        return sheet;
    }

    /**
     * Static thrust over weight (BUILD-A15).
     *
     * @param density [kg/m³], 0.5 to 1.6
     */
    public static Working thrustToWeight(Setup setup, double density) {
        double thrust = Running.of(setup.propulsion(), 1, USED, 0, density).thrust();
        double mass = setup.massProperties().mass();
        return spread(Working.of(
                "BUILD-A15",
                "Static thrust over weight",
                thrust / (mass * GRAVITY),
                Quantity.NUMBER,
                "T/W = T/(M·g), the pack 30 % used",
                Source.ANDERSON,
                Working.in("static thrust T", thrust, Quantity.FORCE),
                Working.in("mass M", mass, Quantity.MASS)));
    }

    /**
     * Full-power current, with a full pack (HARNESS-A12).
     *
     * @param density [kg/m³], 0.5 to 1.6
     */
    public static Working fullPowerCurrent(Setup setup, double density) {
        Running full = Running.of(setup.propulsion(), 1, 0, 0, density);
        return spread(Working.of(
                "HARNESS-A12",
                "Full-power current",
                full.current(),
                Quantity.CURRENT,
                "motor torque = propeller torque; I = (U − ω/k_v)/R, standing, full pack",
                Source.ANDERSON,
                Working.in("volts under load", full.volts(), Quantity.VOLTAGE),
                Working.in("lost as heat in the windings", full.lost(), Quantity.SHARE)));
    }

    private static Working spread(Working working) {
        return working.within((1 - SPREAD) * working.value(), (1 + SPREAD) * working.value());
    }

    private double drag(Trim.Result.Trimmed level) {
        return Running.of(setup.propulsion(), level.power(), 0, speed(setup), density)
                .thrust();
    }

    private Optional<Working> climb() {
        return cruise.map(level -> {
            double speed = speed(setup);
            double mass = setup.massProperties().mass();
            double thrust =
                    Running.of(setup.propulsion(), 1, USED, speed, density).thrust();
            double drag = drag(level);
            double climb = speed * (thrust - drag) / (mass * GRAVITY);
            double off = SPREAD * speed * thrust / (mass * GRAVITY);
            return Working.of(
                            "BUILD-A15",
                            "Climb at full power",
                            climb,
                            Quantity.CLIMB,
                            "ḣ = V·(T − D)/(M·g) at cruise speed",
                            Source.ANDERSON,
                            Working.in("airspeed V", speed, Quantity.SPEED),
                            Working.in("thrust at that speed T", thrust, Quantity.FORCE),
                            Working.in("drag in level flight D", drag, Quantity.FORCE),
                            Working.in("mass M", mass, Quantity.MASS))
                    .within(climb - off, climb + off);
        });
    }

    private Optional<Working> endurance() {
        return cruise.filter(level -> level.current() > 0).map(level -> {
            double capacity = setup.propulsion().pack().capacity();
            double time = USABLE * capacity / level.current();
            return spread(Working.of(
                    "BUILD-A12",
                    "Endurance at cruise",
                    time,
                    Quantity.DURATION,
                    "t = u·C/I, in still air",
                    Source.COMMON_PRACTICE,
                    Working.in("usable share u", USABLE, Quantity.SHARE),
                    Working.in("capacity C", capacity, Quantity.CHARGE),
                    Working.in("current in level flight I", level.current(), Quantity.CURRENT)));
        });
    }

    /**
     * How long the usable part of the pack lasts at cruise (BUILD-A12), if it flies level at cruise speed by a motor.
     *
     * @param density [kg/m³], 0.5 to 1.6
     */
    public static Optional<Working> endurance(Setup setup, double density) {
        return setup.propulsion().drives().isEmpty() ? Optional.empty() : new PowerSheet(setup, density).endurance();
    }

    private Optional<Working> leastThrow() {
        return cruise.map(level ->
                leastThrow(setup, density, drag(level) / (setup.massProperties().mass() * GRAVITY)));
    }

    /**
     * The airspeed that a throw by hand needs (BUILD-A11), if it flies level at cruise speed at all.
     *
     * @param density [kg/m³], 0.5 to 1.6
     */
    public static Optional<Working> leastThrow(Setup setup, double density) {
        return new PowerSheet(setup, density).leastThrow();
    }

    private static Working leastThrow(Setup setup, double density, double drag) {
        double stall = Stall.of(setup, density).speed();
        double thrust = thrustToWeight(setup, density).value();
        return spread(Working.of(
                "BUILD-A11",
                "Least throw by hand",
                HandThrow.least(stall, thrust, drag, RELEASE),
                Quantity.SPEED,
                "smallest V₀ that loses half the release height",
                new Source.OwnEstimate("±15 %"),
                Working.in("stall speed Vs", stall, Quantity.SPEED),
                Working.in("static thrust over weight T/W", thrust, Quantity.NUMBER),
                Working.in("drag over lift D/L", drag, Quantity.NUMBER),
                Working.in("release height", RELEASE, Quantity.SPAN)));
    }
}
