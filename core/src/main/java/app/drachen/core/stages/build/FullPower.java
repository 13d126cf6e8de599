package app.drachen.core.stages.build;

import app.drachen.core.air.Atmosphere;
import app.drachen.core.air.Field;
import app.drachen.core.clearance.ClearanceRule;
import app.drachen.core.clearance.Judgement;
import app.drachen.core.clearance.Ruling;
import app.drachen.core.clearance.Situation;
import app.drachen.core.clearance.Stage;
import app.drachen.core.flight.PowerSheet;
import app.drachen.core.propulsion.Running;
import app.drachen.core.setup.Setup;
import app.drachen.core.units.Quantity;
import app.drachen.core.working.Finding;
import app.drachen.core.working.Finding.State;
import app.drachen.core.working.Source;
import app.drachen.core.working.Working;
import java.util.List;

/** Pack, motor and propeller belong together: full power neither burns the motor nor empties the pack in a minute. */
public final class FullPower implements ClearanceRule {
    private static final Judgement LOST = new Judgement(
            "BUILD-FULL-POWER.lost",
            "share of full power lost as heat in the windings",
            Quantity.SHARE,
            0.35,
            0.05,
            0.9);
    private static final Judgement DRAW = new Judgement(
            "BUILD-FULL-POWER.draw",
            "shortest time in which full power empties the pack",
            Quantity.TIME,
            150,
            20,
            3_600);

    @Override
    public String id() {
        return "BUILD-FULL-POWER";
    }

    @Override
    public String demand() {
        return "At full power, standing, the windings lose at most " + LOST.text()
                + " as heat, and the pack lasts at least " + DRAW.text() + ".";
    }

    @Override
    public Source source() {
        return new Source.OwnEstimate(
                "a default of judgement; no ratings are entered, so ask motor and speed controller too");
    }

    @Override
    public List<Judgement> judgements() {
        return List.of(LOST, DRAW);
    }

    @Override
    public Ruling check(Situation situation) {
        Setup setup = situation.setup();
        if (setup.propulsion().drives().isEmpty()) {
            return Ruling.advice(Stage.BUILD, Finding.of(id(), State.GOOD, "No motor to overload", ""));
        }
        double density = situation.field().map(Field::density).orElse(Atmosphere.SEA_LEVEL_DENSITY);
        Running full = Running.of(setup.propulsion(), 1, 0, 0, density);
        Working current = PowerSheet.fullPowerCurrent(setup, density);
        double time = full.current() > 0 ? setup.propulsion().pack().capacity() / full.current() : 1e6;
        Working lasts = Working.of(
                id(),
                "Pack lasts at full power",
                time,
                Quantity.TIME,
                "C/I",
                Source.ARITHMETIC,
                Working.in("capacity C", setup.propulsion().pack().capacity(), Quantity.CHARGE),
                Working.in("current I", full.current(), Quantity.CURRENT));
        boolean hot = full.lost() > situation.judged(LOST);
        boolean greedy = time < situation.judged(DRAW);
        String draws = setup.propulsion().pack().cells() + " cells draw " + Quantity.CURRENT.text(full.current());
        if (!hot && !greedy) {
            return Ruling.advice(
                    Stage.BUILD,
                    Finding.of(
                            id(),
                            State.GOOD,
                            draws + " at full power",
                            "Compare it with what motor and speed controller may carry.",
                            current,
                            lasts));
        }
        return Ruling.advice(
                Stage.BUILD,
                Finding.of(
                        id(),
                        State.CAUTION,
                        draws + " at full power",
                        (hot
                                        ? Quantity.SHARE.text(full.lost()) + " of it becomes heat in the windings. "
                                        : "That empties the pack in " + Quantity.TIME.text(time) + ". ")
                                + "Smaller propeller, fewer cells, or another motor; first check what was entered.",
                        current,
                        lasts));
    }
}
