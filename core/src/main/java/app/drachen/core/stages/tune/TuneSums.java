package app.drachen.core.stages.tune;

import app.drachen.core.calc.Calculation;
import app.drachen.core.calc.Given;
import app.drachen.core.calc.Own;
import app.drachen.core.units.Quantity;
import app.drachen.core.working.Source;
import java.util.List;

/** Answers of Tune. */
public final class TuneSums {
    private static final Source SKOGESTAD = new Source.Published(
            "S. Skogestad", "Simple analytic rules for model reduction and PID controller tuning", 2003);

    private TuneSums() {}

    public static List<Calculation> all() {
        return List.of(knob(), damping(), gain(), start(), updates());
    }

    private static Calculation knob() {
        return Calculation.of("TUNE-A1", "Gain knob", Source.ARITHMETIC)
                .in("base", "base gain K₀", Quantity.NUMBER_FINE, 0, 1_000, Own.ROLL_GAIN)
                .in("knob", "knob at the end k", Quantity.SHARE, 0.01, 4)
                .maybe("reference", "speed at which the gain was set V_ref", Quantity.SPEED, 2, 100)
                .maybe("speed", "speed flown at V", Quantity.SPEED, 2, 100)
                .out("Keep", Quantity.NUMBER_FINE, "K₀·k", g -> g.at("base") * g.at("knob"))
                .offers(
                        "the rate gain in roll",
                        (s, gain) -> s.withTune(s.tune().withRollRate(gain)))
                .out("Headroom", Quantity.NUMBER, "1/k", g -> 1 / g.at("knob"))
                .out(
                        "Factor at that speed",
                        Quantity.NUMBER,
                        "(V_ref/V)²",
                        g -> g.has("reference") && g.has("speed")
                                ? Math.pow(g.at("reference") / g.at("speed"), 2)
                                : Double.NaN)
                .build();
    }

    private static Calculation damping() {
        return Calculation.of("TUNE-A2", "Damping of a swing", new Source.Elementary("logarithmic decrement"))
                .in("ratio", "second over first peak r", Quantity.NUMBER_FINE, 0.0001, 0.9999)
                .out("Damping ratio", Quantity.NUMBER_FINE, "ζ = δ/√(4π² + δ²), δ = ln(1/r)", TuneSums::ratio)
                .out(
                        "Overshoot of a step",
                        Quantity.SHARE_FINE,
                        "exp(−πζ/√(1 − ζ²))",
                        g -> Math.exp(-Math.PI * ratio(g) / Math.sqrt(1 - ratio(g) * ratio(g))))
                .build();
    }

    private static double ratio(Given g) {
        double decrement = -Math.log(g.at("ratio"));
        return decrement / Math.sqrt(4 * Math.PI * Math.PI + decrement * decrement);
    }

    private static Calculation gain() {
        return Calculation.of("TUNE-A4", "Next rate gain", SKOGESTAD)
                .in("effect", "effectiveness in 1/s, K", Quantity.NUMBER_FINE, 0.01, 1_000)
                .in("lag", "lag T", Quantity.TIME_FINE, 0.005, 5)
                .in("delay", "delay θ", Quantity.TIME_FINE, 0.001, 2)
                .maybe("wanted", "closed-loop time, usually 2θ, τ_c", Quantity.TIME_FINE, 0.001, 10)
                .out(
                        "Gain",
                        Quantity.NUMBER_FINE,
                        "K_c = T/(K(τ_c + θ)), τ_c = 2θ; unless given",
                        g -> g.at("lag") / (g.at("effect") * (wanted(g) + g.at("delay"))))
                .out(
                        "Integral time",
                        Quantity.TIME_FINE,
                        "τ_I = min(T, 4(τ_c + θ)), τ_c = 2θ; unless given",
                        g -> Math.min(g.at("lag"), 4 * (wanted(g) + g.at("delay"))))
                .out(
                        "Phase margin",
                        Quantity.ANGLE,
                        "π/2 − θ/(τ_c + θ), τ_c = 2θ; unless given, where τ_I is T; as an angle",
                        g -> g.at("lag") <= 4 * (wanted(g) + g.at("delay"))
                                ? Math.PI / 2 - g.at("delay") / (wanted(g) + g.at("delay"))
                                : Double.NaN)
                .out(
                        "Gain margin",
                        Quantity.DECIBEL,
                        "20·log₁₀(π(τ_c + θ)/(2θ)), τ_c = 2θ; unless given, where τ_I is T",
                        g -> g.at("lag") <= 4 * (wanted(g) + g.at("delay"))
                                ? 20 * Math.log10(Math.PI * (wanted(g) + g.at("delay")) / (2 * g.at("delay")))
                                : Double.NaN)
                .build();
    }

    private static double wanted(Given g) {
        return g.has("wanted") ? g.at("wanted") : 2 * g.at("delay");
    }

    private static Calculation start() {
        return Calculation.of(
                        "TUNE-A5", "Lag of roll from geometry", new Source.OwnEstimate("\u00b140 %, by Nelson 1998"))
                .in("inertia", "moment of inertia I_x", Quantity.INERTIA, 0.0001, 100, Own.ROLL_INERTIA)
                .in("speed", "airspeed V", Quantity.SPEED, 2, 100, Own.CRUISE_SPEED)
                .in("area", "wing area S", Quantity.AREA, 0.01, 10, Own.AREA)
                .in("span", "span b", Quantity.SPAN, 0.2, 20, Own.SPAN)
                .in("damping", "roll damping |C_lp|", Quantity.PER_RADIAN, 0.05, 2, Own.ROLL_DAMPING)
                .usual("density", "air density ρ", Quantity.DENSITY, 0.4, 1.6, 1.225, Own.DENSITY)
                .out(
                        "Lag",
                        Quantity.TIME_FINE,
                        "T = 4I_x/(ρ·V·S·b²·|C_lp|)",
                        0.4,
                        g -> 4
                                * g.at("inertia")
                                / (g.at("density")
                                        * g.at("speed")
                                        * g.at("area")
                                        * g.at("span")
                                        * g.at("span")
                                        * g.at("damping")))
                .build();
    }

    private static Calculation updates() {
        return Calculation.of("TUNE-A6", "Updates of an autotune", Source.ARITHMETIC)
                .in("time", "time on the axis t", Quantity.TIME, 1, 3_600)
                .in("interval", "interval of the updates t_i", Quantity.TIME, 0.5, 120)
                .out("Updates", Quantity.COUNT, "floor(t/t_i)", g -> Math.floor(g.at("time") / g.at("interval") + 1e-9))
                .build();
    }
}
