package app.drachen.core.rehearsal;

import static app.drachen.core.math.Statistics.wrap;

import app.drachen.core.autopilot.Autopilot;
import app.drachen.core.cards.Card;
import app.drachen.core.flight.Aircraft;

/** Throws, or lets the launch help fly, up to a safe height. */
final class Launching extends PilotTask {
    Launching(Hands hands, Card card) {
        super(hands, card);
    }

    @Override
    boolean fly(double dt, Aircraft aircraft, Autopilot autopilot) {
        hands.mode = hands.setup.modes().launchMode();
        if (hands.mode.fliesByItself()) {
            hands.handsOff();
            hands.power = hands.cruiseStick();
            return aircraft.height() > 14;
        }
        hands.attitude(dt, 0.8 * wrap(hands.upwind - aircraft.heading()), Math.toRadians(13));
        hands.power = Math.max(0.8, Math.min(1, 1.7 * hands.cruisePower));
        return aircraft.height() > 15;
    }
}
