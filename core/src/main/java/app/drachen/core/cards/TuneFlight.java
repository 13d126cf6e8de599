package app.drachen.core.cards;

import app.drachen.core.air.Field;
import app.drachen.core.cards.PassLimit.Measure;
import app.drachen.core.modes.FlightMode;
import app.drachen.core.setup.Setup;
import app.drachen.core.units.Quantity;
import java.util.List;
import java.util.Optional;

/** Card M4: Autotune in Level, roll and then pitch, by steady full reversals of the stick. */
public final class TuneFlight implements CardPlan {
    @Override
    public String id() {
        return "tune";
    }

    @Override
    public String title() {
        return "M4 · Autotune, roll then pitch";
    }

    @Override
    public Outing outing() {
        return Outing.TUNING;
    }

    @Override
    public Card forAircraft(Setup setup, Field field) {
        return Launches.card(
                this,
                Launches.trialHeight(setup, field),
                List.of(
                        new CardStep(
                                3,
                                Task.TUNE_ROLL,
                                FlightMode.LEVEL,
                                "Autotune, roll",
                                "full left, full right, 1.2 s each, 30 each way"),
                        new CardStep(
                                4,
                                Task.TUNE_PITCH,
                                FlightMode.LEVEL,
                                "Autotune, pitch",
                                "full up, full down, 1.2 s each, 30 each way")),
                List.of(reversals(Measure.ROLL_REVERSALS, "roll"), reversals(Measure.PITCH_REVERSALS, "pitch")),
                List.of("It shakes: helper off, Manual.", "It comes below half the trial height: stop, climb, go on."),
                600,
                Optional.empty());
    }

    private static PassLimit reversals(Measure measure, String stick) {
        return Launches.least(
                measure,
                "TUNE-R16",
                "The " + stick + " stick reaches each stop 25 times",
                25,
                Quantity.COUNT,
                "stops on the side reached less often, in Level; fewer tell little of how it answers");
    }
}
