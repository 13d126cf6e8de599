package app.drachen.core.clearance;

import app.drachen.core.setup.Waiver;
import app.drachen.core.working.Finding;
import app.drachen.core.working.Finding.State;
import java.util.List;
import java.util.Optional;

/**
 * A rule's finding with what it blocks and what can be done.
 *
 * @param stage the stage in whose ledger it stands
 * @param gate the gate it blocks while it is a stop, open or stale
 * @param finding the finding
 * @param remedies what can be done
 */
public record Ruling(Stage stage, Optional<Gate> gate, Finding finding, List<Remedy> remedies) {
    public Ruling {
        remedies = List.copyOf(remedies);
    }

    /** A ruling. */
    public static Ruling of(Stage stage, Gate gate, Finding finding, Remedy... remedies) {
        return new Ruling(stage, Optional.of(gate), finding, List.of(remedies));
    }

    /** A ruling that can only warn. */
    public static Ruling advice(Stage stage, Finding finding, Remedy... remedies) {
        return new Ruling(stage, Optional.empty(), finding, List.of(remedies));
    }

    /** The same ruling with one more sentence. */
    Ruling noting(String sentence) {
        return new Ruling(stage, gate, finding.noting(sentence), remedies);
    }

    /** The same ruling, passed over: it stands open as before, says why, and blocks no gate. */
    Ruling waived(Waiver waiver) {
        return new Ruling(
                stage,
                Optional.empty(),
                finding.noting("Passed over by you, because: " + waiver.reason() + "."),
                remedies);
    }

    /** Whether it blocks its gate now: a stop, or something missing or stale that is needed. */
    public boolean blocks() {
        State state = finding.state();
        return gate.isPresent() && (state == State.STOP || state == State.OPEN || state == State.STALE);
    }
}
