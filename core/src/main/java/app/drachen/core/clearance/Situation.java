package app.drachen.core.clearance;

import app.drachen.core.air.Field;
import app.drachen.core.setup.Facet;
import app.drachen.core.setup.Setup;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * Everything the rules look at.
 *
 * @param setup the aircraft
 * @param revision number of this revision
 * @param field today's field, if one is entered
 * @param proofs evidence so far
 * @param changedAt revision in which each facet last changed
 */
public record Situation(
        Setup setup, int revision, Optional<Field> field, List<Proof> proofs, Map<Facet, Integer> changedAt) {
    public Situation {
        proofs = List.copyOf(proofs);
        changedAt = Map.copyOf(changedAt);
    }

    /** A set-up on its own, without history or proofs. */
    public static Situation of(Setup setup) {
        return new Situation(setup, 1, Optional.empty(), List.of(), Map.of());
    }

    /** The latest proof of a kind; a fresh one goes before a stale one. */
    public Optional<Proof> proof(ProofKind kind) {
        return proofs.stream()
                .filter(p -> p.kind() == kind)
                .max(Comparator.comparing((Proof p) -> p.fresh(setup)).thenComparing(Proof::when));
    }

    /** The same situation with another set-up, to ask what a change would do. */
    public Situation with(Setup other) {
        return new Situation(other, revision, field, proofs, changedAt);
    }

    /** The same situation with another field. */
    public Situation on(Field other) {
        return new Situation(setup, revision, Optional.of(other), proofs, changedAt);
    }

    /** Proof kinds that are fresh now and would be stale with another set-up. */
    public List<ProofKind> wouldGoStale(Setup other) {
        return java.util.Arrays.stream(ProofKind.values())
                .filter(k -> proof(k).filter(p -> p.fresh(setup)).isPresent())
                .filter(k -> with(other).proof(k).filter(p -> p.fresh(other)).isEmpty())
                .toList();
    }

    /** In words, when and what changed since a proof: "pack changed at r13". */
    public String changes(Proof proof) {
        return proof.staleIn(setup).stream()
                .map(f -> f.label()
                        + " changed"
                        + Optional.ofNullable(changedAt.get(f))
                                .map(r -> " at r" + r)
                                .orElse(""))
                .reduce((a, b) -> a + ", " + b)
                .orElse("");
    }
}
