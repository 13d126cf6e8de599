package app.drachen.core.aerodynamics;

import java.util.List;

/**
 * A straight-edged piece of a lifting surface for {@link Lattice}, on one side of the aircraft.
 *
 * @param aft station of the leading edge at its inner end [m]
 * @param right of the middle, at its inner end [m]
 * @param up at its inner end [m]
 * @param length along the surface [m], above 0
 * @param side 1 outwards to the right, −1 to the left
 * @param dihedral of the surface; π/2 stands up [rad]
 * @param rootChord [m], above 0
 * @param tipChord [m], above 0
 * @param sweep of the leading edge [rad]
 * @param rootAngle incidence at its inner end, against the zero-lift line [rad]
 * @param tipAngle incidence at its outer end [rad]
 * @param hinges flaps on it
 * @param freeEnd whether its outer end is a tip, where the lattice stops a quarter of a piece short
 * @param across pieces along its length, 1 or more
 * @param along pieces along its chord, 2 or more
 * @param surface number of the surface it is part of: another surface's vortices pass it with a core, for they do not end between its
 *     pieces
 */
record Sheet(
        double aft,
        double right,
        double up,
        double length,
        int side,
        double dihedral,
        double rootChord,
        double tipChord,
        double sweep,
        double rootAngle,
        double tipAngle,
        List<Hinge> hinges,
        boolean freeEnd,
        int across,
        int along,
        int surface) {
    Sheet {
        hinges = List.copyOf(hinges);
    }

    /**
     * A flap.
     *
     * @param from inner end, share of the length [-]
     * @param to outer end [-]
     * @param chordRatio flap chord over chord [-]
     * @param output index of the output that moves it, −1 for none
     */
    record Hinge(double from, double to, double chordRatio, int output) {}
}
