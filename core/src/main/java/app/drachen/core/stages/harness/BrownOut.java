package app.drachen.core.stages.harness;

import app.drachen.core.clearance.Gate;
import app.drachen.core.clearance.Judgement;
import app.drachen.core.clearance.Remedy;
import app.drachen.core.clearance.Ruling;
import app.drachen.core.clearance.Situation;
import app.drachen.core.harness.DeviceKind;
import app.drachen.core.units.Quantity;
import app.drachen.core.wiring.RailTrace;
import app.drachen.core.wiring.Rails;
import app.drachen.core.wiring.Wire;
import app.drachen.core.wiring.Wiring;
import app.drachen.core.wiring.Wiring.Wired;
import app.drachen.core.working.Source;
import app.drachen.core.working.Working;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** HARNESS-R7: nothing on a rail loses its volts when the servos pull, the pack low and the motor at full power. */
final class BrownOut extends HarnessRule {
    private static final Judgement MARGIN =
            new Judgement("HARNESS-R7.margin", "volts kept above what a device needs", Quantity.VOLTAGE, 0.3, 0, 2);

    BrownOut() {
        super("HARNESS-R7", "Volts at the worst load", new Source.OwnEstimate("currents ±30 %"));
    }

    @Override
    public String demand() {
        return "With the pack at 20 % and full power, every device keeps " + MARGIN.text()
                + " above what it needs when the servos pull.";
    }

    @Override
    public List<Judgement> judgements() {
        return List.of(MARGIN);
    }

    @Override
    Ruling judge(Situation situation, Wiring wiring) {
        Rails rails = Rails.worst(wiring);
        double margin = situation.judged(MARGIN);
        double least = Double.POSITIVE_INFINITY;
        Optional<Working> tightest = Optional.empty();
        List<String> untold = new ArrayList<>();
        String words = "";
        for (Rails.Rail rail : rails.rails()) {
            List<Wired> here = wiring.on(rail.rail().name());
            if (!rail.fed()) {
                here.forEach(w -> untold.add(w.device().name()));
                continue;
            }
            double sagged = Math.min(rail.lowest(), RailTrace.of(wiring, rail).lowest());
            for (Wired w : here) {
                if (w.lead().isPresent() && !w.lengthKnown()) {
                    untold.add(w.device().name());
                }
                double at = Math.max(0, sagged - w.device().draw().peak() * w.resistance());
                double room = at - w.device().draw().least();
                Working seen = lowest(w, sagged, at);
                if (room < margin) {
                    return stop(
                            Gate.LAUNCH,
                            upper(w.device().name()) + " would see " + Quantity.VOLTAGE.text(at)
                                    + " when the servos pull",
                            "It needs "
                                    + Quantity.VOLTAGE.text(w.device().draw().least())
                                    + " and some to spare. Thicker wire, stronger supply, more capacitance on the rail.",
                            List.of(seen),
                            thicker(w));
                }
                if (room < least) {
                    least = room;
                    tightest = Optional.of(seen);
                    words = "Tightest: " + w.device().name() + ", " + Quantity.VOLTAGE.text(room)
                            + " above what it needs.";
                }
            }
        }
        if (!untold.isEmpty() || tightest.isEmpty()) {
            return open(
                    Optional.empty(),
                    "Volts at the worst load cannot be told"
                            + (untold.isEmpty() ? "" : ": " + String.join(", ", untold)),
                    "Nothing feeds it, or nobody knows how long its lead is: measure it, or give it a place in stage Build.");
        }
        return good("Volts hold when the servos pull", words, tightest.stream().toArray(Working[]::new));
    }

    private static Working lowest(Wired w, double sagged, double at) {
        return Working.of(
                "HARNESS-R7",
                "Lowest at " + w.device().name(),
                at,
                Quantity.VOLTAGE,
                "U_rail − I_peak·R_lead; the rail as it sags in a hard manoeuvre",
                new Source.OwnEstimate("currents ±30 %"),
                Working.in("U_rail", sagged, Quantity.VOLTAGE),
                Working.in("I_peak", w.device().draw().peak(), Quantity.CURRENT),
                Working.in("R_lead, both ways", w.resistance(), Quantity.RESISTANCE));
    }

    /** A thicker lead, where the lead is what takes the volts. */
    private static Remedy[] thicker(Wired w) {
        double drop = w.device().draw().peak() * w.resistance();
        if (drop < 0.1 || w.lead().isEmpty() || w.device().kind() == DeviceKind.MOTOR) {
            return new Remedy[0];
        }
        int gauge = Wire.gaugeFor(w.length(), w.device().draw().peak(), 0.05);
        return new Remedy[] {
            new Remedy.Change(
                    "Take gauge " + gauge,
                    "Gauge " + gauge + " to " + w.device().name(),
                    s -> s.withHarness(s.harness().withLead(w.device().name(), l -> l.ofGauge(gauge))))
        };
    }
}
