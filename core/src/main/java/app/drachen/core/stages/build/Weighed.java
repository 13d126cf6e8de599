package app.drachen.core.stages.build;

import app.drachen.core.airframe.MassProperties;
import app.drachen.core.clearance.ClearanceRule;
import app.drachen.core.clearance.Gate;
import app.drachen.core.clearance.Judgement;
import app.drachen.core.clearance.Proof;
import app.drachen.core.clearance.ProofKind;
import app.drachen.core.clearance.Remedy;
import app.drachen.core.clearance.Ruling;
import app.drachen.core.clearance.Situation;
import app.drachen.core.clearance.Stage;
import app.drachen.core.units.Quantity;
import app.drachen.core.working.Finding;
import app.drachen.core.working.Finding.State;
import app.drachen.core.working.Source;
import java.util.List;
import java.util.Optional;

/** BUILD-R2: the balance has been weighed, and nothing that moves it has changed since. */
public final class Weighed implements ClearanceRule {
    private static final Judgement SHIFT = new Judgement(
            "BUILD-R2.shift",
            "predicted shift of the CG that still lets a weighing stand",
            Quantity.LENGTH,
            0.002,
            0,
            0.02);
    private static final Judgement MASS = new Judgement(
            "BUILD-R2.mass", "predicted change of mass that still lets a weighing stand", Quantity.SHARE, 0.01, 0, 0.2);

    @Override
    public String id() {
        return "BUILD-R2";
    }

    @Override
    public String demand() {
        return "Mass and balance are weighed; a predicted shift of up to " + SHIFT.text() + " and " + MASS.text()
                + " of mass since then only warns.";
    }

    @Override
    public Source source() {
        return Source.COMMON_PRACTICE;
    }

    @Override
    public List<Judgement> judgements() {
        return List.of(SHIFT, MASS);
    }

    @Override
    public Ruling check(Situation situation) {
        Optional<Proof> weighing = situation.proof(ProofKind.WEIGHING);
        Remedy weigh = new Remedy.GoTo("Weigh it", Stage.BUILD);
        if (weighing.isEmpty()) {
            return Ruling.of(
                    Stage.BUILD,
                    Gate.LAUNCH,
                    Finding.of(
                            id(),
                            State.OPEN,
                            "Not weighed yet",
                            "Weigh it on two supports, or accept the computed figure."),
                    weigh);
        }
        Proof proof = weighing.get();
        if (situation.fresh(proof)) {
            return Ruling.of(
                    Stage.BUILD,
                    Gate.LAUNCH,
                    Finding.of(
                            id(),
                            State.GOOD,
                            "Balance proven at r" + proof.revision(),
                            proof.evidence().label() + ": " + proof.note()));
        }
        MassProperties now = situation.setup().computedBalance();
        double mass = proof.values().getOrDefault("computedMass", Double.NaN);
        double centre = proof.values().getOrDefault("computedCentre", Double.NaN);
        boolean little = Math.abs(now.centre().aft() - centre) <= situation.judged(SHIFT)
                && Math.abs(now.mass() - mass) <= situation.judged(MASS) * mass;
        String since = "Since then mass "
                + signed(Quantity.MASS, now.mass() - mass)
                + ", CG "
                + signed(Quantity.LENGTH, now.centre().aft() - centre)
                + " aft (computed). ";
        return Ruling.of(
                Stage.BUILD,
                Gate.LAUNCH,
                Finding.of(
                        id(),
                        little ? State.CAUTION : State.STALE,
                        "Balance weighed at r" + proof.revision() + ", " + situation.changes(proof),
                        since + "Weigh again or accept the computed figure."),
                weigh);
    }

    private static String signed(Quantity quantity, double value) {
        return Double.isNaN(value) ? "unknown" : (value >= 0 ? "+" : "") + quantity.text(value);
    }
}
