package app.drachen.core.cards;

import app.drachen.core.aerodynamics.Stall;
import app.drachen.core.air.Field;
import app.drachen.core.modes.FlightMode;
import app.drachen.core.setup.Setup;
import java.util.List;

/** Card M2: power off and on with still sticks, to see what the thrust line does. */
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
        double height = Launches.trialHeight(Stall.of(setup, field.density()), field);
        return new Card(
                id(),
                title(),
                List.of(
                        Launches.throwInto(),
                        Launches.climbTo(height),
                        new CardStep(
                                3,
                                Task.CHOP,
                                FlightMode.MANUAL,
                                "Power off, then full, sticks still",
                                "3 s each; where do nose and wings go?"),
                        Launches.land(4)),
                List.of(Launches.chargeKept()),
                List.of(
                        "The nose falls below 30°: power on and pull gently.",
                        "It rolls by itself: level it, power on."),
                Launches.CAUTIONS,
                height,
                420);
    }
}
