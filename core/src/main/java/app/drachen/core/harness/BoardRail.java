package app.drachen.core.harness;

import app.drachen.core.units.Ranges;

/**
 * A supply of the board.
 *
 * @param name such as "servos"
 * @param feed what feeds it on the board
 * @param volts it gives [V], 0 to 70; as much as the pack where it is the raw pack
 * @param amps it can give for long [A], 0 to 300; 0 where nobody knows
 * @param resistance of its source [Ω], 0.001 to 5
 * @param efficiency of a switching regulator [-], 0.3 to 1
 * @param thermal warming of a regulator by a watt [K/W], 0 to 300; 0 where nobody knows
 * @param capacitance on it [F], 0 to 0.1
 * @param usb whether USB feeds it, through a diode
 */
public record BoardRail(
        String name,
        Feed feed,
        double volts,
        double amps,
        double resistance,
        double efficiency,
        double thermal,
        double capacitance,
        boolean usb) {
    /** What feeds a rail on the board. */
    public enum Feed {
        RAW("the pack itself"),
        LINEAR("linear regulator"),
        SWITCHING("switching regulator"),
        OPEN("nothing on the board");

        private final String label;

        Feed(String label) {
            this.label = label;
        }

        public String label() {
            return label;
        }

        public boolean regulates() {
            return this == LINEAR || this == SWITCHING;
        }
    }

    public BoardRail {
        Ranges.requireText("name of a rail", name);
        Ranges.require("volts of " + name, volts, 0, 70, "V");
        Ranges.require("amps of " + name, amps, 0, 300, "A");
        Ranges.require("resistance of " + name, resistance, 0.001, 5, "Ω");
        Ranges.require("efficiency of " + name, efficiency, 0.3, 1, "-");
        Ranges.require("thermal resistance of " + name, thermal, 0, 300, "K/W");
        Ranges.require("capacitance of " + name, capacitance, 0, 0.1, "F");
    }

    /** The same under another name. */
    public BoardRail named(String newName) {
        return new BoardRail(newName, feed, volts, amps, resistance, efficiency, thermal, capacitance, usb);
    }
}
