package app.drachen.core.clearance;

import app.drachen.core.working.Finding;
import app.drachen.core.working.Finding.State;
import app.drachen.core.working.Source;
import java.util.Optional;

/** A rule that wants a passed and fresh proof of one kind. */
public abstract class ProofRule implements ClearanceRule {
    private final ProofKind kind;
    private final Gate gate;
    private final Gate failed;
    private final String missing;
    private final String todo;

    protected ProofRule(ProofKind kind, Gate gate, String missing, String todo) {
        this(kind, gate, gate, missing, todo);
    }

    /** A proof that blocks an earlier gate when it was tried and not passed. */
    protected ProofRule(ProofKind kind, Gate gate, Gate failed, String missing, String todo) {
        this.kind = kind;
        this.gate = gate;
        this.failed = failed;
        this.missing = missing;
        this.todo = todo;
    }

    @Override
    public String demand() {
        return "There is a passed and fresh proof: " + kind.label() + ".";
    }

    @Override
    public Source source() {
        return Source.COMMON_PRACTICE;
    }

    @Override
    public Ruling check(Situation situation) {
        Stage stage = kind.stage();
        Remedy go = new Remedy.GoTo(todo, place());
        Optional<Proof> found = situation.proof(kind);
        if (found.isEmpty()) {
            return Ruling.of(stage, gate, Finding.of(id(), State.OPEN, missing, todo + " to prove it."), go);
        }
        Proof proof = found.get();
        String title =
                Character.toUpperCase(kind.label().charAt(0)) + kind.label().substring(1);
        String at = " at r" + proof.revision() + ", " + proof.evidence().label();
        if (!situation.fresh(proof)) {
            return Ruling.of(
                    stage,
                    gate,
                    Finding.of(id(), State.STALE, title + at, "Stale: " + situation.changes(proof) + "."),
                    go);
        }
        return proof.passed()
                ? Ruling.of(stage, gate, Finding.of(id(), State.GOOD, title + at, proof.note()))
                : Ruling.of(stage, failed, Finding.of(id(), State.STOP, failedTitle(title, proof), proof.note()), go);
    }

    /** Where it is done. */
    protected Stage place() {
        return kind.stage();
    }

    /** The evidence that it wants. */
    protected final ProofKind kind() {
        return kind;
    }

    /** What the finding is called when the proof was tried and not passed. */
    protected String failedTitle(String title, Proof proof) {
        return title + ": not passed";
    }
}
