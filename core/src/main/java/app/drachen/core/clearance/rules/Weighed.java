package app.drachen.core.clearance.rules;

import app.drachen.core.airframe.MassProperties;
import app.drachen.core.clearance.ClearanceRule;
import app.drachen.core.clearance.Gate;
import app.drachen.core.clearance.Proof;
import app.drachen.core.clearance.ProofKind;
import app.drachen.core.clearance.Remedy;
import app.drachen.core.clearance.Ruling;
import app.drachen.core.clearance.Situation;
import app.drachen.core.clearance.Stage;
import app.drachen.core.units.Quantity;
import app.drachen.core.working.Finding;
import app.drachen.core.working.Finding.State;
import java.util.Optional;

/** BUILD-R2: the balance has been weighed, and nothing that moves it has changed since. */
public final class Weighed implements ClearanceRule {
    @Override
    public String id() {
        return "BUILD-R2";
    }

    @Override
    public String demand() {
        return "Mass and balance are weighed at the present set-up.";
    }

    private static final double SHIFT = 0.002;
    private static final double MASS = 0.01;

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
        MassProperties now = situation.setup().massProperties();
        double mass = proof.values().getOrDefault("computedMass", Double.NaN);
        double centre = proof.values().getOrDefault("computedCentre", Double.NaN);
        boolean little = Math.abs(now.centre().aft() - centre) <= SHIFT && Math.abs(now.mass() - mass) <= MASS * mass;
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
