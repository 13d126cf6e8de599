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
import java.util.List;
import java.util.Optional;

/** HARNESS-R6: no device gets more volts than it bears, the pack full. */
final class OverVoltage extends HarnessRule {
    OverVoltage() {
        super("HARNESS-R6", "Volts of a full pack", Source.COMMON_PRACTICE);
    }

    @Override
    public String demand() {
        return "No device gets more volts than it bears, the pack full.";
    }

    @Override
    Ruling judge(Situation situation, Wiring wiring) {
        Rails rails = Rails.of(wiring, Plugged.PACK);
        int looked = 0;
        for (Wired w : wiring.wired()) {
            Optional<Rails.Rail> rail = rails.rail(w.rail());
            if (rail.isEmpty() || !w.device().draw().fed()) {
                continue;
            }
            looked++;
            boolean raw = rail.get().rail().feed() == BoardRail.Feed.RAW;
            double volts = raw
                    ? wiring.fullVolts()
                    : rail.get().feeders().stream()
                            .mapToDouble(Rails.Feeder::volts)
                            .max()
                            .orElse(0);
            if (volts > w.device().draw().most() + 1e-9) {
                return over(wiring, w, volts, raw);
            }
        }
        return good(
                "Nothing gets more volts than it bears",
                looked + " devices looked at, pack at " + Quantity.VOLTAGE.text(wiring.fullVolts()) + ".");
    }

    private Ruling over(Wiring wiring, Wired w, double volts, boolean raw) {
        Device device = w.device();
        double cells = wiring.pack().cells();
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
