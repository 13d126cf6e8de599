package app.drachen.core.clearance.rules;

import app.drachen.core.clearance.Gate;
import app.drachen.core.clearance.ProofKind;

/** TUNE-R10: Hold has been flown straight and without a swing. */
public final class HoldFlown extends ProofRule {
    public HoldFlown() {
        super(ProofKind.HOLD_FLOWN, Gate.CIRCLE, Gate.HOLD, "Hold not flown yet", "Fly card M3");
    }

    @Override
    public String id() {
        return "TUNE-R10-HOLD";
    }
}
