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

    /**
     * All that it finds, the worst first: OPEN if the log does not show what it should; none where its question does not arise,
     * as that for a stall does not for a track of places.
     */
    List<Finding> findings(Flown flight);
}
