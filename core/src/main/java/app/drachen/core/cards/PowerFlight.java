package app.drachen.core.cards;

import app.drachen.core.air.Field;
import app.drachen.core.cards.PassLimit.Measure;
import app.drachen.core.modes.FlightMode;
import app.drachen.core.setup.Setup;
import app.drachen.core.units.Quantity;
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
                List.of(
                        new CardStep(
                                3,
                                Task.CHOP,
                                FlightMode.MANUAL,
                                "Power off, then full, sticks still",
                                "3 s each; where do nose and wings go?"),
                        new CardStep(
                                4,
                                Task.GLIDE,
                                FlightMode.MANUAL,
                                "Power off, straight on at cruise speed",
                                "10 s by stick; the log then tells what pitch needs without power")),
                List.of(
                        Launches.most(
                                Measure.CHOP_PITCH,
                                "MAIDEN-R13",
                                "The nose falls by at most 20° in 3 s without power",
                                Math.toRadians(20),
                                Quantity.ANGLE,
                                "pitch when the power is cut, less the least within 3 s, stick still; a glide takes it 6 to 8° down anyhow"),
                        Launches.most(
                                Measure.CHOP_HEIGHT,
                                "MAIDEN-R13",
                                "At most " + Quantity.HEIGHT.text(10) + " is lost in the 5 s after",
                                10,
                                Quantity.HEIGHT,
                                "height when the power is cut, less the least within 5 s")),
                List.of(
                        "The nose falls below 30°: power on and pull gently.",
                        "It rolls by itself: level it, power on."),
                420,
                Optional.empty());
    }
}
