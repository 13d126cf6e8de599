package app.drachen.core.stages.harness;

import app.drachen.core.clearance.Gate;
import app.drachen.core.clearance.Judgement;
import app.drachen.core.clearance.Ruling;
import app.drachen.core.clearance.Situation;
import app.drachen.core.harness.PackJoin;
import app.drachen.core.harness.PackJoin.Joined;
import app.drachen.core.propulsion.Pack;
import app.drachen.core.units.Quantity;
import app.drachen.core.wiring.Wiring;
import app.drachen.core.working.Source;
import app.drachen.core.working.Working;
import java.util.List;
import java.util.Optional;

/** HARNESS-R8: packs are joined in parallel only at equal volts. */
final class PacksJoined extends HarnessRule {
    private static final Judgement VOLTS = new Judgement(
            "HARNESS-R8.volts",
            "volts a cell by which packs to be joined may differ",
            Quantity.VOLTAGE,
            0.05,
            0.005,
            0.3);
    private static final Judgement RATE = new Judgement(
            "HARNESS-R8.rate", "equalising current over the smaller capacity in an hour", Quantity.NUMBER, 1, 0.1, 5);

    /** Cells that a pack can have. */
    private static final int MOST_CELLS = 12;

    PacksJoined() {
        super("HARNESS-R8", "Packs side by side", new Source.OwnEstimate("defaults of judgement"));
    }

    @Override
    public String demand() {
        return "Packs joined in parallel differ by at most " + VOLTS.text() + " a cell, and no more than " + RATE.text()
                + " times their capacity an hour flows between them.";
    }

    @Override
    public List<Judgement> judgements() {
        return List.of(VOLTS, RATE);
    }

    @Override
    Ruling judge(Situation situation, Wiring wiring) {
        PackJoin join = wiring.harness().packs();
        List<Pack> packs = wiring.setup().propulsion().packs();
        if (join.how() == Joined.SINGLE || packs.size() < 2) {
            return join.how() == Joined.SINGLE
                    ? good("One pack feeds the motors", "")
                    : open(
                            Optional.of(Gate.POWER),
                            "Two packs are to be joined, one is entered",
                            "Enter the second pack in stage Build.");
        }
        Pack a = packs.get(0);
        Pack b = packs.get(1);
        if (join.how() == Joined.PARALLEL && a.cells() != b.cells()) {
            return stop(
                    Gate.POWER,
                    a.cells() + " cells beside " + b.cells(),
                    "Packs of different cells must never be joined in parallel.",
                    List.of());
        }
        if (join.how() == Joined.SERIES && a.cells() + b.cells() > MOST_CELLS) {
            return stop(
                    Gate.POWER,
                    a.cells() + b.cells() + " cells in series",
                    "Drachen reckons with " + MOST_CELLS + " at most, and cannot say what so many would do.",
                    List.of());
        }
        if (join.first() == 0 || join.second() == 0) {
            return open(
                    Optional.of(Gate.POWER),
                    "Packs to be joined were not measured",
                    "Measure both at rest, and enter the volts before you join them.");
        }
        double apart = Math.abs(join.first() - join.second());
        double amps = apart / (a.resistance() + b.resistance());
        Working flows = Working.of(
                "HARNESS-A6",
                "Current on joining",
                amps,
                Quantity.CURRENT,
                "|U₁ − U₂|/(R₁ + R₂)",
                new Source.Elementary("circuit theory"),
                Working.in("U₁", join.first(), Quantity.VOLTAGE),
                Working.in("U₂", join.second(), Quantity.VOLTAGE),
                Working.in("R₁", a.resistance(), Quantity.RESISTANCE),
                Working.in("R₂", b.resistance(), Quantity.RESISTANCE));
        if (join.how() == Joined.SERIES) {
            return good("Packs in series: nothing flows between them", "The smaller capacity counts.", flows);
        }
        double limit = situation.judged(RATE) * Math.min(a.capacity(), b.capacity()) / 3_600;
        if (apart > situation.judged(VOLTS) * a.cells() || amps > limit) {
            return stop(
                    Gate.POWER,
                    "Packs differ by " + Quantity.VOLTAGE.text(apart) + ": " + Quantity.CURRENT.text(amps)
                            + " would flow between them",
                    "Charge both to one voltage, then join.",
                    List.of(flows));
        }
        return good("Packs differ by " + Quantity.VOLTAGE.text(apart), "Measured at rest, as entered.", flows);
    }
}
