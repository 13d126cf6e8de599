package app.drachen.core.stages.modes;

import app.drachen.core.clearance.CardRule;
import app.drachen.core.clearance.Gate;
import app.drachen.core.clearance.Judgement;
import app.drachen.core.clearance.ProofKind;
import app.drachen.core.units.Quantity;
import java.util.List;
import java.util.Optional;

/** MODES-R10: what Home flies at is what the pilot set, in his unit. */
final class HomeSaid extends CardRule {
    private static final Judgement OFF =
            new Judgement("MODES-R10.off", "how far Home may fly off its height", Quantity.HEIGHT, 5, 1, 50);

    HomeSaid() {
        super(
                "MODES-R10",
                ProofKind.HOME_HEIGHT,
                Optional.of(Gate.HOME),
                "Home flies within " + OFF.text() + " of the height that was set, as the board shows it.",
                "At which height Home flies was not read off the board",
                "Say what Home will do");
    }

    @Override
    public List<Judgement> judgements() {
        return List.of(OFF);
    }
}
