package app.drachen.core.stages.throwing;

import app.drachen.core.clearance.ClearanceRule;
import app.drachen.core.clearance.Gate;
import app.drachen.core.clearance.Judgement;
import app.drachen.core.clearance.Remedy;
import app.drachen.core.clearance.Ruling;
import app.drachen.core.clearance.Situation;
import app.drachen.core.clearance.Stage;
import app.drachen.core.controls.RadioTrims;
import app.drachen.core.setup.Setup;
import app.drachen.core.units.Quantity;
import app.drachen.core.working.Finding;
import app.drachen.core.working.Finding.State;
import app.drachen.core.working.Source;
import java.util.List;

/** THROWS-R7: trims live in the servo centres. */
public final class RadioTrimLeft implements ClearanceRule {
    private static final Judgement LEFT =
            new Judgement("THROWS-R7.trim", "trim that may stay in the radio", Quantity.SHARE_FINE, 0.005, 0, 0.05);

    @Override
    public String id() {
        return "THROWS-R7";
    }

    @Override
    public String demand() {
        return "No more than " + LEFT.text() + " of trim is left in the radio when Hold or a later mode is flown.";
    }

    @Override
    public Source source() {
        return new Source.Elementary("kinematics: a trim is a standing wish for a turn");
    }

    @Override
    public List<Judgement> judgements() {
        return List.of(LEFT);
    }

    @Override
    public Ruling check(Situation situation) {
        RadioTrims trims = situation.setup().controls().trims();
        if (trims.largest() <= situation.judged(LEFT)) {
            return Ruling.of(Stage.THROWS, Gate.HOLD, Finding.of(id(), State.GOOD, "No trim is left in the radio", ""));
        }
        String axis = Math.abs(trims.roll()) == trims.largest()
                ? "roll"
                : Math.abs(trims.pitch()) == trims.largest() ? "pitch" : "yaw";
        double value = axis.equals("roll") ? trims.roll() : axis.equals("pitch") ? trims.pitch() : trims.yaw();
        return Ruling.of(
                Stage.THROWS,
                Gate.HOLD,
                Finding.of(
                        id(),
                        State.STOP,
                        "Radio trim on " + axis + " is " + (value > 0 ? "+" : "") + Quantity.SHARE.text(value),
                        "Holding modes read it as a wish. Carry it into the servo centres: "
                                + moved(situation.setup())
                                + ", then zero the trim."),
                new Remedy.Change(
                        "Carry it into the centres",
                        "Radio trims carried into the servo centres",
                        s -> s.withControls(s.controls().trimsCarried())));
    }

    private static String moved(Setup setup) {
        var carried = setup.controls().trimsCarried();
        return setup.controls().surfaces().stream()
                .map(o -> Quantity.PULSE.number(o.centreMicros(), app.drachen.core.units.UnitSystem.METRIC)
                        + " → "
                        + Quantity.PULSE.text(
                                carried.output(o.surface()).orElse(o).centreMicros()))
                .reduce((a, b) -> a + ", " + b)
                .orElse("no outputs");
    }
}
