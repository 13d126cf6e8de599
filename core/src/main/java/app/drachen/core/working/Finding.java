package app.drachen.core.working;

import app.drachen.core.units.Ranges;
import java.util.List;
import java.util.Optional;

/**
 * A statement about an aircraft or a log.
 *
 * @param id stable id of the rule or check
 * @param state what it says
 * @param title the statement, in a few words
 * @param detail measured value, limit and what to do; never empty unless the state is good
 * @param workings the numbers behind it
 * @param span where in a log it shows, if it has a place there
 */
public record Finding(
        String id, State state, String title, String detail, List<Working> workings, Optional<Span> span) {

    /** How a finding stands. */
    public enum State {
        /** As wanted. */
        GOOD("good"),
        /** Something is missing; not passed. */
        OPEN("open"),
        /** Was good, and something it depended on has changed. */
        STALE("stale"),
        /** Warns. */
        CAUTION("caution"),
        /** Blocks. */
        STOP("stop");

        private final String label;

        State(String label) {
            this.label = label;
        }

        public String label() {
            return label;
        }
    }

    public Finding {
        Ranges.requireText("id", id);
        Ranges.requireText("title", title);
        if (state != State.GOOD) {
            Ranges.requireText("detail of " + id, detail);
        }
        workings = List.copyOf(workings);
    }

    /** A finding without numbers. */
    public static Finding of(String id, State state, String title, String detail) {
        return new Finding(id, state, title, detail, List.of(), Optional.empty());
    }

    /** A finding with the numbers behind it. */
    public static Finding of(String id, State state, String title, String detail, Working... workings) {
        return new Finding(id, state, title, detail, List.of(workings), Optional.empty());
    }

    /** The same finding with one more sentence. */
    public Finding noting(String sentence) {
        return new Finding(id, state, title, detail.isEmpty() ? sentence : detail + " " + sentence, workings, span);
    }

    /**
     * The same finding, shown at a stretch of the log.
     *
     * @param from first moment [s]
     * @param to last moment, not before the first [s]
     */
    public Finding during(double from, double to) {
        return new Finding(id, state, title, detail, workings, Optional.of(new Span(from, to)));
    }
}
