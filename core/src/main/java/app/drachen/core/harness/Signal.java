package app.drachen.core.harness;

import java.util.List;

/** What kind of signal a lead carries, and the pins that it usually comes with. */
public enum Signal {
    NONE("power only", List.of(Pin.GROUND, Pin.POWER)),
    PULSE("pulses", List.of(Pin.GROUND, Pin.POWER, Pin.SIGNAL)),
    SERIAL("serial", List.of(Pin.GROUND, Pin.POWER, Pin.RECEIVE, Pin.TRANSMIT)),
    BUS("two-wire bus", List.of(Pin.GROUND, Pin.POWER, Pin.CLOCK, Pin.DATA)),
    ANALOGUE("analogue", List.of(Pin.GROUND, Pin.SENSE)),
    PICTURE_IN("picture in", List.of(Pin.GROUND, Pin.PICTURE)),
    PICTURE_OUT("picture out", List.of(Pin.GROUND, Pin.PICTURE));

    private final String label;
    private final List<Pin> pins;

    Signal(String label, List<Pin> pins) {
        this.label = label;
        this.pins = pins;
    }

    public String label() {
        return label;
    }

    /** Usual pins, by common practice. */
    public List<Pin> pins() {
        return pins;
    }
}
