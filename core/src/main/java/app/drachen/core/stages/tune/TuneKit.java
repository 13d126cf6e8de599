package app.drachen.core.stages.tune;

import app.drachen.core.cards.TrimFlight;
import app.drachen.core.cards.TuneFlight;
import app.drachen.core.clearance.Gate;
import app.drachen.core.clearance.Stage;
import app.drachen.core.clearance.StageKit;
import java.util.List;

/** The kit of stage Tune. */
public final class TuneKit {
    private TuneKit() {}

    /** Everything that belongs to the stage. */
    public static StageKit kit() {
        return StageKit.answersOnly(Stage.TUNE, TuneSums::all, List.of(new TuneFlight(), new TrimFlight()), Gate.TUNE);
    }
}
