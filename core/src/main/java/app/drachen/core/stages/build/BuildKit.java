package app.drachen.core.stages.build;

import app.drachen.core.clearance.OwnFigures;
import app.drachen.core.clearance.ProofKind;
import app.drachen.core.clearance.Stage;
import app.drachen.core.clearance.StageKit;
import app.drachen.core.setup.Facet;
import java.util.List;
import java.util.Optional;

/** The kit of stage Build. */
public final class BuildKit {
    private BuildKit() {}

    /** Everything that belongs to the stage. */
    public static StageKit kit() {
        return new StageKit(
                Stage.BUILD,
                "Before this aircraft goes on",
                List.of(Facet.AIRFRAME, Facet.PARTS, Facet.PACKS, Facet.PROPULSION),
                List.of(ProofKind.WEIGHING),
                List.of(
                        new CentreOfGravity(),
                        new Weighed(),
                        new TailVolumes(),
                        new ScaleAgainstList(),
                        new LateralBalance(),
                        new AnglesChecked(),
                        new ThrownByHand(),
                        new OnBoard(),
                        new StepsInOrder(),
                        new SinceLastFlown(),
                        new FullPower(),
                        new OwnFigures(
                                Stage.BUILD, List.of(Facet.AIRFRAME, Facet.PARTS, Facet.PACKS, Facet.PROPULSION))),
                BuildSums::all,
                List.of(),
                Optional.empty());
    }
}
