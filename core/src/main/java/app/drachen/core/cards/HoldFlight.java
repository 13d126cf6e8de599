package app.drachen.core.cards;

import app.drachen.core.air.Field;
import app.drachen.core.cards.PassLimit.Measure;
import app.drachen.core.modes.FlightMode;
import app.drachen.core.setup.Setup;
import app.drachen.core.units.Quantity;
import java.util.List;
import java.util.Optional;

/** Card M3: Level and Hold, straight ahead, to see whether height and heading stand. */
public final class HoldFlight implements CardPlan {
    @Override
    public String id() {
        return "hold";
    }

    @Override
    public String title() {
        return "M3 · Hold, straight";
    }

    @Override
    public Card forAircraft(Setup setup, Field field) {
        return Launches.card(
                this,
                Launches.trialHeight(setup, field),
                List.of(
                        Launches.levelFromBank(3),
                        new CardStep(
                                4,
                                Task.HOLD,
                                FlightMode.HOLD,
                                "Hold, straight",
                                "let go for 40 s; height and heading must stand")),
                List.of(
                        Launches.most(
                                Measure.HOLD_HEIGHT,
                                "TUNE-R10",
                                "Height stands within ±" + Quantity.HEIGHT.text(5) + " in Hold",
                                5,
                                Quantity.HEIGHT,
                                "half of the range in 20 s or more, hands off, after 5 s"),
                        Launches.most(
                                Measure.HOLD_TURN,
                                "TUNE-R10",
                                "Heading turns by at most 15° in Hold",
                                Math.toRadians(15),
                                Quantity.ANGLE,
                                "heading at the end less at the beginning, hands off, after 5 s")),
                List.of(
                        "It swings more each time: Manual at once.",
                        "Hold turns although the sticks are centred: Level, land, find the trim."),
                600,
                Optional.empty());
    }
}
