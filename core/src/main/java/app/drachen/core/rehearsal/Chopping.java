package app.drachen.core.rehearsal;

import app.drachen.core.autopilot.Autopilot;
import app.drachen.core.cards.Card;
import app.drachen.core.flight.Aircraft;
import app.drachen.core.modes.FlightMode;

/** Power off, then full, for 3 s each with the sticks where they kept it level. */
final class Chopping extends PilotTask {
    Chopping(Hands hands, Card card) {
        super(hands, card);
    }

    @Override
    boolean fly(double dt, Aircraft aircraft, Autopilot autopilot) {
        hands.mode = FlightMode.MANUAL;
        if (phase % 2 == 1) {
            hands.power = phase == 1 ? 0 : 1;
            if (inPhase > 3 || Math.abs(aircraft.roll()) > 0.7 || Math.abs(aircraft.pitch()) > 0.6) {
                startPhase(phase + 1);
            }
            return false;
        }
        hands.cruise(dt, aircraft, card.trialHeight());
        boolean calm = Math.abs(aircraft.roll()) < 0.06 && Math.abs(aircraft.climb()) < 0.4 && inPhase > 8;
        if (phase == 4 && inPhase > 6) {
            return true;
        }
        if (phase < 4 && calm) {
            hands.stickRoll = hands.rates.stickFor(hands.rollHeld, hands.rates.roll());
            hands.stickPitch = hands.rates.stickFor(hands.pitchHeld, hands.rates.pitch());
            startPhase(phase + 1);
        }

        return false;
    }
}
