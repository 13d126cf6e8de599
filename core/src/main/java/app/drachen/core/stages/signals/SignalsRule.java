package app.drachen.core.stages.signals;

import app.drachen.core.clearance.Gate;
import app.drachen.core.clearance.Remedy;
import app.drachen.core.clearance.Ruling;
import app.drachen.core.clearance.Situation;
import app.drachen.core.clearance.Stage;
import app.drachen.core.clearance.StageRule;
import app.drachen.core.signals.Alarm;
import app.drachen.core.signals.SignalsSection;
import java.util.Optional;
import java.util.function.UnaryOperator;

/** A rule of stage Signals. */
abstract class SignalsRule extends StageRule {
    SignalsRule(String id, String demand) {
        super(Stage.SIGNALS, id, demand);
    }

    /** A change of what is entered in Signals. */
    static Remedy change(String label, String reason, UnaryOperator<SignalsSection> how) {
        return new Remedy.Change(label, reason, s -> s.withSignals(how.apply(s.signals())));
    }

    /** Where nothing at all is entered that a rule looks at, that is open and not wrong. */
    final Optional<Ruling> notEntered(Situation situation, String title) {
        SignalsSection s = situation.setup().signals();
        return s.wanted().isEmpty() && s.alarms().isEmpty()
                ? Optional.of(
                        open(Optional.of(Gate.REACH), title, "Nothing is entered in Signals yet.", there("To Signals")))
                : Optional.empty();
    }

    /** An alarm that speaks in some position of the switch. */
    static Optional<Alarm> speaking(SignalsSection signals, Alarm.Kind kind) {
        return signals.alarm(kind).filter(a -> a.silentIn().size() < 3);
    }

    static String upper(String words) {
        return Character.toUpperCase(words.charAt(0)) + words.substring(1);
    }
}
