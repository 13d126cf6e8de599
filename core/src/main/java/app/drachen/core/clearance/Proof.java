package app.drachen.core.clearance;

import app.drachen.core.setup.Facet;
import app.drachen.core.setup.Prints;
import app.drachen.core.setup.Setup;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;

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
        REAL("real aircraft", 3),
        BY_HAND("remembered, without a log", 2),
        STAND_IN("stand-in board", 2),
        REHEARSED("rehearsed", 2),
        COMPUTED("computed figure accepted", 1);

        private final String label;
        private final int rank;

        Evidence(String label, int rank) {
            this.label = label;
            this.rank = rank;
        }

        /** Evidence of a lower rank never replaces evidence of a higher one. */
        public int rank() {
            return rank;
        }

        public String label() {
            return label;
        }

        /** Whether it comes from no aircraft, although it may count like one: a stand-in, or a figure. */
        public boolean onPaper() {
            return this == STAND_IN || this == COMPUTED;
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
        return gained(kind, Prints.of(setup), revision, when, evidence, passed, note, values);
    }

    /** A proof gained now, of a set-up whose fingerprints are taken. */
    public static Proof gained(
            ProofKind kind,
            Prints all,
            int revision,
            long when,
            Evidence evidence,
            boolean passed,
            String note,
            Map<String, Double> values) {
        Map<Facet, String> prints = new EnumMap<>(Facet.class);
        kind.facets().forEach(facet -> prints.put(facet, all.of(facet)));
        return new Proof(kind, revision, when, evidence, passed, note, prints, values);
    }

    /** The same proof with the fingerprints of the same facets taken anew. */
    public Proof reprinted(Prints anew) {
        Map<Facet, String> prints = new EnumMap<>(Facet.class);
        fingerprints.keySet().forEach(facet -> prints.put(facet, anew.of(facet)));
        return new Proof(kind, revision, when, evidence, passed, note, prints, values);
    }

    /** Facets that have changed since; empty while the proof is fresh. */
    public List<Facet> staleIn(Prints now) {
        return fingerprints.entrySet().stream()
                .filter(e -> !now.of(e.getKey()).equals(e.getValue()))
                .map(Map.Entry::getKey)
                .sorted()
                .toList();
    }

    /** Facets that this kind depends on today and that the proof, gained with an older Drachen, never looked at. */
    public List<Facet> unseen() {
        return kind.facets().stream().filter(f -> !fingerprints.containsKey(f)).toList();
    }

    /** Whether it saw all it should, and nothing of that has changed. */
    public boolean fresh(Prints now) {
        return unseen().isEmpty() && staleIn(now).isEmpty();
    }
}
