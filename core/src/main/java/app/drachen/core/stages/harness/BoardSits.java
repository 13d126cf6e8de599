package app.drachen.core.stages.harness;

import app.drachen.core.airframe.Position;
import app.drachen.core.clearance.Judgement;
import app.drachen.core.clearance.Remedy;
import app.drachen.core.clearance.Ruling;
import app.drachen.core.clearance.Situation;
import app.drachen.core.setup.BoardMount;
import app.drachen.core.units.Quantity;
import app.drachen.core.wiring.Pairs;
import app.drachen.core.wiring.Wiring;
import app.drachen.core.working.Source;
import app.drachen.core.working.Working;
import java.util.List;
import java.util.Optional;

/** HARNESS-R15: the board sits near the CG, on something soft, and was told how it is turned. */
final class BoardSits extends HarnessRule {
    private static final Judgement FAR =
            new Judgement("HARNESS-R15.far", "distance of the board from the CG", Quantity.SPAN, 0.15, 0.02, 1);

    /** Turning as fast as in a brisk roll [rad/s]. */
    private static final double BRISK = 2;

    BoardSits() {
        super("HARNESS-R15", "Where the board sits", Source.COMMON_PRACTICE);
    }

    @Override
    public String demand() {
        return "The board sits within " + FAR.text() + " of the CG, on something soft, and was told how it is turned.";
    }

    @Override
    public List<Judgement> judgements() {
        return List.of(FAR);
    }

    @Override
    Ruling judge(Situation situation, Wiring wiring) {
        BoardMount mount = situation.setup().mount();
        if (mount.errorQuarterTurns() != 0) {
            return caution(
                    "The arrow points " + word(mount.mountedQuarterTurns()) + ", the board was told "
                            + word(mount.configuredQuarterTurns()),
                    "Enter the turn in the board; prove it on the bench.",
                    List.of(),
                    new Remedy.Change(
                            "Entered: " + word(mount.mountedQuarterTurns()),
                            "Board told how it lies",
                            s -> s.withMount(new BoardMount(
                                    mount.mountedQuarterTurns(),
                                    mount.mountedQuarterTurns(),
                                    mount.levelRoll(),
                                    mount.levelPitch()))));
        }
        Optional<Position> board = Wiring.boardPosition(situation.setup());
        if (board.isEmpty()) {
            return open(
                    Optional.empty(),
                    "Where the board sits is not drawn",
                    "Add the autopilot to the parts in stage Build.");
        }
        double arm =
                Pairs.distance(board.get(), situation.setup().massProperties().centre());
        Working felt = Working.of(
                "HARNESS-A10",
                "False acceleration at 2 rad/s",
                BRISK * BRISK * arm,
                Quantity.ACCELERATION,
                "ω²·r",
                new Source.Elementary("mechanics"),
                Working.in("ω", BRISK, Quantity.ANGULAR_RATE),
                Working.in("distance from the CG r", arm, Quantity.SPAN));
        if (arm > situation.judged(FAR)) {
            return caution(
                    "The board sits " + Quantity.SPAN.text(arm) + " from the CG",
                    "In a brisk turn it feels " + Quantity.ACCELERATION.text(BRISK * BRISK * arm)
                            + " that is not there. Move it nearer, if the leads allow.",
                    List.of(felt));
        }
        if (!situation.setup().harness().care().damped()) {
            return caution(
                    "The board sits on something hard, or nobody said",
                    "Foam or rubber keeps the motor's shaking out of it.",
                    List.of(felt),
                    new Remedy.Change(
                            "It sits on something soft",
                            "Board on something soft",
                            s -> s.withHarness(
                                    s.harness().withCare(s.harness().care().onSomethingSoft()))));
        }
        return good(
                "The board sits " + Quantity.SPAN.text(arm) + " from the CG, on something soft",
                "Arrow " + word(mount.mountedQuarterTurns()) + ", as entered in the board.",
                felt);
    }

    private static String word(int quarterTurns) {
        return List.of("forward", "right", "aft", "left").get(quarterTurns);
    }
}
