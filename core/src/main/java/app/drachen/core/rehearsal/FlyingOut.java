package app.drachen.core.rehearsal;

import static app.drachen.core.math.Statistics.clamp;
import static app.drachen.core.math.Statistics.length;
import static app.drachen.core.math.Statistics.wrap;

import app.drachen.core.autopilot.Autopilot;
import app.drachen.core.cards.Card;
import app.drachen.core.flight.Aircraft;
import app.drachen.core.modes.FlightMode;
import app.drachen.core.modes.Route;

/** Flies out in Hold until the far point, or until the link is lost. */
final class FlyingOut extends PilotTask {
    FlyingOut(Hands hands, Card card) {
        super(hands, card);
    }

    @Override
    boolean fly(double dt, Aircraft aircraft, Autopilot autopilot) {
        hands.mode = FlightMode.HOLD;
        hands.power = hands.cruiseStick();
        hands.handsOff();
        Route.Point far = card.route().orElseThrow().points().get(1);
        double turn = wrap(
                Math.atan2(far.east(), far.north()) - Math.atan2(aircraft.velocityEast(), aircraft.velocityNorth()));
        if (Math.abs(turn) > 0.15) {
            hands.stickRoll = clamp(1.5 * turn, -0.8, 0.8);
        }
        boolean there = length(aircraft.north(), aircraft.east()) >= length(far.north(), far.east());
        return there || autopilot.linkLost();
    }
}
