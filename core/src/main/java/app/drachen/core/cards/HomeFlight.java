package app.drachen.core.cards;

import app.drachen.core.air.Field;
import app.drachen.core.cards.PassLimit.Measure;
import app.drachen.core.modes.FlightMode;
import app.drachen.core.modes.HomeProfile;
import app.drachen.core.modes.Route;
import app.drachen.core.setup.Setup;
import app.drachen.core.units.Quantity;
import java.util.List;
import java.util.Optional;

/** Card M6: out with the wind in Hold, then Home by switch, which is the longer way back. */
public final class HomeFlight implements CardPlan {
    /** Distance at which Home is switched on [m]; HOMING-A8 begins at 200 and doubles at most. */
    private static final double OUT = 400;

    @Override
    public String id() {
        return "home";
    }

    @Override
    public String title() {
        return "M6 · Home by switch, from downwind";
    }

    @Override
    public Outing outing() {
        return Outing.RETURN;
    }

    @Override
    public Card forAircraft(Setup setup, Field field) {
        double height = Launches.trialHeight(setup, field);
        double downwind = field.windFrom() + Math.PI;
        Route out = new Route(List.of(
                new Route.Point(0, 0, height),
                new Route.Point(OUT * Math.cos(downwind), OUT * Math.sin(downwind), height)));
        return Launches.card(
                this,
                height,
                List.of(
                        new CardStep(
                                3,
                                Task.OUT,
                                FlightMode.HOLD,
                                "Out with the wind",
                                "to " + Quantity.DISTANCE.text(OUT) + ", in sight"),
                        new CardStep(
                                4,
                                Task.HOME,
                                FlightMode.HOME,
                                "Home by switch",
                                "climb, line up, arrive, circle; hands off, thumb on Manual")),
                List.of(
                        Launches.most(
                                Measure.LINE_UP,
                                "HOMING-A8",
                                "Points home within " + Quantity.TIME.text(lineUp(setup, height)),
                                lineUp(setup, height),
                                Quantity.TIME,
                                "12 s, and the climb before the turn where it climbs first"),
                        Launches.most(
                                Measure.HOME_HEIGHT,
                                "HOMING-A8",
                                "Arrives within ±" + Quantity.HEIGHT.text(8) + " of the return height",
                                8,
                                Quantity.HEIGHT,
                                "distance from the return height at one and a half circles from home")),
                List.of(
                        setup.modes().home().climbFirst()
                                ? "It climbs in a circle where it is; should it then turn away from home, or sink below half the trial height: Manual."
                                : "It turns away from home or sinks below half the trial height: Manual.",
                        "It weaves more and more, or is slow and nose-high: Level, power, lower the return height."),
                600,
                Optional.of(out));
    }

    /** Time to point home: to turn, and to climb first where that is set [s]. */
    private static double lineUp(Setup setup, double height) {
        HomeProfile home = setup.modes().home();
        double climb =
                Math.max(0, home.height() - height) / setup.modes().limits().climbRate();
        return 12 + (home.climbFirst() ? 1.3 * climb : 0);
    }
}
