package app.drachen.core.stages.signals;

import app.drachen.core.clearance.Gate;
import app.drachen.core.clearance.Judgement;
import app.drachen.core.clearance.Proof;
import app.drachen.core.clearance.ProofKind;
import app.drachen.core.clearance.Remedy;
import app.drachen.core.clearance.Ruling;
import app.drachen.core.clearance.Situation;
import app.drachen.core.units.Quantity;
import app.drachen.core.working.Working;
import java.util.List;
import java.util.Optional;

/** SIGNALS-R7: the current sensor shows what the charger puts back. */
final class CurrentTrue extends SignalsRule {
    private static final Judgement CAUTION =
            new Judgement("SIGNALS-R7.caution", "error of the current sensor", Quantity.SHARE, 0.05, 0.01, 0.3);
    private static final Judgement STOP = new Judgement(
            "SIGNALS-R7.stop", "error of the current sensor at which it stops", Quantity.SHARE, 0.15, 0.02, 0.5);
    private static final int CHARGES = 2;

    CurrentTrue() {
        super(
                "SIGNALS-R7",
                "Over the last two charges the current sensor shows within " + CAUTION.text()
                        + " what the charger puts back; over " + STOP.text() + " it stops.");
    }

    @Override
    public List<Judgement> judgements() {
        return List.of(CAUTION, STOP);
    }

    @Override
    public Ruling check(Situation situation) {
        Optional<Proof> proof = situation.proof(ProofKind.CHARGE_BACK);
        ChargeBack all = proof.map(p -> ChargeBack.of(p.values())).orElse(new ChargeBack(List.of()));
        if (all.charges().isEmpty()) {
            return open(
                    Optional.of(Gate.REACH),
                    "Nobody has held the current sensor against the charger",
                    "Charge the pack after a flight, and enter what was shown and what was put back.",
                    there("Enter a charge"));
        }
        if (!situation.fresh(proof.get())) {
            return stop(
                    Gate.REACH,
                    "The current sensor was wired anew since it was checked",
                    situation.changes(proof.get()) + " Enter a charge once more.",
                    there("Enter a charge"));
        }
        ChargeBack last = all.last(CHARGES);
        double factor = situation.setup().signals().scales().current();
        double off = last.off(factor);
        Working right = last.factor();
        Remedy take = change(
                "Take × " + Quantity.NUMBER_FINE.text(right.value() / factor),
                "Factor of the current from " + last.charges().size() + " charges",
                s -> s.withScales(s.scales().withCurrent(right.value())));
        String size = Quantity.SHARE.text(Math.abs(off));
        String title = "The sensor shows " + size + (off < 0 ? " too little" : " too much");
        String detail = "Over the last "
                + (last.charges().size() == 1 ? "charge" : last.charges().size() + " charges")
                + ", with the factor that is set.";
        if (Math.abs(off) > situation.judged(STOP)) {
            return stop(Gate.REACH, title, detail, List.of(right), take);
        }
        if (Math.abs(off) > situation.judged(CAUTION)) {
            return caution(title, detail, List.of(right), take);
        }
        return good("Current sensor within " + size + " of the charger", detail, right);
    }
}
