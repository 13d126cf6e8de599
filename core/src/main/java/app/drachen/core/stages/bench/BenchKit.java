package app.drachen.core.stages.bench;

import app.drachen.core.clearance.ProofKind;
import app.drachen.core.clearance.Stage;
import app.drachen.core.clearance.StageKit;
import app.drachen.core.setup.Facet;
import java.util.List;
import java.util.Optional;

/** The kit of stage Bench. */
public final class BenchKit {
    private BenchKit() {}

    /** Everything that belongs to the stage. */
    public static StageKit kit() {
        return new StageKit(
                Stage.BENCH,
                "On the bench",
                List.of(Facet.BOARD_MOUNT),
                List.of(ProofKind.STICK_TO_SURFACE, ProofKind.TILT_TO_SURFACE),
                List.of(new StickToSurface(), new TiltToSurface(), new DeadSurface(), new BoardTurned()),
                BenchSums.all(),
                List.of(),
                Optional.empty());
    }
}
