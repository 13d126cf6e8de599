package app.drachen.core.stages.modes;

import app.drachen.core.clearance.ClearanceRule;
import app.drachen.core.clearance.Gate;
import app.drachen.core.clearance.Ruling;
import app.drachen.core.clearance.Situation;
import app.drachen.core.clearance.Stage;
import app.drachen.core.modes.BlindReach;
import app.drachen.core.modes.FlightMode;
import app.drachen.core.modes.Selector;
import app.drachen.core.working.Finding;
import app.drachen.core.working.Finding.State;
import app.drachen.core.working.Source;

/** MODES-R3: the safe places are at the end stops. */
public final class ManualAndHome implements ClearanceRule {
    @Override
    public String id() {
        return "MODES-R3";
    }

    @Override
    public String demand() {
        return "Manual and Home lie at the two ends of the selector, found blind in one move.";
    }

    @Override
    public Source source() {
        return Source.COMMON_PRACTICE;
    }

    @Override
    public Ruling check(Situation situation) {
        Selector selector = situation.setup().modes().selector();
        BlindReach reach = new BlindReach(selector);
        boolean manual = oneMove(reach, FlightMode.MANUAL);
        boolean home = oneMove(reach, FlightMode.HOME);
        boolean two = selector.second().isPresent();
        if (manual && home) {
            return Ruling.of(
                    Stage.MODES,
                    Gate.LAUNCH,
                    Finding.of(
                            id(),
                            State.GOOD,
                            two
                                    ? "One move reaches Manual, one reaches Home"
                                    : "Both ends of the selector are safe places",
                            two
                                    ? "From each of its " + selector.wanted().size() + " combinations, to an end stop."
                                    : "One end gives Manual, the other Home."));
        }
        String missing = manual ? "Home" : "Manual";
        return Ruling.of(
                Stage.MODES,
                manual ? Gate.HOLD : Gate.LAUNCH,
                Finding.of(
                        id(),
                        State.STOP,
                        two ? "One blind move does not always reach " + missing : missing + " is not at an end stop",
                        "In trouble nobody counts clicks. Put Manual at one end and Home at the other."));
    }

    private static boolean oneMove(BlindReach reach, FlightMode mode) {
        return reach.worst(mode).stream().anyMatch(moves -> moves <= 1);
    }
}
