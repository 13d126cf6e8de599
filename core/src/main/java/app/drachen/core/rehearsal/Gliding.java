package app.drachen.core.rehearsal;

import static app.drachen.core.math.Statistics.clamp;
import static app.drachen.core.math.Statistics.wrap;

import app.drachen.core.autopilot.Autopilot;
import app.drachen.core.cards.Card;
import app.drachen.core.flight.Aircraft;
import app.drachen.core.modes.FlightMode;

/** Straight on at cruise speed, first with power, then without, down to half the trial height at most. */
final class Gliding extends PilotTask {
    private static final double SECONDS = 16;

    private double glide = -0.08;

    Gliding(Hands hands, Card card) {
        super(hands, card);
    }

    @Override
    boolean fly(double dt, Aircraft aircraft, Autopilot autopilot) {
        hands.mode = FlightMode.MANUAL;
        if (phase == 0) {
            hands.cruise(dt, aircraft, card.trialHeight());
            boolean calm = Math.abs(aircraft.roll()) < 0.06 && Math.abs(aircraft.climb()) < 0.4;
            if (inPhase > 12 && calm && hands.intoWind(aircraft)) {
                startPhase(1);
            }
            return false;
        }
        hands.power = 0;
        // as in the board's own glide: the nose follows the speed, slowly
        double fast = clamp(aircraft.airspeed() - hands.limits.cruiseSpeed(), -4, 4);
        glide = clamp(glide + 0.015 * fast * dt, -0.25, 0.1);
        double nose = hands.cruiseAlpha + glide + 0.015 * fast;
        hands.attitude(dt, clamp(0.6 * wrap(hands.upwind - aircraft.heading()), -0.12, 0.12), clamp(nose, -0.3, 0.2));
        return inPhase > SECONDS || aircraft.height() < card.trialHeight() / 2;
    }
}
