package app.drachen.core.stages.signals;

import app.drachen.core.clearance.Stage;
import app.drachen.core.clearance.StageKit;
import java.util.List;
import java.util.Optional;

/** The kit of stage Signals. */
public final class SignalsKit {
    private SignalsKit() {}

    /** Everything that belongs to the stage. */
    public static StageKit kit() {
        return new StageKit(
                Stage.SIGNALS,
                Stage.SIGNALS.label(),
                List.of(),
                List.of(),
                List.of(),
                SignalsSums.all(),
                List.of(),
                Optional.empty());
    }
}
