package app.drachen.core.stages.modes;

import app.drachen.core.aerodynamics.Stall;
import app.drachen.core.air.Atmosphere;
import app.drachen.core.air.Field;
import app.drachen.core.clearance.ClearanceRule;
import app.drachen.core.clearance.Gate;
import app.drachen.core.clearance.Judgement;
import app.drachen.core.clearance.Ruling;
import app.drachen.core.clearance.Situation;
import app.drachen.core.clearance.Stage;
import app.drachen.core.modes.Limits;
import app.drachen.core.modes.Turn;
import app.drachen.core.setup.Setup;
import app.drachen.core.units.Quantity;
import app.drachen.core.working.Finding;
import app.drachen.core.working.Finding.State;
import app.drachen.core.working.Source;
import java.util.List;

/** MODES-R6: the bank limit leaves speed in hand. */
public final class SpeedMargin implements ClearanceRule {
    private static final Judgement FACTOR = new Judgement(
            "MODES-R6.factor", "cruise speed over stall speed at the bank limit", Quantity.NUMBER, 1.25, 1, 3);

    @Override
    public String id() {
        return "MODES-R6";
    }

    @Override
    public String demand() {
        return "Cruise speed is at least " + FACTOR.text() + " of the stall speed at the bank limit.";
    }

    @Override
    public Source source() {
        return Source.ANDERSON;
    }

    @Override
    public List<Judgement> judgements() {
        return List.of(FACTOR);
    }

    @Override
    public Ruling check(Situation situation) {
        Setup setup = situation.setup();
        double density = situation.field().map(Field::density).orElse(Atmosphere.SEA_LEVEL_DENSITY);
        Stall stall = Stall.of(setup, density);
        Limits limits = setup.modes().limits();
        Turn turn = new Turn(limits.cruiseSpeed(), limits.bank());
        double inTurn = stall.speed() * Math.sqrt(turn.loadFactor());
        boolean good = limits.cruiseSpeed() >= situation.judged(FACTOR) * inTurn;
        String said =
                "At " + Quantity.BEARING.text(limits.bank()) + " of bank the stall is " + Quantity.SPEED.text(inTurn);
        if (good) {
            return Ruling.of(
                    Stage.MODES,
                    Gate.HOLD,
                    Finding.of(
                            id(),
                            State.GOOD,
                            said,
                            "Cruise is " + Quantity.SPEED.text(limits.cruiseSpeed()) + ".",
                            turn.stallWorking(stall.speed()),
                            turn.radiusWorking(),
                            turn.loadWorking()));
        }
        return Ruling.of(
                Stage.MODES,
                Gate.HOLD,
                Finding.of(
                        id(),
                        State.STOP,
                        said,
                        "Cruise is "
                                + Quantity.SPEED.text(limits.cruiseSpeed())
                                + ", " + Quantity.NUMBER.text(situation.judged(FACTOR))
                                + " times the stall is wanted. Lower the bank limit or raise cruise.",
                        turn.stallWorking(stall.speed())));
    }
}
