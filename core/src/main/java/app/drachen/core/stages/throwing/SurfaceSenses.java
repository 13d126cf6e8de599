package app.drachen.core.stages.throwing;

import app.drachen.core.clearance.ClearanceRule;
import app.drachen.core.clearance.Gate;
import app.drachen.core.clearance.Remedy;
import app.drachen.core.clearance.Ruling;
import app.drachen.core.clearance.Situation;
import app.drachen.core.clearance.Stage;
import app.drachen.core.controls.Axis;
import app.drachen.core.controls.Output;
import app.drachen.core.working.Finding;
import app.drachen.core.working.Finding.State;
import app.drachen.core.working.Source;
import java.util.List;
import java.util.Locale;

/** THROWS-R5: mixer, sense and linkage together move each surface as wanted. */
public final class SurfaceSenses implements ClearanceRule {
    @Override
    public String id() {
        return "THROWS-R5";
    }

    @Override
    public String demand() {
        return "Every surface answers every stick the right way round.";
    }

    @Override
    public Source source() {
        return new Source.Elementary("flight mechanics");
    }

    @Override
    public Ruling check(Situation situation) {
        boolean inverted = situation.setup().invertedVee();
        for (Output output : situation.setup().controls().surfaces()) {
            for (Axis axis : List.of(Axis.ROLL, Axis.PITCH, Axis.YAW)) {
                int wanted = output.surface().wantedSign(axis, inverted);
                double share = output.mix().share(axis);
                if (wanted == 0 || share == 0 || Math.signum(share) * output.sense() == wanted) {
                    continue;
                }
                boolean turned = output.sense() < 0;
                String name = output.surface().label();
                return Ruling.of(
                        Stage.THROWS,
                        Gate.LAUNCH,
                        Finding.of(
                                id(),
                                State.STOP,
                                name + " answers " + axis.label() + " the wrong way",
                                "Mixer, sense and linkage together turn it round. "
                                        + (turned ? "Turn that output round." : "Turn the sign of its mixer share.")),
                        turned
                                ? new Remedy.Change(
                                        "Turn " + name.toLowerCase(Locale.ROOT) + " round",
                                        name + " turned round",
                                        s -> s.withControls(s.controls().change(output.surface(), Output::turnedRound)))
                                : new Remedy.Change(
                                        "Turn the share round",
                                        name + ": " + axis.label() + " share turned round",
                                        s -> s.withControls(s.controls()
                                                .change(
                                                        output.surface(),
                                                        o -> o.withMix(o.mix().with(axis, -share))))));
            }
        }
        return Ruling.of(
                Stage.THROWS,
                Gate.LAUNCH,
                Finding.of(
                        id(),
                        State.GOOD,
                        "Every surface answers the right way, by the set-up",
                        "The bench check proves it on the aircraft."));
    }
}
