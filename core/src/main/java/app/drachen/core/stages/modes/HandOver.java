package app.drachen.core.stages.modes;

import app.drachen.core.clearance.CardRule;
import app.drachen.core.clearance.Gate;
import app.drachen.core.clearance.Judgement;
import app.drachen.core.clearance.ProofKind;
import app.drachen.core.clearance.Remedy;
import app.drachen.core.clearance.Ruling;
import app.drachen.core.clearance.Situation;
import app.drachen.core.clearance.Stage;
import app.drachen.core.modes.SecondPath;
import app.drachen.core.units.Quantity;
import java.util.List;
import java.util.Optional;

/** MODES-R13: at the hand-over both ask for the same mode and the same power. */
final class HandOver extends CardRule {
    private static final Judgement STEP =
            new Judgement("MODES-R13.step", "step of power at a hand-over", Quantity.SHARE, 0.05, 0.01, 0.5);

    HandOver() {
        super(
                "MODES-R13",
                ProofKind.HAND_OVER,
                Optional.of(Gate.HOME),
                "Console and radio ask for one mode and for power within " + STEP.text()
                        + " when control is handed over, and handing over was tried at the bench.",
                "Handing over was not tried",
                "Try handing over",
                s -> s.modes().second().isPresent(),
                "Nothing to hand over: one path of control");
    }

    @Override
    public List<Judgement> judgements() {
        return List.of(STEP);
    }

    @Override
    protected Optional<Ruling> before(Situation situation) {
        SecondPath path = situation.setup().modes().second().orElseThrow();
        if (path.handOver().consoleMode() != path.handOver().radioMode()) {
            return Optional.of(caution(
                    "The console asks for " + path.handOver().consoleMode().label() + ", the radio for "
                            + path.handOver().radioMode().label(),
                    "Same mode, same power, then hand over.",
                    new Remedy.GoTo("Put it right", Stage.MODES)));
        }
        if (Math.abs(path.handOver().consolePower() - path.handOver().radioPower()) > situation.judged(STEP) + 1e-9) {
            return Optional.of(caution(
                    "The console asks for "
                            + Quantity.SHARE.text(path.handOver().consolePower()) + " power, the radio for "
                            + Quantity.SHARE.text(path.handOver().radioPower()),
                    "Same mode, same power, then hand over.",
                    new Remedy.GoTo("Put it right", Stage.MODES)));
        }
        return Optional.empty();
    }
}
