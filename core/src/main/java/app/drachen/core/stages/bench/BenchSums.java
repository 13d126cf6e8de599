package app.drachen.core.stages.bench;

import static app.drachen.core.air.Atmosphere.GRAVITY;

import app.drachen.core.calc.Calculation;
import app.drachen.core.calc.Own;
import app.drachen.core.units.Quantity;
import app.drachen.core.working.Source;
import java.util.List;

/** Answers of Bench. */
public final class BenchSums {
    private BenchSums() {}

    public static List<Calculation> all() {
        return List.of(faces(), level(), wanted(), walk(), fix(), compass(), motor(), time());
    }

    private static Calculation faces() {
        return Calculation.of("BENCH-A1", "Accelerometer from two faces", new Source.Elementary("statics"))
                .in("up", "reading face up a₊", Quantity.ACCELERATION, 5, 15)
                .in("down", "reading face down a₋", Quantity.ACCELERATION, -15, -5)
                .out("Bias", Quantity.ACCELERATION, "(a₊ + a₋)/2", g -> (g.at("up") + g.at("down")) / 2)
                .out("Scale", Quantity.NUMBER_FINE, "(a₊ − a₋)/(2g)", g -> (g.at("up") - g.at("down")) / (2 * GRAVITY))
                .build();
    }

    private static Calculation level() {
        return Calculation.of("BENCH-A2", "Level offsets of the board", new Source.Elementary("statics"))
                .in("x", "acceleration forward f_x", Quantity.ACCELERATION, -12, 12)
                .usual("y", "acceleration right f_y", Quantity.ACCELERATION, -12, 12, 0)
                .usual("z", "acceleration down f_z", Quantity.ACCELERATION, -12, 12, -GRAVITY)
                .out(
                        "Pitch offset",
                        Quantity.ANGLE,
                        "θ₀ = atan2(f_x, √(f_y² + f_z²))",
                        g -> Math.atan2(g.at("x"), Math.hypot(g.at("y"), g.at("z"))))
                .offers(
                        "the board's level in pitch",
                        (s, level) -> s.withMount(s.mount().withLevel(s.mount().levelRoll(), level)))
                .out("Roll offset", Quantity.ANGLE, "φ₀ = atan2(−f_y, −f_z)", g -> Math.atan2(-g.at("y"), -g.at("z")))
                .offers(
                        "the board's level in roll",
                        (s, level) ->
                                s.withMount(s.mount().withLevel(level, s.mount().levelPitch())))
                .build();
    }

    private static Calculation walk() {
        return Calculation.of("BENCH-A4", "Range walk", new Source.Published("ITU-R", "P.525", 2019))
                .in("distance", "lost at this distance d", Quantity.DISTANCE, 1, 5_000)
                .in("reduced", "power reduced by ΔdB", Quantity.DECIBEL, 0, 60)
                .out(
                        "Full range",
                        Quantity.DISTANCE,
                        "d·10^(ΔdB/20)",
                        g -> g.at("distance") * Math.pow(10, g.at("reduced") / 20))
                .build();
    }

    private static Calculation fix() {
        return Calculation.of("BENCH-A5", "Scatter of the home fix", new Source.OwnEstimate("3 m per unit of hdop"))
                .in("hdop", "dilution of position hdop", Quantity.NUMBER, 0.3, 50)
                .out("95 % of fixes within", Quantity.SPAN, "2·hdop·3 m", g -> 6 * g.at("hdop"))
                .build();
    }

    private static Calculation compass() {
        Source bowditch = new Source.Published("N. Bowditch", "American Practical Navigator", 2019);
        return Calculation.of("BENCH-A6", "Compass swing on four headings", bowditch)
                .in("north", "error heading north N", Quantity.ANGLE, -3, 3)
                .in("east", "error heading east E", Quantity.ANGLE, -3, 3)
                .in("south", "error heading south S", Quantity.ANGLE, -3, 3)
                .in("west", "error heading west W", Quantity.ANGLE, -3, 3)
                .out(
                        "A, the same all round",
                        Quantity.ANGLE,
                        "(N + E + S + W)/4",
                        g -> (g.at("north") + g.at("east") + g.at("south") + g.at("west")) / 4)
                .out("B, fore and aft", Quantity.ANGLE, "(E − W)/2", g -> (g.at("east") - g.at("west")) / 2)
                .out("C, sideways", Quantity.ANGLE, "(N − S)/2", g -> (g.at("north") - g.at("south")) / 2)
                .build();
    }

    private static Calculation motor() {
        return Calculation.of("BENCH-A7", "Static current of the motor", new Source.OwnEstimate("\u00b125 %"))
                .in("power", "electrical power P", Quantity.POWER, 1, 20_000)
                .in("volts", "pack volts U", Quantity.VOLTAGE, 2, 70, Own.PACK_VOLTS)
                .out("Current", Quantity.CURRENT, "P/U", 0.25, g -> g.at("power") / g.at("volts"))
                .build();
    }

    private static Calculation wanted() {
        return Calculation.of("BENCH-A3", "Pulse that an output must show", Source.ARITHMETIC)
                .in("centre", "centre c", Quantity.PULSE, 800, 2_200, Own.FIRST_CENTRE)
                .in("share", "mixer's share of this stick K", Quantity.SHARE, -2, 2, Own.FIRST_ROLL_SHARE)
                .usual("stick", "command of the stick x", Quantity.NUMBER, -1, 1, 1)
                .usual("sense", "sense, 1 or −1 for a reversed servo, z", Quantity.COUNT, -1, 1, 1, Own.FIRST_SENSE)
                .out(
                        "Pulse",
                        Quantity.PULSE,
                        "c + z·500·K·x",
                        g -> g.at("centre") + g.at("sense") * 500 * g.at("share") * g.at("stick"))
                .build();
    }

    private static Calculation time() {
        return Calculation.of(
                        "BENCH-A8", "Time of the checks before a flight", new Source.OwnEstimate("half a minute each"))
                .usual("items", "items n", Quantity.COUNT, 1, 100, 12)
                .usual("each", "time of one t", Quantity.DURATION, 1, 3_600, 30)
                .out("Time", Quantity.DURATION, "n·t", g -> g.at("items") * g.at("each"))
                .build();
    }
}
