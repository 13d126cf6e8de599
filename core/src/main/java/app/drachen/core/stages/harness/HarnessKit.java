package app.drachen.core.stages.harness;

import app.drachen.core.clearance.Stage;
import app.drachen.core.clearance.StageKit;
import java.util.List;
import java.util.Optional;

/** The kit of stage Harness. */
public final class HarnessKit {
    private HarnessKit() {}

    /** Everything that belongs to the stage. */
    public static StageKit kit() {
        return new StageKit(
                Stage.HARNESS,
                Stage.HARNESS.label(),
                List.of(),
                List.of(),
                List.of(),
                HarnessSums.all(),
                List.of(),
                Optional.empty());
    }
}
