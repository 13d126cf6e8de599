package app.drachen.core.rehearsal;

import java.util.Optional;

/** How a rehearsal ended. */
public sealed interface Outcome {
    /** The ending as one sentence. */
    String sentence();

    /** Whether the aircraft is whole. */
    default boolean whole() {
        return this instanceof Landed;
    }

    /**
     * Sink at the first contact as it was, which a log's filtered climb only nears; without bound for one that hit the ground.
     *
     * @return [m/s]; empty while it is not down
     */
    default Optional<Double> touchdownSink() {
        return this instanceof Landed landed
                ? Optional.of(landed.sink())
                : this instanceof Crashed ? Optional.of(Double.POSITIVE_INFINITY) : Optional.empty();
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
