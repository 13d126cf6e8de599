package app.drachen.core.stages.build;

import static app.drachen.core.air.Atmosphere.GRAVITY;

import app.drachen.core.calc.Calculation;
import app.drachen.core.calc.Given;
import app.drachen.core.calc.Own;
import app.drachen.core.flight.HandThrow;
import app.drachen.core.units.Quantity;
import app.drachen.core.working.Source;

/** Answers of Build about leaving the hand and climbing. */
final class LaunchSums {
    private static final Source BAND = new Source.OwnEstimate("\u00b115 %");

    private LaunchSums() {}

    static Calculation handThrow() {
        return Calculation.of("BUILD-A11", "Hand launch", BAND)
                .in("stall", "stall speed Vs", Quantity.SPEED, 2, 60, Own.STALL_SPEED)
                .in("thrust", "thrust over weight T/W", Quantity.NUMBER, 0.05, 5)
                .usual("drag", "drag over lift D/L", Quantity.NUMBER, 0.01, 0.5, 0.1)
                .usual("release", "release height h", Quantity.SPAN, 0.5, 5, 1.8)
                .usual("speed", "throw V₀", Quantity.SPEED, 1, 30, 7)
                .out(
                        "Height lost",
                        Quantity.SPAN,
                        "z = g(V_r/a)²(5/12 − G − F(1 − k)) + ż²/(2·0.21g), a = g(T/W − D/L), V_r = 1.1Vs, k = min(1, V₀/V_r), F = k − k³/3, G = k²/2 − k⁴/12, ż = (g·V_r/a)(2/3 − F)",
                        0.15,
                        g -> lost(g, g.at("speed")))
                .out(
                        "Least airspeed of the throw",
                        Quantity.SPEED,
                        "smallest V₀ whose height lost is h/2",
                        0.15,
                        LaunchSums::leastThrow)
                .build();
    }

    private static double lost(Given g, double speed) {
        return HandThrow.lost(g.at("stall"), g.at("thrust"), g.at("drag"), speed);
    }

    private static double leastThrow(Given g) {
        return HandThrow.least(g.at("stall"), g.at("thrust"), g.at("drag"), g.at("release"));
    }

    static Calculation climb() {
        return Calculation.of("BUILD-A15", "Climb", Source.ANDERSON)
                .in("mass", "mass M", Quantity.MASS, 0.05, 100, Own.MASS)
                .in("power", "electrical power P", Quantity.POWER, 1, 20_000)
                .in("speed", "airspeed V", Quantity.SPEED, 2, 100, Own.CRUISE_SPEED)
                .usual("efficiency", "motor and propeller η", Quantity.NUMBER, 0.1, 0.9, 0.5)
                .usual("glide", "lift over drag L/D", Quantity.NUMBER, 2, 40, 9)
                .out(
                        "Climb",
                        Quantity.CLIMB,
                        "ḣ = (η·P − D·V)/(M·g), D = M·g/(L/D)",
                        g -> g.at("efficiency") * g.at("power") / (g.at("mass") * GRAVITY)
                                - g.at("speed") / g.at("glide"))
                .build();
    }
}
