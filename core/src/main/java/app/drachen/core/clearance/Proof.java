package app.drachen.core.clearance;

import app.drachen.core.setup.Facet;
import app.drachen.core.setup.Setup;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/**
 * Evidence, and what it depended on.
 *
 * @param kind the kind
 * @param revision revision of the set-up it was gained at
 * @param when seconds since 1970-01-01 UTC
 * @param evidence how it was gained
 * @param passed whether it showed what was wanted
 * @param note one line about what was seen
 * @param fingerprints fingerprint of each facet it depends on, as it was then
 * @param values measured values by name [SI], such as mass and cg of a weighing
 */
public record Proof(
        ProofKind kind,
        int revision,
        long when,
        Evidence evidence,
        boolean passed,
        String note,
        Map<Facet, String> fingerprints,
        Map<String, Double> values) {

    /** How a proof was gained. */
    public enum Evidence {
        REAL("real aircraft"),
        STAND_IN("stand-in board"),
        REHEARSED("rehearsed"),
        COMPUTED("computed figure accepted");

        private final String label;

        Evidence(String label) {
            this.label = label;
        }

        public String label() {
            return label;
        }
    }

    public Proof {
        fingerprints = Map.copyOf(fingerprints);
        values = Map.copyOf(values);
    }

    /** A proof gained now. */
    public static Proof gained(
            ProofKind kind,
            Setup setup,
            int revision,
            long when,
            Evidence evidence,
            boolean passed,
            String note,
            Map<String, Double> values) {
        Map<Facet, String> prints = new TreeMap<>();
        for (Facet facet : kind.facets()) {
            prints.put(facet, facet.fingerprint(setup));
        }
        return new Proof(kind, revision, when, evidence, passed, note, prints, values);
    }

    /** Facets that have changed since; empty while the proof is fresh. */
    public List<Facet> staleIn(Setup setup) {
        return fingerprints.entrySet().stream()
                .filter(e -> !e.getKey().fingerprint(setup).equals(e.getValue()))
                .map(Map.Entry::getKey)
                .sorted()
                .toList();
    }

    public boolean fresh(Setup setup) {
        return staleIn(setup).isEmpty();
    }
}
