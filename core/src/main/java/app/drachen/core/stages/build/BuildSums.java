package app.drachen.core.stages.build;

import static app.drachen.core.air.Atmosphere.GRAVITY;

import app.drachen.core.aerodynamics.LiftingSurface;
import app.drachen.core.airframe.PartKind;
import app.drachen.core.airframe.Weighing;
import app.drachen.core.calc.Calculation;
import app.drachen.core.calc.Given;
import app.drachen.core.calc.Own;
import app.drachen.core.units.Quantity;
import app.drachen.core.working.Source;
import java.util.List;

/** Answers of Build. */
public final class BuildSums {
    private static final Source PURSER = new Source.Published("P. E. Purser, J. P. Campbell", "NACA Report 823", 1945);
    private static final Source DATCOM = new Source.Published("R. D. Finck", "USAF Stability and Control DATCOM", 1978);
    private static final int PARTS = 8;

    private BuildSums() {}

    public static List<Calculation> all() {
        return List.of(
                wing(),
                slope(),
                volumes(),
                neutral(),
                centre(),
                weighing(),
                slide(),
                stall(),
                inertia(),
                vee(),
                LaunchSums.handThrow(),
                cost(),
                lateral(),
                uneven(),
                LaunchSums.climb());
    }

    private static Calculation wing() {
        return Calculation.of("BUILD-A1", "Trapezoid wing", Source.ANDERSON)
                .in("root", "root chord c_r", Quantity.LENGTH, 0.02, 3, Own.ROOT_CHORD)
                .in("tip", "tip chord c_t", Quantity.LENGTH, 0.01, 3, Own.TIP_CHORD)
                .in("span", "span b", Quantity.SPAN, 0.2, 20, Own.SPAN)
                .usual("sweep", "sweep of the leading edge Λ", Quantity.ANGLE, -1, 1.2, 0, Own.SWEEP)
                .out("Wing area", Quantity.AREA, "S = b·(c_r + c_t)/2", BuildSums::area)
                .out("Aspect ratio", Quantity.NUMBER, "A = b²/S", g -> g.at("span") * g.at("span") / area(g))
                .out("Taper", Quantity.NUMBER, "λ = c_t/c_r", BuildSums::taper)
                .out("Mean aerodynamic chord", Quantity.LENGTH, "c̄ = ⅔·c_r(1 + λ + λ²)/(1 + λ)", g -> {
                    double l = taper(g);
                    return 2.0 / 3 * g.at("root") * (1 + l + l * l) / (1 + l);
                })
                .out("It lies out from the middle", Quantity.LENGTH, "y = (b/6)(1 + 2λ)/(1 + λ)", BuildSums::chordAt)
                .out(
                        "Its leading edge behind the root's",
                        Quantity.LENGTH,
                        "y·tan Λ",
                        g -> chordAt(g) * Math.tan(g.at("sweep")))
                .build();
    }

    private static double area(Given g) {
        return g.at("span") * (g.at("root") + g.at("tip")) / 2;
    }

    private static double taper(Given g) {
        return g.at("tip") / g.at("root");
    }

    private static double chordAt(Given g) {
        double l = taper(g);
        return g.at("span") / 6 * (1 + 2 * l) / (1 + l);
    }

    private static Calculation slope() {
        return Calculation.of("BUILD-A2", "Lift slope and downwash", DATCOM)
                .in("aspect", "aspect ratio A", Quantity.NUMBER, 0.5, 40, Own.ASPECT)
                .usual("halfsweep", "sweep of the half-chord line Λ½", Quantity.ANGLE, -1, 1.2, 0, Own.HALF_SWEEP)
                .usual(
                        "quartersweep",
                        "sweep of the quarter-chord line Λ¼",
                        Quantity.ANGLE,
                        -1,
                        1.2,
                        0,
                        Own.QUARTER_SWEEP)
                .usual("taper", "taper λ", Quantity.NUMBER, 0.05, 1.5, 1, Own.TAPER)
                .maybe("arm", "tail arm l_t", Quantity.LENGTH, 0.05, 10, Own.TAIL_ARM)
                .maybe("span", "span, with the arm, b", Quantity.SPAN, 0.2, 20, Own.SPAN)
                .usual("height", "height of the tail over the wing h_t", Quantity.LENGTH, 0, 3, 0, Own.TAIL_HEIGHT)
                .out("Lift slope", Quantity.PER_RADIAN, "a = 2πA/(2 + √(4 + A²(1 + tan²Λ½)))", BuildSums::lift)
                .out(
                        "Downwash gradient",
                        Quantity.NUMBER,
                        "4.44(K_A·K_λ·K_h·√(cos Λ¼))^1.19, K_A = 1/A − 1/(1 + A^1.7), K_λ = (10 − 3λ)/7, K_h = (1 − h_t/b)/(2l_t/b)^(1/3)",
                        0.1,
                        g -> {
                            boolean tail = g.has("arm") && g.has("span");
                            return tail ? downwash(g) : Double.NaN;
                        })
                .out(
                        "Downwash far behind, upper bound",
                        Quantity.NUMBER,
                        "2a/(πA)",
                        g -> 2 * lift(g) / (Math.PI * g.at("aspect")))
                .build();
    }

    private static double lift(Given g) {
        return LiftingSurface.slope(g.at("aspect"), g.at("halfsweep"));
    }

    private static double downwash(Given g) {
        double aspect = g.at("aspect");
        double ka = 1 / aspect - 1 / (1 + Math.pow(aspect, 1.7));
        double kl = (10 - 3 * g.at("taper")) / 7;
        double kh = (1 - g.at("height") / g.at("span")) / Math.cbrt(2 * g.at("arm") / g.at("span"));
        return 4.44 * Math.pow(ka * kl * kh * Math.sqrt(Math.cos(g.at("quartersweep"))), 1.19);
    }

    private static Calculation volumes() {
        return Calculation.of("BUILD-A3", "Tail volumes", Source.RAYMER)
                .in("area", "wing area S", Quantity.AREA, 0.01, 10, Own.AREA)
                .in("span", "span b", Quantity.SPAN, 0.2, 20, Own.SPAN)
                .in("chord", "mean aerodynamic chord c̄", Quantity.LENGTH, 0.02, 3, Own.CHORD)
                .in("tail", "tailplane area S_h", Quantity.AREA, 0, 3, Own.TAIL_AREA)
                .in("arm", "tailplane arm l_h", Quantity.LENGTH, 0, 10, Own.TAIL_ARM)
                .in("fin", "fin area S_v", Quantity.AREA, 0, 3, Own.FIN_AREA)
                .in("finarm", "fin arm l_v", Quantity.LENGTH, 0, 10, Own.FIN_ARM)
                .out(
                        "Tailplane volume",
                        Quantity.NUMBER_FINE,
                        "V_H = S_h·l_h/(S·c̄)",
                        g -> g.at("tail") * g.at("arm") / (g.at("area") * g.at("chord")))
                .out(
                        "Fin volume",
                        Quantity.NUMBER_FINE,
                        "V_V = S_v·l_v/(S·b)",
                        g -> g.at("fin") * g.at("finarm") / (g.at("area") * g.at("span")))
                .build();
    }

    private static Calculation neutral() {
        return Calculation.of("BUILD-A4", "Neutral point and static margin", Source.ETKIN_REID)
                .in("wing", "lift slope of the wing a_w", Quantity.PER_RADIAN, 1, 6.3, Own.SLOPE)
                .in("tail", "lift slope of the tail a_t", Quantity.PER_RADIAN, 0.5, 6.3, Own.TAIL_SLOPE)
                .in("ratio", "tail over wing area S_h/S", Quantity.NUMBER_FINE, 0, 1, Own.TAIL_RATIO)
                .in("volume", "tail volume V_H", Quantity.NUMBER_FINE, 0, 2, Own.TAIL_VOLUME)
                .in("downwash", "downwash gradient dε/dα", Quantity.NUMBER_FINE, 0, 1, Own.DOWNWASH)
                .usual("efficiency", "dynamic pressure at the tail η_t", Quantity.NUMBER, 0.7, 1.1, 0.95)
                .usual("body", "shift by the body Δh", Quantity.SHARE_FINE, 0, 0.3, 0, Own.BODY_SHIFT)
                .maybe(
                        "centre",
                        "CG, share of c̄ behind its leading edge h",
                        Quantity.SHARE_FINE,
                        -1,
                        2,
                        Own.CENTRE_SHARE)
                .out(
                        "Neutral point, share of c̄",
                        Quantity.SHARE_FINE,
                        "h_n = ¼ + (a_t/a)·V_H·η_t·(1 − dε/dα) − Δh, a = a_w + a_t·η_t·(S_h/S)(1 − dε/dα)",
                        BuildSums::neutralPoint)
                .out(
                        "Static margin",
                        Quantity.SHARE_FINE,
                        "SM = h_n − h",
                        g -> g.has("centre") ? neutralPoint(g) - g.at("centre") : Double.NaN)
                .build();
    }

    private static double neutralPoint(Given g) {
        double flow = g.at("efficiency") * (1 - g.at("downwash"));
        double whole = g.at("wing") + g.at("tail") * flow * g.at("ratio");
        return 0.25 + g.at("tail") / whole * g.at("volume") * flow - g.at("body");
    }

    private static Calculation centre() {
        Calculation.Builder sum = Calculation.of("BUILD-A5", "Mass and CG of parts", Source.STATICS);
        for (int i = 1; i <= PARTS; i++) {
            if (i == 1) {
                sum.in("m1", "mass m₁", Quantity.MASS, 0, 100).in("s1", "station s₁", Quantity.LENGTH, -5, 20);
            } else {
                sum.maybe("m" + i, "mass m" + Calculation.index(i), Quantity.MASS, 0, 100)
                        .maybe("s" + i, "station s" + Calculation.index(i), Quantity.LENGTH, -5, 20);
            }
        }
        return sum.out("Mass", Quantity.MASS, "M = Σmᵢ", g -> sum(g, false))
                .out("CG behind the datum", Quantity.LENGTH, "s = Σ(mᵢ·sᵢ)/M", g -> sum(g, true) / sum(g, false))
                .build();
    }

    private static double sum(Given g, boolean moment) {
        double sum = 0;
        for (int i = 1; i <= PARTS; i++) {
            if (g.has("m" + i) != g.has("s" + i)) {
                throw new IllegalArgumentException("BUILD-A5: m" + i + " and s" + i + " belong together; give both");
            }
            sum += g.has("m" + i) ? g.at("m" + i) * (moment ? g.at("s" + i) : 1) : 0;
        }
        return sum;
    }

    private static Calculation weighing() {
        return Calculation.of("BUILD-A6", "Weighing on two supports", Source.STATICS)
                .in("front", "front scale m₁", Quantity.MASS, 0, 100)
                .in("frontat", "front support s₁", Quantity.LENGTH, -1, 10)
                .in("rear", "rear scale m₂", Quantity.MASS, 0, 100)
                .in("rearat", "rear support s₂", Quantity.LENGTH, -1, 10)
                .out("Mass", Quantity.MASS, "m₁ + m₂", g -> weighed(g).mass())
                .out("CG behind the datum", Quantity.LENGTH, "s = (m₁s₁ + m₂s₂)/(m₁ + m₂)", g -> weighed(g)
                        .centre())
                .out(
                        "good to",
                        Quantity.LENGTH,
                        "0.001·√((L·m₁/M²)² + (L·m₂/M²)² + (m₁/M)² + (m₂/M)²), L = s₂ − s₁, M = m₁ + m₂; ±1 g and ±1 mm",
                        g -> weighed(g).spread())
                .build();
    }

    private static Weighing weighed(Given g) {
        return new Weighing(g.at("front"), g.at("frontat"), g.at("rear"), g.at("rearat"));
    }

    private static Calculation slide() {
        return Calculation.of("BUILD-A7", "Slide of a part, or ballast", Source.STATICS)
                .in("mass", "mass of the aircraft M", Quantity.MASS, 0.05, 100, Own.MASS)
                .in("centre", "CG now s", Quantity.LENGTH, -1, 10, Own.CENTRE)
                .in("wanted", "CG wanted s*", Quantity.LENGTH, -1, 10, Own.CENTRE_AIM)
                .in("part", "mass of the part to slide m", Quantity.MASS, 0.001, 50, Own.PACK_MASS)
                .maybe("ballastat", "station of ballast s_b", Quantity.LENGTH, -1, 10)
                .out(
                        "Slide the part aft by",
                        Quantity.LENGTH,
                        "Δs = M·(s* − s)/m",
                        g -> g.at("mass") * (g.at("wanted") - g.at("centre")) / g.at("part"))
                .offers("slide the pack by it", (s, slide) -> s.withMoved(PartKind.PACK, slide, 0))
                .out("Ballast", Quantity.MASS, "m_b = M(s − s*)/(s* − s_b)", g -> {
                    double lever = g.has("ballastat") ? g.at("wanted") - g.at("ballastat") : 0;
                    double ballast = g.at("mass") * (g.at("centre") - g.at("wanted")) / lever;
                    return lever == 0 || ballast < 0 ? Double.NaN : ballast;
                })
                .build();
    }

    private static Calculation stall() {
        return Calculation.of("BUILD-A8", "Wing loading and stall speed", Source.ANDERSON)
                .in("mass", "mass M", Quantity.MASS, 0.05, 100, Own.MASS)
                .in("area", "wing area S", Quantity.AREA, 0.01, 10, Own.AREA)
                .usual("lift", "greatest lift coefficient CLmax", Quantity.NUMBER, 0.3, 3, 1.1, Own.GREATEST_LIFT)
                .usual("density", "air density ρ", Quantity.DENSITY, 0.4, 1.6, 1.225, Own.DENSITY)
                .usual("bank", "bank φ", Quantity.ANGLE, 0, 1.4, 0)
                .out("Wing loading", Quantity.WING_LOADING, "M/S", g -> g.at("mass") / g.at("area"))
                .out("Stall speed, level", Quantity.SPEED, "Vs = √(2Mg/(ρ·S·CLmax))", BuildSums::stallSpeed)
                .out(
                        "Stall speed in the turn",
                        Quantity.SPEED,
                        "Vs·√n, n = 1/cos φ",
                        g -> stallSpeed(g) / Math.sqrt(Math.cos(g.at("bank"))))
                .build();
    }

    private static double stallSpeed(Given g) {
        return Math.sqrt(2 * g.at("mass") * GRAVITY / (g.at("density") * g.at("area") * g.at("lift")));
    }

    private static Calculation inertia() {
        Calculation.Builder sum = Calculation.of(
                        "BUILD-A9", "Moment of inertia in roll", new Source.Elementary("mechanics"))
                .in("wing", "mass of the wing M_w", Quantity.MASS, 0, 50, Own.WING_MASS)
                .in("span", "span b", Quantity.SPAN, 0.2, 20, Own.SPAN);
        for (int i = 1; i <= 4; i++) {
            sum.maybe("m" + i, "mass m" + Calculation.index(i), Quantity.MASS, 0, 50)
                    .maybe("y" + i, "its distance from the middle y" + Calculation.index(i), Quantity.LENGTH, -10, 10);
        }
        return sum.out("Moment of inertia I_x", Quantity.INERTIA, "M_w·b²/12 + Σ(mᵢ·yᵢ²)", g -> {
                    double inertia = g.at("wing") * g.at("span") * g.at("span") / 12;
                    for (int i = 1; i <= 4; i++) {
                        boolean there = g.has("m" + i) && g.has("y" + i);
                        inertia += there ? g.at("m" + i) * g.at("y" + i) * g.at("y" + i) : 0;
                    }
                    return inertia;
                })
                .build();
    }

    private static Calculation vee() {
        return Calculation.of("BUILD-A10", "V-tail from two tails", PURSER)
                .in("tail", "tailplane area S_h", Quantity.AREA, 0.0001, 3, Own.TAIL_AREA)
                .in("fin", "fin area S_v", Quantity.AREA, 0.0001, 3, Own.FIN_AREA)
                .out("Dihedral of each panel", Quantity.ANGLE, "Γ = atan √(S_v/S_h)", BuildSums::veeAngle)
                .out("Area of each panel", Quantity.AREA, "(S_h + S_v)/2", g -> (g.at("tail") + g.at("fin")) / 2)
                .out("Included angle", Quantity.ANGLE, "180° − 2Γ", g -> Math.PI - 2 * veeAngle(g))
                .build();
    }

    private static double veeAngle(Given g) {
        return Math.atan(Math.sqrt(g.at("fin") / g.at("tail")));
    }

    private static Calculation cost() {
        return Calculation.of("BUILD-A12", "What a part costs", new Source.OwnEstimate("\u00b120 %"))
                .in("mass", "mass of the aircraft M", Quantity.MASS, 0.05, 100, Own.MASS)
                .in("part", "mass of the part Δm", Quantity.MASS, 0, 20)
                .usual("dragarea", "drag area ΔC_D·A", Quantity.AREA, 0, 0.5, 0)
                .usual("power", "electrical power P", Quantity.POWER_FINE, 0, 500, 0)
                .in("speed", "airspeed V", Quantity.SPEED, 2, 100, Own.CRUISE_SPEED)
                .in("current", "cruise current I", Quantity.CURRENT, 0.1, 300, Own.CRUISE_CURRENT)
                .in("capacity", "capacity C", Quantity.CHARGE, 100, 1e6, Own.CAPACITY)
                .in("volts", "pack volts U", Quantity.VOLTAGE, 2, 60, Own.PACK_VOLTS)
                .usual("induced", "induced drag D_i", Quantity.FORCE, 0, 100, 0)
                .usual("efficiency", "motor and propeller η", Quantity.NUMBER, 0.1, 0.9, 0.5)
                .usual("regulator", "regulator η_reg", Quantity.NUMBER, 0.1, 1, 0.9)
                .usual("used", "share of the pack used u", Quantity.SHARE, 0.1, 1, 0.7)
                .usual("density", "air density ρ", Quantity.DENSITY, 0.4, 1.6, 1.225, Own.DENSITY)
                .out(
                        "More current",
                        Quantity.CURRENT,
                        "ΔI = ΔD·V/(η·U) + P/(η_reg·U), ΔD = ½ρV²·ΔC_D·A + 2D_i·Δm/M",
                        0.2,
                        BuildSums::more)
                .out(
                        "Minutes of flight",
                        Quantity.TIME,
                        "Δt = u·C·(1/(I + ΔI) − 1/I)",
                        0.2,
                        g -> g.at("used") * g.at("capacity") * (1 / (g.at("current") + more(g)) - 1 / g.at("current")))
                .build();
    }

    private static double more(Given g) {
        double q = g.at("density") * g.at("speed") * g.at("speed") / 2;
        double drag = q * g.at("dragarea") + 2 * g.at("induced") * g.at("part") / g.at("mass");
        return drag * g.at("speed") / (g.at("efficiency") * g.at("volts"))
                + g.at("power") / (g.at("regulator") * g.at("volts"));
    }

    private static Calculation lateral() {
        return Calculation.of("BUILD-A13", "Sideways balance", Source.STATICS)
                .in("mass", "mass M", Quantity.MASS, 0.05, 100, Own.MASS)
                .in("off", "mass beside the middle m", Quantity.MASS, 0, 50)
                .in("at", "its distance y", Quantity.LENGTH, -10, 10)
                .in("span", "span b", Quantity.SPAN, 0.2, 20, Own.SPAN)
                .in("area", "wing area S", Quantity.AREA, 0.01, 10, Own.AREA)
                .in("stall", "stall speed Vs", Quantity.SPEED, 2, 60, Own.STALL_SPEED)
                .usual("density", "air density ρ", Quantity.DENSITY, 0.4, 1.6, 1.225, Own.DENSITY)
                .out("CG beside the middle", Quantity.LENGTH, "m·y/M", g -> g.at("off") * g.at("at") / g.at("mass"))
                .out(
                        "Tip mass to cancel it",
                        Quantity.MASS,
                        "m·|y|/(b/2)",
                        g -> Math.abs(g.at("off") * g.at("at")) / (g.at("span") / 2))
                .out("Rolling moment at 1.3 Vs", Quantity.NUMBER_FINE, "C_l = m·g·y/(q·S·b), q = ½ρ(1.3Vs)²", g -> {
                    double speed = 1.3 * g.at("stall");
                    double q = g.at("density") * speed * speed / 2;
                    return g.at("off") * GRAVITY * g.at("at") / (q * g.at("area") * g.at("span"));
                })
                .build();
    }

    private static Calculation uneven() {
        return Calculation.of("BUILD-A14", "Uneven wings", new Source.OwnEstimate("\u00b125 %"))
                .in("slope", "lift slope a", Quantity.PER_RADIAN, 1, 6.3, Own.SLOPE)
                .in("difference", "difference of incidence Δi", Quantity.ANGLE, -0.2, 0.2, Own.INCIDENCE_DIFFERENCE)
                .usual("taper", "taper λ", Quantity.NUMBER, 0.05, 1.5, 1, Own.TAPER)
                .maybe("power", "roll power C_lδ", Quantity.PER_RADIAN, 0.01, 2, Own.ROLL_POWER)
                .out(
                        "Rolling moment",
                        Quantity.NUMBER_FINE,
                        "C_l = a·Δi(1 + 2λ)/(12(1 + λ))",
                        0.25,
                        BuildSums::unevenRoll)
                .out(
                        "Aileron to cancel it",
                        Quantity.ANGLE,
                        "δ = C_l/C_lδ",
                        0.25,
                        g -> g.has("power") ? unevenRoll(g) / g.at("power") : Double.NaN)
                .build();
    }

    private static double unevenRoll(Given g) {
        double l = g.at("taper");
        return g.at("slope") * g.at("difference") * (1 + 2 * l) / (12 * (1 + l));
    }
}
