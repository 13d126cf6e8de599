package app.drachen.core.modes;

/** Flight modes. */
public enum FlightMode {
    MANUAL("Manual", "Surfaces follow the sticks."),
    RATE("Rate", "Sticks ask for a turning rate; let go, and the attitude stays where it was left."),
    LEVEL("Level", "Let go, and it levels its wings and nose; it may still climb or sink."),
    HOLD("Hold", "Let go, and it flies on straight at its height. The power stick asks for speed."),
    CIRCLE("Circle", "It flies round the point where it was switched on, and banks most downwind."),
    HOME("Home", "It climbs if so set, turns, flies home and circles there."),
    MISSION("Mission", "It flies the route.");

    private final String label;
    private final String seen;

    FlightMode(String label, String seen) {
        this.label = label;
        this.seen = seen;
    }

    /** Whether it holds height and speed itself, so that the power stick is no power any more. */
    public boolean fliesByItself() {
        return ordinal() >= HOLD.ordinal();
    }

    public String label() {
        return label;
    }

    /** What the pilot will see, as one sentence. */
    public String seen() {
        return seen;
    }
}
