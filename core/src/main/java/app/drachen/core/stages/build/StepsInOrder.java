package app.drachen.core.stages.build;

import app.drachen.core.clearance.ClearanceRule;
import app.drachen.core.clearance.Ruling;
import app.drachen.core.clearance.Situation;
import app.drachen.core.clearance.Stage;
import app.drachen.core.setup.BuildStep;
import app.drachen.core.working.Finding;
import app.drachen.core.working.Finding.State;
import app.drachen.core.working.Source;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;

/** BUILD-R9: no step of building is done while one it needs, or hides the way to, is open. */
public final class StepsInOrder implements ClearanceRule {
    @Override
    public String id() {
        return "BUILD-R9";
    }

    @Override
    public String demand() {
        return "No step of building is ticked while one that it needs, or hides the way to, is open.";
    }

    @Override
    public Source source() {
        return Source.COMMON_PRACTICE;
    }

    @Override
    public Ruling check(Situation situation) {
        List<BuildStep> done = situation.setup().build().steps();
        Set<BuildStep> ticked = EnumSet.noneOf(BuildStep.class);
        ticked.addAll(done);
        List<String> wrong = new ArrayList<>();
        for (BuildStep step : done) {
            List<BuildStep> open = step.open(ticked);
            if (!open.isEmpty()) {
                wrong.add("“" + step.label() + "” before “" + open.get(0).label() + "”");
            }
        }
        if (!wrong.isEmpty()) {
            return Ruling.advice(
                    Stage.BUILD,
                    Finding.of(
                            id(),
                            State.CAUTION,
                            "Ticked too early: " + wrong.get(0),
                            "Do the named step first, or tick it if it is done"
                                    + (wrong.size() > 1 ? "; " + (wrong.size() - 1) + " more" : "") + ": L in Build."));
        }
        if (done.isEmpty()) {
            boolean flown = situation.flown().isPresent();
            return Ruling.advice(
                    Stage.BUILD,
                    Finding.of(
                            id(),
                            flown ? State.GOOD : State.OPEN,
                            flown ? "It has flown: the order of building is past" : "No step of building is ticked",
                            flown ? "" : "Their order was not looked at; L in Build shows them."));
        }
        return Ruling.advice(
                Stage.BUILD,
                Finding.of(
                        id(),
                        State.GOOD,
                        "Steps of building in order",
                        done.size() + " of " + BuildStep.values().length + " done; L in Build shows them."));
    }
}
