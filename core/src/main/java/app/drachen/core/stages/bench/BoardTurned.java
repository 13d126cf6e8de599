package app.drachen.core.stages.bench;

import app.drachen.core.clearance.ClearanceRule;
import app.drachen.core.clearance.Gate;
import app.drachen.core.clearance.Remedy;
import app.drachen.core.clearance.Ruling;
import app.drachen.core.clearance.Situation;
import app.drachen.core.clearance.Stage;
import app.drachen.core.setup.BoardMount;
import app.drachen.core.working.Finding;
import app.drachen.core.working.Finding.State;
import app.drachen.core.working.Source;
import java.util.List;

/** BENCH-R4, HARNESS-R15: the board has been told how it lies. */
public final class BoardTurned implements ClearanceRule {
    @Override
    public String id() {
        return "BENCH-R4";
    }

    @Override
    public String demand() {
        return "The turn that was entered in the board is the one in which its arrow points.";
    }

    @Override
    public Source source() {
        return Source.COMMON_PRACTICE;
    }

    @Override
    public Ruling check(Situation situation) {
        BoardMount mount = situation.setup().mount();
        int points = mount.mountedQuarterTurns();
        int told = mount.configuredQuarterTurns();
        if (points == told) {
            return Ruling.of(
                    Stage.BENCH,
                    Gate.LEVEL,
                    Finding.of(
                            id(),
                            State.GOOD,
                            "Arrow and entry agree: " + word(points),
                            "As entered; the tilts prove it."));
        }
        return Ruling.of(
                Stage.BENCH,
                Gate.LEVEL,
                Finding.of(
                        id(),
                        State.STOP,
                        "The arrow points " + word(points) + ", the board was told " + word(told),
                        "Every stabilised mode would move the wrong way. Enter the turn, and tilt the aircraft again, propeller off."),
                new Remedy.Change(
                        "Enter " + word(points),
                        "Board told how it lies",
                        s -> s.withMount(new BoardMount(points, points, mount.levelRoll(), mount.levelPitch()))));
    }

    private static String word(int quarterTurns) {
        return List.of("forward", "right", "aft", "left").get(quarterTurns);
    }
}
