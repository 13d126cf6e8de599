package app.drachen.core.stages.modes;

import app.drachen.core.clearance.Gate;
import app.drachen.core.clearance.Proof;
import app.drachen.core.clearance.ProofKind;
import app.drachen.core.clearance.Ruling;
import app.drachen.core.clearance.Situation;
import app.drachen.core.clearance.Stage;
import app.drachen.core.math.Order;
import app.drachen.core.modes.FlightMode;
import app.drachen.core.modes.SecondPath;
import app.drachen.core.units.Quantity;
import app.drachen.core.working.Finding;
import app.drachen.core.working.Finding.State;
import app.drachen.core.working.Working;
import java.util.Optional;

/** MODES-R14: a mode flown by console allows its delay. */
final class DelayAllowed extends ModesRule {
    DelayAllowed() {
        super(
                "MODES-R14",
                "Every mode that the console flies allows the console's delay: as measured on the real aircraft, else the longer of what was entered and what the stand-in shows.");
    }

    @Override
    public Ruling check(Situation situation) {
        Optional<SecondPath> entered = situation.setup().modes().second();
        if (entered.isEmpty()) {
            return good("No console, no delay", "");
        }
        SecondPath path = entered.get();
        if (path.modes().isEmpty()) {
            return open(
                    Optional.of(Gate.HOME),
                    "Which modes the console flies is not entered",
                    "Choose them; each allows another delay.",
                    go("Choose them"));
        }
        Optional<Proof> tried = situation
                .proof(ProofKind.HAND_OVER)
                .filter(p -> situation.fresh(p) && p.values().containsKey("delay"));
        boolean real = tried.filter(p -> p.evidence() == Proof.Evidence.REAL).isPresent();
        double seen = tried.map(p -> p.values().get("delay")).orElse(0.0);
        // a real measurement rules over what was entered; one of the stand-in can only make it worse
        boolean entry = !real && path.delay() >= seen;
        double delay = entry ? path.delay() : seen;
        String how = entry
                ? "entered"
                : "measured, " + tried.orElseThrow().evidence().label();
        FlightMode first = path.modes().stream()
                .min(Order.by(m -> DelayBounds.of(m, situation.setup()).value()))
                .orElseThrow();
        Working tightest = DelayBounds.of(first, situation.setup());
        boolean allowed = delay <= tightest.value();
        return Ruling.of(
                Stage.MODES,
                Gate.HOME,
                Finding.of(
                        id(),
                        allowed ? State.GOOD : State.STOP,
                        Quantity.TIME_FINE.text(delay) + " of delay, " + how + "; " + first.label() + " allows "
                                + Quantity.TIME_FINE.text(tightest.value()),
                        allowed
                                ? "Every mode that the console flies allows it."
                                : "Take " + first.label() + " off the console, or shorten the link.",
                        tightest));
    }
}
