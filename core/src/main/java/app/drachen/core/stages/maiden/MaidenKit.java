package app.drachen.core.stages.maiden;

import app.drachen.core.cards.FirstFlight;
import app.drachen.core.cards.HoldFlight;
import app.drachen.core.cards.PowerFlight;
import app.drachen.core.clearance.ProofKind;
import app.drachen.core.clearance.Stage;
import app.drachen.core.clearance.StageKit;
import app.drachen.core.setup.Facet;
import java.util.List;
import java.util.Optional;

/** The kit of stage Maiden. */
public final class MaidenKit {
    private MaidenKit() {}

    /** Everything that belongs to the stage. */
    public static StageKit kit() {
        return new StageKit(
                Stage.MAIDEN,
                "Before this flight",
                List.of(Facet.ROLL_GAINS, Facet.PITCH_GAINS, Facet.YAW_GAINS, Facet.HEIGHT_GAINS, Facet.PATH_GAINS),
                List.of(ProofKind.REHEARSAL, ProofKind.MANUAL_FLOWN, ProofKind.LEVEL_FLOWN, ProofKind.HOLD_FLOWN),
                List.of(
                        new GoOrNoGo(),
                        new LaunchMode(),
                        new HeightLimitEntered(),
                        new Rehearsed(),
                        new ManualFlown(),
                        new LevelFlown(),
                        new GainsOfThisSize(),
                        new HoldFlown()),
                MaidenSums::all,
                List.of(new FirstFlight(), new PowerFlight(), new HoldFlight()),
                Optional.empty());
    }
}
