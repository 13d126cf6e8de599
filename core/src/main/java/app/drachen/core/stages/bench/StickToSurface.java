package app.drachen.core.stages.bench;

import app.drachen.core.clearance.Gate;
import app.drachen.core.clearance.ProofKind;
import app.drachen.core.clearance.ProofRule;

/** BENCH-R5: every surface has been seen to answer every stick. */
public final class StickToSurface extends ProofRule {
    public StickToSurface() {
        super(ProofKind.STICK_TO_SURFACE, Gate.LAUNCH, "Sticks not checked against surfaces", "Run the stick check");
    }

    @Override
    public String id() {
        return "BENCH-R5-STICKS";
    }
}
