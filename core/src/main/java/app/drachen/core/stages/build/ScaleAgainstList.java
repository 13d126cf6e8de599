package app.drachen.core.stages.build;

import app.drachen.core.airframe.MeasuredBalance;
import app.drachen.core.clearance.ClearanceRule;
import app.drachen.core.clearance.Judgement;
import app.drachen.core.clearance.Proof;
import app.drachen.core.clearance.ProofKind;
import app.drachen.core.clearance.Ruling;
import app.drachen.core.clearance.Situation;
import app.drachen.core.clearance.Stage;
import app.drachen.core.units.Quantity;
import app.drachen.core.working.Finding;
import app.drachen.core.working.Finding.State;
import app.drachen.core.working.Source;
import app.drachen.core.working.Working;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** BUILD-R3: the scale and the parts list agree. */
public final class ScaleAgainstList implements ClearanceRule {
    private static final Judgement CENTRE = new Judgement(
            "BUILD-R3.centre", "distance of the weighed from the computed CG", Quantity.LENGTH, 0.005, 0.001, 0.05);
    private static final Judgement MASS = new Judgement(
            "BUILD-R3.mass", "share by which weighed and computed mass differ", Quantity.SHARE, 0.03, 0.005, 0.5);

    @Override
    public String id() {
        return "BUILD-R3";
    }

    @Override
    public String demand() {
        return "The weighed mass lies within " + MASS.text() + ", the weighed CG within " + CENTRE.text()
                + " of what the parts list says.";
    }

    @Override
    public Source source() {
        return new Source.OwnEstimate("a default of judgement");
    }

    @Override
    public List<Judgement> judgements() {
        return List.of(CENTRE, MASS);
    }

    /** What a weighing was told then, where its proof has kept that. */
    private static Optional<MeasuredBalance> told(Proof weighing) {
        Map<String, Double> v = weighing.values();
        boolean whole = v.keySet().containsAll(List.of("mass", "centre", "computedMass", "computedCentre"));
        return whole
                ? Optional.of(new MeasuredBalance(
                        v.get("mass"), v.get("centre"), v.get("computedMass"), v.get("computedCentre")))
                : Optional.empty();
    }

    @Override
    public Ruling check(Situation situation) {
        Optional<MeasuredBalance> weighed = situation.setup().build().measured().or(() -> situation
                .proof(ProofKind.WEIGHING)
                .filter(p -> p.evidence() == Proof.Evidence.REAL)
                .flatMap(ScaleAgainstList::told));
        if (weighed.isEmpty()) {
            return Ruling.advice(
                    Stage.BUILD,
                    Finding.of(id(), State.CAUTION, "Parts list not checked by a scale", "Weigh to check it."));
        }
        MeasuredBalance found = weighed.get();
        double extra = found.extraMass();
        double off = found.aft() - found.computedAft();
        Working mass = Working.of(
                id(),
                "Weighed less computed mass",
                extra,
                Quantity.MASS,
                "M_w − M₀, when it was weighed",
                Source.ARITHMETIC,
                Working.in("weighed M_w", found.mass(), Quantity.MASS),
                Working.in("parts list then M₀", found.computedMass(), Quantity.MASS));
        Working centre = Working.of(
                id(),
                "Weighed less computed CG",
                off,
                Quantity.LENGTH,
                "s_w − s₀, when it was weighed",
                Source.ARITHMETIC,
                Working.in("weighed s_w", found.aft(), Quantity.LENGTH),
                Working.in("parts list then s₀", found.computedAft(), Quantity.LENGTH));
        boolean heavy = Math.abs(extra) > situation.judged(MASS) * found.computedMass();
        boolean apart = Math.abs(off) > situation.judged(CENTRE);
        if (!heavy && !apart) {
            return Ruling.advice(
                    Stage.BUILD, Finding.of(id(), State.GOOD, "Scale and parts list agree", "", mass, centre));
        }
        String title = heavy
                ? "The scale says " + Quantity.MASS.text(Math.abs(extra)) + (extra > 0 ? " more" : " less")
                        + " than the parts list"
                : "The scale puts the CG " + Quantity.LENGTH.text(Math.abs(off))
                        + (off > 0 ? " further aft" : " further ahead");
        return Ruling.advice(
                Stage.BUILD,
                Finding.of(
                        id(),
                        State.CAUTION,
                        title,
                        "The weighing counts. Find the part that is missing, misplaced or too "
                                + (extra > 0 ? "light" : "heavy")
                                + " in the list: inertias and later changes rest on it.",
                        mass,
                        centre));
    }
}
