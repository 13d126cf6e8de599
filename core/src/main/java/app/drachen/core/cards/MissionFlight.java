package app.drachen.core.cards;

import app.drachen.core.air.Field;
import app.drachen.core.cards.PassLimit.Measure;
import app.drachen.core.modes.FlightMode;
import app.drachen.core.modes.Route;
import app.drachen.core.setup.Setup;
import app.drachen.core.units.Quantity;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Card M7: one lap of a small route round the field, two legs along the wind and two across. */
public final class MissionFlight implements CardPlan {
    private static final double ALONG = 150;
    private static final double ACROSS = 90;

    @Override
    public String id() {
        return "mission";
    }

    @Override
    public String title() {
        return "M7 · Mission, one lap";
    }

    /** The lap, in the order it is flown. */
    static Route lap(Field field, double height) {
        double cos = Math.cos(field.windFrom());
        double sin = Math.sin(field.windFrom());
        List<Route.Point> points = new ArrayList<>();
        for (double[] at : new double[][] {{-1, 1}, {1, 1}, {1, -1}, {-1, -1}}) {
            double ahead = at[0] * ALONG;
            double right = at[1] * ACROSS;
            points.add(new Route.Point(ahead * cos - right * sin, ahead * sin + right * cos, height));
        }
        return new Route(points);
    }

    @Override
    public Outing outing() {
        return Outing.FAR;
    }

    @Override
    public Card forAircraft(Setup setup, Field field) {
        double height = Launches.trialHeight(setup, field);
        return Launches.card(
                this,
                height,
                List.of(new CardStep(
                        3,
                        Task.MISSION,
                        FlightMode.MISSION,
                        "Mission, one lap",
                        "hands off, thumb on Manual; it must turn at every point")),
                List.of(Launches.least(
                        Measure.POINTS_REACHED,
                        "MISSION",
                        "Every point of the lap is reached",
                        1,
                        Quantity.SHARE,
                        "points that it came within 60 m of, over all points")),
                List.of(
                        "It leaves the lap by more than 50 m: Level, then Home.",
                        "It banks and does not turn, or turns the wrong way: Manual."),
                600,
                Optional.of(lap(field, height)));
    }
}
