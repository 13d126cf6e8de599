package app.drachen.core.stages.modes;

import app.drachen.core.air.Field;
import app.drachen.core.clearance.ClearanceRule;
import app.drachen.core.clearance.Gate;
import app.drachen.core.clearance.Judgement;
import app.drachen.core.clearance.Remedy;
import app.drachen.core.clearance.Ruling;
import app.drachen.core.clearance.Situation;
import app.drachen.core.clearance.Stage;
import app.drachen.core.modes.HomeProfile;
import app.drachen.core.modes.Limits;
import app.drachen.core.modes.Turn;
import app.drachen.core.units.Quantity;
import app.drachen.core.working.Finding;
import app.drachen.core.working.Finding.State;
import app.drachen.core.working.Source;
import java.util.List;

/** MODES-R7: the bank limit can fly the circle in this wind. */
public final class CircleRadius implements ClearanceRule {
    private static final Judgement ROOM =
            new Judgement("MODES-R7.room", "circle over the least circle in the wind", Quantity.NUMBER, 1.15, 1, 3);

    @Override
    public String id() {
        return "MODES-R7";
    }

    @Override
    public String demand() {
        return "The circle is " + ROOM.text() + " times what the bank limit needs in today's wind.";
    }

    @Override
    public Source source() {
        return new Source.Elementary("kinematics of a ground circle");
    }

    @Override
    public List<Judgement> judgements() {
        return List.of(ROOM);
    }

    @Override
    public Ruling check(Situation situation) {
        HomeProfile home = situation.setup().modes().home();
        Limits limits = situation.setup().modes().limits();
        if (situation.field().isEmpty()) {
            return Ruling.of(
                    Stage.MODES,
                    Gate.CIRCLE,
                    Finding.of(id(), State.OPEN, "Circle not judged without a wind", "Enter today's field in Maiden."),
                    new Remedy.GoTo("Enter the field", Stage.MAIDEN));
        }
        Field field = situation.field().get();
        if (!situation.windIsOfToday()) {
            return Ruling.of(
                    Stage.MODES,
                    Gate.CIRCLE,
                    Finding.of(
                            id(),
                            field.day().isPresent() ? State.STALE : State.OPEN,
                            field.day()
                                    .map(day -> "Circle judged in the wind of " + day)
                                    .orElse("Circle not judged without a wind"),
                            "Measure today's wind in Maiden."),
                    new Remedy.GoTo("Measure the wind", Stage.MAIDEN));
        }
        double wind = field.windAt(home.height());
        Turn turn = new Turn(limits.cruiseSpeed(), limits.bank());
        double wanted = situation.judged(ROOM) * turn.leastCircle(wind);
        if (home.circleRadius() >= wanted) {
            return Ruling.of(
                    Stage.MODES,
                    Gate.CIRCLE,
                    Finding.of(
                            id(),
                            State.GOOD,
                            "The circle suits today's wind",
                            Quantity.DISTANCE.text(wanted) + " or more is wanted.",
                            turn.leastCircleWorking(wind)));
        }
        double needs = Math.atan(Math.pow(limits.cruiseSpeed() + wind, 2)
                / (app.drachen.core.air.Atmosphere.GRAVITY * home.circleRadius()));
        double round = Math.ceil(wanted / 5) * 5;
        return Ruling.of(
                Stage.MODES,
                Gate.CIRCLE,
                Finding.of(
                        id(),
                        State.STOP,
                        "A "
                                + Quantity.DISTANCE.text(home.circleRadius())
                                + " circle needs "
                                + Quantity.BEARING.text(needs)
                                + " of bank downwind",
                        "The limit is "
                                + Quantity.BEARING.text(limits.bank())
                                + ". Take "
                                + Quantity.DISTANCE.text(round)
                                + ": " + Quantity.NUMBER.text(situation.judged(ROOM)) + " times the least circle.",
                        turn.leastCircleWorking(wind)),
                new Remedy.Change(
                        "Take " + Quantity.DISTANCE.text(round),
                        "Circle enlarged for the wind",
                        s -> s.withModes(s.modes().withHome(s.modes().home().withRadius(round)))));
    }
}
