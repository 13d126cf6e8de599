package app.drachen.core.autopilot;

/** What may be switched on beside a mode. */
public enum Helper {
    NONE("no helper"),
    AUTOTUNE("Autotune"),
    AUTO_TRIM("auto-trim");

    private final String label;

    Helper(String label) {
        this.label = label;
    }

    public String label() {
        return label;
    }
}
