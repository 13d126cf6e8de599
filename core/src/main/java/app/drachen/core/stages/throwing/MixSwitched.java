package app.drachen.core.stages.throwing;

import app.drachen.core.clearance.ClearanceRule;
import app.drachen.core.clearance.Gate;
import app.drachen.core.clearance.Remedy;
import app.drachen.core.clearance.Ruling;
import app.drachen.core.clearance.Situation;
import app.drachen.core.clearance.Stage;
import app.drachen.core.controls.ExtraMix;
import app.drachen.core.modes.RadioSwitch;
import app.drachen.core.working.Finding;
import app.drachen.core.working.Finding.State;
import app.drachen.core.working.Source;
import java.util.List;
import java.util.Optional;

/** THROWS-R11: a mix that is not from trims measured in flight can be switched off. */
final class MixSwitched implements ClearanceRule {
    @Override
    public String id() {
        return "THROWS-R11";
    }

    @Override
    public String demand() {
        return "A mix that was not measured in flight has a switch that is entered, with a position in which it is off.";
    }

    @Override
    public Source source() {
        return Source.COMMON_PRACTICE;
    }

    @Override
    public Ruling check(Situation situation) {
        List<ExtraMix> extras = situation.setup().controls().extras();
        List<RadioSwitch> switches = situation.setup().modes().switches();
        // flaps are a switch of their own: in their first position they add nothing
        Optional<ExtraMix> loose = extras.stream()
                .filter(m -> !m.measured() && m.amount() != 0 && m.from() != ExtraMix.Input.FLAPS)
                .filter(m -> switches.stream().noneMatch(s -> s.name().equals(m.onSwitch())))
                .findFirst();
        return loose.map(m -> Ruling.of(
                        Stage.THROWS,
                        Gate.LAUNCH,
                        Finding.of(
                                id(),
                                State.STOP,
                                "The mix \u201c" + m.name() + "\u201d cannot be switched off",
                                (m.onSwitch().isEmpty()
                                                ? "It is always on"
                                                : "Its switch \u201c" + m.onSwitch() + "\u201d is not entered in Modes")
                                        + ", and nobody has flown it. Put it on a switch; try it at trial height."),
                        new Remedy.GoTo("Put it on a switch", Stage.THROWS)))
                .orElseGet(() -> Ruling.advice(
                        Stage.THROWS,
                        Finding.of(
                                id(),
                                State.GOOD,
                                extras.isEmpty() ? "No extra mix" : "Every mix can be switched off or was measured",
                                "")));
    }
}
