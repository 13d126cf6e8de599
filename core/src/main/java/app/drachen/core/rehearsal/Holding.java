package app.drachen.core.rehearsal;

import app.drachen.core.autopilot.Autopilot;
import app.drachen.core.cards.Card;
import app.drachen.core.flight.Aircraft;
import app.drachen.core.modes.FlightMode;

/** Lines up into the wind, switches to Hold and lets go. */
final class Holding extends PilotTask {
    Holding(Hands hands, Card card) {
        super(hands, card);
    }

    @Override
    boolean fly(double dt, Aircraft aircraft, Autopilot autopilot) {
        if (phase == 0) {
            hands.mode = FlightMode.MANUAL;
            hands.cruise(dt, aircraft, card.trialHeight());
            if (inPhase > 4 && hands.intoWind(aircraft) && Math.abs(aircraft.roll()) < 0.1) {
                startPhase(1);
            }
        } else {
            hands.mode = FlightMode.HOLD;
            hands.handsOff();
            hands.power = hands.cruiseStick();
            return inPhase > 40;
        }

        return false;
    }
}
