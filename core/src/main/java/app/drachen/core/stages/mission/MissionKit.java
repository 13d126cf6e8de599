package app.drachen.core.stages.mission;

import app.drachen.core.cards.MissionFlight;
import app.drachen.core.clearance.Gate;
import app.drachen.core.clearance.Stage;
import app.drachen.core.clearance.StageKit;
import java.util.List;

/** The kit of stage Mission. */
public final class MissionKit {
    private MissionKit() {}

    /** Everything that belongs to the stage. */
    public static StageKit kit() {
        return StageKit.answersOnly(Stage.MISSION, MissionSums::all, List.of(new MissionFlight()), Gate.MISSION);
    }
}
