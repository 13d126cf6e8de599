package app.drachen.core.rehearsal;

import static app.drachen.core.math.Statistics.clamp;
import static app.drachen.core.math.Statistics.wrap;

import app.drachen.core.autopilot.Autopilot;
import app.drachen.core.autopilot.Helper;
import app.drachen.core.cards.Card;
import app.drachen.core.flight.Aircraft;
import app.drachen.core.modes.FlightMode;

/** Passes along the strip with the nose held on the line, by rudder where there is one. */
final class AutoTrimming extends PilotTask {
    private double yawHeld;

    AutoTrimming(Hands hands, Card card) {
        super(hands, card);
    }

    @Override
    boolean fly(double dt, Aircraft aircraft, Autopilot autopilot) {
        hands.mode = FlightMode.MANUAL;
        double strip = hands.field.stripHeading();
        double line = hands.outbound(aircraft, strip) ? strip : wrap(strip + Math.PI);
        double off = wrap(line - aircraft.heading());
        hands.power = hands.powerFor(aircraft, hands.limits.cruiseSpeed(), card.trialHeight());
        double nose = hands.pitchFor(aircraft, card.trialHeight());
        if (Math.abs(off) > 0.35) {
            hands.attitude(dt, hands.bankFor(off), nose);
        } else {
            hands.helper = Helper.AUTO_TRIM;
            double drift = -aircraft.velocityNorth() * Math.sin(line) + aircraft.velocityEast() * Math.cos(line);
            hands.attitude(dt, clamp(-0.05 * drift + 0.3 * off, -0.07, 0.07), nose);
            yawHeld = clamp(yawHeld + 0.5 * off * dt, -0.8, 0.8);
            hands.stickYaw = yawHeld + 1.5 * off - 0.4 * aircraft.yawRate();
        }
        return inStep > 120;
    }
}
