package app.drachen.core.rehearsal;

import static app.drachen.core.math.Statistics.clamp;
import static app.drachen.core.math.Statistics.length;
import static app.drachen.core.math.Statistics.wrap;

import app.drachen.core.autopilot.Autopilot;
import app.drachen.core.autopilot.Helper;
import app.drachen.core.cards.Card;
import app.drachen.core.flight.Aircraft;
import app.drachen.core.modes.FlightMode;

/** Full reversals of one stick in Level, with a turn back when it gets far. */
final class Tuning extends PilotTask {
    private final boolean rolling;
    private double tuned;

    Tuning(Hands hands, Card card, boolean rolling) {
        super(hands, card);
        this.rolling = rolling;
    }

    @Override
    boolean fly(double dt, Aircraft aircraft, Autopilot autopilot) {
        hands.mode = FlightMode.LEVEL;
        double home = wrap(Math.atan2(-aircraft.east(), -aircraft.north()) - aircraft.heading());
        boolean far = length(aircraft.north(), aircraft.east()) > 300 && Math.abs(home) > 0.6;
        double nose = hands.pitchFor(aircraft, card.trialHeight());
        hands.power = hands.powerFor(aircraft, hands.limits.cruiseSpeed(), card.trialHeight());
        hands.stickRoll = 0;
        hands.stickPitch = nose / (nose > 0 ? hands.limits.pitchUp() : hands.limits.pitchDown());
        if (far || aircraft.height() < 0.6 * card.trialHeight()) {
            hands.stickRoll = far ? clamp(1.2 * home, -0.75, 0.75) : 0;
            return false;
        }
        hands.helper = Helper.AUTOTUNE;
        tuned += dt;
        double full = tuned % (2 * hands.skill.reversal()) < hands.skill.reversal() ? 1 : -1;
        if (rolling) {
            hands.stickRoll = full;
        } else {
            hands.stickPitch = full;
        }
        return tuned > 60 * hands.skill.reversal();
    }
}
