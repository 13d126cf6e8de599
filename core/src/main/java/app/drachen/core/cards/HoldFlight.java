package app.drachen.core.cards;

import app.drachen.core.aerodynamics.Stall;
import app.drachen.core.air.Field;
import app.drachen.core.modes.FlightMode;
import app.drachen.core.setup.Setup;
import app.drachen.core.units.Quantity;
import app.drachen.core.working.Source;
import app.drachen.core.working.Working;
import java.util.List;

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
        double height = TrialHeight.of(Stall.of(setup, field.density())).value();
        return new Card(
                id(),
                title(),
                List.of(
                        new CardStep(
                                1,
                                Task.LAUNCH,
                                FlightMode.MANUAL,
                                "Throw into the wind",
                                "wings level, power up, hands behind the propeller"),
                        new CardStep(
                                2,
                                Task.CLIMB,
                                FlightMode.MANUAL,
                                "Climb to trial height",
                                Quantity.HEIGHT.text(height)),
                        new CardStep(
                                3, Task.LEVEL, FlightMode.LEVEL, "Level from 30° of bank", "let go; it must settle"),
                        new CardStep(
                                4,
                                Task.HOLD,
                                FlightMode.HOLD,
                                "Hold, straight",
                                "let go for 40 s; height and heading must stand"),
                        new CardStep(5, Task.LAND, FlightMode.MANUAL, "Land into the wind", "Manual")),
                List.of(new PassLimit(
                        PassLimit.Measure.CHARGE_LEFT,
                        "Lands with more than 40 % of the pack",
                        0.4,
                        Double.POSITIVE_INFINITY,
                        Working.of(
                                "MAIDEN-R17",
                                "Charge kept",
                                0.4,
                                Quantity.SHARE,
                                "30 % in hand and 10 % for a second approach",
                                Source.COMMON_PRACTICE))),
                List.of(
                        "It swings more each time: Manual at once.",
                        "Hold turns although the sticks are centred: Level, land, find the trim."),
                List.of(
                        "Thrower behind the propeller, people behind the line, nobody ahead.",
                        "Keep it in sight and under the height limit; local rules come first."),
                Math.min(height, field.heightLimit().map(l -> l.height() - 10).orElse(height)),
                600);
    }
}
