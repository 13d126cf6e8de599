package app.drachen.core.harness;

import app.drachen.core.units.Ranges;

/**
 * What a device draws.
 *
 * @param least volts that it needs [V], 0 to 70
 * @param most volts that it bears [V], not below the least, to 70; 0 where it takes no supply
 * @param idle current at rest [A], 0 to 300
 * @param work current at work [A], 0 to 300
 * @param peak current at most, stalled for a servo [A], 0 to 300
 */
public record Draw(double least, double most, double idle, double work, double peak) {
    /** Draws nothing. */
    public static final Draw NOTHING = new Draw(0, 0, 0, 0, 0);

    public Draw {
        Ranges.require("least volts", least, 0, 70, "V");
        Ranges.require("most volts", most, least, 70, "V");
        Ranges.require("idle current", idle, 0, 300, "A");
        Ranges.require("working current", work, 0, 300, "A");
        Ranges.require("peak current", peak, 0, 300, "A");
    }

    /** Whether it wants a supply at all. */
    public boolean fed() {
        return most > 0;
    }
}
