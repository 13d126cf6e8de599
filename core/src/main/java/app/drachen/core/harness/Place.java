package app.drachen.core.harness;

import app.drachen.core.units.Ranges;
import java.util.List;

/**
 * Where a lead can be plugged on the board.
 *
 * @param name printed beside it, such as "output 3"
 * @param signal what it carries
 * @param rail name of the rail at its power pin; empty without a power pin
 * @param group timer group of an output, all of whose pulses come at one rate, 0 to 16; 0 for none
 * @param fastest most pulses or bits a second that it carries [Hz], 0 to 20 000 000
 * @param inversion whether its signal is or can be inverted
 * @param protocols what it understands, in the words of its maker, parted by commas; empty for anything
 * @param pins in order
 */
public record Place(
        String name,
        Signal signal,
        String rail,
        int group,
        double fastest,
        Inversion inversion,
        String protocols,
        List<Pin> pins) {
    /** What a port does to the levels of a signal. */
    public enum Inversion {
        NEVER("not inverted"),
        ALWAYS("inverted"),
        EITHER("either way");

        private final String label;

        Inversion(String label) {
            this.label = label;
        }

        public String label() {
            return label;
        }

        /** Whether it takes a signal. */
        public boolean takes(boolean inverted) {
            return this == EITHER || inverted == (this == ALWAYS);
        }
    }

    public Place {
        Ranges.requireText("name of a place on the board", name);
        Ranges.require("timer group", group, 0, 16, "-");
        Ranges.require("fastest of " + name, fastest, 0, 20e6, "Hz");
        pins = List.copyOf(pins);
    }

    /** Whether it understands a protocol; an empty one asks for nothing. */
    public boolean understands(String protocol) {
        if (protocol.isBlank() || protocols.isBlank()) {
            return true;
        }
        for (String one : protocols.split(",")) {
            if (one.strip().equalsIgnoreCase(protocol.strip())) {
                return true;
            }
        }
        return false;
    }

    /** The same under another name. */
    public Place named(String newName) {
        return new Place(newName, signal, rail, group, fastest, inversion, protocols, pins);
    }

    /** The same on a rail of another name. */
    public Place on(String newRail) {
        return new Place(name, signal, newRail, group, fastest, inversion, protocols, pins);
    }

    /** Whether it has a power pin. */
    public boolean powered() {
        return !rail.isEmpty();
    }
}
