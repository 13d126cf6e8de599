package app.drachen.core.bench;

import app.drachen.core.air.Atmosphere;
import app.drachen.core.bench.BenchCard.Said;
import app.drachen.core.modes.Arming;
import app.drachen.core.modes.Loss;
import app.drachen.core.propulsion.Running;
import app.drachen.core.setup.Setup;
import app.drachen.core.units.Quantity;
import app.drachen.core.working.Source;
import app.drachen.core.working.Working;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/** Cards about arming, motor, meters. */
final class PowerCards {
    /** Spread of the motor model on the bench (BENCH-A7) [-]. */
    static final double SPREAD = 0.25;

    /** Greatest temperature of motor and controller after 30 s, BENCH-R11 [K]; a default of judgement. */
    static final double HOT = 273.15 + 70;

    private static final List<String> ARMS = List.of("refuses", "arms");

    private PowerCards() {}

    static BenchCard arming(Setup setup) {
        Arming arming = setup.modes().arming().orElse(Arming.GUARDED);
        boolean home = setup.modes().losses().action(Loss.LINK, Loss.Phase.AWAY) == Loss.Action.HOME
                || setup.modes().losses().action(Loss.LINK, Loss.Phase.AWAY) == Loss.Action.OPEN;
        List<Reading> readings = new ArrayList<>();
        readings.add(Reading.choice("power up", "Power stick at a third: it", 0, ARMS));
        readings.add(Reading.choice("tilted", "Held on its side: it", arming.levelOnly() ? 0 : 1, ARMS));
        readings.add(Reading.choice(
                "no fix", "Without position fix: it", arming.needsFix() && home ? 0 : arming.needsFix() ? 0 : 1, ARMS));
        readings.add(Reading.choice("as it should", "Power down, level, with fix: it", 1, ARMS));
        readings.add(Reading.choice("disarm", "Switch to safe: it", 0, "disarms", "stays armed"));
        readings.add(Reading.choice("outputs", "Outputs of the board are", 0, "enabled", "disabled"));
        readings.add(Reading.choice(
                "hands", "While armed the hands were", 0, "behind the propeller", "ahead or in its plane"));
        return new BenchCard(CardId.ARMING, readings, BenchCard.Sums.NONE);
    }

    /**
     * Current of all motors with the aircraft tied down (BENCH-A7).
     *
     * @param power [-]
     * @return [A]
     */
    static double current(Setup setup, double power) {
        return Running.of(setup.propulsion(), power, 0.1, 0, Atmosphere.SEA_LEVEL_DENSITY)
                .current();
    }

    /** Thrust of all motors at full power with the aircraft tied down [N]. */
    static double thrust(Setup setup) {
        return Running.of(setup.propulsion(), 1, 0.1, 0, Atmosphere.SEA_LEVEL_DENSITY)
                .thrust();
    }

    static BenchCard motorRun(Setup setup) {
        double half = current(setup, 0.5);
        double full = current(setup, 1);
        double thrust = thrust(setup);
        return new BenchCard(
                CardId.MOTOR_RUN,
                List.of(
                        Reading.choice(
                                "turns",
                                "Propeller off, a touch of power: the shaft turns",
                                0,
                                "the way the propeller is marked",
                                "the other way"),
                        Reading.choice("blows", "Propeller on: the air goes", 0, "aft", "forward"),
                        Reading.number("half", "Current at half power", Quantity.CURRENT, 0, 500)
                                .within(half, SPREAD * half),
                        Reading.number("full", "Current at full power", Quantity.CURRENT, 0, 500)
                                .within(full, SPREAD * full),
                        Reading.number("thrust", "Thrust at full power, on a scale", Quantity.FORCE, 0, 1_000)
                                .within(thrust, SPREAD * thrust)
                                .orLeftOut(),
                        Reading.number("warm", "Motor or controller after 30 s", Quantity.TEMPERATURE, 230, 500)
                                .atMost(HOT)),
                given -> expected(full, given));
    }

    private static List<Said> expected(double full, Map<String, Double> given) {
        Double read = given.get("full");
        if (read == null) {
            return List.of();
        }
        Working working = Working.of(
                "BENCH-A7",
                "Expected static current",
                full,
                Quantity.CURRENT,
                "motor, propeller and pack where their torques agree, standing still",
                new Source.OwnEstimate("±25 %"),
                Working.in("read", read, Quantity.CURRENT));
        double ratio = read / full;
        boolean good = Math.abs(ratio - 1) <= SPREAD;
        return List.of(new Said(
                "current",
                good,
                good
                        ? "Current as the model expects it"
                        : Quantity.CURRENT.text(read) + " where " + Quantity.CURRENT.text(full) + " is expected: "
                                + (ratio > 1
                                        ? "too much propeller, a cell too many, or timing."
                                        : "too little propeller, a cell too few, or a motor that does not reach full power."),
                List.of(working)));
    }

    static BenchCard scales(Setup setup) {
        return new BenchCard(
                CardId.SCALES,
                List.of(
                        Reading.number("volts", "Volts on the board", Quantity.VOLTAGE, 0, 100),
                        Reading.number("meter volts", "Volts on the meter", Quantity.VOLTAGE, 2, 100),
                        Reading.number("amps", "Current on the board", Quantity.CURRENT_FINE, 0, 500),
                        Reading.number("meter amps", "Current on the meter", Quantity.CURRENT_FINE, 0.5, 500)),
                given -> {
                    List<Said> said = new ArrayList<>();
                    factor(said, given, "volts", 0.02);
                    factor(said, given, "amps", 0.10);
                    return said;
                });
    }

    private static void factor(List<Said> said, Map<String, Double> given, String of, double most) {
        Double shown = given.get(of);
        Double measured = given.get("meter " + of);
        if (shown == null || measured == null) {
            return;
        }
        double off = shown / measured - 1;
        boolean good = Math.abs(off) <= most;
        Quantity quantity = of.equals("volts") ? Quantity.VOLTAGE : Quantity.CURRENT_FINE;
        String factor = shown > 0 ? Quantity.NUMBER_FINE.text(measured / shown) : "";
        said.add(new Said(
                of + " scale",
                good,
                "The board shows " + Quantity.SHARE_FINE.text(off) + " off in " + of
                        + (good
                                ? ""
                                : factor.isEmpty()
                                        ? ": it shows nothing; look at its wire."
                                        : ": multiply its factor by " + factor + "."),
                shown > 0
                        ? List.of(Working.of(
                                "SIGNALS-A4",
                                "New factor over old",
                                measured / shown,
                                Quantity.NUMBER_FINE,
                                "meter/board",
                                Source.ARITHMETIC,
                                Working.in("meter", measured, quantity),
                                Working.in("board", shown, quantity)))
                        : List.of()));
    }
}
