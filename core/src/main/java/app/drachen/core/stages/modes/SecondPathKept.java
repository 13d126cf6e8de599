package app.drachen.core.stages.modes;

import app.drachen.core.clearance.Gate;
import app.drachen.core.clearance.Remedy;
import app.drachen.core.clearance.Ruling;
import app.drachen.core.clearance.Situation;
import app.drachen.core.modes.Loss;
import app.drachen.core.modes.SecondPath;
import java.util.Optional;

/** MODES-R12: whoever flies by console keeps the radio on, knows what a lost console does, and how to take back. */
final class SecondPathKept extends ModesRule {
    SecondPathKept() {
        super(
                "MODES-R12",
                "With a second path of control the radio stays on, the loss of the second path has an action, and taking back is"
                        + " described.");
    }

    @Override
    public Ruling check(Situation situation) {
        Optional<SecondPath> entered = situation.setup().modes().second();
        if (entered.isEmpty()) {
            return good("One path of control, the radio", "");
        }
        SecondPath path = entered.get();
        if (!path.radioStays()) {
            return stop(
                    Gate.REACH,
                    "The radio is off and one slow link remains",
                    "Keep both on: the radio is what takes back.",
                    new Remedy.Change(
                            "The radio stays on",
                            "Radio stays on beside the console",
                            s -> s.withModes(
                                    s.modes().withSecond(s.modes().second().map(p -> p.withRadio(true))))));
        }
        if (path.action() == Loss.Action.OPEN) {
            return stop(
                    Gate.REACH,
                    "What a lost console does is not decided",
                    "Choose Home, or a turn that waits.",
                    go("Choose it"));
        }
        return path.takeBack().isBlank()
                ? stop(
                        Gate.REACH,
                        "How the radio takes back is not described",
                        "Write down which switch takes control back; then try it at the bench.",
                        go("Describe it"))
                : good(
                        "Both paths are kept",
                        "Console lost: " + path.action().label() + ". Back by: " + path.takeBack() + ".");
    }
}
