package app.drachen.core.stages.bench;

import app.drachen.core.bench.BenchSession;
import app.drachen.core.clearance.ClearanceRule;
import app.drachen.core.clearance.Gate;
import app.drachen.core.clearance.Proof;
import app.drachen.core.clearance.ProofKind;
import app.drachen.core.clearance.Remedy;
import app.drachen.core.clearance.Ruling;
import app.drachen.core.clearance.Situation;
import app.drachen.core.clearance.Stage;
import app.drachen.core.controls.Output;
import app.drachen.core.wiring.Plugged;
import app.drachen.core.wiring.Rails;
import app.drachen.core.wiring.Wiring;
import app.drachen.core.working.Finding;
import app.drachen.core.working.Finding.State;
import app.drachen.core.working.Source;
import java.util.List;
import java.util.Optional;

/** BENCH-R6: no surface stands still though its pulse moves; where the harness tells why, it is said. */
public final class DeadSurface implements ClearanceRule {
    @Override
    public String id() {
        return "BENCH-R6";
    }

    @Override
    public String demand() {
        return "No surface stands still while its pulse moves.";
    }

    @Override
    public Source source() {
        return Source.COMMON_PRACTICE;
    }

    @Override
    public Ruling check(Situation situation) {
        Optional<Proof> proof = situation.proof(ProofKind.STICK_TO_SURFACE).filter(situation::fresh);
        if (proof.isEmpty()) {
            return Ruling.advice(
                    Stage.BENCH,
                    Finding.of(id(), State.OPEN, "Whether each surface moves is not seen yet", "Run the stick check."));
        }
        Wiring wiring = Wiring.of(situation.setup());
        Rails rails = Rails.of(wiring, Plugged.PACK);
        for (Output output : situation.setup().controls().surfaces()) {
            if (proof.get().values().containsKey(BenchSession.still(output.surface()))) {
                List<Wiring.Wired> servos = wiring.wired().stream()
                        .filter(w -> w.device().moves().equals(output.surface().id()))
                        .toList();
                boolean unfed = servos.stream()
                        .anyMatch(w -> w.rail().isEmpty()
                                || rails.rail(w.rail()).filter(Rails.Rail::fed).isEmpty());
                String cause = servos.isEmpty()
                        ? "The harness names no servo of it: look at power, plug and horn, then swap the servo."
                        : unfed
                                ? "Its output has pulse, no power: see Harness."
                                : "By the harness it has power: look at plug and horn, then swap the servo.";
                return Ruling.of(
                        Stage.BENCH,
                        Gate.LAUNCH,
                        Finding.of(
                                id(),
                                State.STOP,
                                output.surface().label() + " stands still; output " + output.channel() + " pulses",
                                cause),
                        new Remedy.GoTo("To the harness", Stage.HARNESS));
            }
        }
        if (!proof.get().passed()) {
            return Ruling.advice(
                    Stage.BENCH,
                    Finding.of(
                            id(),
                            State.OPEN,
                            "Whether each surface moves was not seen to the end",
                            "The stick check broke off at a wrong answer; mend that, and run it again."));
        }
        return Ruling.advice(Stage.BENCH, Finding.of(id(), State.GOOD, "Each surface moved with its pulse", ""));
    }
}
