package app.drachen.core.clearance;

import app.drachen.core.working.Source;
import java.util.List;

/** One rule of clearance. One class each, found through the list of rules. */
public interface ClearanceRule {
    /** Stable id such as {@code BUILD-R1}; stored in reports, never renamed. */
    String id();

    /** What the rule demands, as one sentence a pilot can read. */
    String demand();

    /** Where its limit comes from. */
    Source source();

    /** Limits of it that are a matter of judgement. */
    default List<Judgement> judgements() {
        return List.of();
    }

    /**
     * Whether a pilot may pass over it, with a reason, while its evidence is missing or stale. What it stops stays
     * stopped.
     */
    default boolean mayBeWaived() {
        return false;
    }

    /** Checks; a missing input gives an open finding, never a good one. */
    Ruling check(Situation situation);
}
