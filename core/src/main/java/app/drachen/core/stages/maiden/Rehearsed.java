package app.drachen.core.stages.maiden;

import app.drachen.core.clearance.Gate;
import app.drachen.core.clearance.ProofKind;
import app.drachen.core.clearance.ProofRule;

/** The first flight has been rehearsed at this set-up and passed; see also MAIDEN-R5. */
public final class Rehearsed extends ProofRule {
    public Rehearsed() {
        super(ProofKind.REHEARSAL, Gate.LAUNCH, "First flight not rehearsed", "Rehearse card M1");
    }

    @Override
    public String id() {
        return "MAIDEN-REHEARSED";
    }

    @Override
    public boolean mayBeWaived() {
        return true;
    }
}
