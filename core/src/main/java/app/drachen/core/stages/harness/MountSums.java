package app.drachen.core.stages.harness;

import app.drachen.core.calc.Calculation;
import app.drachen.core.calc.Given;
import app.drachen.core.calc.Own;
import app.drachen.core.units.Quantity;
import app.drachen.core.wiring.BoardRotation;
import app.drachen.core.wiring.BoardRotation.Tilt;
import app.drachen.core.working.Source;
import java.util.List;
import java.util.function.ToDoubleFunction;

/** Answers of Harness about the board: how many places it needs, and how it is turned. */
final class MountSums {
    private MountSums() {}

    static List<Calculation> all() {
        return List.of(needs(), groups(), rotation());
    }

    private static Calculation needs() {
        return Calculation.of("HARNESS-A1", "Needs of a board", Source.ARITHMETIC)
                .in("servos", "surfaces with a servo of their own n", Quantity.COUNT, 0, 16, Own.SERVOS)
                .usual("motors", "motor outputs m", Quantity.COUNT, 0, 8, 1)
                .usual("pan", "servos of pan and tilt p", Quantity.COUNT, 0, 4, 0)
                .usual("receivers", "receivers by serial r", Quantity.COUNT, 0, 4, 1)
                .usual("satellites", "satellite receivers s", Quantity.COUNT, 0, 2, 1)
                .usual("links", "links and other serial devices l", Quantity.COUNT, 0, 8, 0)
                .out("Outputs", Quantity.COUNT, "n + m + p", g -> g.at("servos") + g.at("motors") + g.at("pan"))
                .out(
                        "Serial ports",
                        Quantity.COUNT,
                        "r + s + l",
                        g -> g.at("receivers") + g.at("satellites") + g.at("links"))
                .build();
    }

    private static Calculation groups() {
        return Calculation.of("HARNESS-A2", "Timer groups", Source.ARITHMETIC)
                .in("slow", "devices at the slow rate a", Quantity.COUNT, 0, 16, Own.SERVOS)
                .usual("fast", "devices at the fast rate b", Quantity.COUNT, 0, 16, 1)
                .usual("size", "outputs in a timer group c", Quantity.COUNT, 1, 8, 2)
                .out(
                        "Timer groups needed",
                        Quantity.COUNT,
                        "ceil(a/c) + ceil(b/c)",
                        g -> Math.ceil(g.at("slow") / g.at("size")) + Math.ceil(g.at("fast") / g.at("size")))
                .build();
    }

    private static Calculation rotation() {
        return Calculation.of(
                        "HARNESS-A10",
                        "How the board is turned",
                        new Source.Published("G. Wahba", "A Least Squares Estimate of Satellite Attitude", 1965))
                .usual("nose", "nose held up by θ", Quantity.ANGLE, 0.3, 1.4, Math.toRadians(30))
                .usual("wing", "right wing held down by φ", Quantity.ANGLE, 0.3, 1.4, Math.toRadians(30))
                .in("levelroll", "level, it shows roll a", Quantity.ANGLE, -Math.PI, Math.PI)
                .in("levelpitch", "level, it shows pitch b", Quantity.ANGLE, -Math.PI / 2, Math.PI / 2)
                .in("noseroll", "nose up, it shows roll c", Quantity.ANGLE, -Math.PI, Math.PI)
                .in("nosepitch", "nose up, it shows pitch d", Quantity.ANGLE, -Math.PI / 2, Math.PI / 2)
                .in("wingroll", "wing down, it shows roll e", Quantity.ANGLE, -Math.PI, Math.PI)
                .in("wingpitch", "wing down, it shows pitch f", Quantity.ANGLE, -Math.PI / 2, Math.PI / 2)
                .usual("rate", "rate of a brisk turn ω", Quantity.ANGULAR_RATE, 0, 20, 2)
                .usual("arm", "distance of the board from the CG r", Quantity.LENGTH, 0, 2, 0)
                .out(
                        "Yaw of the nearest right-angle turn",
                        Quantity.ANGLE,
                        "of the R that makes Σ|g_body − R·g_board|² least, the nearest of 24",
                        of(r -> r.nearest().yaw() * Math.PI / 2))
                .out("Pitch of it", Quantity.ANGLE, "then", of(r -> r.nearest().pitch() * Math.PI / 2))
                .out("Roll of it", Quantity.ANGLE, "then", of(r -> r.nearest().roll() * Math.PI / 2))
                .out("Rest angle", Quantity.ANGLE, "between R and it", of(BoardRotation::rest))
                .out("False acceleration", Quantity.ACCELERATION, "ω²·r", g -> Math.pow(g.at("rate"), 2) * g.at("arm"))
                .build();
    }

    private static ToDoubleFunction<Given> of(ToDoubleFunction<BoardRotation> value) {
        return g -> value.applyAsDouble(BoardRotation.of(List.of(
                new Tilt(0, 0, g.at("levelroll"), g.at("levelpitch")),
                new Tilt(0, g.at("nose"), g.at("noseroll"), g.at("nosepitch")),
                new Tilt(g.at("wing"), 0, g.at("wingroll"), g.at("wingpitch")))));
    }
}
