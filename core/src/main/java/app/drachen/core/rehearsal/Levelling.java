package app.drachen.core.rehearsal;

import app.drachen.core.autopilot.Autopilot;
import app.drachen.core.cards.Card;
import app.drachen.core.flight.Aircraft;
import app.drachen.core.modes.FlightMode;

/** Banks by hand to either side, switches to Level and lets go. */
final class Levelling extends PilotTask {
    Levelling(Hands hands, Card card) {
        super(hands, card);
    }

    @Override
    boolean fly(double dt, Aircraft aircraft, Autopilot autopilot) {
        if (phase == 0 || phase == 2) {
            hands.mode = FlightMode.MANUAL;
            if (inPhase < 6 || aircraft.height() < card.trialHeight() - 10) {
                hands.cruise(dt, aircraft, card.trialHeight());
            } else {
                double side = phase == 0 ? 1 : -1;
                hands.attitude(dt, side * hands.skill.bank(), hands.cruiseAlpha + 0.05);
                hands.power = hands.cruisePower * 1.1;
                if (Math.abs(aircraft.roll() - side * hands.skill.bank()) < 0.06) {
                    startPhase(phase + 1);
                }
            }
        } else {
            hands.mode = FlightMode.LEVEL;
            hands.handsOff();
            hands.power = hands.cruisePower;
            if (inPhase > 8) {
                if (phase == 3) {
                    return true;
                }
                startPhase(2);
            }
        }

        return false;
    }
}
