package app.drachen.core.stages.maiden;

import static app.drachen.core.air.Atmosphere.GRAVITY;

import app.drachen.core.calc.Calculation;
import app.drachen.core.calc.Given;
import app.drachen.core.calc.Own;
import app.drachen.core.units.Quantity;
import app.drachen.core.working.Source;
import java.util.List;

/** Answers of Maiden. */
public final class MaidenSums {
    private static final double GAS = 287.05287;

    private MaidenSums() {}

    public static List<Calculation> all() {
        return List.of(
                air(), wind(), go(), trial(), share(), stall(), glide(), chop(), level(), landing(), sunset(),
                margin());
    }

    private static Calculation air() {
        return Calculation.of("MAIDEN-A1", "Air of the day", new Source.Published("ICAO", "Doc 7488/3", 1993))
                .in("pressure", "pressure at the field p", Quantity.PRESSURE, 50_000, 110_000, Own.PRESSURE)
                .in("temperature", "temperature T", Quantity.TEMPERATURE, 230, 330, Own.TEMPERATURE)
                .out("Air density", Quantity.DENSITY, "ρ = p/(R·T), R = 287.053", MaidenSums::density)
                .out("True speeds change by", Quantity.NUMBER_FINE, "√(1.225/ρ)", g -> Math.sqrt(1.225 / density(g)))
                .build();
    }

    private static double density(Given g) {
        return g.at("pressure") / (GAS * g.at("temperature"));
    }

    private static Calculation wind() {
        return Calculation.of("MAIDEN-A2", "Wind at height", new Source.Published("IEC", "61400-1", 2019))
                .in("wind", "wind measured w₁", Quantity.SPEED, 0, 40, Own.MEASURED_WIND)
                .usual("at", "measured at h₁", Quantity.HEIGHT, 0.5, 100, 10, Own.WIND_HEIGHT)
                .usual("height", "height h₂", Quantity.HEIGHT, 0.5, 1_000, 80, Own.RETURN_HEIGHT)
                .usual("exponent", "roughness, 0.14 to 0.25, α", Quantity.NUMBER, 0.05, 0.5, 0.20)
                .usual("angle", "angle to the strip Δ", Quantity.ANGLE, 0, Math.PI, 0)
                .out(
                        "Wind at height",
                        Quantity.SPEED,
                        "w₂ = w₁(h₂/h₁)^α",
                        g -> g.at("wind") * Math.pow(g.at("height") / g.at("at"), g.at("exponent")))
                .out(
                        "smooth ground",
                        Quantity.SPEED,
                        "w₁(h₂/h₁)^0.14",
                        g -> g.at("wind") * Math.pow(g.at("height") / g.at("at"), 0.14))
                .out(
                        "rough ground",
                        Quantity.SPEED,
                        "w₁(h₂/h₁)^0.25",
                        g -> g.at("wind") * Math.pow(g.at("height") / g.at("at"), 0.25))
                .out(
                        "Head wind where measured",
                        Quantity.SPEED,
                        "w₁·cos Δ",
                        g -> g.at("wind") * Math.cos(g.at("angle")))
                .out(
                        "Cross wind where measured",
                        Quantity.SPEED,
                        "w₁·sin Δ",
                        g -> g.at("wind") * Math.sin(g.at("angle")))
                .build();
    }

    private static Calculation go() {
        return Calculation.of("MAIDEN-A3", "Wind limits by speed", new Source.OwnEstimate("bounds of judgement"))
                .in("cruise", "cruise speed Vc", Quantity.SPEED, 3, 100, Own.CRUISE_SPEED)
                .out("First flight, mean wind", Quantity.SPEED, "0.30·Vc", g -> 0.30 * g.at("cruise"))
                .out("First flight, gusts", Quantity.SPEED, "0.45·Vc", g -> 0.45 * g.at("cruise"))
                .out(
                        "First flight without a tail, mean wind",
                        Quantity.SPEED,
                        "0.8·0.30·Vc",
                        g -> 0.24 * g.at("cruise"))
                .out("First flight without a tail, gusts", Quantity.SPEED, "0.8·0.45·Vc", g -> 0.36 * g.at("cruise"))
                .out("Level to Circle, mean wind", Quantity.SPEED, "0.35·Vc", g -> 0.35 * g.at("cruise"))
                .out("Level to Circle, gusts", Quantity.SPEED, "0.50·Vc", g -> 0.50 * g.at("cruise"))
                .out("Home and beyond, mean wind", Quantity.SPEED, "0.40·Vc", g -> 0.40 * g.at("cruise"))
                .out("Gusts that stop all", Quantity.SPEED, "0.60·Vc", g -> 0.60 * g.at("cruise"))
                .build();
    }

    private static Calculation trial() {
        return Calculation.of("MAIDEN-A4", "Trial height", Source.ANDERSON)
                .in("speed", "speed in the dive V", Quantity.SPEED, 3, 100)
                .usual("dive", "dive γ", Quantity.ANGLE, 0.1, 1.5, Math.toRadians(50))
                .in("load", "load factor of the pull-up n", Quantity.NUMBER, 1.1, 8)
                .usual("reaction", "reaction t_r", Quantity.TIME, 0, 5, 1.5)
                .usual("hand", "in hand h₀", Quantity.HEIGHT, 0, 200, 20)
                .out("Pull-up", Quantity.SPAN, "h₁ = V²/(g(n − 1))·(1 − cos γ)", MaidenSums::pullUp)
                .out(
                        "Lost before it",
                        Quantity.SPAN,
                        "h₂ = V·sin γ·t_r",
                        g -> g.at("speed") * Math.sin(g.at("dive")) * g.at("reaction"))
                .out(
                        "Trial height",
                        Quantity.HEIGHT,
                        "h₁ + h₂ + h₀",
                        g -> pullUp(g) + g.at("speed") * Math.sin(g.at("dive")) * g.at("reaction") + g.at("hand"))
                .build();
    }

    private static double pullUp(Given g) {
        double speed = g.at("speed");
        return speed * speed / (GRAVITY * (g.at("load") - 1)) * (1 - Math.cos(g.at("dive")));
    }

    private static Calculation share() {
        return Calculation.of(
                        "MAIDEN-A5",
                        "Share of rehearsals",
                        new Source.Published("E. B. Wilson", "Probable inference, the law of succession", 1927))
                .in("good", "flown away k", Quantity.COUNT, 0, 1e6)
                .in("all", "of n", Quantity.COUNT, 1, 1e6)
                .out("Share", Quantity.SHARE_FINE, "p̂ = k/n", MaidenSums::share)
                .out(
                        "at least, 95 %",
                        Quantity.SHARE_FINE,
                        "(p̂ + z²/(2n) − z√(p̂(1 − p̂)/n + z²/(4n²)))/(1 + z²/n), z = 1.959964",
                        g -> wilson(g, -1))
                .out(
                        "at most, 95 %",
                        Quantity.SHARE_FINE,
                        "(p̂ + z²/(2n) + z√(p̂(1 − p̂)/n + z²/(4n²)))/(1 + z²/n), z = 1.959964",
                        g -> wilson(g, 1))
                .build();
    }

    private static double share(Given g) {
        if (g.at("good") > g.at("all")) {
            throw new IllegalArgumentException("more were flown away than were flown; exchange the two");
        }
        return g.at("good") / g.at("all");
    }

    private static double wilson(Given g, int sign) {
        double n = g.at("all");
        double p = share(g);
        double z = 1.959964;
        double root = z * Math.sqrt(p * (1 - p) / n + z * z / (4 * n * n));
        return (p + z * z / (2 * n) + sign * root) / (1 + z * z / n);
    }

    private static Calculation stall() {
        return Calculation.of("MAIDEN-A6", "Stall speed flown", Source.ANDERSON)
                .in("speed", "last speed before the break V", Quantity.SPEED, 2, 60)
                .usual("load", "load factor there n", Quantity.NUMBER, 0.3, 4, 1)
                .in("mass", "mass M", Quantity.MASS, 0.05, 100, Own.MASS)
                .in("area", "wing area S", Quantity.AREA, 0.01, 10, Own.AREA)
                .usual("density", "air density ρ", Quantity.DENSITY, 0.4, 1.6, 1.225, Own.DENSITY)
                .out("Stall speed, level", Quantity.SPEED, "Vs = V/√n", MaidenSums::levelStall)
                .out(
                        "Greatest lift coefficient",
                        Quantity.NUMBER,
                        "2Mg/(ρ·S·Vs²)",
                        g -> 2 * g.at("mass") * GRAVITY / (g.at("density") * g.at("area") * Math.pow(levelStall(g), 2)))
                .build();
    }

    private static double levelStall(Given g) {
        return g.at("speed") / Math.sqrt(g.at("load"));
    }

    private static Calculation glide() {
        return Calculation.of("MAIDEN-A7", "Glide", Source.ANDERSON)
                .in("speed", "airspeed V", Quantity.SPEED, 2, 100)
                .in("sink", "sink ḣ_s", Quantity.CLIMB, 0.05, 30)
                .out("Lift over drag", Quantity.NUMBER, "V/ḣ_s", g -> g.at("speed") / g.at("sink"))
                .build();
    }

    private static Calculation chop() {
        return Calculation.of("MAIDEN-A8", "Power chop, next share of the mix", Source.COMMON_PRACTICE)
                .in("without", "change of pitch without mix Δθ₀", Quantity.ANGLE, -1.5, 1.5)
                .in("with", "change of pitch with it Δθ_s", Quantity.ANGLE, -1.5, 1.5)
                .in("share", "its share s", Quantity.SHARE, 0.001, 1)
                .out(
                        "Next share",
                        Quantity.SHARE,
                        "s·Δθ₀/(Δθ₀ − Δθ_s)",
                        g -> g.at("share") * g.at("without") / (g.at("without") - g.at("with")))
                .sound(-1, 1, "this mix hardly changes the pitch: no share of it is enough; tilt the thrust line")
                .build();
    }

    private static Calculation level() {
        return Calculation.of("MAIDEN-A9", "Level offset from the climb hands off", new Source.Elementary("kinematics"))
                .in("climb", "climb hands off ḣ", Quantity.CLIMB, -10, 10)
                .in("speed", "airspeed V", Quantity.SPEED, 2, 100, Own.CRUISE_SPEED)
                .out(
                        "Lower the level by",
                        Quantity.ANGLE,
                        "γ = asin(ḣ/V)",
                        g -> Math.asin(Math.max(-1, Math.min(1, g.at("climb") / g.at("speed")))))
                .offers(
                        "the board's level in pitch, lowered by it",
                        (s, by) -> s.withMount(s.mount()
                                .withLevel(s.mount().levelRoll(), s.mount().levelPitch() + by)))
                .build();
    }

    private static Calculation landing() {
        return Calculation.of("MAIDEN-A10", "Aim of a landing", new Source.Elementary("kinematics"))
                .in("height", "height h", Quantity.HEIGHT, 0.5, 500)
                .in("speed", "airspeed V", Quantity.SPEED, 2, 60)
                .in("wind", "head wind w", Quantity.SPEED, 0, 30, Own.MEASURED_WIND)
                .in("sink", "sink ḣ_s", Quantity.CLIMB, 0.1, 20)
                .usual("brake", "slows in the float by a", Quantity.ACCELERATION, 0.1, 10, 1)
                .out(
                        "Before the touchdown",
                        Quantity.DISTANCE,
                        "d = h(V − w)/ḣ_s",
                        g -> g.at("height") * (g.at("speed") - g.at("wind")) / g.at("sink"))
                .sound(0, 1e9, "the head wind is stronger than the airspeed: no landing; wait")
                .out(
                        "Float",
                        Quantity.DISTANCE,
                        "(V − w)²/(2a)",
                        g -> Math.pow(g.at("speed") - g.at("wind"), 2) / (2 * g.at("brake")))
                .build();
    }

    private static Calculation sunset() {
        return Calculation.of("MAIDEN-A11", "Sunset", new Source.Published("J. Meeus", "Astronomical Algorithms", 1998))
                .in("latitude", "latitude φ", Quantity.ANGLE, -1.57, 1.57)
                .in("declination", "declination of the sun δ", Quantity.ANGLE, -0.42, 0.42)
                .out(
                        "Hours after the sun's noon",
                        Quantity.NUMBER,
                        "H/15°, H = acos((sin(−0.833°) − sin φ·sin δ)/(cos φ·cos δ))",
                        g -> {
                            double cos = (Math.sin(Math.toRadians(-0.833))
                                            - Math.sin(g.at("latitude")) * Math.sin(g.at("declination")))
                                    / (Math.cos(g.at("latitude")) * Math.cos(g.at("declination")));
                            return Math.abs(cos) > 1 ? Double.NaN : Math.toDegrees(Math.acos(cos)) / 15;
                        })
                .build();
    }

    private static Calculation margin() {
        return Calculation.of(
                        "MAIDEN-A12",
                        "Static margin in flight",
                        new Source.OwnEstimate("\u00b13 points, by Etkin and Reid 1996"))
                .in("power", "elevator power |C_mδ|", Quantity.PER_RADIAN, 0.05, 5)
                .in("elevator", "elevator between the speeds Δδ", Quantity.ANGLE, -0.6, 0.6)
                .in("fast", "lift coefficient, fast C_L1", Quantity.NUMBER, 0, 2, Own.CRUISE_LIFT)
                .in("slow", "lift coefficient, slow C_L2", Quantity.NUMBER, 0, 3)
                .out(
                        "Static margin",
                        Quantity.SHARE_FINE,
                        "|C_mδ|·Δδ/(C_L2 − C_L1)",
                        g -> g.at("power") * g.at("elevator") / (g.at("slow") - g.at("fast")))
                .sound(
                        -0.5,
                        1,
                        "the two speeds are too near each other, or the trims too far apart, to tell a static margin; fly them again")
                .build();
    }
}
