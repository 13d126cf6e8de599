package app.drachen.core.stages.modes;

import app.drachen.core.clearance.Remedy;
import app.drachen.core.clearance.Stage;
import app.drachen.core.clearance.StageRule;

/** A rule of stage Modes that looks at the set-up. */
abstract class ModesRule extends StageRule {
    ModesRule(String id, String demand) {
        super(Stage.MODES, id, demand);
    }

    static Remedy go(String label) {
        return new Remedy.GoTo(label, Stage.MODES);
    }
}
