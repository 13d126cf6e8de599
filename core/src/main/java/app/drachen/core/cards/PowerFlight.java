package app.drachen.core.cards;

import app.drachen.core.air.Field;
import app.drachen.core.modes.FlightMode;
import app.drachen.core.setup.Setup;
import java.util.List;
import java.util.Optional;

/** Card M2: power off and on with still sticks, to see what the thrust line and the torque do. */
public final class PowerFlight implements CardPlan {
    @Override
    public String id() {
        return "power";
    }

    @Override
    public String title() {
        return "M2 · Power off and on";
    }

    @Override
    public Card forAircraft(Setup setup, Field field) {
        return Launches.card(
                this,
                Launches.trialHeight(setup, field),
                List.of(new CardStep(
                        3,
                        Task.CHOP,
                        FlightMode.MANUAL,
                        "Power off, then full, sticks still",
                        "3 s each; where do nose and wings go?")),
                List.of(
                        "The nose falls below 30°: power on and pull gently.",
                        "It rolls by itself: level it, power on."),
                420,
                Optional.empty());
    }
}
