package app.drachen.core.rehearsal;

import app.drachen.core.autopilot.Autopilot;
import app.drachen.core.cards.Card;
import app.drachen.core.flight.Aircraft;
import app.drachen.core.modes.FlightMode;

/** Two straight passes with the sticks as still as may be. */
final class Trimming extends PilotTask {
    Trimming(Hands hands, Card card) {
        super(hands, card);
    }

    @Override
    boolean fly(double dt, Aircraft aircraft, Autopilot autopilot) {
        hands.mode = FlightMode.MANUAL;
        hands.cruise(dt, aircraft, card.trialHeight());
        return inStep > 75;
    }
}
