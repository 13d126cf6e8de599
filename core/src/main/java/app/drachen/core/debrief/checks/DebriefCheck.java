package app.drachen.core.debrief.checks;

import app.drachen.core.debrief.Flown;
import app.drachen.core.working.Finding;
import java.util.List;

/** One thing to look for in a log. One class each, found through {@link DebriefChecks}. */
public interface DebriefCheck {
    /** Stable id, as in the catalogue of rules. */
    String id();

    /** What it looks for, as one sentence. */
    String looksFor();

    /** Looks; OPEN if the log does not show it. */
    Finding check(Flown flight);

    /** All that it finds, the worst first; one at least. */
    default List<Finding> findings(Flown flight) {
        return List.of(check(flight));
    }
}
