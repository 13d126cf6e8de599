package app.drachen.core.modes;

import app.drachen.core.units.Ranges;

/**
 * A second switch on the mode channel: it is added to the first, or in one position takes the channel for itself.
 *
 * @param name as it is called on the radio
 * @param kind how many positions it has
 * @param weight added per unit of its place; where it takes the channel the value that it sends then [-], −1.25 to 1.25
 * @param takesAt the position, from 1, in which it takes the channel; 0 where it is added
 */
public record SecondSwitch(String name, SelectorKind kind, double weight, int takesAt) {
    public SecondSwitch {
        Ranges.requireText("name of the second switch", name);
        Ranges.require("weight of the second switch", weight, -1.25, 1.25, "-");
        Ranges.require(
                "position of the second switch", takesAt, 0, kind.places().size(), "-");
    }

    /** Whether it is added to the first. */
    public boolean added() {
        return takesAt == 0;
    }

    /**
     * The same switch with another weight.
     *
     * @param newWeight [-]
     */
    public SecondSwitch withWeight(double newWeight) {
        return new SecondSwitch(name, kind, newWeight, takesAt);
    }
}
