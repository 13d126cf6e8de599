package app.drachen.core.stages.modes;

import app.drachen.core.air.Field;
import app.drachen.core.air.Ground;
import app.drachen.core.clearance.ClearanceRule;
import app.drachen.core.clearance.Gate;
import app.drachen.core.clearance.Judgement;
import app.drachen.core.clearance.Remedy;
import app.drachen.core.clearance.Ruling;
import app.drachen.core.clearance.Situation;
import app.drachen.core.clearance.Stage;
import app.drachen.core.modes.HomeProfile;
import app.drachen.core.modes.Limits;
import app.drachen.core.units.Quantity;
import app.drachen.core.working.Finding;
import app.drachen.core.working.Finding.State;
import app.drachen.core.working.Source;
import app.drachen.core.working.Working;
import java.util.List;
import java.util.Optional;

/** MODES-R9: Home clears the obstacles and keeps under the limit. */
public final class WayHome implements ClearanceRule {
    private static final Judgement OVER = new Judgement(
            "MODES-R9.over", "room over obstacles on the way home", Quantity.HEIGHT, HomeProfile.OBSTACLE_ROOM, 5, 300);
    private static final Judgement UNDER =
            new Judgement("MODES-R9.under", "room under the height limit", Quantity.HEIGHT, 5, 0, 100);

    @Override
    public String id() {
        return "MODES-R9";
    }

    @Override
    public String demand() {
        return "The way home passes " + OVER.text() + " over every obstacle and stays " + UNDER.text()
                + " under the height limit.";
    }

    @Override
    public Source source() {
        return new Source.OwnEstimate("a default of judgement; the way itself is that of MODES-A6");
    }

    @Override
    public List<Judgement> judgements() {
        return List.of(OVER, UNDER);
    }

    /** Place from which the way home is judged: far out and low. */
    public static final double FROM_DISTANCE = 1_000;

    /** Height there. */
    public static final double FROM_HEIGHT = 40;

    @Override
    public Ruling check(Situation situation) {
        if (situation.field().isEmpty()) {
            return Ruling.of(
                    Stage.MODES,
                    Gate.HOME,
                    Finding.of(
                            id(),
                            State.OPEN,
                            "Way home not judged without a field",
                            "Enter today's field and its obstacles in Maiden."),
                    new Remedy.GoTo("Enter the field", Stage.MAIDEN));
        }
        Field field = situation.field().get();
        double under = situation.judged(UNDER);
        double over = situation.judged(OVER);
        HomeProfile home = situation.setup().modes().home();
        Limits limits = situation.setup().modes().limits();
        Optional<Double> limit = field.heightLimit().map(l -> l.height() - under);
        if (limit.isPresent() && home.height() > limit.get()) {
            double height = limit.get();
            return Ruling.of(
                    Stage.MODES,
                    Gate.HOME,
                    Finding.of(
                            id(),
                            State.STOP,
                            "Home flies at " + Quantity.HEIGHT.text(home.height()) + ", over the limit",
                            "The limit is " + Quantity.HEIGHT.text(height + under) + "; " + Quantity.HEIGHT.text(under)
                                    + " under it is wanted."),
                    new Remedy.Change(
                            "Take " + Quantity.HEIGHT.text(height),
                            "Return height under the limit",
                            s -> s.withModes(s.modes().withHome(s.modes().home().withHeight(height)))));
        }
        List<HomeProfile.Corner> way =
                home.wayHome(FROM_DISTANCE, FROM_HEIGHT, limits.climbRate(), limits.cruiseSpeed());
        Optional<HomeProfile.Passing> closest = HomeProfile.closest(way, field);
        Working[] workings =
                closest.map(c -> new Working[] {working(c, home, limits)}).orElse(new Working[0]);
        boolean clear = closest.isEmpty() || closest.get().room() >= over;
        if (clear && (!field.surveyed() || limit.isEmpty())) {
            return unknown(field);
        }
        Optional<Double> ends = field.ground().map(Ground::reach).filter(r -> r < FROM_DISTANCE);
        if (clear && ends.isPresent()) {
            return Ruling.of(
                    Stage.MODES,
                    Gate.HOME,
                    Finding.of(
                            id(),
                            State.OPEN,
                            "Heights of the ground end " + Quantity.DISTANCE.text(ends.get()) + " from home",
                            "The way home is judged from " + Quantity.DISTANCE.text(FROM_DISTANCE)
                                    + ". Read a grid that reaches farther, or forget this one."),
                    new Remedy.GoTo("To the field", Stage.MAIDEN));
        }
        if (clear) {
            return Ruling.of(
                    Stage.MODES,
                    Gate.HOME,
                    Finding.of(
                            id(),
                            State.GOOD,
                            closest.map(p -> "Home passes the "
                                            + p.obstacle().name()
                                            + " with "
                                            + Quantity.HEIGHT.text(p.room()))
                                    .orElse("No obstacle on the way home"),
                            Quantity.HEIGHT.text(over) + " is wanted. "
                                    + field.ground()
                                            .map(g -> "Ground as in " + g.source() + ".")
                                            .orElse("The ground is taken for flat: no heights were read."),
                            workings));
        }
        HomeProfile.Passing passing = closest.get();
        double height = Math.ceil((passing.obstacle().height() + over) / 5) * 5;
        boolean fits = limit.map(l -> height <= l).orElse(true);
        Finding finding = Finding.of(
                id(),
                State.STOP,
                "Home passes the " + passing.obstacle().name() + " with " + Quantity.HEIGHT.text(passing.room()),
                Quantity.HEIGHT.text(over) + " is wanted. "
                        + (fits
                                ? "Climb first to " + Quantity.HEIGHT.text(height) + "."
                                : "It does not fit under the height limit: move the way home."),
                workings);
        return fits
                ? Ruling.of(
                        Stage.MODES,
                        Gate.HOME,
                        finding,
                        new Remedy.Change(
                                "Climb first to " + Quantity.HEIGHT.text(height),
                                "Return height over the " + passing.obstacle().name(),
                                s -> s.withModes(s.modes()
                                        .withHome(s.modes()
                                                .home()
                                                .withClimbFirst(true)
                                                .withHeight(Math.max(
                                                        height, s.modes().home().height()))))))
                : Ruling.of(Stage.MODES, Gate.HOME, finding);
    }

    /** Nothing is in the way of what was entered; but something was not. */
    private Ruling unknown(Field field) {
        return Ruling.of(
                Stage.MODES,
                Gate.HOME,
                Finding.of(
                        id(),
                        State.OPEN,
                        field.surveyed()
                                ? "Nobody has entered the height limit"
                                : "Nobody has said what stands on the way home",
                        "Enter the height limit and the obstacles of " + field.name()
                                + " in Maiden; where nothing stands, say so there."),
                new Remedy.GoTo("Complete the field", Stage.MAIDEN));
    }

    private static Working working(HomeProfile.Passing passing, HomeProfile home, Limits limits) {
        return Working.of(
                "MODES-A6",
                "Room over the " + passing.obstacle().name(),
                passing.room(),
                Quantity.HEIGHT,
                home.climbFirst()
                        ? "height of the way at the obstacle − its height; climbs at once, then flies home level"
                        : "height of the way at the obstacle − its height; climbs by climb rate over speed on the way",
                new Source.Elementary("kinematics, calm air"),
                Working.in("return height", home.height(), Quantity.HEIGHT),
                Working.in("starts at", FROM_HEIGHT, Quantity.HEIGHT),
                Working.in("from home", FROM_DISTANCE, Quantity.DISTANCE),
                Working.in("climb rate", limits.climbRate(), Quantity.CLIMB),
                Working.in("speed", limits.cruiseSpeed(), Quantity.SPEED),
                Working.in("obstacle at", passing.obstacle().distance(), Quantity.DISTANCE),
                Working.in("obstacle height", passing.obstacle().height(), Quantity.HEIGHT));
    }
}
