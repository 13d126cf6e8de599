package app.drachen.core.clearance.rules;

import app.drachen.core.clearance.Gate;
import app.drachen.core.clearance.ProofKind;

/** MAIDEN-R7: Level has been flown before a mode that builds on it. */
public final class LevelFlown extends ProofRule {
    public LevelFlown() {
        super(ProofKind.LEVEL_FLOWN, Gate.HOLD, "Level not flown yet", "Fly Level at trial height");
    }

    @Override
    public String id() {
        return "MAIDEN-R7";
    }
}
