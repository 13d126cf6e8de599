package app.drachen.files.hangar;

import app.drachen.core.setup.Facet;
import app.drachen.core.setup.Setup;
import java.util.Map;

/**
 * One revision of a set-up.
 *
 * @param number r1, r2, …
 * @param parent the revision it was made from; 0 for the first
 * @param setup the set-up
 * @param reason why it was made, in a few words
 * @param when seconds since 1970-01-01 UTC
 * @param changedAt revision in which each facet last changed on the way here; a facet that never did is absent
 */
public record Revision(int number, int parent, Setup setup, String reason, long when, Map<Facet, Integer> changedAt) {
    public Revision {
        changedAt = Map.copyOf(changedAt);
    }
}
