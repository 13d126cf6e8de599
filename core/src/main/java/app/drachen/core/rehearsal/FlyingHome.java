package app.drachen.core.rehearsal;

import static app.drachen.core.math.Statistics.length;

import app.drachen.core.autopilot.Autopilot;
import app.drachen.core.cards.Card;
import app.drachen.core.flight.Aircraft;
import app.drachen.core.modes.FlightMode;

/** Lets Home bring it back and circle. */
final class FlyingHome extends PilotTask {
    FlyingHome(Hands hands, Card card) {
        super(hands, card);
    }

    @Override
    boolean fly(double dt, Aircraft aircraft, Autopilot autopilot) {
        hands.mode = FlightMode.HOME;
        hands.handsOff();
        boolean near = length(aircraft.north(), aircraft.east())
                < 1.3 * hands.setup.modes().home().circleRadius();
        if (phase == 0 && near) {
            startPhase(1);
        }
        return (phase == 1 && inPhase > 40) || inStep > 240;
    }
}
