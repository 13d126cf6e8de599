package app.drachen.core.harness;

import app.drachen.core.units.Ranges;
import java.util.List;

/**
 * The signal that a device needs.
 *
 * @param signal its kind
 * @param protocol in the words of its maker; empty for any
 * @param rate pulses or bits a second [Hz], 0 to 20 000 000
 * @param inverted whether its levels are inverted
 * @param pins of its plug, in order
 */
public record Want(Signal signal, String protocol, double rate, boolean inverted, List<Pin> pins) {
    public Want {
        Ranges.require("rate", rate, 0, 20e6, "Hz");
        pins = List.copyOf(pins);
    }

    /**
     * The same with another protocol, inverted or not.
     *
     * @param newRate pulses or bits a second [Hz], 0 to 20 000 000
     */
    public Want speaking(String newProtocol, double newRate, boolean newInverted) {
        return new Want(signal, newProtocol, newRate, newInverted, pins);
    }

    /** In words, such as "serial 100000, inverted". */
    public String words() {
        StringBuilder text = new StringBuilder(signal.label());
        if (signal == Signal.PULSE) {
            text.append(' ').append((long) rate).append("\u00a0Hz");
        } else if (rate > 0 && signal == Signal.SERIAL) {
            text.append(' ').append((long) rate);
        }
        if (!protocol.isBlank()) {
            text.append(", ").append(protocol);
        }
        if (signal == Signal.SERIAL) {
            text.append(inverted ? ", inverted" : "");
        }
        return text.toString();
    }
}
