package app.drachen.core.rehearsal;

import app.drachen.core.autopilot.Autopilot;
import app.drachen.core.cards.Card;
import app.drachen.core.flight.Aircraft;
import app.drachen.core.modes.FlightMode;

/** Lets Mission fly one lap of the route. */
final class FlyingRoute extends PilotTask {
    FlyingRoute(Hands hands, Card card) {
        super(hands, card);
    }

    @Override
    boolean fly(double dt, Aircraft aircraft, Autopilot autopilot) {
        hands.mode = FlightMode.MISSION;
        hands.handsOff();
        if (phase == 0 && autopilot.leg() == card.route().orElseThrow().points().size() - 1) {
            startPhase(1);
        } else if (phase == 1 && autopilot.leg() == 0) {
            startPhase(2);
        } else {
            return phase == 2 && autopilot.leg() == 1;
        }
        return false;
    }
}
