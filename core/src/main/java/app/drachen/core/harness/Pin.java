package app.drachen.core.harness;

/** What a pin of a plug does. */
public enum Pin {
    GROUND("ground"),
    POWER("power"),
    SIGNAL("signal"),
    TRANSMIT("transmit"),
    RECEIVE("receive"),
    CLOCK("clock"),
    DATA("data"),
    PICTURE("picture"),
    SENSE("sense");

    private final String label;

    Pin(String label) {
        this.label = label;
    }

    public String label() {
        return label;
    }

    /** What must stand at the other end: what one transmits the other receives. */
    public Pin mate() {
        return this == TRANSMIT ? RECEIVE : this == RECEIVE ? TRANSMIT : this;
    }
}
