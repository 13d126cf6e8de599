package app.drachen.core.cards;

/** What the pilot does in a step. */
public enum Task {
    LAUNCH,
    CLIMB,
    TRIM,
    STALL,
    LEVEL,
    HOLD,
    CHOP,
    GLIDE,
    TUNE_ROLL,
    TUNE_PITCH,
    AUTO_TRIM,
    OUT,
    HOME,
    MISSION,
    LAND
}
