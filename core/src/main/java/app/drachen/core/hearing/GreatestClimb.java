package app.drachen.core.hearing;

import app.drachen.core.air.Atmosphere;
import app.drachen.core.flight.Trim;
import app.drachen.core.propulsion.Running;
import app.drachen.core.setup.Setup;
import app.drachen.core.units.Quantity;
import app.drachen.core.working.Source;
import app.drachen.core.working.Working;

/**
 * The greatest climb that an alarm must reckon with: as the pilot entered it; else what full power gives at cruise speed, and no less than
 * the limit of the modes that fly by themselves.
 */
public final class GreatestClimb {
    private GreatestClimb() {}

    /**
     * The upper end of its band.
     *
     * @return [m/s]
     */
    public static double most(Setup setup) {
        Working climb = of(setup);
        return climb.spread().map(Working.Spread::high).orElse(climb.value());
    }

    /** Of an aircraft [m/s]. */
    public static Working of(Setup setup) {
        double limit = setup.modes().limits().climbRate();
        if (setup.signals().greatestClimb().isPresent()) {
            return Working.of(
                    "SIGNALS-A2",
                    "Greatest climb",
                    Math.max(limit, setup.signals().greatestClimb().get()),
                    Quantity.CLIMB,
                    "your own figure, no less than the climb limit of the modes that fly by themselves",
                    new Source.Elementary("your own figure: fly no steeper"),
                    Working.in("entered by you", setup.signals().greatestClimb().get(), Quantity.CLIMB),
                    Working.in("climb limit", limit, Quantity.CLIMB));
        }
        double speed = setup.modes().limits().cruiseSpeed();
        double density = Atmosphere.SEA_LEVEL_DENSITY;
        boolean flies =
                !setup.controls().surfaces().isEmpty() && setup.motorPosition().isPresent();
        if (flies && Trim.level(setup, speed, density) instanceof Trim.Result.Trimmed level) {
            double full = Running.of(setup.propulsion(), 1, 0, speed, density).thrust();
            double drag = Running.of(setup.propulsion(), level.power(), 0, speed, density)
                    .thrust();
            double weight = setup.massProperties().mass() * Atmosphere.GRAVITY;
            double climb = Math.min(speed, (full - drag) * speed / weight);
            return Working.of(
                            "SIGNALS-A2",
                            "Greatest climb",
                            Math.max(limit, climb),
                            Quantity.CLIMB,
                            "the limit, or (T_full − T_level)·V/(m·g) if that is more",
                            Source.ANDERSON,
                            Working.in("climb limit", limit, Quantity.CLIMB),
                            Working.in("thrust at full power T_full", full, Quantity.FORCE),
                            Working.in("thrust in level flight T_level", drag, Quantity.FORCE),
                            Working.in("cruise speed V", speed, Quantity.SPEED),
                            Working.in("weight m·g", weight, Quantity.FORCE))
                    .within(Math.max(limit, 0.8 * climb), Math.max(limit, 1.2 * climb));
        }
        return Working.of(
                "SIGNALS-A2",
                "Greatest climb",
                limit,
                Quantity.CLIMB,
                "the limit of the modes: the model cannot fly this aircraft",
                new Source.Elementary("definition"));
    }
}
