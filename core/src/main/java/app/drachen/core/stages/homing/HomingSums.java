package app.drachen.core.stages.homing;

import static app.drachen.core.air.Atmosphere.GRAVITY;

import app.drachen.core.calc.Calculation;
import app.drachen.core.calc.Given;
import app.drachen.core.calc.Own;
import app.drachen.core.units.Quantity;
import app.drachen.core.working.Source;
import java.util.List;

/** Answers of Homing. */
public final class HomingSums {
    private HomingSums() {}

    public static List<Calculation> all() {
        return List.of(trim(), wind(), cross(), cost());
    }

    private static Calculation trim() {
        return Calculation.of("HOMING-A1", "Radio trim read as a wish", new Source.Elementary("kinematics"))
                .in("trim", "roll trim left in t", Quantity.SHARE_FINE, 0.001, 1, Own.ROLL_TRIM)
                .in("bank", "bank limit φ_max", Quantity.ANGLE, 0.05, 1.4, Own.BANK_LIMIT)
                .in("speed", "airspeed V", Quantity.SPEED, 2, 120, Own.CRUISE_SPEED)
                .out("Bank", Quantity.ANGLE, "φ = t·φ_max", HomingSums::bank)
                .out(
                        "Radius",
                        Quantity.DISTANCE,
                        "R = V²/(g·tan φ)",
                        g -> g.at("speed") * g.at("speed") / (GRAVITY * Math.tan(bank(g))))
                .out(
                        "Heading turns at",
                        Quantity.ANGULAR_RATE,
                        "g·tan φ/V",
                        g -> GRAVITY * Math.tan(bank(g)) / g.at("speed"))
                .build();
    }

    private static double bank(Given g) {
        return g.at("trim") * g.at("bank");
    }

    private static Calculation wind() {
        return Calculation.of("HOMING-A3", "Wind from a circle, quick", new Source.Elementary("wind triangle"))
                .in("most", "greatest ground speed GS_max", Quantity.SPEED, 1, 150)
                .in("least", "least ground speed GS_min", Quantity.SPEED, 0, 150)
                .out("Airspeed", Quantity.SPEED, "V = (GS_max + GS_min)/2", g -> (g.at("most") + g.at("least")) / 2)
                .out("Wind", Quantity.SPEED, "w = (GS_max − GS_min)/2", g -> (g.at("most") - g.at("least")) / 2)
                .build();
    }

    private static Calculation cross() {
        return Calculation.of("HOMING-A5", "Off the leg", new Source.Elementary("plane geometry"))
                .in("north", "leg towards north N", Quantity.DISTANCE, -1e5, 1e5)
                .in("east", "leg towards east E", Quantity.DISTANCE, -1e5, 1e5)
                .in("atnorth", "aircraft north of its start r_N", Quantity.DISTANCE, -1e5, 1e5)
                .in("ateast", "aircraft east of its start r_E", Quantity.DISTANCE, -1e5, 1e5)
                .out(
                        "Off to the right",
                        Quantity.DISTANCE,
                        "e = (N·r_E − E·r_N)/√(N² + E²)",
                        g -> (g.at("north") * g.at("ateast") - g.at("east") * g.at("atnorth"))
                                / Math.hypot(g.at("north"), g.at("east")))
                .out(
                        "Along the leg",
                        Quantity.DISTANCE,
                        "(N·r_N + E·r_E)/√(N² + E²)",
                        g -> (g.at("north") * g.at("atnorth") + g.at("east") * g.at("ateast"))
                                / Math.hypot(g.at("north"), g.at("east")))
                .build();
    }

    private static Calculation cost() {
        return Calculation.of("HOMING-A6", "Cost of a turn", Source.ANDERSON)
                .in("sink", "sink in level glide ḣ_s", Quantity.CLIMB, 0.05, 20)
                .in("bank", "bank φ", Quantity.ANGLE, 0.01, 1.4, Own.BANK_LIMIT)
                .usual("time", "time of the turn t", Quantity.TIME, 0, 600, 10)
                .usual("excess", "climb in hand ḣ", Quantity.CLIMB, 0, 30, 0)
                .out("Sink in the turn", Quantity.CLIMB, "s = ḣ_s·n^1.5, n = 1/cos φ", HomingSums::turning)
                .out(
                        "Height lost",
                        Quantity.HEIGHT,
                        "max(0, s − ḣ)·t",
                        g -> Math.max(0, turning(g) - g.at("excess")) * g.at("time"))
                .build();
    }

    private static double turning(Given g) {
        return g.at("sink") * Math.pow(1 / Math.cos(g.at("bank")), 1.5);
    }
}
