package app.drachen.core.clearance;

/** How a stage's bow looks on the line. */
public enum StageState {
    PROVEN("proven"),
    STALE("stale"),
    OPEN("open"),
    STOPPED("stopped");

    private final String label;

    StageState(String label) {
        this.label = label;
    }

    public String label() {
        return label;
    }
}
