package app.drachen.core.stages.modes;

import app.drachen.core.clearance.Gate;
import app.drachen.core.clearance.Remedy;
import app.drachen.core.clearance.Ruling;
import app.drachen.core.clearance.Situation;
import app.drachen.core.modes.Loss;
import app.drachen.core.modes.LossPlan;
import java.util.List;
import java.util.Optional;

/** MODES-R11: what is done on each loss is decided for each phase. */
final class LossesFilled extends ModesRule {
    LossesFilled() {
        super(
                "MODES-R11",
                "What is done on each loss is decided for each phase: on the ground the motor stays still, and a link lost away means"
                        + " Home or something else that was chosen.");
    }

    @Override
    public Ruling check(Situation situation) {
        LossPlan plan = situation.setup().modes().losses();
        List<LossPlan.Cell> open = plan.open();
        Remedy usual = new Remedy.Change(
                "Fill in what is usual",
                "Open cells of the loss table filled with what is usual",
                s -> s.withModes(s.modes().withLosses(filled(s.modes().losses()))));
        if (open.isEmpty()) {
            Loss.Action away = plan.action(Loss.LINK, Loss.Phase.AWAY);
            return away == Loss.Action.GO_ON
                    ? stop(
                            Gate.REACH,
                            "A link lost away changes nothing",
                            "Whoever flies beyond reach of his thumb needs Home, or at least a waiting turn.",
                            go("Choose"))
                    : good("All 42 losses are decided", "A link lost away: " + away.label() + ".");
        }
        LossPlan.Cell first = open.get(0);
        return open(
                Optional.of(Gate.REACH),
                open.size() == 42 ? "Nothing is decided about losses" : open.size() + " losses are not decided",
                "The first: " + first.loss().label() + " lost, " + first.phase().label() + ".",
                usual,
                go("Fill the table"));
    }

    private static LossPlan filled(LossPlan plan) {
        LossPlan whole = plan;
        for (LossPlan.Cell cell : plan.open()) {
            whole = whole.with(cell.loss(), cell.phase(), LossPlan.usual().action(cell.loss(), cell.phase()));
        }
        return whole;
    }
}
