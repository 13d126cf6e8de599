package app.drachen.core.stages.modes;

import app.drachen.core.clearance.ClearanceRule;
import app.drachen.core.clearance.Gate;
import app.drachen.core.clearance.Remedy;
import app.drachen.core.clearance.Ruling;
import app.drachen.core.clearance.Situation;
import app.drachen.core.clearance.Stage;
import app.drachen.core.modes.RadioSwitch;
import app.drachen.core.working.Finding;
import app.drachen.core.working.Finding.State;
import app.drachen.core.working.Source;
import java.util.List;
import java.util.Optional;

/** MODES-R4: arming has a switch of its own. Its pulse at start-up and on loss are not looked at yet. */
public final class ArmingApart implements ClearanceRule {
    @Override
    public String id() {
        return "MODES-R4";
    }

    @Override
    public String demand() {
        return "Arming sits on a switch and a channel of its own; helpers share none with the flight modes.";
    }

    @Override
    public Source source() {
        return Source.COMMON_PRACTICE;
    }

    @Override
    public Ruling check(Situation situation) {
        List<RadioSwitch> all = situation.setup().modes().switches();
        List<RadioSwitch> arming = of(all, RadioSwitch.Use.ARMING);
        Optional<RadioSwitch> shared = all.stream()
                .filter(s -> arming.stream().anyMatch(a -> a != s && a.channel() == s.channel() && !a.equals(s)))
                .findFirst();
        Optional<RadioSwitch> helper = of(all, RadioSwitch.Use.HELPER).stream()
                .filter(h -> of(all, RadioSwitch.Use.MODES).stream().anyMatch(m -> m.channel() == h.channel()))
                .findFirst();
        if (shared.isEmpty() && helper.isPresent()) {
            return Ruling.advice(
                    Stage.MODES,
                    Finding.of(
                            id(),
                            State.CAUTION,
                            "A helper shares channel " + helper.get().channel() + " with the flight modes",
                            "Whoever chooses a mode may switch Autotune or auto-trim. Give it a channel of its own."),
                    new Remedy.GoTo("Move it", Stage.MODES));
        }
        String missing = all.isEmpty()
                ? "No switch of the radio is entered"
                : arming.isEmpty()
                        ? "No switch for arming is entered"
                        : of(all, RadioSwitch.Use.MODES).isEmpty()
                                ? "The channel of the flight modes is not entered"
                                : "";
        if (shared.isEmpty() && !missing.isEmpty()) {
            return Ruling.advice(
                    Stage.MODES,
                    Finding.of(
                            id(),
                            State.OPEN,
                            missing,
                            "Enter what each switch does, on which channel; until then a propeller may start by any"
                                    + " of them."),
                    new Remedy.GoTo("Enter the switches", Stage.MODES));
        }
        return shared.map(s -> Ruling.of(
                        Stage.MODES,
                        Gate.POWER,
                        Finding.of(
                                id(),
                                State.STOP,
                                "Arming shares channel " + s.channel() + " with "
                                        + s.use().label(),
                                "Whoever chooses " + s.use().label() + " may start the propeller. Give arming a channel"
                                        + " of its own."),
                        new Remedy.GoTo("Move it", Stage.MODES)))
                .orElseGet(
                        () -> Ruling.of(
                                Stage.MODES,
                                Gate.POWER,
                                Finding.of(
                                        id(),
                                        State.GOOD,
                                        "Arming has a channel of its own",
                                        "Channel " + arming.get(0).channel() + ", of " + all.size()
                                                + " switches entered. What it does at start-up and on loss is yours to try, propeller off.")));
    }

    private static List<RadioSwitch> of(List<RadioSwitch> all, RadioSwitch.Use use) {
        return all.stream().filter(s -> s.use() == use).toList();
    }
}
