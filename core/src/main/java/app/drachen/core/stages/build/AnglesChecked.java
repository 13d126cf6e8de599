package app.drachen.core.stages.build;

import app.drachen.core.airframe.Airframe;
import app.drachen.core.airframe.AngleCheck;
import app.drachen.core.airframe.Tail;
import app.drachen.core.clearance.ClearanceRule;
import app.drachen.core.clearance.Judgement;
import app.drachen.core.clearance.Ruling;
import app.drachen.core.clearance.Situation;
import app.drachen.core.clearance.Stage;
import app.drachen.core.units.Quantity;
import app.drachen.core.working.Finding;
import app.drachen.core.working.Finding.State;
import app.drachen.core.working.Source;
import app.drachen.core.working.Working;
import java.util.List;

/** BUILD-R5: the angles of wing and tail were measured on the finished airframe, and are those that were drawn. */
public final class AnglesChecked implements ClearanceRule {
    private static final Judgement ERROR = new Judgement(
            "BUILD-R5.error",
            "difference between built and drawn angle of wing against tail",
            Quantity.ANGLE,
            Math.toRadians(1),
            Math.toRadians(0.2),
            Math.toRadians(5));
    private static final Judgement UNEVEN = new Judgement(
            "BUILD-R5.uneven",
            "difference of incidence between the wings",
            Quantity.ANGLE,
            Math.toRadians(0.5),
            Math.toRadians(0.1),
            Math.toRadians(3));

    @Override
    public String id() {
        return "BUILD-R5";
    }

    @Override
    public String demand() {
        return "The angle between wing and tail was measured and is within " + ERROR.text()
                + " of the drawn one; the wings differ by at most " + UNEVEN.text() + ".";
    }

    @Override
    public Source source() {
        return new Source.OwnEstimate("a default of judgement");
    }

    @Override
    public List<Judgement> judgements() {
        return List.of(ERROR, UNEVEN);
    }

    @Override
    public Ruling check(Situation situation) {
        Airframe airframe = situation.setup().airframe();
        AngleCheck check = situation.setup().build().angles();
        boolean tailed = !(airframe.tail() instanceof Tail.None);
        double drawn = airframe.incidenceDifference();
        double error = check.difference() - drawn;
        double uneven = Math.abs(airframe.wing().incidenceDifference());
        Working wings = Working.of(
                id(),
                "Right wing against left",
                airframe.wing().incidenceDifference(),
                Quantity.ANGLE,
                "as entered",
                Source.ARITHMETIC);
        if (uneven > situation.judged(UNEVEN)) {
            return caution(
                    "The wings differ by " + Quantity.ANGLE.text(uneven),
                    "It rolls from the first second. True the wing; first launch in Manual only.",
                    wings);
        }
        if (!check.how().measures()) {
            String what = tailed ? "The tail" : "The wing";
            return caution(
                    check.how() == AngleCheck.How.BY_EYE
                            ? what + " was set by eye"
                            : what + (tailed ? "'s angle to the wing" : "'s twist") + " has not been measured",
                    "Measure it from a photograph or with a gauge, and enter it with the tail in Build; until then first"
                            + " launch in Manual only.",
                    wings);
        }
        Working working = Working.of(
                id(),
                "Built against drawn",
                error,
                Quantity.ANGLE,
                "Δi_measured − Δi_drawn, wing minus tail",
                Source.ARITHMETIC,
                Working.in("measured Δi_measured", check.difference(), Quantity.ANGLE),
                Working.in("drawn Δi_drawn", drawn, Quantity.ANGLE));
        if (tailed && Math.abs(error) > situation.judged(ERROR)) {
            return caution(
                    "The tail is " + Quantity.ANGLE.text(Math.abs(error)) + " off the drawing",
                    "Every computed trim is off by that. Mend the tail or draw what was built; first launch in Manual"
                            + " only.",
                    working,
                    wings);
        }
        return Ruling.advice(
                Stage.BUILD,
                Finding.of(
                        id(),
                        State.GOOD,
                        tailed ? "Wing and tail stand as drawn" : "The wings are even",
                        "Measured " + check.how().label() + ".",
                        working,
                        wings));
    }

    private Ruling caution(String said, String remedy, Working... workings) {
        return Ruling.advice(Stage.BUILD, Finding.of(id(), State.CAUTION, said, remedy, workings));
    }
}
