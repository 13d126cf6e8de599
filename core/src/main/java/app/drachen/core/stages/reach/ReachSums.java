package app.drachen.core.stages.reach;

import app.drachen.core.calc.Calculation;
import app.drachen.core.calc.Given;
import app.drachen.core.calc.Own;
import app.drachen.core.units.Quantity;
import app.drachen.core.working.Source;
import java.util.List;

/** Answers of Reach. */
public final class ReachSums {
    private static final Source TRIANGLE = new Source.Elementary("wind triangle");
    private static final Source FREE_SPACE = new Source.Published("ITU-R", "P.525", 2019);
    private static final double LIGHT = 299_792_458;

    private ReachSums() {}

    public static List<Calculation> all() {
        return List.of(
                ground(),
                out(),
                turn(),
                consumption(),
                FittedSums.home(),
                climb(),
                glide(),
                link(),
                FittedSums.link(),
                clearance(),
                beam(),
                picture());
    }

    private static Calculation ground() {
        return Calculation.of("REACH-A1", "Speed over ground", TRIANGLE)
                .in("speed", "airspeed V", Quantity.SPEED, 2, 120, Own.CRUISE_SPEED)
                .in("wind", "wind w", Quantity.SPEED, 0, 60, Own.WIND_AT_RETURN)
                .in("track", "track from the wind's origin β", Quantity.ANGLE, 0, 2 * Math.PI)
                .out("Speed over ground", Quantity.SPEED, "GS = √(V² − w²sin²β) − w·cos β", ReachSums::groundSpeed)
                .out(
                        "Crab",
                        Quantity.ANGLE,
                        "asin(w·|sin β|/V), the nose towards where the wind comes from",
                        g -> Math.asin(Math.min(1, Math.abs(g.at("wind") * Math.sin(g.at("track"))) / g.at("speed"))))
                .build();
    }

    private static double groundSpeed(Given g) {
        return groundSpeed(g, g.at("track"));
    }

    /** Speed over ground on a track [m/s]; where no heading holds it, that is the answer. */
    private static double groundSpeed(Given g, double track) {
        double cross = g.at("wind") * Math.sin(track);
        double room = g.at("speed") * g.at("speed") - cross * cross;
        double speed = room > 0 ? Math.sqrt(room) - g.at("wind") * Math.cos(track) : 0;
        if (speed <= 0) {
            throw new IllegalArgumentException(
                    "no heading holds this track: the wind is too strong for the airspeed; fly faster, or another way");
        }
        return speed;
    }

    private static Calculation out() {
        return Calculation.of("REACH-A2", "Out and back", new Source.Elementary("kinematics"))
                .in("capacity", "capacity C", Quantity.CHARGE, 100, 1e6, Own.CAPACITY)
                .in("current", "cruise current I", Quantity.CURRENT, 0.1, 300, Own.CRUISE_CURRENT)
                .usual("reserve", "reserve r", Quantity.SHARE, 0, 0.9, 0.3)
                .in("speed", "airspeed V", Quantity.SPEED, 2, 120, Own.CRUISE_SPEED)
                .in("wind", "wind w", Quantity.SPEED, 0, 60, Own.WIND_AT_RETURN)
                .usual("track", "way out from the wind's origin β", Quantity.ANGLE, 0, 2 * Math.PI, 0)
                .out("Time", Quantity.TIME, "t = C(1 − r)/I", ReachSums::time)
                .out(
                        "Turn at",
                        Quantity.DISTANCE,
                        "t/(1/GS_out + 1/GS_home), GS_out = √(V² − w²sin²β) − w·cos β, GS_home = √(V² − w²sin²β) + w·cos β",
                        g -> time(g)
                                / (1 / groundSpeed(g, g.at("track")) + 1 / groundSpeed(g, g.at("track") + Math.PI)))
                .out("Turn at, along the wind", Quantity.DISTANCE, "t(V² − w²)/(2V)", g -> {
                    double room = g.at("speed") * g.at("speed") - g.at("wind") * g.at("wind");
                    return room > 0 ? time(g) * room / (2 * g.at("speed")) : Double.NaN;
                })
                .out("in calm air", Quantity.DISTANCE, "t·V/2", g -> time(g) * g.at("speed") / 2)
                .build();
    }

    private static double time(Given g) {
        return g.at("capacity") * (1 - g.at("reserve")) / g.at("current");
    }

    private static Calculation turn() {
        return Calculation.of("REACH-A3", "Charge at which to turn for home", new Source.Elementary("energy balance"))
                .in("current", "cruise current I", Quantity.CURRENT, 0.1, 300, Own.CRUISE_CURRENT)
                .in("distance", "distance d", Quantity.DISTANCE, 0, 200_000)
                .in("speed", "ground speed home GS", Quantity.SPEED, 0.5, 100)
                .usual("landing", "charge of the landing Q_l", Quantity.CHARGE, 0, 1e5, 60 * 3.6)
                .usual("climb", "charge of the climb Q_c", Quantity.CHARGE, 0, 1e5, 0)
                .in("reserve", "reserve kept Q_r", Quantity.CHARGE, 0, 1e6)
                .usual("factor", "factor k", Quantity.NUMBER, 1, 3, 1.2)
                .in("capacity", "capacity C", Quantity.CHARGE, 100, 1e6, Own.CAPACITY)
                .out("Keep", Quantity.CHARGE, "Q = k·I·d/GS + Q_c + Q_l + Q_r", ReachSums::kept)
                .out("Turn when used", Quantity.CHARGE, "C − Q", g -> g.at("capacity") - kept(g))
                .sound(0, 1e7, "the way back takes more than the pack holds: do not go so far, or keep less")
                .build();
    }

    private static double kept(Given g) {
        return g.at("factor") * g.at("current") * g.at("distance") / g.at("speed")
                + g.at("climb")
                + g.at("landing")
                + g.at("reserve");
    }

    private static Calculation consumption() {
        return Calculation.of("REACH-A4", "Consumption per way", new Source.Elementary("exact integrals"))
                .in("current", "cruise current I", Quantity.CURRENT, 0.1, 300, Own.CRUISE_CURRENT)
                .in("speed", "airspeed V", Quantity.SPEED, 2, 120, Own.CRUISE_SPEED)
                .in("wind", "wind w", Quantity.SPEED, 0, 60, Own.WIND_AT_RETURN)
                .out("Per way through the air", Quantity.CONSUMPTION, "I/V", g -> g.at("current") / g.at("speed"))
                .out("More on circles over ground", Quantity.NUMBER_FINE, "(2/π)E(w/V)/(1 − (w/V)²)", g -> {
                    double k = g.at("wind") / g.at("speed");
                    return k < 1 ? 2 / Math.PI * elliptic(k) / (1 - k * k) : Double.NaN;
                })
                .out("More out and back", Quantity.NUMBER_FINE, "1/(1 − (w/V)²)", g -> {
                    double k = g.at("wind") / g.at("speed");
                    return k < 1 ? 1 / (1 - k * k) : Double.NaN;
                })
                .build();
    }

    /** Complete elliptic integral of the second kind by the arithmetic-geometric mean [-]. */
    private static double elliptic(double k) {
        double a = 1;
        double b = Math.sqrt(1 - k * k);
        double c = k;
        double sum = c * c / 2;
        double power = 0.5;
        while (Math.abs(c) > 1e-15) {
            double mean = (a + b) / 2;
            c = (a - b) / 2;
            b = Math.sqrt(a * b);
            a = mean;
            power *= 2;
            sum += power * c * c;
        }
        return Math.PI / (2 * a) * (1 - sum);
    }

    private static Calculation climb() {
        return Calculation.of("REACH-A5", "Cost of a climb", new Source.Elementary("kinematics"))
                .in("height", "height h", Quantity.HEIGHT, 0, 5_000, Own.RETURN_HEIGHT)
                .in("climb", "climb ḣ", Quantity.CLIMB, 0.1, 50, Own.CLIMB_RATE)
                .in("current", "current in it I_c", Quantity.CURRENT, 0.1, 500)
                .out("Time", Quantity.TIME, "h/ḣ", g -> g.at("height") / g.at("climb"))
                .out("Charge", Quantity.CHARGE, "I_c·h/ḣ", g -> g.at("height") / g.at("climb") * g.at("current"))
                .out("per 100 m", Quantity.CHARGE, "100 m·I_c/ḣ", g -> 100 / g.at("climb") * g.at("current"))
                .build();
    }

    private static Calculation glide() {
        return Calculation.of("REACH-A6", "Glide home", TRIANGLE)
                .in("height", "height h", Quantity.HEIGHT, 1, 5_000, Own.RETURN_HEIGHT)
                .in("glide", "lift over drag L/D", Quantity.NUMBER, 2, 50)
                .in("speed", "airspeed V", Quantity.SPEED, 2, 120, Own.CRUISE_SPEED)
                .in("wind", "head wind w", Quantity.SPEED, -60, 60, Own.WIND_AT_RETURN)
                .out(
                        "Reach",
                        Quantity.DISTANCE,
                        "h·(L/D)·max(0, V − w)/V",
                        g -> Math.max(
                                0, g.at("height") * g.at("glide") * (g.at("speed") - g.at("wind")) / g.at("speed")))
                .build();
    }

    private static Calculation link() {
        return Calculation.of("REACH-A7", "Link over distance", FREE_SPACE)
                .in("level", "level at the first distance S₀", Quantity.LEVEL, -130, 30)
                .usual("at", "first distance d₀", Quantity.DISTANCE, 1, 10_000, 100)
                .usual("exponent", "exponent n", Quantity.NUMBER, 1.5, 5, 2)
                .in("loss", "lost at S_loss", Quantity.LEVEL, -150, 0)
                .in("distance", "distance d", Quantity.DISTANCE, 1, 500_000)
                .usual("margin", "margin wanted m", Quantity.DECIBEL, 0, 60, 10)
                .maybe("frequency", "frequency f", Quantity.RADIO, 1e6, 1e11)
                .out("Level", Quantity.LEVEL, "S = S₀ − 10n·log₁₀(d/d₀)", ReachSums::level)
                .out("Margin", Quantity.DECIBEL, "S − S_loss", g -> level(g) - g.at("loss"))
                .out(
                        "Range at the margin",
                        Quantity.DISTANCE,
                        "d₀·10^((S₀ − S_loss − m)/(10n))",
                        g -> g.at("at")
                                * Math.pow(
                                        10, (g.at("level") - g.at("loss") - g.at("margin")) / (10 * g.at("exponent"))))
                .out(
                        "Free-space loss",
                        Quantity.DECIBEL,
                        "20·log₁₀(4πdf/c)",
                        g -> g.has("frequency")
                                ? 20 * Math.log10(4 * Math.PI * g.at("distance") * g.at("frequency") / LIGHT)
                                : Double.NaN)
                .build();
    }

    private static double level(Given g) {
        return g.at("level") - 10 * g.at("exponent") * Math.log10(g.at("distance") / g.at("at"));
    }

    private static Calculation clearance() {
        return Calculation.of(
                        "REACH-A8", "Clearance of the path", new Source.Published("ITU-R", "P.530 and P.310", 2017))
                .in("frequency", "frequency f", Quantity.RADIO, 1e6, 1e11)
                .in("distance", "distance d", Quantity.DISTANCE, 10, 500_000)
                .in("obstacle", "obstacle from the aerial d₁", Quantity.DISTANCE, 1, 500_000)
                .usual("obstacleheight", "its height h_o", Quantity.HEIGHT, 0, 1_000, 0)
                .usual("aerial", "height of the aerial h₁", Quantity.SPAN, 0, 500, 2)
                .usual("aircraft", "height of the aircraft h₂", Quantity.HEIGHT, 0, 5_000, 100, Own.RETURN_HEIGHT)
                .out(
                        "First Fresnel zone there",
                        Quantity.SPAN,
                        "F₁ = √(λd₁d₂/d), λ = c/f, d₂ = d − d₁",
                        ReachSums::fresnel)
                .out(
                        "Bulge of the earth there",
                        Quantity.SPAN,
                        "b = d₁d₂/(2kR), d₂ = d − d₁, k = 4/3, R = 6371 km",
                        ReachSums::bulge)
                .out(
                        "Least height of the aircraft",
                        Quantity.HEIGHT,
                        "max(0, h₁ + (h_o + b + 0.6·F₁ − h₁)·d/d₁)",
                        g -> Math.max(
                                0,
                                g.at("aerial")
                                        + (g.at("obstacleheight") + bulge(g) + 0.6 * fresnel(g) - g.at("aerial"))
                                                * g.at("distance")
                                                / g.at("obstacle")))
                .out(
                        "Radio horizon",
                        Quantity.DISTANCE,
                        "4120(√h₁ + √h₂)",
                        g -> 4_120 * (Math.sqrt(g.at("aerial")) + Math.sqrt(g.at("aircraft"))))
                .build();
    }

    private static double fresnel(Given g) {
        return Math.sqrt(LIGHT / g.at("frequency") * g.at("obstacle") * behind(g) / g.at("distance"));
    }

    /** How far the round earth stands into the path, for waves that bend with the air [m]. */
    private static double bulge(Given g) {
        return g.at("obstacle") * behind(g) / (2 * 4 / 3.0 * 6_371_000);
    }

    private static double behind(Given g) {
        if (g.at("obstacle") > g.at("distance")) {
            throw new IllegalArgumentException("the obstacle lies behind the aircraft; it is not in the path");
        }
        return g.at("distance") - g.at("obstacle");
    }

    private static Calculation beam() {
        return Calculation.of("REACH-A9", "Loss beside the beam", new Source.Published("ITU-R", "F.1336", 2019))
                .in("off", "off the beam θ", Quantity.ANGLE, 0, Math.PI)
                .in("beam", "beam width θ₃", Quantity.ANGLE, 0.02, Math.PI)
                .out("Loss", Quantity.DECIBEL, "12(θ/θ₃)²", g -> 12 * Math.pow(g.at("off") / g.at("beam"), 2))
                .build();
    }

    private static Calculation picture() {
        return Calculation.of("REACH-A11", "Range by power", FREE_SPACE)
                .in("factor", "power changes by P", Quantity.NUMBER, 0.001, 10_000)
                .out("Range changes by", Quantity.NUMBER, "√P", g -> Math.sqrt(g.at("factor")))
                .build();
    }
}
