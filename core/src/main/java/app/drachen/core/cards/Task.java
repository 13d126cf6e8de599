package app.drachen.core.cards;

/** What the pilot does in a step. */
public enum Task {
    LAUNCH,
    CLIMB,
    TRIM,
    STALL,
    LEVEL,
    HOLD,
    LAND
}
