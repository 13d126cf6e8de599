package app.drachen.core.clearance;

/** What an aircraft may be cleared to; each gate includes the earlier ones. */
public enum Gate {
    POWER("bench power, prop off"),
    LAUNCH("first flight, Manual"),
    LEVEL("local flights, Level"),
    HOLD("local flights, Hold"),
    CIRCLE("local flights, Circle"),
    TUNE("tuning flights"),
    HOME("return tests"),
    REACH("beyond the proven distance"),
    MISSION("missions");

    private final String clearedTo;

    Gate(String clearedTo) {
        this.clearedTo = clearedTo;
    }

    /** The clearance in words. */
    public String clearedTo() {
        return clearedTo;
    }
}
