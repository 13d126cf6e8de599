package app.drachen.files.hangar;

import app.drachen.core.setup.Facet;
import app.drachen.core.setup.Setup;
import java.util.EnumMap;
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

    /** The revision that a change of this one makes. */
    public Revision followedBy(int newNumber, Setup changed, String newReason, long at) {
        Map<Facet, Integer> changes = new EnumMap<>(Facet.class);
        changes.putAll(changedAt);
        Facet.differing(setup, changed).forEach(facet -> changes.put(facet, newNumber));
        return new Revision(newNumber, number, changed, newReason, at, changes);
    }
}
