package app.drachen.core.stages.maiden;

import app.drachen.core.clearance.Gate;
import app.drachen.core.clearance.ProofKind;
import app.drachen.core.clearance.ProofRule;

/** MAIDEN-R7: Level has been flown before a mode that builds on it. */
public final class LevelFlown extends ProofRule {
    public LevelFlown() {
        super(ProofKind.LEVEL_FLOWN, Gate.HOLD, "Level not flown yet", "Fly Level at trial height");
    }

    @Override
    public String id() {
        return "MAIDEN-R7";
    }

    @Override
    public boolean mayBeWaived() {
        return true;
    }
}
