package app.drachen.core.stages.bench;

import app.drachen.core.clearance.ClearanceRule;
import app.drachen.core.clearance.Gate;
import app.drachen.core.clearance.Proof;
import app.drachen.core.clearance.ProofKind;
import app.drachen.core.clearance.Remedy;
import app.drachen.core.clearance.Ruling;
import app.drachen.core.clearance.Situation;
import app.drachen.core.clearance.Stage;
import app.drachen.core.working.Finding;
import app.drachen.core.working.Finding.State;
import app.drachen.core.working.Source;
import java.util.Optional;

/** BENCH-R2: outputs are switched on after the mixer was proven, and are on at the end. */
final class OutputsLast implements ClearanceRule {
    @Override
    public String id() {
        return "BENCH-R2";
    }

    @Override
    public String demand() {
        return "Outputs are enabled deliberately, after every surface was seen to go the right way, and stay enabled for the flight.";
    }

    @Override
    public Source source() {
        return Source.COMMON_PRACTICE;
    }

    @Override
    public Ruling check(Situation situation) {
        Optional<Double> outputs = situation
                .proof(ProofKind.ARMING)
                .filter(situation::fresh)
                .map(Proof::values)
                .flatMap(v -> Optional.ofNullable(v.get("outputs")));
        if (outputs.isEmpty()) {
            return Ruling.advice(
                    Stage.BENCH,
                    Finding.of(
                            id(),
                            State.OPEN,
                            "Whether the board's outputs are enabled is not known",
                            "The arming card asks for it."),
                    new Remedy.GoTo("To the card", Stage.BENCH));
        }
        boolean enabled = outputs.get() < 0.5;
        boolean real = situation
                .proof(ProofKind.ARMING)
                .filter(p -> p.evidence() == Proof.Evidence.REAL)
                .isPresent();
        if (enabled && !real && !situation.proven(ProofKind.STICK_TO_SURFACE)) {
            return Ruling.advice(
                    Stage.BENCH,
                    Finding.of(
                            id(),
                            State.OPEN,
                            "Outputs come last",
                            "Prove sticks to surfaces before the outputs of the real board are enabled."),
                    new Remedy.GoTo("Prove it", Stage.BENCH));
        }
        if (enabled && !situation.proven(ProofKind.STICK_TO_SURFACE)) {
            return Ruling.of(
                    Stage.BENCH,
                    // not before power: proving it needs the pack and the outputs, propeller off
                    Gate.LAUNCH,
                    Finding.of(
                            id(),
                            State.STOP,
                            "Outputs are enabled, and no surface is proven",
                            "Disable them, prove sticks to surfaces, then enable them deliberately."),
                    new Remedy.GoTo("Prove it", Stage.BENCH));
        }
        return enabled
                ? Ruling.advice(Stage.BENCH, Finding.of(id(), State.GOOD, "Outputs are enabled, surfaces proven", ""))
                : Ruling.of(
                        Stage.BENCH,
                        Gate.LAUNCH,
                        Finding.of(
                                id(),
                                State.STOP,
                                "Outputs of the board are still disabled",
                                "Prove sticks to surfaces, then enable them deliberately."),
                        new Remedy.GoTo("To the card", Stage.BENCH));
    }
}
