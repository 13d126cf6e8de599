package app.drachen.core.airframe;

import app.drachen.core.units.Quantity;
import app.drachen.core.units.Ranges;
import app.drachen.core.working.Working;
import java.util.ArrayList;
import java.util.List;

/**
 * What a weighing found, beside what the parts list said at that time. Mass and centre of gravity follow the weighing; when
 * a part moves afterwards, the difference that was found is carried along.
 *
 * <p>Source: statics; the difference is a mass at its own station. Inertias grow with the mass, which is an own estimate.
 *
 * @param mass weighed [kg], 0.01 to 100
 * @param aft centre of gravity behind the nose, weighed [m], −1 to 5
 * @param computedMass of the parts list when it was weighed [kg], above 0
 * @param computedAft centre of gravity of the parts list then, behind the nose [m], −5 to 10
 */
public record MeasuredBalance(double mass, double aft, double computedMass, double computedAft) {
    /** A difference of more than half the mass is another aircraft. */
    private static final double MOST = 0.5;

    public MeasuredBalance {
        Ranges.require("weighed mass", mass, 0.01, 100, "kg");
        Ranges.require("weighed centre of gravity", aft, -1, 5, "m");
        Ranges.require("computed mass", computedMass, 0.001, 500, "kg");
        Ranges.require("computed centre of gravity", computedAft, -5, 10, "m");
        if (Math.abs(mass - computedMass) > MOST * computedMass) {
            throw new IllegalArgumentException("the scale differs by more than half from the parts list; correct the"
                    + " parts first, or the reading");
        }
    }

    /** A weighing, with what the parts list says now. */
    public static MeasuredBalance of(Weighing weighing, MassProperties computed) {
        return new MeasuredBalance(
                weighing.mass(),
                weighing.centre(),
                computed.mass(),
                computed.centre().aft());
    }

    /**
     * Mass that the parts list lacks.
     *
     * @return [kg], negative where it has too much
     */
    public double extraMass() {
        return mass - computedMass;
    }

    /**
     * Moment about the nose that the parts list lacks.
     *
     * @return [kg m]
     */
    public double extraMoment() {
        return mass * aft - computedMass * computedAft;
    }

    /** The balance of a parts list as it is now, with the difference that was found. */
    public MassProperties carriedTo(MassProperties computed) {
        double whole = computed.mass() + extraMass();
        if (whole < (1 - MOST) * computed.mass()) {
            // most of it was taken off since: the weighing says nothing about what is left
            return computed;
        }
        double station = (computed.mass() * computed.centre().aft() + extraMoment()) / whole;
        double grown = whole / computed.mass();
        return new MassProperties(
                whole,
                new Position(
                        station, computed.centre().right(), computed.centre().up()),
                computed.rollInertia() * grown,
                computed.pitchInertia() * grown,
                computed.yawInertia() * grown,
                computed.productInertia() * grown);
    }

    /** What the mass is reckoned with. */
    List<Working.Input> massInputs() {
        return List.of(
                Working.in("weighed M_w", mass, Quantity.MASS),
                Working.in("parts list at the weighing M₀", computedMass, Quantity.MASS));
    }

    /** What mass and centre are reckoned with. */
    List<Working.Input> inputs() {
        List<Working.Input> inputs = new ArrayList<>(massInputs());
        inputs.add(Working.in("weighed CG behind the nose s_w", aft, Quantity.LENGTH));
        inputs.add(Working.in("CG of the parts list at the weighing s₀", computedAft, Quantity.LENGTH));
        return inputs;
    }
}
