package app.drachen.core.stages.modes;

import app.drachen.core.clearance.ClearanceRule;
import app.drachen.core.clearance.Gate;
import app.drachen.core.clearance.Judgement;
import app.drachen.core.clearance.Remedy;
import app.drachen.core.clearance.Ruling;
import app.drachen.core.clearance.Situation;
import app.drachen.core.clearance.Stage;
import app.drachen.core.math.Order;
import app.drachen.core.modes.Selector;
import app.drachen.core.units.Quantity;
import app.drachen.core.working.Finding;
import app.drachen.core.working.Finding.State;
import app.drachen.core.working.Source;
import java.util.List;
import java.util.Optional;

/** MODES-R1: selector positions lie well inside their bands. */
public final class SelectorMargin implements ClearanceRule {
    private static final Judgement STOP =
            new Judgement("MODES-R1.stop", "margin to a band edge below which it stops", Quantity.PULSE, 20, 1, 100);
    private static final Judgement CAUTION =
            new Judgement("MODES-R1.caution", "margin to a band edge that is wanted", Quantity.PULSE, 40, 1, 200);

    @Override
    public String id() {
        return "MODES-R1";
    }

    @Override
    public String demand() {
        return "Every position keeps at least " + CAUTION.text() + " from a band edge; under " + STOP.text()
                + " it stops.";
    }

    @Override
    public Source source() {
        return Source.COMMON_PRACTICE;
    }

    @Override
    public List<Judgement> judgements() {
        return List.of(STOP, CAUTION);
    }

    @Override
    public Ruling check(Situation situation) {
        Selector selector = situation.setup().modes().selector();
        double wander = selector.wanderMicros().orElse(0.0);
        double margin = selector.leastMargin() - wander;
        String wanders = wander > 0 ? ", of which it wanders " + Quantity.PULSE.text(wander) : "";
        if (Double.isNaN(margin)) {
            return Ruling.of(
                    Stage.MODES,
                    Gate.LAUNCH,
                    Finding.of(
                            id(), State.OPEN, "Margins unknown", "A position lies in no band; see the next finding."));
        }
        if (margin >= situation.judged(CAUTION)) {
            return Ruling.of(
                    Stage.MODES,
                    Gate.LAUNCH,
                    Finding.of(
                            id(),
                            State.GOOD,
                            "All positions keep " + Quantity.PULSE.text(selector.leastMargin()) + " from an edge",
                            selector.wanderMicros()
                                    .map(w -> "The pulse wanders by ± " + Quantity.PULSE.text(w) + ".")
                                    .orElse("How far the pulse wanders was not measured: watch it for a minute."),
                            selector.marginWorking()));
        }
        Optional<Selector> solved = selector.solved();
        Selector.Place worst = selector.table().stream()
                .min(Order.by(Selector.Place::marginMicros))
                .orElseThrow();
        String better = solved.map(s -> "Weight "
                        + Quantity.SHARE.text(s.weight())
                        + ", offset "
                        + Quantity.SHARE.text(s.offset())
                        + " keeps "
                        + Quantity.PULSE.text(s.leastMargin())
                        + ".")
                .orElse("Move the bands apart.");
        Finding finding = Finding.of(
                id(),
                margin < situation.judged(STOP) ? State.STOP : State.CAUTION,
                "Position " + worst.position() + " lies " + Quantity.PULSE.text(margin + wander) + " from a band edge"
                        + wanders,
                Quantity.PULSE.text(situation.judged(CAUTION)) + " are wanted. " + better,
                selector.marginWorking());
        return solved.map(s -> Ruling.of(
                        Stage.MODES,
                        Gate.LAUNCH,
                        finding,
                        new Remedy.Change(
                                "Take weight and offset",
                                "Selector solved for the widest margin",
                                x -> x.withModes(x.modes().withSelector(s)))))
                .orElseGet(() -> Ruling.of(Stage.MODES, Gate.LAUNCH, finding));
    }
}
