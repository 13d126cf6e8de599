package app.drachen.core.stages.throwing;

import app.drachen.core.aerodynamics.LiftingSurface;
import app.drachen.core.calc.Calculation;
import app.drachen.core.calc.Given;
import app.drachen.core.calc.Own;
import app.drachen.core.controls.Rates;
import app.drachen.core.units.Quantity;
import app.drachen.core.working.Source;
import java.util.ArrayList;
import java.util.List;

/** Answers of Throws. */
public final class ThrowsSums {
    private static final Source ROLL = new Source.OwnEstimate(
            "damping and power too large by 25 to 70 %, their ratio ±25 %, by Nelson 1998 and Glauert 1927");

    private ThrowsSums() {}

    public static List<Calculation> all() {
        List<Calculation> all = new ArrayList<>(RadioSums.all());
        all.addAll(List.of(
                ends(),
                corners(),
                horn(),
                clicks(),
                roll(),
                expo(),
                chop(),
                thrustLine(),
                torque(),
                authority(),
                servo()));
        return List.copyOf(all);
    }

    private static Calculation ends() {
        return Calculation.of("THROWS-A2", "End points and sub-trim", Source.ARITHMETIC)
                .in("low", "least pulse u₋", Quantity.PULSE, 600, 1_490)
                .in("middle", "middle pulse u₀", Quantity.PULSE, 1_200, 1_800)
                .in("high", "greatest pulse u₊", Quantity.PULSE, 1_510, 2_400)
                .usual("step", "µs per percent of this radio k", Quantity.NUMBER, 1, 10, 5.12, Own.MICROS_PER_PERCENT)
                .out("End point up", Quantity.SHARE_FINE, "500/(u₊ − u₀)", g -> 500 / (g.at("high") - g.at("middle")))
                .sound(0.2, 3, LOPSIDED)
                .out("End point down", Quantity.SHARE_FINE, "500/(u₀ − u₋)", g -> 500 / (g.at("middle") - g.at("low")))
                .sound(0.2, 3, LOPSIDED)
                .out(
                        "Sub-trim",
                        Quantity.SHARE_FINE,
                        "(1500 − u₀)/k/100; in percent (1500 − u₀)/k",
                        g -> (1_500 - g.at("middle")) / g.at("step") / 100)
                .build();
    }

    private static final String LOPSIDED =
            "the least, middle and greatest pulse must stand in this order, 170 µs apart or more; read them off again";

    private static Calculation corners() {
        return Calculation.of("THROWS-A6", "Elevons in the corners", Source.ARITHMETIC)
                .in("roll", "roll share K_roll", Quantity.SHARE, 0, 1.5, Own.ROLL_SHARE)
                .in("pitch", "pitch share K_pitch", Quantity.SHARE, 0, 1.5, Own.PITCH_SHARE)
                .out(
                        "Clips",
                        Quantity.SHARE,
                        "K_roll + K_pitch − 1",
                        g -> Math.max(0, g.at("roll") + g.at("pitch") - 1))
                .out(
                        "Roll left at full pitch",
                        Quantity.SHARE,
                        "max(0, 1 − K_pitch)/K_roll",
                        g -> g.at("roll") == 0
                                ? Double.NaN
                                : Math.max(0, Math.min(1, (1 - g.at("pitch")) / g.at("roll"))))
                .build();
    }

    private static Calculation horn() {
        return Calculation.of("THROWS-A7", "Servo to surface", new Source.OwnEstimate("\u00b11.5°, four-bar"))
                .in("arm", "servo arm r_arm", Quantity.LENGTH, 0.003, 0.1, Own.SERVO_ARM)
                .in("horn", "surface horn r_horn", Quantity.LENGTH, 0.003, 0.1, Own.SURFACE_HORN)
                .in("angle", "servo angle α", Quantity.ANGLE, -1.4, 1.4)
                .out("Surface angle", Quantity.ANGLE, "δ = asin((r_arm/r_horn)·sin α)", ThrowsSums::surfaceAngle)
                .build();
    }

    private static double surfaceAngle(Given g) {
        double sine = g.at("arm") / g.at("horn") * Math.sin(g.at("angle"));
        if (Math.abs(sine) > 1) {
            throw new IllegalArgumentException(
                    "the arm is so long against the horn that the linkage is past its dead point there; a smaller servo"
                            + " angle, a shorter arm or a longer horn");
        }
        return Math.asin(sine);
    }

    private static Calculation clicks() {
        return Calculation.of("THROWS-A8", "Radio trim into an elevon's centre", Source.ARITHMETIC)
                .in("centre", "centre now c", Quantity.PULSE, 1_000, 2_000, Own.FIRST_CENTRE)
                .in("roll", "roll trim t_r", Quantity.SHARE_FINE, -0.5, 0.5, Own.ROLL_TRIM)
                .in("pitch", "pitch trim t_p", Quantity.SHARE_FINE, -0.5, 0.5, Own.PITCH_TRIM)
                .usual("rollshare", "mixer's share of roll K_r", Quantity.SHARE, -1.5, 1.5, 0.5, Own.FIRST_ROLL_SHARE)
                .usual(
                        "pitchshare",
                        "mixer's share of pitch K_p",
                        Quantity.SHARE,
                        -1.5,
                        1.5,
                        -0.5,
                        Own.FIRST_PITCH_SHARE)
                .usual("sense", "sense, 1 or −1 for a reversed servo, z", Quantity.COUNT, -1, 1, 1, Own.FIRST_SENSE)
                .out(
                        "Centre then",
                        Quantity.PULSE,
                        "c′ = c + z·500(K_r·t_r + K_p·t_p)",
                        g -> g.at("centre")
                                + g.at("sense")
                                        * 500
                                        * (g.at("rollshare") * g.at("roll") + g.at("pitchshare") * g.at("pitch")))
                .offers(
                        "the centre of the first surface's servo",
                        (s, centre) -> s.withControls(s.controls()
                                .change(
                                        s.controls().surfaces().get(0).surface(),
                                        o -> o.withCentre(Math.rint(centre * 10) / 10))))
                .build();
    }

    private static Calculation roll() {
        return Calculation.of("THROWS-A9", "Roll rate of a straight-tapered wing", ROLL)
                .in("slope", "lift slope a", Quantity.PER_RADIAN, 1, 6.3, Own.SLOPE)
                .in("root", "root chord c_r", Quantity.LENGTH, 0.02, 3, Own.ROOT_CHORD)
                .in("tip", "tip chord c_t", Quantity.LENGTH, 0.01, 3, Own.TIP_CHORD)
                .in("span", "span b", Quantity.SPAN, 0.2, 20, Own.SPAN)
                .in("inner", "aileron from y₁", Quantity.LENGTH, 0, 10, Own.AILERON_FROM)
                .in("outer", "aileron to y₂", Quantity.LENGTH, 0, 10, Own.AILERON_TO)
                .usual("ratio", "aileron over wing chord r", Quantity.SHARE, 0.05, 0.6, 0.25, Own.AILERON_RATIO)
                .in("deflection", "aileron δ", Quantity.ANGLE, 0, 0.8, Own.AILERON_THROW)
                .in("speed", "airspeed V", Quantity.SPEED, 2, 100, Own.CRUISE_SPEED)
                .out(
                        "Roll damping C_lp",
                        Quantity.PER_RADIAN,
                        "C_lp = −(a/12)(1 + 3λ)/(1 + λ), λ = c_t/c_r",
                        0.45,
                        ThrowsSums::damping)
                .out(
                        "Roll power C_lδ",
                        Quantity.PER_RADIAN,
                        "C_lδ = (2aτ/(S·b))(c_r(u₂² − u₁²)/2 − (c_r − c_t)(u₂³ − u₁³)/(3b/2)), τ = 1 − (θ − sin θ)/π, θ = acos(2r − 1), S = b(c_r + c_t)/2, u₁ = min(y₁, b/2), u₂ = min(y₂, b/2)",
                        0.45,
                        ThrowsSums::power)
                .out(
                        "Roll rate",
                        Quantity.ANGULAR_RATE,
                        "p = (2V/b)(C_lδ/(−C_lp))δ",
                        0.25,
                        g -> 2 * g.at("speed") / g.at("span") * power(g) / -damping(g) * g.at("deflection"))
                .build();
    }

    private static double damping(Given g) {
        double l = g.at("tip") / g.at("root");
        return -g.at("slope") / 12 * (1 + 3 * l) / (1 + l);
    }

    private static double power(Given g) {
        double half = g.at("span") / 2;
        double area = half * (g.at("root") + g.at("tip"));
        double fall = (g.at("root") - g.at("tip")) / half;
        double a = Math.min(g.at("inner"), half);
        double b = Math.min(g.at("outer"), half);
        double integral = g.at("root") * (b * b - a * a) / 2 - fall * (b * b * b - a * a * a) / 3;
        return 2 * g.at("slope") * LiftingSurface.flapEffectiveness(g.at("ratio")) / (area * g.at("span")) * integral;
    }

    private static Calculation expo() {
        return Calculation.of("THROWS-A10", "Expo", Source.COMMON_PRACTICE)
                .in("expo", "expo e", Quantity.SHARE, 0, 1, Own.EXPO)
                .in("stick", "stick x", Quantity.NUMBER, -1, 1)
                .out("Command", Quantity.NUMBER_FINE, "y = (1 − e)x + e·x³", g -> new Rates(1, 1, 1, g.at("expo"))
                        .shape(g.at("stick"), 1))
                .build();
    }

    private static Calculation chop() {
        return Calculation.of("THROWS-A11", "Power-to-pitch mix", Source.COMMON_PRACTICE)
                .in("cruise", "power at cruise p_c", Quantity.SHARE, 0.05, 1, Own.CRUISE_POWER)
                .usual("idle", "power at idle p_i", Quantity.SHARE, 0, 0.9, 0)
                .usual("trimcruise", "trim at cruise t_c", Quantity.SHARE_FINE, -0.5, 0.5, 0)
                .in("trimidle", "trim at idle t_i", Quantity.SHARE_FINE, -0.5, 0.5)
                .usual("power", "power to ask for p", Quantity.SHARE, 0, 1, 0.2)
                .out("Slope, per unit of power", Quantity.SHARE, "m = (t_i − t_c)/(p_c − p_i)", ThrowsSums::mixSlope)
                .sound(-1, 1, "no mix is so steep: the two trims or the two powers cannot be meant")
                .out(
                        "Mix at this power",
                        Quantity.SHARE_FINE,
                        "m·max(0, p_c − p)",
                        g -> mixSlope(g) * Math.max(0, g.at("cruise") - g.at("power")))
                .build();
    }

    private static double mixSlope(Given g) {
        return (g.at("trimidle") - g.at("trimcruise")) / (g.at("cruise") - g.at("idle"));
    }

    private static Calculation thrustLine() {
        return Calculation.of("THROWS-A12", "Thrust line", Source.ETKIN_REID)
                .in("thrust", "thrust T", Quantity.FORCE, 0, 500)
                .in("offset", "thrust line above the CG d", Quantity.LENGTH, -1, 1, Own.THRUST_OVER_CENTRE)
                .in("speed", "airspeed V", Quantity.SPEED, 2, 100, Own.CRUISE_SPEED)
                .in("area", "wing area S", Quantity.AREA, 0.01, 10, Own.AREA)
                .in("chord", "mean aerodynamic chord c̄", Quantity.LENGTH, 0.02, 3, Own.CHORD)
                .in("tail", "lift slope of the tail a_t", Quantity.PER_RADIAN, 0.5, 6.3, Own.TAIL_SLOPE)
                .in("volume", "tail volume V_H", Quantity.NUMBER_FINE, 0.05, 2, Own.TAIL_VOLUME)
                .usual("ratio", "elevator over tail chord r", Quantity.SHARE, 0.1, 1, 0.35, Own.ELEVATOR_RATIO)
                .usual("efficiency", "η_t", Quantity.NUMBER, 0.7, 1.1, 0.95)
                .usual("density", "air density ρ", Quantity.DENSITY, 0.4, 1.6, 1.225, Own.DENSITY)
                .out("Pitching moment", Quantity.NUMBER_FINE, "ΔC_m = T·d/(q·S·c̄), q = ½ρV²", ThrowsSums::thrustMoment)
                .out(
                        "Elevator power C_mδ",
                        Quantity.PER_RADIAN,
                        "C_mδ = −a_t·τ·V_H·η_t, τ = 1 − (θ − sin θ)/π, θ = acos(2r − 1)",
                        ThrowsSums::elevatorPower)
                .out(
                        "Elevator to hold it",
                        Quantity.ANGLE,
                        "δe = ΔC_m/|C_mδ|",
                        g -> thrustMoment(g) / -elevatorPower(g))
                .build();
    }

    private static double thrustMoment(Given g) {
        double q = g.at("density") * g.at("speed") * g.at("speed") / 2;
        return g.at("thrust") * g.at("offset") / (q * g.at("area") * g.at("chord"));
    }

    private static double elevatorPower(Given g) {
        return -g.at("tail") * LiftingSurface.flapEffectiveness(g.at("ratio")) * g.at("volume") * g.at("efficiency");
    }

    private static Calculation torque() {
        return Calculation.of("THROWS-A13", "Motor torque", new Source.Elementary("mechanics"))
                .in("power", "shaft power P", Quantity.POWER, 0, 20_000)
                .in("turns", "motor speed n", Quantity.ROTATION, 10, 6_000)
                .in("speed", "airspeed V", Quantity.SPEED, 2, 100, Own.CRUISE_SPEED)
                .in("area", "wing area S", Quantity.AREA, 0.01, 10, Own.AREA)
                .in("span", "span b", Quantity.SPAN, 0.2, 20, Own.SPAN)
                .in("rollpower", "roll power C_lδ", Quantity.PER_RADIAN, 0.01, 2, Own.ROLL_POWER)
                .usual("density", "air density ρ", Quantity.DENSITY, 0.4, 1.6, 1.225, Own.DENSITY)
                .out("Torque", Quantity.TORQUE, "Q = P/(2πn), n in 1/s", g -> g.at("power") / g.at("turns"))
                .out("Aileron to hold it", Quantity.ANGLE, "Q/(q·S·b·C_lδ), q = ½ρV²", g -> {
                    double q = g.at("density") * g.at("speed") * g.at("speed") / 2;
                    return g.at("power") / g.at("turns") / (q * g.at("area") * g.at("span") * g.at("rollpower"));
                })
                .build();
    }

    private static Calculation authority() {
        return Calculation.of("THROWS-A14", "Pitch authority", Source.ETKIN_REID)
                .in("fast", "lift coefficient at cruise C_L1", Quantity.NUMBER, 0, 2, Own.CRUISE_LIFT)
                .in("slow", "lift coefficient at 1.1 Vs C_L2", Quantity.NUMBER, 0, 3)
                .in("margin", "static margin SM", Quantity.SHARE_FINE, 0, 0.5, Own.MARGIN)
                .in("power", "elevator power |C_mδ|", Quantity.PER_RADIAN, 0.05, 5)
                .out(
                        "Elevator up by",
                        Quantity.ANGLE,
                        "Δδ = (C_L2 − C_L1)·SM/|C_mδ|",
                        g -> (g.at("slow") - g.at("fast")) * g.at("margin") / g.at("power"))
                .build();
    }

    private static Calculation servo() {
        return Calculation.of("THROWS-A15", "Servo speed", new Source.Elementary("kinematics"))
                .in("angle", "servo's quoted angle α_s", Quantity.ANGLE, 0.1, 3.2)
                .in("time", "in this time t_s", Quantity.TIME_FINE, 0.01, 2)
                .usual("ratio", "surface over servo angle i_s", Quantity.NUMBER, 0.05, 2, 1)
                .in("amplitude", "surface amplitude A", Quantity.ANGLE, 0.01, 0.8)
                .out(
                        "Highest frequency",
                        Quantity.FREQUENCY,
                        "f = δ̇/(2πA), δ̇ = i_s·α_s/t_s",
                        g -> g.at("angle") / g.at("time") * g.at("ratio") / (2 * Math.PI * g.at("amplitude")))
                .build();
    }
}
