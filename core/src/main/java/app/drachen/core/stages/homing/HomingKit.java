package app.drachen.core.stages.homing;

import app.drachen.core.cards.HomeFlight;
import app.drachen.core.clearance.Gate;
import app.drachen.core.clearance.Stage;
import app.drachen.core.clearance.StageKit;
import java.util.List;

/** The kit of stage Homing. */
public final class HomingKit {
    private HomingKit() {}

    /** Everything that belongs to the stage. */
    public static StageKit kit() {
        return StageKit.answersOnly(Stage.HOMING, HomingSums::all, List.of(new HomeFlight()), Gate.HOME);
    }
}
