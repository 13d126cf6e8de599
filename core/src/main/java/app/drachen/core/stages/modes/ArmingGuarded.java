package app.drachen.core.stages.modes;

import app.drachen.core.clearance.Remedy;
import app.drachen.core.clearance.Ruling;
import app.drachen.core.clearance.Situation;
import app.drachen.core.modes.Arming;
import app.drachen.core.modes.Loss;
import java.util.Optional;

/** MODES-R5: the board refuses to arm tilted, and without a fix where Home is what a lost link does. */
final class ArmingGuarded extends ModesRule {
    ArmingGuarded() {
        super(
                "MODES-R5",
                "The board refuses to arm tilted, and without a position fix where a lost link means Home; or it is said why not.");
    }

    @Override
    public Ruling check(Situation situation) {
        Optional<Arming> entered = situation.setup().modes().arming();
        if (entered.isEmpty()) {
            return open(
                    Optional.empty(),
                    "Under what conditions it arms is not entered",
                    "Look them up in the board and enter them.",
                    new Remedy.Change(
                            "All protections are on",
                            "Arming with all protections on",
                            s -> s.withModes(s.modes().withArming(Optional.of(Arming.GUARDED)))));
        }
        Arming arming = entered.get();
        Loss.Action away = situation.setup().modes().losses().action(Loss.LINK, Loss.Phase.AWAY);
        boolean home = away == Loss.Action.HOME || away == Loss.Action.OPEN;
        String off =
                !arming.levelOnly() ? "at any attitude" : home && !arming.needsFix() ? "without a position fix" : "";
        if (off.isEmpty()) {
            return good("Arming is guarded", "Near level" + (arming.needsFix() ? ", with a position fix." : "."));
        }
        return caution(
                "It arms " + off + ": a protection is off",
                arming.reason().isBlank()
                        ? "Switch the protection on, or say why it is off."
                        : "Your reason: " + arming.reason() + ".",
                new Remedy.Change(
                        "Switch it on",
                        "Protection of arming switched on",
                        s -> s.withModes(
                                s.modes().withArming(Optional.of(new Arming(true, true, arming.mostPower(), ""))))));
    }
}
