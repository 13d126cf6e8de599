package app.drachen.core.air;

import app.drachen.core.units.Ranges;

/**
 * Something that stands on the way home.
 *
 * @param name what it is
 * @param distance from the home point along the way home [m], 0 to 20 000
 * @param height above the home point [m], 0 to 1 000
 */
public record Obstacle(String name, double distance, double height) {
    public Obstacle {
        Ranges.requireText("name", name);
        Ranges.require("distance", distance, 0, 20_000, "m");
        Ranges.require("height", height, 0, 1_000, "m");
    }
}
