package app.drachen.core.controls;

/** The four commands. */
public enum Axis {
    ROLL("roll", "right", "left"),
    PITCH("pitch", "up", "down"),
    YAW("yaw", "right", "left"),
    POWER("power", "more", "less");

    private final String label;
    private final String positive;
    private final String negative;

    Axis(String label, String positive, String negative) {
        this.label = label;
        this.positive = positive;
        this.negative = negative;
    }

    public String label() {
        return label;
    }

    /** The word for one direction of this axis. */
    public String direction(boolean towardsPositive) {
        return towardsPositive ? positive : negative;
    }
}
