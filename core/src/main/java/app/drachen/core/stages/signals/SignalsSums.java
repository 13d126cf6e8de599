package app.drachen.core.stages.signals;

import static app.drachen.core.air.Atmosphere.GRAVITY;

import app.drachen.core.calc.Calculation;
import app.drachen.core.calc.Given;
import app.drachen.core.calc.Own;
import app.drachen.core.setup.Setup;
import app.drachen.core.signals.Alarm;
import app.drachen.core.signals.Scales;
import app.drachen.core.units.Quantity;
import app.drachen.core.working.Source;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;

/** Answers of Signals. */
public final class SignalsSums {
    private static final Source CIRCUITS = new Source.Elementary("circuit theory");

    private SignalsSums() {}

    public static List<Calculation> all() {
        return List.of(height(), pack(), strength(), scaling(), airspeed(), age(), calls(), tones());
    }

    private static Calculation height() {
        return Calculation.of("SIGNALS-A2", "Height alarm", new Source.Elementary("kinematics"))
                .in("limit", "height limit h_max", Quantity.HEIGHT, 5, 3_000, Own.HEIGHT_LIMIT)
                .in("climb", "greatest climb ḣ", Quantity.CLIMB, 0, 50, Own.GREATEST_CLIMB)
                .usual("delay", "delay τ", Quantity.TIME, 0, 20, 1, Own.HEIGHT_AGE)
                .usual("reaction", "reaction t_reaction", Quantity.TIME, 0, 10, 1.5, Own.REACTION)
                .usual("push", "push-over after the thumb a", Quantity.ACCELERATION, 0.2, 20, 0.3 * GRAVITY)
                .usual("error", "error of the height e", Quantity.HEIGHT, 0, 50, 0)
                .usual("every", "spoken every t_i", Quantity.TIME, 0.5, 120, 10)
                .out("Alarm at", Quantity.HEIGHT, "h_max − ḣ(τ + t_reaction) − ḣ²/(2a) − e", SignalsSums::speaksAt)
                .offers("the height alarm", (s, h) -> alarm(s, Alarm.Kind.HEIGHT, Math.floor(h)))
                .out("Passes between two calls", Quantity.HEIGHT, "ḣ·t_i", g -> g.at("climb") * g.at("every"))
                .build();
    }

    private static Setup alarm(Setup setup, Alarm.Kind kind, double at) {
        return setup.withSignals(setup.signals()
                .withAlarm(setup.signals()
                        .alarm(kind)
                        .orElseGet(() -> AlarmStart.of(setup, Optional.empty(), kind))
                        .at(at)));
    }

    private static Setup scales(Setup setup, UnaryOperator<Scales> how) {
        return setup.withSignals(
                setup.signals().withScales(how.apply(setup.signals().scales())));
    }

    private static double speaksAt(Given g) {
        double climb = g.at("climb");
        double at = g.at("limit")
                - climb * (g.at("delay") + g.at("reaction"))
                - climb * climb / (2 * g.at("push"))
                - g.at("error");
        if (at <= 0) {
            throw new IllegalArgumentException(
                    "no alarm is early enough: it would have to speak below the ground; climb slower");
        }
        return at;
    }

    private static Calculation pack() {
        return Calculation.of("SIGNALS-A3", "Cell volts under load", CIRCUITS)
                .in("open", "open volts of the pack U_oc", Quantity.VOLTAGE, 2, 70, Own.FULL_VOLTS)
                .in("current", "current I", Quantity.CURRENT, 0, 500, Own.CRUISE_CURRENT)
                .in("resistance", "resistance of the pack R", Quantity.RESISTANCE, 0.0005, 2, Own.PACK_RESISTANCE)
                .in("cells", "cells n", Quantity.COUNT, 1, 14, Own.CELLS)
                .out(
                        "Cell under load",
                        Quantity.VOLTAGE,
                        "(U_oc − I·R)/n",
                        g -> (g.at("open") - g.at("current") * g.at("resistance")) / g.at("cells"))
                .build();
    }

    private static Calculation strength() {
        return Calculation.of("SIGNALS-A4", "Signal strength from two points", new Source.Elementary("straight line"))
                .in("shown1", "first reading x₁", Quantity.SHARE, 0, 1.2)
                .in("level1", "at this level S₁", Quantity.LEVEL, -150, 30)
                .in("shown2", "second reading x₂", Quantity.SHARE, 0, 1.2)
                .in("level2", "at this level S₂", Quantity.LEVEL, -150, 30)
                .in("loss", "lost at S_loss", Quantity.LEVEL, -150, 30)
                .usual("margin", "margin m", Quantity.DECIBEL, 0, 60, 10)
                .out(
                        "Warn at the reading",
                        Quantity.SHARE,
                        "x₁ + (S_loss + m − S₁)(x₂ − x₁)/(S₂ − S₁)",
                        g -> g.at("shown1")
                                + (g.at("loss") + g.at("margin") - g.at("level1"))
                                        * (g.at("shown2") - g.at("shown1"))
                                        / (g.at("level2") - g.at("level1")))
                .sound(
                        0,
                        1.2,
                        "no reading shows that level: the two points are too near each other or lie on one side of it; take them again")
                .offers("the alarm for the link", (s, x) -> alarm(s, Alarm.Kind.LINK, x))
                .build();
    }

    private static Calculation scaling() {
        return Calculation.of("SIGNALS-A5", "Scale of the current sensor, turns of the motor", Source.COMMON_PRACTICE)
                .maybe("charged", "charged back Q_charged", Quantity.CHARGE, 1, 1e6)
                .maybe("shown", "shown Q_shown", Quantity.CHARGE, 1, 1e6)
                .maybe("electrical", "electrical frequency f", Quantity.FREQUENCY, 1, 20_000)
                .maybe("pairs", "pole pairs n", Quantity.COUNT, 1, 30)
                .maybe("meter", "volts at the meter U_meter", Quantity.VOLTAGE, 0.5, 100)
                .maybe("volts", "volts shown U_shown", Quantity.VOLTAGE, 0.5, 100)
                .maybe("rest", "current shown at rest I₀", Quantity.CURRENT, -100, 100)
                .out(
                        "Scale changes by",
                        Quantity.NUMBER_FINE,
                        "Q_charged/Q_shown",
                        g -> g.has("charged") && g.has("shown") ? g.at("charged") / g.at("shown") : Double.NaN)
                .offers("the factor of the current", (s, x) -> scales(s, c -> c.withCurrent(c.current() * x)))
                .out(
                        "Volts scale changes by",
                        Quantity.NUMBER_FINE,
                        "U_meter/U_shown",
                        g -> g.has("meter") && g.has("volts") ? g.at("meter") / g.at("volts") : Double.NaN)
                .offers("the factor of the volts", (s, x) -> scales(s, c -> c.withVolts(c.volts() * x)))
                .out("Current offset", Quantity.CURRENT, "−I₀", g -> g.has("rest") ? -g.at("rest") : Double.NaN)
                .out(
                        "Motor speed",
                        Quantity.ROTATION,
                        "f/n in 1/s",
                        g -> g.has("electrical") && g.has("pairs")
                                ? 2 * Math.PI * g.at("electrical") / g.at("pairs")
                                : Double.NaN)
                .build();
    }

    private static Calculation airspeed() {
        return Calculation.of("SIGNALS-A6", "Airspeed from two runs", new Source.Elementary("wind triangle"))
                .in("down", "ground speed downwind GS_down", Quantity.SPEED, 1, 150)
                .in("up", "ground speed upwind GS_up", Quantity.SPEED, 0, 150)
                .maybe("shown", "airspeed shown V_shown", Quantity.SPEED, 1, 150)
                .out("Airspeed", Quantity.SPEED, "V = ½(GS_down + GS_up)", g -> (g.at("down") + g.at("up")) / 2)
                .out("Wind along the runs", Quantity.SPEED, "½(GS_down − GS_up)", g -> (g.at("down") - g.at("up")) / 2)
                .out(
                        "Pressure factor",
                        Quantity.NUMBER_FINE,
                        "(V/V_shown)²",
                        g -> g.has("shown") ? Math.pow((g.at("down") + g.at("up")) / 2 / g.at("shown"), 2) : Double.NaN)
                .offers(
                        "the factor of the airspeed's pressure",
                        (s, x) -> scales(s, c -> c.withPressure(c.pressure() * x)))
                .build();
    }

    private static Calculation age() {
        return Calculation.of("SIGNALS-A7", "Age of a value", Source.ARITHMETIC)
                .in("rate", "update rate f", Quantity.FREQUENCY, 0.01, 1_000)
                .usual("transport", "transport delay t_t", Quantity.TIME_FINE, 0, 20, 0.3)
                .in("speed", "airspeed V", Quantity.SPEED, 2, 120, Own.CRUISE_SPEED)
                .out("Worst age", Quantity.TIME_FINE, "t = 1/f + t_t", g -> 1 / g.at("rate") + g.at("transport"))
                .out(
                        "Flown meanwhile",
                        Quantity.SPAN,
                        "V·t",
                        g -> g.at("speed") * (1 / g.at("rate") + g.at("transport")))
                .build();
    }

    private static Calculation calls() {
        Calculation.Builder sum = Calculation.of(
                        "SIGNALS-A8", "Load of spoken call-outs", new Source.Elementary("queueing"))
                .in("say1", "first call takes t₁", Quantity.TIME, 0.1, 60)
                .in("every1", "every T₁", Quantity.TIME, 0.5, 3_600);
        for (int i = 2; i <= 5; i++) {
            sum.maybe("say" + i, "call takes t" + Calculation.index(i), Quantity.TIME, 0.1, 60)
                    .maybe("every" + i, "every T" + Calculation.index(i), Quantity.TIME, 0.5, 3_600);
        }
        return sum.out("Load", Quantity.NUMBER, "ρ = Σ(tᵢ/Tᵢ)", g -> {
                    double load = 0;
                    for (int i = 1; i <= 5; i++) {
                        boolean both = g.has("say" + i) && g.has("every" + i);
                        load += both ? g.at("say" + i) / g.at("every" + i) : 0;
                    }
                    return load;
                })
                .build();
    }

    private static Calculation tones() {
        return Calculation.of("SIGNALS-A9", "Rise and sink tone", new Source.OwnEstimate("a choice"))
                .usual("middle", "tone at no climb f₀", Quantity.FREQUENCY, 100, 3_000, 600)
                .usual("octave", "climb of an octave h₈", Quantity.CLIMB, 0.2, 50, 5)
                .in("climb", "climb ḣ", Quantity.CLIMB, -30, 30)
                .out(
                        "Tone",
                        Quantity.FREQUENCY,
                        "f = f₀·2^(ḣ/h₈)",
                        g -> g.at("middle") * Math.pow(2, g.at("climb") / g.at("octave")))
                .build();
    }
}
