package app.drachen.core.stages.harness;

import app.drachen.core.clearance.Gate;
import app.drachen.core.clearance.Remedy;
import app.drachen.core.clearance.Ruling;
import app.drachen.core.clearance.Situation;
import app.drachen.core.harness.BoardRail;
import app.drachen.core.harness.Device;
import app.drachen.core.units.Quantity;
import app.drachen.core.wiring.Plugged;
import app.drachen.core.wiring.Rails;
import app.drachen.core.wiring.Wiring;
import app.drachen.core.wiring.Wiring.Wired;
import app.drachen.core.working.Source;
import app.drachen.core.working.Working;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;

/** HARNESS-R6: no device gets more volts than it bears, the pack full. */
final class OverVoltage extends HarnessRule {
    OverVoltage() {
        super("HARNESS-R6", "Volts of a full pack", Source.COMMON_PRACTICE);
    }

    @Override
    public String demand() {
        return "No device gets more volts than it bears, the pack full, whatever is plugged in.";
    }

    @Override
    Ruling judge(Situation situation, Wiring wiring) {
        Set<String> looked = new HashSet<>();
        for (Plugged plugged : Plugged.values()) {
            Rails rails = Rails.of(wiring, plugged);
            for (Wired w : wiring.wired()) {
                OptionalDouble volts = rails.highest(wiring, w);
                if (volts.isPresent()) {
                    looked.add(w.device().name());
                    if (volts.getAsDouble() > w.device().draw().most() + 1e-9) {
                        boolean raw = rails.rail(w.rail())
                                .filter(r -> r.rail().feed() == BoardRail.Feed.RAW)
                                .isPresent();
                        return over(wiring, w, volts.getAsDouble(), raw);
                    }
                }
            }
        }
        List<String> untold = wiring.wired().stream()
                .filter(w -> w.device().draw().fed())
                .map(w -> w.device().name())
                .filter(n -> !looked.contains(n))
                .toList();
        if (!untold.isEmpty()) {
            return open(
                    Optional.empty(),
                    "Volts cannot be told: " + String.join(", ", untold),
                    "Nothing feeds it yet. The other " + looked.size() + " devices get no more than they bear.");
        }
        return good(
                "Nothing gets more volts than it bears",
                looked.size() + " devices looked at in every state, pack at "
                        + Quantity.VOLTAGE.text(wiring.fullVolts()) + ".");
    }

    private Ruling over(Wiring wiring, Wired w, double volts, boolean raw) {
        Device device = w.device();
        double cells = wiring.fullVolts() / wiring.harness().packs().fullCell();
        Working full = Working.of(
                id(),
                raw ? "Full pack" : "Volts on rail " + w.rail(),
                volts,
                Quantity.VOLTAGE,
                raw ? "cells · volts of a full cell" : "the highest of what feeds it",
                Source.COMMON_PRACTICE,
                Working.in("cells", cells, Quantity.COUNT),
                Working.in("a full cell", wiring.harness().packs().fullCell(), Quantity.VOLTAGE),
                Working.in(device.name() + " bears", device.draw().most(), Quantity.VOLTAGE));
        Remedy[] remedies = wiring.board().rails().stream()
                .filter(r -> r.feed().regulates()
                        && r.volts() >= device.draw().least()
                        && r.volts() <= device.draw().most())
                .max((a, b) -> Double.compare(a.volts(), b.volts()))
                .stream()
                .map(r -> new Remedy.Change(
                        "Feed it from " + r.name() + ", " + Quantity.VOLTAGE.text(r.volts()),
                        upper(device.name()) + " fed from " + r.name(),
                        s -> s.withHarness(s.harness().withLead(device.name(), l -> l.fedFrom(r.name())))))
                .toArray(Remedy[]::new);
        return stop(
                Gate.POWER,
                (raw ? "Full pack " : "Rail " + w.rail() + " ") + Quantity.VOLTAGE.text(volts) + ", " + device.name()
                        + " takes " + Quantity.VOLTAGE.text(device.draw().most()),
                "Feed it from a regulated supply.",
                List.of(full),
                remedies);
    }
}
