package app.drachen.core.airframe;

import app.drachen.core.units.Quantity;
import app.drachen.core.units.Ranges;
import app.drachen.core.working.Source;
import app.drachen.core.working.Working;

/**
 * A weighing on two supports (BUILD-A6): s = (m₁s₁ + m₂s₂)/(m₁ + m₂).
 *
 * <p>Source: statics. The scale is taken as good to 1 g and the stations to 1 mm each.
 *
 * @param frontMass reading at the front support [kg], 0 to 50
 * @param frontStation its station behind the nose [m], −1 to 5
 * @param rearMass reading at the rear support [kg], 0 to 50
 * @param rearStation its station behind the nose [m], −1 to 5
 */
public record Weighing(double frontMass, double frontStation, double rearMass, double rearStation) {
    private static final double SCALE = 0.001;
    private static final double RULER = 0.001;

    public Weighing {
        Ranges.require("front reading", frontMass, 0, 50, "kg");
        Ranges.require("rear reading", rearMass, 0, 50, "kg");
        Ranges.require("front station", frontStation, -1, 5, "m");
        Ranges.require("rear station", rearStation, -1, 5, "m");
        Ranges.require("sum of the readings", frontMass + rearMass, 0.01, 100, "kg");
    }

    /**
     * @return mass [kg]
     */
    public double mass() {
        return frontMass + rearMass;
    }

    /**
     * @return centre of gravity behind the nose [m]
     */
    public double centre() {
        return (frontMass * frontStation + rearMass * rearStation) / mass();
    }

    /**
     * Half width of the band of the centre: each error by its own slope, added in squares.
     *
     * @return [m]
     */
    public double spread() {
        double span = rearStation - frontStation;
        double byFront = span * rearMass / (mass() * mass()) * SCALE;
        double byRear = span * frontMass / (mass() * mass()) * SCALE;
        double byStations = Math.hypot(frontMass / mass() * RULER, rearMass / mass() * RULER);
        return Math.sqrt(byFront * byFront + byRear * byRear + byStations * byStations);
    }

    /** The centre of gravity as a working. */
    public Working working() {
        return Working.of(
                        "BUILD-A6",
                        "CG by weighing",
                        centre(),
                        Quantity.LENGTH,
                        "s = (m₁·s₁ + m₂·s₂)/(m₁ + m₂), ±1 g and ±1 mm carried through",
                        Source.STATICS,
                        Working.in("front reading m₁", frontMass, Quantity.MASS),
                        Working.in("front station s₁", frontStation, Quantity.LENGTH),
                        Working.in("rear reading m₂", rearMass, Quantity.MASS),
                        Working.in("rear station s₂", rearStation, Quantity.LENGTH))
                .within(centre() - spread(), centre() + spread());
    }
}
