package app.drachen.core.stages.maiden;

import app.drachen.core.clearance.Gate;
import app.drachen.core.clearance.ProofKind;
import app.drachen.core.clearance.ProofRule;

/** Manual has been flown before a stabilised mode is. */
public final class ManualFlown extends ProofRule {
    public ManualFlown() {
        super(ProofKind.MANUAL_FLOWN, Gate.LEVEL, "Manual not flown yet", "Fly card M1");
    }

    @Override
    public String id() {
        return "MAIDEN-MANUAL";
    }
}
