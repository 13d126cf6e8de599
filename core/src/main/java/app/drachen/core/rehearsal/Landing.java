package app.drachen.core.rehearsal;

import static app.drachen.core.math.Statistics.clamp;
import static app.drachen.core.math.Statistics.length;
import static app.drachen.core.math.Statistics.wrap;

import app.drachen.core.autopilot.Autopilot;
import app.drachen.core.cards.Card;
import app.drachen.core.flight.Aircraft;
import app.drachen.core.modes.FlightMode;

/** Approaches against the wind, flares, lands. */
final class Landing extends PilotTask {
    Landing(Hands hands, Card card) {
        super(hands, card);
    }

    @Override
    boolean fly(double dt, Aircraft aircraft, Autopilot autopilot) {
        hands.mode = FlightMode.MANUAL;
        double ahead = aircraft.north() * Math.cos(hands.upwind) + aircraft.east() * Math.sin(hands.upwind);
        double aside = -aircraft.north() * Math.sin(hands.upwind) + aircraft.east() * Math.cos(hands.upwind);
        double approachSpeed = 1.3 * hands.stallSpeed;
        if (phase == 0) {
            // to a point 170 m downwind of home, descending
            double toNorth = -170 * Math.cos(hands.upwind) - aircraft.north();
            double toEast = -170 * Math.sin(hands.upwind) - aircraft.east();
            double turn = wrap(Math.atan2(toEast, toNorth) - aircraft.heading());
            hands.fly(dt, aircraft, turn, 22, 1.15 * approachSpeed);
            if (length(toNorth, toEast) < 35 && aircraft.height() < 32) {
                startPhase(1);
            }
        } else if (phase == 1) {
            double turn = wrap(hands.upwind - Math.atan2(aside, 45) - aircraft.heading());
            double target = Math.max(0.5, -ahead * hands.skill.approachSlope());
            hands.fly(dt, aircraft, turn, target, approachSpeed);
            if (aircraft.height() < 2.2) {
                startPhase(2);
            } else if (ahead > 60 && aircraft.height() > 6) {
                startPhase(0);
            }
        } else {
            hands.power = 0;
            double flare = clamp(-0.035 * (aircraft.climb() + 0.5), -0.05, 0.22);
            hands.attitude(
                    dt, clamp(0.6 * wrap(hands.upwind - aircraft.heading()), -0.15, 0.15), hands.cruiseAlpha + flare);
        }

        return false;
    }
}
