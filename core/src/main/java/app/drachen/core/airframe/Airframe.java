package app.drachen.core.airframe;

import app.drachen.core.units.Ranges;

/**
 * The drawn airframe and the masses of its structure.
 *
 * @param wing the wing
 * @param tail the tail
 * @param body the body
 * @param wingMass bare wing with its servos left out [kg], above 0 to 20
 * @param tailMass bare tail, 0 if it is part of the wing [kg], 0 to 5
 * @param bodyMass bare body [kg], above 0 to 20
 */
public record Airframe(Wing wing, Tail tail, Body body, double wingMass, double tailMass, double bodyMass) {
    public Airframe {
        Ranges.require("wing mass", wingMass, 1e-3, 20, "kg");
        Ranges.require("tail mass", tailMass, 0, 5, "kg");
        Ranges.require("body mass", bodyMass, 1e-3, 20, "kg");
    }

    /** The same airframe with another wing. */
    public Airframe withWing(Wing newWing) {
        return new Airframe(newWing, tail, body, wingMass, tailMass, bodyMass);
    }

    /** The same airframe with another tail. */
    public Airframe withTail(Tail newTail) {
        return new Airframe(wing, newTail, body, wingMass, tailMass, bodyMass);
    }

    /** The same airframe with another body. */
    public Airframe withBody(Body newBody) {
        return new Airframe(wing, tail, newBody, wingMass, tailMass, bodyMass);
    }

    /**
     * The same airframe with other structural masses.
     *
     * @param newWingMass [kg]
     * @param newTailMass [kg]
     * @param newBodyMass [kg]
     */
    public Airframe withMasses(double newWingMass, double newTailMass, double newBodyMass) {
        return new Airframe(wing, tail, body, newWingMass, newTailMass, newBodyMass);
    }

    /**
     * Incidence of the wing's root minus that of the tailplane or V-tail; 0 without one.
     *
     * @return as drawn, nose up positive [rad]
     */
    public double incidenceDifference() {
        return tail.match(
                t -> wing.incidence() - t.plane().incidence(),
                t -> wing.incidence() - t.panel().incidence(),
                t -> 0.0);
    }

    /** How the kind is called on the shelf. */
    public String kind() {
        if (tail instanceof Tail.None) {
            return "Flying wing";
        }
        return tail instanceof Tail.Vee vee ? (vee.inverted() ? "Inverted V-tail" : "V-tail") : "Conventional";
    }
}
