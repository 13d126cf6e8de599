package app.drachen.core.stages.harness;

import app.drachen.core.clearance.Gate;
import app.drachen.core.clearance.Remedy;
import app.drachen.core.clearance.Ruling;
import app.drachen.core.clearance.Situation;
import app.drachen.core.harness.BoardRail;
import app.drachen.core.harness.DeviceKind;
import app.drachen.core.harness.Signal;
import app.drachen.core.setup.Setup;
import app.drachen.core.wiring.Assignment;
import app.drachen.core.wiring.Plugged;
import app.drachen.core.wiring.Rails;
import app.drachen.core.wiring.ServoSupply;
import app.drachen.core.wiring.Wiring;
import app.drachen.core.wiring.Wiring.Wired;
import app.drachen.core.working.Source;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** HARNESS-R2: with the pack plugged, a way leads from a source to everything that wants power. */
final class Powered extends HarnessRule {
    Powered() {
        super("HARNESS-R2", "Power to every servo", new Source.Elementary("circuit theory"));
    }

    @Override
    public String demand() {
        return "With the pack plugged, a way leads from a source to every servo and device.";
    }

    @Override
    Ruling judge(Situation situation, Wiring wiring) {
        Rails rails = Rails.of(wiring, Plugged.PACK);
        for (Wired w : wiring.wired()) {
            boolean plugged = w.place().isPresent() || w.device().want().signal() == Signal.NONE;
            if (w.dead() && plugged) {
                String where = w.place()
                        .map(p -> upper(p.name()) + (p.powered() ? "'s red wire is lifted" : " has no power pin"))
                        .orElse("No wire brings it power");
                return stop(
                        Gate.LAUNCH,
                        where + "; " + w.device().name() + " stays dead",
                        "Feed it or move it.",
                        List.of(),
                        remedies(wiring, w));
            }
            if (!w.rail().isEmpty()
                    && rails.rail(w.rail()).filter(Rails.Rail::fed).isEmpty()) {
                return stop(
                        Gate.LAUNCH,
                        "Nothing feeds the rail " + w.rail() + "; " + w.device().name() + " stays dead",
                        "Put the red wire of the speed controller in, or fit a regulator.",
                        List.of(),
                        lowered(wiring, w.rail()).or(() -> regulator(wiring)).stream()
                                .toArray(Remedy[]::new));
            }
        }
        if (!wiring.unplugged().isEmpty()) {
            return open(
                    Optional.of(Gate.LAUNCH),
                    "Whether everything gets power cannot be told",
                    upper(wiring.unplugged().get(0).device().name()) + " is plugged in nowhere yet.");
        }
        long servos = wiring.ofKind(DeviceKind.SERVO).size();
        return good(
                "A way leads from the pack to everything",
                servos + " servos and "
                        + (wiring.wired().stream()
                                        .filter(w -> w.device().draw().fed())
                                        .count()
                                - servos)
                        + " other devices looked at.");
    }

    /** A bridge, and other places where that cures it. */
    private static Remedy[] remedies(Wiring wiring, Wired w) {
        List<Remedy> remedies = new ArrayList<>(feed(wiring, w).stream().toList());
        Assignment best = Assignment.of(wiring, Assignment.Aim.FEWEST_MOVES);
        if (best.complete() && best.moves() > 0) {
            remedies.add(Places.take(best));
        }
        return remedies.toArray(new Remedy[0]);
    }

    /** A bridge from the rail of the other servos, else from the first regulated rail that it bears. */
    private static Optional<Remedy> feed(Wiring wiring, Wired w) {
        List<BoardRail> rails =
                new ArrayList<>(w.device().kind() == DeviceKind.SERVO ? wiring.servoRails() : List.of());
        wiring.board().rails().stream().filter(r -> r.feed().regulates()).forEach(rails::add);
        return rails.stream()
                .filter(r -> r.volts() == 0
                        || r.volts() >= w.device().draw().least()
                                && r.volts() <= w.device().draw().most())
                .findFirst()
                .map(r -> new Remedy.Change(
                        "Bridge red from rail " + wiring.board().letter(r.name()),
                        "Power bridged from " + r.name(),
                        s -> bridged(s, w.device().kind(), r.name())));
    }

    /** Everything of a kind that is dead at its place, fed from a rail. */
    private static Setup bridged(Setup setup, DeviceKind kind, String rail) {
        Setup changed = setup;
        for (Wired w : Wiring.of(setup).wired()) {
            if (w.dead() && w.place().isPresent() && w.device().kind() == kind) {
                changed = changed.withHarness(
                        changed.harness().withLead(w.device().name(), l -> l.fedFrom(rail)));
            }
        }
        return changed;
    }

    /** A regulator of its own on a free output, where that can be. */
    private static Optional<Remedy> regulator(Wiring wiring) {
        return ServoSupply.of(wiring.setup()).stream()
                .filter(o ->
                        o.school() == ServoSupply.School.SEPARATE && o.against().isEmpty())
                .findFirst()
                .map(o -> new Remedy.Change(
                        "Fit a separate regulator",
                        "Separate regulator for the servos, typical figures",
                        s -> s.withHarness(o.setup().harness())));
    }

    /** A lifted red wire of something that could feed the rail. */
    private static Optional<Remedy> lowered(Wiring wiring, String rail) {
        return wiring.wired().stream()
                .filter(w -> w.device().gives().volts() > 0
                        && w.lead().filter(l -> l.lifted()).isPresent()
                        && w.place().filter(p -> p.rail().equals(rail)).isPresent())
                .findFirst()
                .map(w -> new Remedy.Change(
                        "Put red of " + w.device().name() + " in",
                        "Red wire of " + w.device().name() + " put in",
                        s -> s.withHarness(s.harness().withLead(w.device().name(), l -> l.lifted(false)))));
    }
}
