package app.drachen.core.clearance;

/** The eleven stages, in the order of the line. */
public enum Stage {
    BUILD("Build", true, ""),
    HARNESS("Harness", false, "wiring, rails, packs and aerials"),
    THROWS("Throws", true, ""),
    MODES("Modes", true, ""),
    SIGNALS("Signals", false, "telemetry values, alarms and call-outs"),
    BENCH("Bench", true, ""),
    MAIDEN("Maiden", true, ""),
    TUNE("Tune", false, "gains and autotune"),
    HOMING("Homing", false, "hold, circle and return tests"),
    REACH("Reach", false, "how far and home again"),
    MISSION("Mission", false, "routes");

    private final String label;
    private final boolean instruments;
    private final String about;

    Stage(String label, boolean instruments, String about) {
        this.label = label;
        this.instruments = instruments;
        this.about = about;
    }

    public String label() {
        return label;
    }

    /** Whether Drachen can check this stage yet. */
    public boolean hasInstruments() {
        return instruments;
    }

    /** What a stage without instruments says about itself. */
    public String withoutInstruments() {
        return label + " has no instruments yet: Drachen cannot check " + about + ". Check them yourself.";
    }
}
