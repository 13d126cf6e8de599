package app.drachen.core.stages.bench;

import app.drachen.core.bench.CardId;
import app.drachen.core.clearance.ClearanceRule;
import app.drachen.core.clearance.Gate;
import app.drachen.core.clearance.Proof;
import app.drachen.core.clearance.ProofKind;
import app.drachen.core.clearance.Remedy;
import app.drachen.core.clearance.Ruling;
import app.drachen.core.clearance.Situation;
import app.drachen.core.clearance.Stage;
import app.drachen.core.math.Order;
import app.drachen.core.working.Finding;
import app.drachen.core.working.Finding.State;
import app.drachen.core.working.Source;
import java.util.Optional;

/** BENCH-R1: with the pack plugged in the propeller is off; that is answered for every session. */
final class PropellerOff implements ClearanceRule {
    /** How long an answer holds [s]; own choice: an afternoon at the bench. */
    private static final long SESSION = 6 * 3_600;

    @Override
    public String id() {
        return "BENCH-R1";
    }

    @Override
    public String demand() {
        return "Before a check with the pack plugged in it was answered, in the same session, that the propeller is off.";
    }

    @Override
    public Source source() {
        return Source.COMMON_PRACTICE;
    }

    @Override
    public Ruling check(Situation situation) {
        Optional<Proof> plugged = situation.proofs().stream()
                .filter(p -> p.evidence() == Proof.Evidence.REAL)
                .filter(p ->
                        BenchProofs.card(p.kind()).filter(CardId::propellerOff).isPresent())
                .max(Order.by(Proof::when));
        Optional<Proof> off = situation.proofs().stream()
                .filter(p -> p.kind() == ProofKind.PROPELLER_OFF)
                .max(Order.by(Proof::when));
        Remedy go = new Remedy.GoTo("Take it off, answer", Stage.BENCH);
        if (plugged.isEmpty()) {
            return Ruling.advice(
                    Stage.BENCH,
                    Finding.of(
                            id(),
                            State.GOOD,
                            "The pack was not plugged in for a check yet",
                            "Before it is, take the propeller off the shaft and say so."));
        }
        // before it was kept it was asked all the same: no answer on paper is no check with the propeller on
        if (off.isEmpty()) {
            return Ruling.advice(
                    Stage.BENCH,
                    Finding.of(
                            id(),
                            State.OPEN,
                            "Propeller off: to be answered before the pack is plugged in",
                            "A motor that starts cuts fingers. Take the propeller off the shaft first."),
                    go);
        }
        boolean answered = off.filter(o ->
                        o.when() <= plugged.get().when() && plugged.get().when() - o.when() <= SESSION && o.passed())
                .isPresent();
        return answered
                ? Ruling.advice(
                        Stage.BENCH,
                        Finding.of(id(), State.GOOD, "The propeller was off when the pack was plugged in last", ""))
                : Ruling.of(
                        Stage.BENCH,
                        Gate.POWER,
                        Finding.of(
                                id(),
                                State.STOP,
                                "Checked with the pack in, and nobody said that the propeller is off",
                                "Take it off the shaft, answer, go on."),
                        go);
    }
}
