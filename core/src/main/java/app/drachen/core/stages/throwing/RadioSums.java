package app.drachen.core.stages.throwing;

import app.drachen.core.calc.Calculation;
import app.drachen.core.calc.Given;
import app.drachen.core.calc.Own;
import app.drachen.core.units.Quantity;
import app.drachen.core.working.Source;
import java.util.Arrays;
import java.util.List;

/** Answers of Throws about what the radio does: which channel a stick moves, and who mixes. */
final class RadioSums {
    private static final List<String> CHANNELS = List.of("one", "two", "three", "four");

    private RadioSums() {}

    static List<Calculation> all() {
        return List.of(order(), mixing(), share(), senses());
    }

    private static Calculation order() {
        return Calculation.of("THROWS-A1", "Which channel a stick moves", Source.COMMON_PRACTICE)
                .in("one", "channel 1 moves by a", Quantity.PULSE, 0, 1_500)
                .in("two", "channel 2 moves by b", Quantity.PULSE, 0, 1_500)
                .in("three", "channel 3 moves by c", Quantity.PULSE, 0, 1_500)
                .in("four", "channel 4 moves by d", Quantity.PULSE, 0, 1_500)
                .out("Channel", Quantity.COUNT, "the one that moves most", RadioSums::most)
                .out("It moves by", Quantity.PULSE, "the greatest of a, b, c and d", g -> sorted(g)[3])
                .sound(
                        150,
                        1_500,
                        "no channel moves by 150 µs: another stick, a switch in its way, or a radio that is off")
                .out(
                        "The next moves, of that",
                        Quantity.SHARE,
                        "the second greatest over the greatest",
                        g -> sorted(g)[3] > 0 ? sorted(g)[2] / sorted(g)[3] : Double.NaN)
                .sound(
                        0,
                        0.3,
                        "two channels move together: a mix is on in the radio; switch it off and move the stick again")
                .build();
    }

    private static double[] sorted(Given g) {
        double[] moves = CHANNELS.stream().mapToDouble(g::at).toArray();
        Arrays.sort(moves);
        return moves;
    }

    private static double most(Given g) {
        double greatest = sorted(g)[3];
        int at = 0;
        while (g.at(CHANNELS.get(at)) < greatest) {
            at++;
        }
        return at + 1.0;
    }

    /** The nearest of three matrices tells who mixes; a share is the movement of an output over 500 µs at full stick. */
    private static Calculation mixing() {
        return Calculation.of("THROWS-A4", "Who mixes an elevon pair", new Source.Elementary("linear algebra"))
                .in("rollleft", "full roll moves the left one by a", Quantity.SHARE, -2, 2)
                .in("rollright", "full roll moves the right one by b", Quantity.SHARE, -2, 2)
                .in("pitchleft", "full pitch moves the left one by c", Quantity.SHARE, -2, 2)
                .in("pitchright", "full pitch moves the right one by d", Quantity.SHARE, -2, 2)
                .usual("roll", "roll share wanted r", Quantity.SHARE, 0.05, 1.5, 0.5, Own.ROLL_SHARE)
                .usual("pitch", "pitch share wanted p", Quantity.SHARE, 0.05, 1.5, 0.5, Own.PITCH_SHARE)
                .out("Away from mixed once", Quantity.NUMBER, "√((a − r)² + (b + r)² + (c + p)² + (d + p)²)", g -> {
                    double r = g.at("roll");
                    double p = g.at("pitch");
                    return away(g, r, -r, -p, -p);
                })
                .out(
                        "Away from mixed twice",
                        Quantity.NUMBER,
                        "√((a − r·r − r·p)² + (b + r·r − r·p)² + (c + r·p − p·p)² + (d − r·p − p·p)²)",
                        g -> {
                            double r = g.at("roll");
                            double p = g.at("pitch");
                            return away(g, r * r + r * p, r * p - r * r, p * p - r * p, r * p + p * p);
                        })
                .out("Away from not mixed", Quantity.NUMBER, "√((a − d)²/2 + b² + c²)", g -> {
                    double scale = (g.at("rollleft") + g.at("pitchright")) / 2;
                    return away(g, scale, 0, 0, scale);
                })
                .build();
    }

    private static double away(Given g, double a, double b, double c, double d) {
        return Math.sqrt(Math.pow(g.at("rollleft") - a, 2)
                + Math.pow(g.at("rollright") - b, 2)
                + Math.pow(g.at("pitchleft") - c, 2)
                + Math.pow(g.at("pitchright") - d, 2));
    }

    private static Calculation share() {
        return Calculation.of("THROWS-A3", "Share of a stick in an output", new Source.Elementary("least squares"))
                .in("centre", "pulse with the stick let go u₀", Quantity.PULSE, 800, 2_200)
                .in("plus", "pulse with the stick at one end u₁", Quantity.PULSE, 700, 2_300)
                .in("minus", "pulse with it at the other end u₂", Quantity.PULSE, 700, 2_300)
                .out("Share", Quantity.SHARE_FINE, "(u₁ − u₂)/1000", g -> (g.at("plus") - g.at("minus")) / 1_000)
                .out(
                        "Left over",
                        Quantity.PULSE,
                        "max(u₁ + u₂ − 2u₀, 2u₀ − u₁ − u₂)/2",
                        g -> Math.abs(g.at("plus") + g.at("minus") - 2 * g.at("centre")) / 2)
                .sound(
                        0,
                        10,
                        "the output does not follow evenly: a curve, a switch, a limit of its travel, or another channel")
                .build();
    }

    /** Trailing edge down is positive, a rudder to the left. */
    private static Calculation senses() {
        return Calculation.of("THROWS-A5", "Which way surfaces must go", new Source.Elementary("flight mechanics"))
                .usual("roll", "roll stick, right positive r", Quantity.NUMBER, -1, 1, 0)
                .usual("pitch", "pitch stick, nose up positive p", Quantity.NUMBER, -1, 1, 0)
                .usual("yaw", "yaw stick, right positive y", Quantity.NUMBER, -1, 1, 0)
                .out("Left aileron, down positive", Quantity.NUMBER, "r", g -> g.at("roll"))
                .out("Right aileron", Quantity.NUMBER, "0 − r", g -> -g.at("roll"))
                .out("Elevator", Quantity.NUMBER, "0 − p", g -> -g.at("pitch"))
                .out("Rudder, left positive", Quantity.NUMBER, "0 − y", g -> -g.at("yaw"))
                .out("Left elevon", Quantity.NUMBER, "r − p", g -> g.at("roll") - g.at("pitch"))
                .out("Right elevon", Quantity.NUMBER, "0 − r − p", g -> -g.at("roll") - g.at("pitch"))
                .out("Left panel of an upright V", Quantity.NUMBER, "0 − p − y", g -> -g.at("pitch") - g.at("yaw"))
                .out("Right panel of an upright V", Quantity.NUMBER, "y − p", g -> g.at("yaw") - g.at("pitch"))
                .build();
    }
}
