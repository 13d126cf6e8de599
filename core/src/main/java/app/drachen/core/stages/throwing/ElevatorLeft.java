package app.drachen.core.stages.throwing;

import app.drachen.core.aerodynamics.Stall;
import app.drachen.core.air.Atmosphere;
import app.drachen.core.air.Field;
import app.drachen.core.clearance.ClearanceRule;
import app.drachen.core.clearance.Gate;
import app.drachen.core.clearance.Judgement;
import app.drachen.core.clearance.Ruling;
import app.drachen.core.clearance.Situation;
import app.drachen.core.clearance.Stage;
import app.drachen.core.flight.Trim;
import app.drachen.core.setup.Setup;
import app.drachen.core.units.Quantity;
import app.drachen.core.working.Finding;
import app.drachen.core.working.Finding.State;
import app.drachen.core.working.Source;
import app.drachen.core.working.Working;
import java.util.List;

/** THROWS-R10: the elevator holds slow flight with throw in hand. */
public final class ElevatorLeft implements ClearanceRule {
    private static final Judgement MOST = new Judgement(
            "THROWS-R10.most", "share of the up throw that slow flight may take", Quantity.SHARE, 0.80, 0.2, 1);

    /** Speeds over the stall at which the flow still follows the wing; nearer to it lift is no longer linear. */
    private static final double SLOWER = 1.3;

    private static final double FASTER = 1.6;

    @Override
    public String id() {
        return "THROWS-R10";
    }

    @Override
    public String demand() {
        return "Level flight at 1.1 Vs takes at most " + MOST.text() + " of the up throw of the elevator.";
    }

    @Override
    public Source source() {
        return new Source.OwnEstimate("a default of judgement; pitch by the strip model, ±25 %");
    }

    @Override
    public List<Judgement> judgements() {
        return List.of(MOST);
    }

    @Override
    public Ruling check(Situation situation) {
        Setup setup = situation.setup();
        double density = situation.field().map(Field::density).orElse(Atmosphere.SEA_LEVEL_DENSITY);
        double stall = Stall.of(setup, density).speed();
        Trim.Result[] flown = {Trim.level(setup, FASTER * stall, density), Trim.level(setup, SLOWER * stall, density)};
        for (Trim.Result one : flown) {
            if (one instanceof Trim.Result.NotTrimmed not) {
                return ruling(
                        State.CAUTION,
                        "Elevator near the stall not judged",
                        "In level flight at " + SLOWER + " and " + FASTER + " Vs. " + not.reason());
            }
        }
        double fast = ((Trim.Result.Trimmed) flown[0]).pitchCommand();
        double slow = ((Trim.Result.Trimmed) flown[1]).pitchCommand();
        double full = setup.controls().rates().pitch();
        double steps = (lift(1.1) - lift(SLOWER)) / (lift(SLOWER) - lift(FASTER));
        double command = slow + (slow - fast) * steps;
        double value = Math.max(0, command) / full;
        Working share = Working.of(
                        "THROWS-A14",
                        "Up throw that 1.1 Vs takes",
                        value,
                        Quantity.SHARE,
                        "pitch command, linear in lift coefficient from 1.6 and 1.3 Vs to 1.1 Vs, over the pitch rate",
                        Source.ETKIN_REID,
                        Working.in("command at 1.6 Vs", fast, Quantity.SHARE_FINE),
                        Working.in("command at 1.3 Vs", slow, Quantity.SHARE_FINE),
                        Working.in("command at 1.1 Vs", command, Quantity.SHARE_FINE),
                        Working.in("pitch rate", full, Quantity.SHARE))
                .within(0.75 * value, 1.25 * value);
        String takes = Quantity.SHARE.text(share.value()) + " of the up throw";
        return share.value() <= situation.judged(MOST)
                ? ruling(State.GOOD, "Slow flight takes " + takes, "", share)
                : ruling(
                        State.STOP,
                        "Little pitch left near the stall",
                        "1.1 Vs takes " + takes + ", at most " + Quantity.SHARE.text(situation.judged(MOST))
                                + " is wanted. More throw, or the CG further aft within its window.",
                        share);
    }

    /** Lift coefficient over that at the stall [-]. */
    private static double lift(double speedOverStall) {
        return 1 / (speedOverStall * speedOverStall);
    }

    private Ruling ruling(State state, String title, String detail, Working... workings) {
        return Ruling.of(Stage.THROWS, Gate.LAUNCH, Finding.of(id(), state, title, detail, workings));
    }
}
