package app.drachen.core.stages.build;

import app.drachen.core.airframe.Part;
import app.drachen.core.airframe.PartKind;
import app.drachen.core.clearance.ClearanceRule;
import app.drachen.core.clearance.Ruling;
import app.drachen.core.clearance.Situation;
import app.drachen.core.clearance.Stage;
import app.drachen.core.setup.Setup;
import app.drachen.core.working.Finding;
import app.drachen.core.working.Finding.State;
import app.drachen.core.working.Source;
import java.util.ArrayList;
import java.util.List;

/** What no flight does without stands in the parts list. */
public final class OnBoard implements ClearanceRule {
    @Override
    public String id() {
        return "BUILD-ON-BOARD";
    }

    @Override
    public String demand() {
        return "Autopilot, receiver, pack, a motor for each drive and a servo stand in the parts list.";
    }

    @Override
    public Source source() {
        return Source.COMMON_PRACTICE;
    }

    @Override
    public Ruling check(Situation situation) {
        Setup setup = situation.setup();
        List<String> missing = new ArrayList<>();
        for (PartKind kind : List.of(PartKind.AUTOPILOT, PartKind.RECEIVER, PartKind.PACK, PartKind.SERVO)) {
            if (count(setup, kind) == 0) {
                missing.add("no " + kind.label());
            }
        }
        long motors = count(setup, PartKind.MOTOR);
        int drives = setup.propulsion().drives().size();
        if (motors < drives) {
            missing.add(motors == 0 ? "no motor" : motors + " motor of " + drives);
        }
        if (missing.isEmpty()) {
            return Ruling.advice(
                    Stage.BUILD, Finding.of(id(), State.GOOD, "What it flies by is on board", "By the parts list."));
        }
        String said = String.join(", ", missing);
        return Ruling.advice(
                Stage.BUILD,
                Finding.of(
                        id(),
                        State.CAUTION,
                        Character.toUpperCase(said.charAt(0)) + said.substring(1) + " among the parts",
                        "Mass and balance lack it. Add it to the parts, or give the part its kind."));
    }

    private static long count(Setup setup, PartKind kind) {
        return setup.parts().stream().map(Part::kind).filter(kind::equals).count();
    }
}
