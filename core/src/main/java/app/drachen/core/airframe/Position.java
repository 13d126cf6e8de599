package app.drachen.core.airframe;

import app.drachen.core.units.Ranges;

/**
 * A place on the aircraft.
 *
 * @param aft behind the nose [m], −2 to 5
 * @param right right of the plane of symmetry [m], −5 to 5
 * @param up above the body axis [m], −1 to 1
 */
public record Position(double aft, double right, double up) {
    public Position {
        Ranges.require("aft", aft, -2, 5, "m");
        Ranges.require("right", right, -5, 5, "m");
        Ranges.require("up", up, -1, 1, "m");
    }
}
