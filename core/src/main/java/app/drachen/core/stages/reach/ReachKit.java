package app.drachen.core.stages.reach;

import app.drachen.core.clearance.Gate;
import app.drachen.core.clearance.Stage;
import app.drachen.core.clearance.StageKit;
import java.util.List;

/** The kit of stage Reach. */
public final class ReachKit {
    private ReachKit() {}

    /** Everything that belongs to the stage. */
    public static StageKit kit() {
        return StageKit.answersOnly(Stage.REACH, ReachSums::all, List.of(), Gate.REACH);
    }
}
