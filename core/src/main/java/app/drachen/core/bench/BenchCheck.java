package app.drachen.core.bench;

import app.drachen.core.controls.Axis;
import app.drachen.core.controls.Output;
import app.drachen.core.controls.Surface;
import app.drachen.core.setup.Setup;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * The bench checks of surfaces and the answers a set-up must give (BENCH-A3).
 *
 * <p>Source: flight mechanics (THROWS-A5). In Level the board answers a tilt with the opposite
 * command: tilted right it commands left, nose down it commands up, swung right it commands left.
 */
public enum BenchCheck {
    STICK_TO_SURFACE("Stick to surface", "In Manual, move one stick at a time and watch."),
    TILT_TO_SURFACE("Tilt to surface", "In Level, sticks centred, tilt the aircraft and watch.");

    private final String title;
    private final String how;

    BenchCheck(String title, String how) {
        this.title = title;
        this.how = how;
    }

    public String title() {
        return title;
    }

    public String how() {
        return how;
    }

    /**
     * One question of a check.
     *
     * @param check the check it belongs to
     * @param axis stick or tilt axis
     * @param positive direction of the stick or tilt: roll right, nose up, yaw right
     * @param instruction what to do
     * @param wanted the answer each surface must give
     */
    public record Question(
            BenchCheck check, Axis axis, boolean positive, String instruction, Map<Surface, Answer> wanted) {
        public Question {
            wanted = java.util.Collections.unmodifiableMap(new LinkedHashMap<>(wanted));
        }
    }

    /** The questions for a set-up; axes that no surface answers are left out. */
    public List<Question> questions(Setup setup) {
        List<Question> questions = new ArrayList<>();
        if (this == STICK_TO_SURFACE) {
            add(questions, setup, Axis.ROLL, true, "Roll stick right", 1);
            add(questions, setup, Axis.ROLL, false, "Roll stick left", -1);
            add(questions, setup, Axis.PITCH, true, "Pitch stick back (nose up)", 1);
            add(questions, setup, Axis.PITCH, false, "Pitch stick forward (nose down)", -1);
            add(questions, setup, Axis.YAW, true, "Yaw stick right", 1);
        } else {
            add(questions, setup, Axis.ROLL, true, "Tilt the aircraft right wing down", -1);
            add(questions, setup, Axis.ROLL, false, "Tilt the aircraft left wing down", 1);
            add(questions, setup, Axis.PITCH, false, "Tilt the nose down", 1);
            add(questions, setup, Axis.PITCH, true, "Tilt the nose up", -1);
        }
        return questions;
    }

    private void add(List<Question> questions, Setup setup, Axis axis, boolean positive, String text, int command) {
        Map<Surface, Answer> wanted = new LinkedHashMap<>();
        boolean any = false;
        for (Output output : setup.controls().surfaces()) {
            int sign = command * output.surface().wantedSign(axis, setup.invertedVee());
            wanted.put(output.surface(), Answer.of(output.surface(), sign));
            any |= sign != 0;
        }
        if (any) {
            questions.add(new Question(this, axis, positive, text, wanted));
        }
    }
}
