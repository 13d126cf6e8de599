package app.drachen.core.rehearsal;

import app.drachen.core.autopilot.Autopilot;
import app.drachen.core.cards.Card;
import app.drachen.core.flight.Aircraft;
import app.drachen.core.modes.FlightMode;

/** Climbs to the trial height on legs along the wind. */
final class Climbing extends PilotTask {
    Climbing(Hands hands, Card card) {
        super(hands, card);
    }

    @Override
    boolean fly(double dt, Aircraft aircraft, Autopilot autopilot) {
        hands.mode = FlightMode.MANUAL;
        hands.power = Math.max(0.75, Math.min(1, 1.6 * hands.cruisePower));
        double slow = Math.max(0, 1.35 * hands.stallSpeed - aircraft.airspeed());
        hands.legs(dt, aircraft, hands.cruiseAlpha + Math.toRadians(12) - 0.06 * slow);
        // told to climb on, he does until something says height
        return aircraft.height() > card.trialHeight() - 2 && !hands.climbsOn || aircraft.height() > hands.ceiling;
    }
}
