package app.drachen.core.rehearsal;

import app.drachen.core.autopilot.Autopilot;
import app.drachen.core.cards.Card;
import app.drachen.core.flight.Aircraft;
import app.drachen.core.modes.FlightMode;

/** Slows down with power off until the nose drops or it mushes, then lets go and recovers. */
final class Stalling extends PilotTask {
    /** Aileron that a hand still uses near the stall, share of full stick [-]. */
    private static final double QUIET = 0.15;

    private double pitchHeldBefore;
    private double fullUp;

    Stalling(Hands hands, Card card) {
        super(hands, card);
    }

    @Override
    boolean fly(double dt, Aircraft aircraft, Autopilot autopilot) {
        hands.mode = FlightMode.MANUAL;
        if (phase == 0) {
            hands.cruise(dt, aircraft, card.trialHeight());
            boolean straight = Math.abs(aircraft.roll()) < 0.08 && inPhase > 4;
            if (straight && hands.intoWind(aircraft) && aircraft.height() > card.trialHeight() - 8) {
                pitchHeldBefore = hands.pitchHeld;
                startPhase(1);
            }
        } else if (phase == 1) {
            hands.power = 0;
            double pull = Math.toRadians(4) + 0.035 * inPhase;
            hands.attitude(dt, 0, Math.min(Math.toRadians(26), pull));
            quietAilerons(aircraft);
            // what happens far above the stall is a gust; near it the first sign is enough (common practice)
            boolean slow = aircraft.airspeed() < 1.2 * hands.stallSpeed;
            boolean broke = slow && aircraft.pitchRate() < -0.35 && inPhase > 2;
            boolean dropped = Math.abs(aircraft.roll()) > Math.toRadians(slow ? 12 : 35);
            fullUp = hands.stickPitch > 0.97 ? fullUp + dt : 0;
            boolean mushing = (slow && aircraft.climb() < -2.2 && inPhase > 3) || fullUp > 2.5;
            if (broke || dropped || mushing || inPhase > 20) {
                // lets the stick go forward at once instead of easing it
                hands.pitchHeld = pitchHeldBefore;
                startPhase(2);
            }
        } else {
            hands.power = inPhase < 0.8 ? 0.3 : Math.min(1, 1.3 * hands.cruisePower);
            boolean flying = aircraft.airspeed() > 1.3 * hands.stallSpeed;
            hands.attitude(dt, 0, flying ? hands.cruiseAlpha + 0.05 : Math.toRadians(-8));
            return flying && inPhase > 3 && Math.abs(aircraft.roll()) < 0.3;
        }

        return false;
    }

    /** Near the stall a trained hand keeps the ailerons near the middle: more of them would stall the lower wing first. */
    private void quietAilerons(Aircraft aircraft) {
        if (aircraft.airspeed() < 1.2 * hands.stallSpeed) {
            hands.stickRoll = Math.max(-QUIET, Math.min(QUIET, hands.stickRoll));
        }
    }
}
