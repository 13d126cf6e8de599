package app.drachen.core.stages.harness;

import app.drachen.core.clearance.Gate;
import app.drachen.core.clearance.Remedy;
import app.drachen.core.clearance.Ruling;
import app.drachen.core.clearance.Situation;
import app.drachen.core.setup.Setup;
import app.drachen.core.units.Quantity;
import app.drachen.core.wiring.Plugged;
import app.drachen.core.wiring.Rails;
import app.drachen.core.wiring.Rails.Feeder;
import app.drachen.core.wiring.Wiring;
import app.drachen.core.wiring.Wiring.Wired;
import app.drachen.core.working.Source;
import app.drachen.core.working.Working;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** HARNESS-R5: no two supplies feed one rail with neither a diode nor a lifted wire between. */
final class TwoFeeders extends HarnessRule {
    TwoFeeders() {
        super("HARNESS-R5", "Supplies against each other", new Source.Elementary("circuit theory"));
    }

    @Override
    public String demand() {
        return "No two supplies feed one rail without a diode or a lifted wire between, whatever is plugged in.";
    }

    @Override
    Ruling judge(Situation situation, Wiring wiring) {
        Optional<Wired> twice = wiring.wired().stream().filter(Wired::twice).findFirst();
        if (twice.isPresent()) {
            String name = twice.get().device().name();
            return stop(
                    Gate.POWER,
                    upper(name) + " is fed from " + twice.get().rail() + " and by its plug from "
                            + twice.get().place().map(p -> p.rail()).orElse(""),
                    "Two supplies meet in it. Lift the red wire of its plug.",
                    List.of(),
                    new Remedy.Change("Lift red of " + name, "Red wire lifted: " + name, s -> lift(s, List.of(name))));
        }
        for (Plugged plugged : Plugged.values()) {
            for (Rails.Rail rail : Rails.of(wiring, plugged).rails()) {
                if (rail.fought()) {
                    return fight(wiring, plugged, rail);
                }
            }
        }
        return good(
                "One supply a rail",
                wiring.board().rails().size()
                        + " rails looked at, on pack, USB, both and a pack of the receiver's own.");
    }

    private Ruling fight(Wiring wiring, Plugged plugged, Rails.Rail rail) {
        List<Feeder> two =
                new ArrayList<>(rail.feeders().stream().filter(f -> !f.oneWay()).toList());
        two.sort((a, b) -> Double.compare(b.volts(), a.volts()));
        Feeder high = two.get(0);
        Feeder low = two.get(1);
        double amps = (high.volts() - low.volts()) / (high.ohms() + low.ohms());
        Working exchange = Working.of(
                "HARNESS-A5",
                "Current backward into " + low.name() + ", without load",
                amps,
                Quantity.CURRENT,
                "(U₁ − U₂)/(R₁ + R₂)",
                new Source.Elementary("circuit theory"),
                Working.in(high.name() + " U₁", high.volts(), Quantity.VOLTAGE),
                Working.in(low.name() + " U₂", low.volts(), Quantity.VOLTAGE),
                Working.in("R₁", high.ohms(), Quantity.RESISTANCE),
                Working.in("R₂", low.ohms(), Quantity.RESISTANCE));
        List<Remedy> remedies = new ArrayList<>();
        // the board's own supply stays; all others but the first are lifted
        boolean board = two.stream().anyMatch(f -> f.name().equals(Rails.BOARD));
        List<String> extra = two.stream()
                .map(Feeder::name)
                .filter(n -> wiring.of(n).isPresent())
                .skip(board ? 0 : 1)
                .toList();
        if (!extra.isEmpty()) {
            remedies.add(new Remedy.Change(
                    "Lift red of " + String.join(", ", extra),
                    "Red wire lifted: " + String.join(", ", extra),
                    s -> lift(s, extra)));
        }
        return stop(
                Gate.POWER,
                "Two supplies feed the rail " + rail.rail().name()
                        + (plugged == Plugged.PACK ? "" : ", on " + plugged.label()),
                upper(high.name()) + " " + Quantity.VOLTAGE.text(high.volts()) + " against " + low.name() + " "
                        + Quantity.VOLTAGE.text(low.volts()) + ": " + Quantity.CURRENT.text(amps)
                        + " backward. Lift one red lead or fit a diode.",
                List.of(exchange),
                remedies.toArray(new Remedy[0]));
    }

    private static Setup lift(Setup setup, List<String> devices) {
        Setup changed = setup;
        for (String device : devices) {
            changed = changed.withHarness(changed.harness().withLead(device, l -> l.lifted(true)));
        }
        return changed;
    }
}
