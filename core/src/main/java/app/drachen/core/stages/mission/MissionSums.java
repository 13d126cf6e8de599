package app.drachen.core.stages.mission;

import static app.drachen.core.air.Atmosphere.GRAVITY;

import app.drachen.core.calc.Calculation;
import app.drachen.core.calc.Given;
import app.drachen.core.calc.Own;
import app.drachen.core.units.Quantity;
import app.drachen.core.working.Source;
import java.util.List;

/** Answers of Mission. */
public final class MissionSums {
    private MissionSums() {}

    public static List<Calculation> all() {
        return List.of(leg(), corner(), climb(), camera());
    }

    private static Calculation leg() {
        return Calculation.of("MISSION-A1", "Leg in wind", new Source.Elementary("wind triangle"))
                .in("north", "leg towards north N", Quantity.DISTANCE, -1e5, 1e5)
                .in("east", "leg towards east E", Quantity.DISTANCE, -1e5, 1e5)
                .in("speed", "airspeed V", Quantity.SPEED, 2, 120, Own.CRUISE_SPEED)
                .in("wind", "wind w", Quantity.SPEED, 0, 60, Own.WIND_AT_RETURN)
                .in("from", "wind from ω", Quantity.BEARING, 0, 2 * Math.PI, Own.WIND_FROM)
                .maybe("current", "cruise current I", Quantity.CURRENT, 0.1, 300, Own.CRUISE_CURRENT)
                .out("Length", Quantity.DISTANCE, "l = √(N² + E²)", MissionSums::length)
                .out("Course", Quantity.BEARING, "χ = atan2(E, N)", MissionSums::course)
                .out(
                        "Crab",
                        Quantity.ANGLE,
                        "asin(|w_⊥|/V), w_⊥ = w·sin(ω − χ)",
                        g -> Math.abs(cross(g)) > g.at("speed")
                                ? Double.NaN
                                : Math.abs(Math.asin(cross(g) / g.at("speed"))))
                .out(
                        "Speed over ground",
                        Quantity.SPEED,
                        "GS = √(V² − (w·sin(ω − χ))²) − w·cos(ω − χ)",
                        MissionSums::ground)
                .out("Time", Quantity.TIME, "t = l/GS", g -> length(g) / ground(g))
                .out(
                        "Charge",
                        Quantity.CHARGE,
                        "I·t",
                        g -> g.has("current") ? g.at("current") * length(g) / ground(g) : Double.NaN)
                .build();
    }

    private static double length(Given g) {
        return Math.hypot(g.at("north"), g.at("east"));
    }

    private static double course(Given g) {
        double course = Math.atan2(g.at("east"), g.at("north"));
        return course < 0 ? course + 2 * Math.PI : course;
    }

    private static double cross(Given g) {
        return g.at("wind") * Math.sin(course(g) - g.at("from"));
    }

    private static double ground(Given g) {
        double speed = Math.sqrt(g.at("speed") * g.at("speed") - cross(g) * cross(g))
                - g.at("wind") * Math.cos(course(g) - g.at("from"));
        return speed > 0 ? speed : Double.NaN;
    }

    private static Calculation corner() {
        return Calculation.of("MISSION-A2", "Corner", new Source.Elementary("kinematics"))
                .in("turn", "change of course Δ", Quantity.ANGLE, 0.01, 3.1)
                .in("speed", "airspeed V", Quantity.SPEED, 2, 120, Own.CRUISE_SPEED)
                .in("wind", "wind w", Quantity.SPEED, 0, 60, Own.WIND_AT_RETURN)
                .in("bank", "bank limit φ", Quantity.ANGLE, 0.05, 1.4, Own.BANK_LIMIT)
                .out(
                        "Lead, worst wind",
                        Quantity.DISTANCE,
                        "R·tan(Δ/2), R = (V + w)²/(g·tan φ)",
                        g -> lead(g, g.at("wind")))
                .out("in calm air", Quantity.DISTANCE, "V²/(g·tan φ)·tan(Δ/2)", g -> lead(g, 0))
                .build();
    }

    private static double lead(Given g, double wind) {
        double fast = g.at("speed") + wind;
        return fast * fast / (GRAVITY * Math.tan(g.at("bank"))) * Math.tan(g.at("turn") / 2);
    }

    private static Calculation climb() {
        return Calculation.of("MISSION-A3", "Climb on a leg", new Source.Elementary("kinematics"))
                .in("height", "change of height Δh", Quantity.HEIGHT, -3_000, 3_000)
                .in("leg", "length of the leg l", Quantity.DISTANCE, 1, 1e5)
                .in("speed", "ground speed GS", Quantity.SPEED, 0.5, 120, Own.CRUISE_SPEED)
                .out("Climb", Quantity.CLIMB, "ḣ = Δh·GS/l", g -> g.at("height") * g.at("speed") / g.at("leg"))
                .build();
    }

    private static Calculation camera() {
        return Calculation.of("MISSION-A4", "Camera over ground", new Source.Elementary("pinhole"))
                .in("height", "height h", Quantity.HEIGHT, 1, 5_000)
                .in("wide", "sensor across s_x", Quantity.LENGTH, 0.001, 0.1)
                .in("long", "sensor along s_y", Quantity.LENGTH, 0.001, 0.1)
                .in("focal", "focal length f", Quantity.LENGTH, 0.001, 1)
                .usual("along", "overlap along o_y", Quantity.SHARE, 0, 0.95, 0.7)
                .usual("across", "overlap across o_x", Quantity.SHARE, 0, 0.95, 0.6)
                .maybe("speed", "ground speed GS", Quantity.SPEED, 0.5, 120, Own.CRUISE_SPEED)
                .maybe("exposure", "exposure t", Quantity.TIME_FINE, 1e-5, 1)
                .out(
                        "Footprint across",
                        Quantity.DISTANCE,
                        "F_x = h·s_x/f",
                        g -> g.at("height") * g.at("wide") / g.at("focal"))
                .out("Footprint along", Quantity.DISTANCE, "F_y = h·s_y/f", MissionSums::along)
                .out("A picture every", Quantity.SPAN, "D = (1 − o_y)·F_y", g -> (1 - g.at("along")) * along(g))
                .out(
                        "Lanes apart",
                        Quantity.SPAN,
                        "(1 − o_x)·F_x",
                        g -> (1 - g.at("across")) * g.at("height") * g.at("wide") / g.at("focal"))
                .out(
                        "A picture every",
                        Quantity.TIME,
                        "D/GS",
                        g -> g.has("speed") ? (1 - g.at("along")) * along(g) / g.at("speed") : Double.NaN)
                .out(
                        "Blur",
                        Quantity.LENGTH,
                        "GS·t",
                        g -> g.has("speed") && g.has("exposure") ? g.at("speed") * g.at("exposure") : Double.NaN)
                .build();
    }

    private static double along(Given g) {
        return g.at("height") * g.at("long") / g.at("focal");
    }
}
