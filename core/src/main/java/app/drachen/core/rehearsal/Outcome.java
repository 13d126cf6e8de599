package app.drachen.core.rehearsal;

/** How a rehearsal ended. */
public sealed interface Outcome {
    /** The ending as one sentence. */
    String sentence();

    /** Whether the aircraft is whole. */
    default boolean whole() {
        return this instanceof Landed;
    }

    /**
     * Down in one piece.
     *
     * @param sink at the first contact [m/s], not negative
     * @param distance from home [m], not negative
     */
    record Landed(String sentence, double sink, double distance) implements Outcome {}

    /**
     * Hit the ground.
     *
     * @param time since launch [s]
     */
    record Crashed(String sentence, double time) implements Outcome {}

    /** Still flying when the time was over, or flown away. */
    record NotDown(String sentence) implements Outcome {}
}
