package app.drachen.core.airframe;

import app.drachen.core.units.Ranges;

/**
 * The body: a pod from the nose, and a boom behind it where the pod ends early.
 *
 * @param podLength [m], 0.02 to 5
 * @param width greatest width of the pod [m], 0.005 to 1
 * @param height greatest height of the pod [m], 0.005 to 1
 * @param boomEnd station where the boom ends; equal to or below the pod length for none [m], 0 to 5
 */
public record Body(double podLength, double width, double height, double boomEnd) {
    public Body {
        Ranges.require("pod length", podLength, 0.02, 5, "m");
        Ranges.require("body width", width, 0.005, 1, "m");
        Ranges.require("body height", height, 0.005, 1, "m");
        Ranges.require("boom end", boomEnd, 0, 5, "m");
    }

    /**
     * Rough volume of a streamlined pod, 0.65 of its box.
     *
     * @return [m³]
     */
    public double volume() {
        return 0.65 * podLength * width * height;
    }
}
