package app.drachen.core.clearance;

/** The eleven stages, in the order of the line. */
public enum Stage {
    BUILD("Build", "airframe, parts and balance"),
    HARNESS("Harness", "wiring, rails, packs and aerials"),
    THROWS("Throws", "mixes, senses and throws"),
    MODES("Modes", "the selector and the way home"),
    SIGNALS("Signals", "telemetry values, alarms and call-outs"),
    BENCH("Bench", "what the aircraft answers"),
    MAIDEN("Maiden", "the first flights"),
    TUNE("Tune", "gains and autotune"),
    HOMING("Homing", "hold, circle and return tests"),
    REACH("Reach", "how far and home again"),
    MISSION("Mission", "routes");

    private final String label;
    private final String about;

    Stage(String label, String about) {
        this.label = label;
        this.about = about;
    }

    public String label() {
        return label;
    }

    /** What a stage says about itself while it has no instruments. */
    public String withoutInstruments() {
        return label + " has no instruments yet: Drachen cannot check " + about + ". Check them yourself.";
    }
}
