package app.drachen.core.stages.bench;

import app.drachen.core.clearance.Gate;
import app.drachen.core.clearance.ProofKind;
import app.drachen.core.clearance.ProofRule;

/** BENCH-R5: in Level every surface has been seen to answer a tilt. */
public final class TiltToSurface extends ProofRule {
    public TiltToSurface() {
        super(ProofKind.TILT_TO_SURFACE, Gate.LEVEL, "Tilts not checked against surfaces", "Run the tilt check");
    }

    @Override
    public String id() {
        return "BENCH-R5-TILTS";
    }
}
