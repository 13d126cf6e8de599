package app.drachen.core.stages.bench;

import app.drachen.core.clearance.Proof;
import app.drachen.core.clearance.ProofKind;
import app.drachen.core.clearance.Ruling;
import app.drachen.core.clearance.Situation;
import app.drachen.core.clearance.Stage;
import app.drachen.core.working.Finding;
import app.drachen.core.working.Finding.State;
import java.util.Map;
import java.util.Optional;

/** What is asked before each flight, and not while none is chosen. */
final class Due {
    private Due() {}

    /** What is said while no flight is chosen and nothing was answered that is wrong; empty where it is to be judged. */
    static Optional<Ruling> notYet(String id, Situation situation, ProofKind kind) {
        boolean failed = situation
                .proof(kind)
                .filter(p -> !p.passed() && situation.fresh(p))
                .isPresent();
        return situation.plan().isPresent() || failed
                ? Optional.empty()
                : Optional.of(Ruling.advice(
                        Stage.BENCH,
                        Finding.of(
                                id,
                                State.GOOD,
                                title(kind),
                                "Nothing of it is due while no card is chosen in Maiden.")));
    }

    /** What the checks before the flight have read, not stale; empty where they were not done. */
    static Optional<Map<String, Double>> read(Situation situation) {
        return situation.proof(ProofKind.PREFLIGHT).filter(situation::fresh).map(Proof::values);
    }

    /** What is said while those checks are neither due nor done. */
    static Optional<Ruling> notYet(String id, Situation situation) {
        return read(situation).isPresent() ? Optional.empty() : notYet(id, situation, ProofKind.PREFLIGHT);
    }

    private static String title(ProofKind kind) {
        String label = kind.label();
        return Character.toUpperCase(label.charAt(0)) + label.substring(1) + ": asked before each flight";
    }
}
