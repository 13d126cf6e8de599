package app.drachen.core.stages.maiden;

import app.drachen.core.clearance.Gate;
import app.drachen.core.clearance.Proof;
import app.drachen.core.clearance.ProofKind;
import app.drachen.core.clearance.ProofRule;

/** TUNE-R10: Hold has been flown straight and without a swing. */
public final class HoldFlown extends ProofRule {
    public HoldFlown() {
        super(ProofKind.HOLD_FLOWN, Gate.CIRCLE, Gate.HOLD, "Hold not flown yet", "Fly card M3");
    }

    @Override
    public String id() {
        return "TUNE-R10-HOLD";
    }

    /** The debrief's own words say more than that it was not passed. */
    @Override
    protected String failedTitle(String title, Proof proof) {
        return proof.note().isBlank() ? title + ": not passed" : proof.note().split(":")[0];
    }
}
