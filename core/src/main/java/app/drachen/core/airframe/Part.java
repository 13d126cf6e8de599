package app.drachen.core.airframe;

import app.drachen.core.units.Ranges;

/**
 * Something that is fitted to the airframe.
 *
 * @param name unique name within the aircraft
 * @param kind what it is
 * @param mass [kg], above 0 to 50
 * @param position where its centre of mass lies
 */
public record Part(String name, PartKind kind, double mass, Position position) {
    public Part {
        Ranges.requireText("part name", name);
        Ranges.require("mass of " + name, mass, 1e-4, 50, "kg");
    }

    /** The same part elsewhere. */
    public Part at(Position newPosition) {
        return new Part(name, kind, mass, newPosition);
    }

    /**
     * The same part, heavier or lighter.
     *
     * @param newMass [kg], above 0 to 50
     */
    public Part withMass(double newMass) {
        return new Part(name, kind, newMass, position);
    }
}
