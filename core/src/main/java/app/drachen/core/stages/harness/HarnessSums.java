package app.drachen.core.stages.harness;

import app.drachen.core.calc.Calculation;
import app.drachen.core.calc.Given;
import app.drachen.core.calc.Own;
import app.drachen.core.units.Quantity;
import app.drachen.core.wiring.PackShare;
import app.drachen.core.wiring.Pairs;
import app.drachen.core.wiring.Wire;
import app.drachen.core.wiring.Wiring;
import app.drachen.core.working.Source;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;

/** Answers of Harness. */
public final class HarnessSums {
    private static final Source CIRCUITS = new Source.Elementary("circuit theory");
    private static final double LIGHT = Pairs.LIGHT;

    /** Senders and receivers of a list. */
    private static final int MOST = 5;

    private HarnessSums() {}

    public static List<Calculation> all() {
        List<Calculation> all = new ArrayList<>(MountSums.all());
        all.addAll(List.of(rail(), heat(), rails(), packs(), wire(), clash(), clashes(), aerials(), leads(), cells()));
        return List.copyOf(all);
    }

    private static Calculation rail() {
        return Calculation.of("HARNESS-A3", "Current of a servo rail", new Source.OwnEstimate("\u00b130 %"))
                .in("servos", "number of servos n", Quantity.COUNT, 1, 16, Own.SERVOS)
                .usual("idle", "idle current of one I_idle", Quantity.CURRENT, 0, 5, 0.01)
                .usual("work", "working current of one I_work", Quantity.CURRENT, 0, 20, 0.25)
                .usual("stall", "stalled current of one I_stall", Quantity.CURRENT, 0, 40, 1.1)
                .usual("other", "other loads I_other", Quantity.CURRENT, 0, 40, 0.1)
                .usual("duty", "share of time at work d", Quantity.NUMBER, 0, 1, 0.2)
                .usual("together", "share stalled together k", Quantity.NUMBER, 0, 1, 0.5)
                .out(
                        "Mean current",
                        Quantity.CURRENT,
                        "n(I_idle + d(I_work − I_idle)) + I_other",
                        0.3,
                        g -> g.at("servos") * (g.at("idle") + g.at("duty") * (g.at("work") - g.at("idle")))
                                + g.at("other"))
                .out(
                        "Peak current",
                        Quantity.CURRENT,
                        "n·k·I_stall + I_other",
                        0.3,
                        g -> g.at("servos") * g.at("together") * g.at("stall") + g.at("other"))
                .build();
    }

    private static Calculation heat() {
        return Calculation.of("HARNESS-A4", "Heat of a regulator", CIRCUITS)
                .in("in", "volts in U_in", Quantity.VOLTAGE, 1, 70, Own.FULL_VOLTS)
                .in("out", "volts out U_out", Quantity.VOLTAGE, 1, 30)
                .in("current", "current I", Quantity.CURRENT, 0, 50)
                .usual("efficiency", "switching η", Quantity.NUMBER, 0.5, 0.99, 0.88)
                .maybe("thermal", "thermal resistance in K per W, R_θ", Quantity.NUMBER, 0.1, 300)
                .out("Heat, linear", Quantity.POWER_FINE, "(U_in − U_out)·I; it cannot raise", HarnessSums::linearHeat)
                .out(
                        "Heat, switching",
                        Quantity.POWER_FINE,
                        "U_out·I(1 − η)/η",
                        g -> g.at("out") * g.at("current") * (1 - g.at("efficiency")) / g.at("efficiency"))
                .out(
                        "Kelvin over the air, linear",
                        Quantity.NUMBER,
                        "ΔT = (U_in − U_out)·I·R_θ",
                        g -> g.has("thermal") ? linearHeat(g) * g.at("thermal") : Double.NaN)
                .build();
    }

    /** Heat of a linear regulator [W]; not a number where it would have to raise the volts. */
    private static double linearHeat(Given g) {
        double drop = g.at("in") - g.at("out");
        return drop >= 0 ? drop * g.at("current") : Double.NaN;
    }

    private static Calculation rails() {
        return Calculation.of("HARNESS-A5", "Two supplies on one rail", CIRCUITS)
                .in("first", "volts of the first U₁", Quantity.VOLTAGE, 0, 70)
                .in("second", "volts of the second U₂", Quantity.VOLTAGE, 0, 70)
                .in("firstohms", "its resistance R₁", Quantity.RESISTANCE, 0.001, 10)
                .in("secondohms", "its resistance R₂", Quantity.RESISTANCE, 0.001, 10)
                .usual("diode", "drop of a diode between U_diode", Quantity.VOLTAGE, 0, 2, 0)
                .out(
                        "Current from one into the other",
                        Quantity.CURRENT,
                        "max(0, |U₁ − U₂| − U_diode)/(R₁ + R₂)",
                        g -> {
                            double drive = Math.abs(g.at("first") - g.at("second")) - g.at("diode");
                            return Math.max(0, drive) / (g.at("firstohms") + g.at("secondohms"));
                        })
                .build();
    }

    private static Calculation packs() {
        return Calculation.of("HARNESS-A6", "Two packs side by side", CIRCUITS)
                .in("first", "volts of the first U₁", Quantity.VOLTAGE, 1, 70)
                .in("second", "volts of the second U₂", Quantity.VOLTAGE, 1, 70)
                .in("firstohms", "its resistance R₁", Quantity.RESISTANCE, 0.001, 2, Own.PACK_RESISTANCE)
                .in("secondohms", "its resistance R₂", Quantity.RESISTANCE, 0.001, 2, Own.PACK_RESISTANCE)
                .usual("current", "current drawn I", Quantity.CURRENT, 0, 500, 10)
                .out(
                        "Current on joining",
                        Quantity.CURRENT,
                        "|U₁ − U₂|/(R₁ + R₂)",
                        g -> Math.abs(g.at("first") - g.at("second")) / (g.at("firstohms") + g.at("secondohms")))
                .out(
                        "Share of the first",
                        Quantity.CURRENT,
                        "I₁ = (U₁ − U₂ + I·R₂)/(R₁ + R₂)",
                        HarnessSums::shareOfFirst)
                .out("Share of the second", Quantity.CURRENT, "I₂ = I − I₁", g -> g.at("current") - shareOfFirst(g))
                .out("Charges the weaker pack with", Quantity.CURRENT, "−min(I₁, I₂); where one is negative", g -> {
                    double least = Math.min(shareOfFirst(g), g.at("current") - shareOfFirst(g));
                    return least < 0 ? -least : Double.NaN;
                })
                .build();
    }

    private static double shareOfFirst(Given g) {
        return PackShare.of(g.at("first"), g.at("second"), g.at("firstohms"), g.at("secondohms"), g.at("current"))
                .first();
    }

    private static Calculation wire() {
        return Calculation.of(
                        "HARNESS-A7", "Wire", new Source.Published("ASTM", "B258, gauge; copper by IEC 60028", 2018))
                .in("gauge", "American wire gauge n", Quantity.COUNT, 0, 40)
                .in("length", "length one way L", Quantity.SPAN, 0.01, 20)
                .in("current", "current I", Quantity.CURRENT, 0, 500)
                .usual("volts", "supply U", Quantity.VOLTAGE, 1, 70, 5)
                .out("Diameter, in mm", Quantity.NUMBER, "d = 0.127·92^((36 − n)/39)", HarnessSums::millimetres)
                .out(
                        "Drop, both ways",
                        Quantity.VOLTAGE,
                        "I·ρ·2L/(π(d/1000)²/4), ρ = 1.724·10^−8 Ω m",
                        HarnessSums::drop)
                .out(
                        "of the supply",
                        Quantity.SHARE_FINE,
                        "I·ρ·2L/(π(d/1000)²/4)/U, ρ = 1.724·10^−8 Ω m",
                        g -> drop(g) / g.at("volts"))
                .sound(
                        0,
                        1,
                        "the wire would lose more than the supply gives: no such current flows; take a thicker or shorter one")
                .build();
    }

    private static double millimetres(Given g) {
        return 1_000 * Wire.diameter(g.at("gauge"));
    }

    private static double drop(Given g) {
        return g.at("current") * Wire.resistance(g.at("gauge"), g.at("length"));
    }

    private static Calculation clash() {
        return Calculation.of("HARNESS-A8", "Products of two senders", Source.ARITHMETIC)
                .in("first", "first sender f_a", Quantity.RADIO, 1e6, 1e10)
                .in("second", "second sender f_b", Quantity.RADIO, 1e6, 1e10)
                .usual("harmonic", "harmonic k", Quantity.COUNT, 2, 7, 3)
                .out("Harmonic of the first", Quantity.RADIO, "k·f_a", g -> Math.rint(g.at("harmonic")) * g.at("first"))
                .out(
                        "Harmonic of the second",
                        Quantity.RADIO,
                        "k·f_b",
                        g -> Math.rint(g.at("harmonic")) * g.at("second"))
                .out("Third order, low", Quantity.RADIO, "2f_a − f_b", g -> 2 * g.at("first") - g.at("second"))
                .out("Third order, high", Quantity.RADIO, "2f_b − f_a", g -> 2 * g.at("second") - g.at("first"))
                .build();
    }

    /** Harmonics 2 to 7 and third-order products of all senders against all receivers. */
    private static Calculation clashes() {
        Calculation.Builder lists = Calculation.of("HARNESS-A8-ALL", "Senders against receivers", Source.ARITHMETIC)
                .usual("senderwidth", "width of each sender B", Quantity.RADIO, 0, 1e9, 0)
                .usual("receiverwidth", "width of each receiver's band W", Quantity.RADIO, 0, 1e9, 2e6);
        for (int i = 1; i <= MOST; i++) {
            String sender = "sender f" + Calculation.index(i);
            lists = i == 1
                    ? lists.in("sender" + i, sender, Quantity.RADIO, 1e6, 1e10)
                    : lists.maybe("sender" + i, sender, Quantity.RADIO, 1e6, 1e10);
        }
        for (int i = 1; i <= MOST; i++) {
            String receiver = "receiver r" + Calculation.index(i);
            lists = i == 1
                    ? lists.in("receiver" + i, receiver, Quantity.RADIO, 1e6, 1e10)
                    : lists.maybe("receiver" + i, receiver, Quantity.RADIO, 1e6, 1e10);
        }
        return lists.out(
                        "Products that fall into a band",
                        Quantity.COUNT,
                        "how many of k·fᵢ, k = 2…7, and 2fᵢ − fⱼ lie within W/2 plus half their width of an rⱼ",
                        g -> products(g).stream().filter(d -> d <= 0).count())
                .out(
                        "The nearest stays away by",
                        Quantity.RADIO,
                        "the least of |product − rⱼ| − W/2 − half its width; below 0 it falls in",
                        g -> products(g).stream().mapToDouble(d -> d).min().orElse(Double.NaN))
                .build();
    }

    /** How far each product stays away from each receiver's band [Hz]; below 0 it falls in. */
    private static List<Double> products(Given g) {
        List<Double> senders = listed(g, "sender");
        List<Double> away = new ArrayList<>();
        for (double receiver : listed(g, "receiver")) {
            double half = g.at("receiverwidth") / 2;
            for (double one : senders) {
                for (int k = 2; k <= 7; k++) {
                    away.add(Math.abs(k * one - receiver) - half - k * g.at("senderwidth") / 2);
                }
                for (double other : senders) {
                    if (other != one) {
                        away.add(Math.abs(2 * one - other - receiver) - half - 3 * g.at("senderwidth") / 2);
                    }
                }
            }
        }
        return away;
    }

    private static List<Double> listed(Given g, String name) {
        return IntStream.rangeClosed(1, MOST)
                .filter(i -> g.has(name + i))
                .mapToObj(i -> g.at(name + i))
                .toList();
    }

    private static Calculation aerials() {
        return Calculation.of("HARNESS-A9", "Aerials side by side", new Source.Published("ITU-R", "P.525", 2019))
                .in("frequency", "frequency f", Quantity.RADIO, 1e6, 1e10)
                .in("distance", "distance d", Quantity.SPAN, 0.01, 100)
                .usual("power", "sender's power in dBm, P", Quantity.LEVEL, -30, 50, 14)
                .usual("tilt", "angle between them θ", Quantity.ANGLE, 0, 1.55, 0)
                .out(
                        "Isolation",
                        Quantity.DECIBEL,
                        "L = max(0, 20·log₁₀(4πdf/c)); ±6 dB nearer than half a wave",
                        HarnessSums::isolation,
                        HarnessSums::nearField)
                .out("Loss by polarisation", Quantity.DECIBEL, "L_p = −20·log₁₀|cos θ|", HarnessSums::crossed)
                .out(
                        "Arrives with",
                        Quantity.LEVEL,
                        "P − L − L_p",
                        g -> g.at("power") - isolation(g) - crossed(g),
                        HarnessSums::nearField)
                .out("Half-wave dipole", Quantity.LENGTH, "0.95·c/(2f)", g -> 0.95 * LIGHT / (2 * g.at("frequency")))
                .build();
    }

    private static double isolation(Given g) {
        return Pairs.isolation(g.at("frequency"), g.at("distance"));
    }

    /** Nearer than half a wave the formula of the far field says little [dB]. */
    private static double nearField(Given g) {
        return g.at("distance") < LIGHT / g.at("frequency") / 2 ? 6 : 0;
    }

    private static double crossed(Given g) {
        return -20 * Math.log10(Math.abs(Math.cos(g.at("tilt"))));
    }

    private static Calculation leads() {
        return Calculation.of("HARNESS-A11", "Length of a lead", Source.COMMON_PRACTICE)
                .in("path", "path on the drawing l", Quantity.SPAN, 0.01, 20)
                .out("Lead", Quantity.SPAN, "1.1·l", g -> Wiring.SLACK * g.at("path"))
                .build();
    }

    private static Calculation cells() {
        return Calculation.of(
                        "HARNESS-A12",
                        "Another number of cells, same propeller",
                        new Source.OwnEstimate("+0/\u221220 %"))
                .in("from", "cells now n₁", Quantity.COUNT, 1, 14, Own.CELLS)
                .in("to", "cells then n₂", Quantity.COUNT, 1, 14)
                .out("Turns change by", Quantity.NUMBER, "n₂/n₁", g -> g.at("to") / g.at("from"))
                .out("Current changes by", Quantity.NUMBER, "(n₂/n₁)²", g -> Math.pow(g.at("to") / g.at("from"), 2))
                .out("Power changes by", Quantity.NUMBER, "(n₂/n₁)³", g -> Math.pow(g.at("to") / g.at("from"), 3))
                .build();
    }
}
