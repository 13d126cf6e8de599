package app.drachen.core.bench;

import app.drachen.core.bench.BenchCard.Said;
import app.drachen.core.controls.Output;
import app.drachen.core.controls.Surface;
import app.drachen.core.setup.Setup;
import app.drachen.core.units.Quantity;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Cards about servos, linkages and surfaces. */
final class SurfaceCards {
    /** Bounds of THROWS-R8, defaults of judgement: throw off the computed one, left off right, neutral off [rad]. */
    static final double THROW_OFF = Math.toRadians(2);

    static final double UNEVEN = Math.toRadians(1.5);
    static final double NEUTRAL_OFF = Math.toRadians(1);

    private SurfaceCards() {}

    /** The two throws of a surface at full command of its greatest share, as the linkage gives them: up (left) and down (right) [rad]. */
    static double[] throwsOf(Output output) {
        double share = Math.max(
                Math.abs(output.mix().roll()),
                Math.max(
                        Math.abs(output.mix().pitch()),
                        Math.max(
                                Math.abs(output.mix().yaw()),
                                Math.abs(output.mix().flaps()))));
        double one = output.deflection(output.pulse(share));
        double other = output.deflection(output.pulse(-share));
        return new double[] {Math.max(0, -Math.min(one, other)), Math.max(0, Math.max(one, other))};
    }

    static BenchCard centresAndThrows(Setup setup) {
        List<Reading> readings = new ArrayList<>();
        for (Output output : setup.controls().surfaces()) {
            double[] wanted = throwsOf(output);
            String name = output.surface().label();
            String id = output.surface().id();
            boolean rudder = output.surface().role() == Surface.Role.RUDDER;
            readings.add(Reading.number(
                            id + " neutral",
                            name + ", let go, " + (rudder ? "left" : "down") + " of neutral",
                            Quantity.ANGLE,
                            -0.6,
                            0.6)
                    .within(output.deflection(output.centreMicros()), NEUTRAL_OFF));
            readings.add(
                    Reading.number(id + " up", name + ", farthest " + (rudder ? "right" : "up"), Quantity.ANGLE, 0, 1.2)
                            .within(wanted[0], THROW_OFF));
            readings.add(Reading.number(
                            id + " down", name + ", farthest " + (rudder ? "left" : "down"), Quantity.ANGLE, 0, 1.2)
                    .within(wanted[1], THROW_OFF));
        }
        return new BenchCard(CardId.CENTRES_AND_THROWS, readings, given -> even(setup, given));
    }

    /** Left against right: what lifts on one side must lift as far on the other. */
    private static List<Said> even(Setup setup, Map<String, Double> given) {
        List<Said> said = new ArrayList<>();
        for (Output left : setup.controls().surfaces()) {
            Surface s = left.surface();
            Optional<Output> right = setup.controls().output(new Surface(s.role(), Surface.Side.RIGHT, s.number()));
            if (s.side() != Surface.Side.LEFT || right.isEmpty()) {
                continue;
            }
            for (String way : List.of("up", "down")) {
                Double l = given.get(s.id() + " " + way);
                Double r = given.get(right.get().surface().id() + " " + way);
                if (l != null && r != null) {
                    boolean good = Math.abs(l - r) <= UNEVEN;
                    said.add(new Said(
                            "even " + s.id() + " " + way,
                            good,
                            s.label() + " " + Quantity.ANGLE.text(l) + " " + way + ", right " + Quantity.ANGLE.text(r)
                                    + (good ? "" : ": clevis and arm first, then centres and ends."),
                            List.of()));
                }
            }
        }
        return said;
    }

    static BenchCard linkagePull(Setup setup) {
        List<Reading> readings = new ArrayList<>();
        for (Output output : setup.controls().surfaces()) {
            String id = output.surface().id();
            String name = output.surface().label();
            readings.add(Reading.choice(id + " pull", name + ", pulled", 0, "firm", "slips or bends"));
            readings.add(Reading.choice(id + " hinge", name + ", its hinges", 0, "sound", "loose or torn"));
        }
        return new BenchCard(CardId.LINKAGE_PULL, readings, BenchCard.Sums.NONE);
    }

    /** What sticks and tilts show, by question and surface; each answer as the place of its word. */
    static BenchCard ofSurfaces(Setup setup, CardId id) {
        BenchCheck check = id == CardId.STICK_TO_SURFACE ? BenchCheck.STICK_TO_SURFACE : BenchCheck.TILT_TO_SURFACE;
        List<Reading> readings = new ArrayList<>();
        for (BenchCheck.Question question : check.questions(setup)) {
            question.wanted()
                    .forEach((surface, answer) -> readings.add(Reading.choice(
                            key(question, surface),
                            question.instruction() + ": " + surface.words() + " goes",
                            answer.ordinal(),
                            java.util.Arrays.stream(Answer.values())
                                    .map(Answer::label)
                                    .toList())));
        }
        return new BenchCard(id, readings, BenchCard.Sums.NONE);
    }

    static String key(BenchCheck.Question question, Surface surface) {
        return question.instruction() + " " + surface.id();
    }

    /** The same answers from the board that lives. */
    static Map<String, Double> answered(Setup believed, Setup real, CardId id) {
        BenchCheck check = id == CardId.STICK_TO_SURFACE ? BenchCheck.STICK_TO_SURFACE : BenchCheck.TILT_TO_SURFACE;
        StandInBoard board = new StandInBoard(real, HiddenFault.NONE);
        Map<String, Double> answers = new LinkedHashMap<>();
        for (BenchCheck.Question question : check.questions(believed)) {
            board.answer(question)
                    .forEach((surface, answer) -> answers.put(key(question, surface), (double) answer.ordinal()));
        }
        return answers;
    }
}
