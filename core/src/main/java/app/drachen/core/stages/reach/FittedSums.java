package app.drachen.core.stages.reach;

import app.drachen.core.calc.Calculation;
import app.drachen.core.calc.Given;
import app.drachen.core.calc.Own;
import app.drachen.core.units.Quantity;
import app.drachen.core.working.Source;
import java.util.ArrayList;
import java.util.List;

/** Answers of Reach that are found from a table of one's own points. */
final class FittedSums {
    private static final int POINTS = 8;
    private static final int SPEEDS = 6;

    private FittedSums() {}

    /** Exponent and level of a link from points: a straight line through level over the logarithm of the distance. */
    static Calculation link() {
        Calculation.Builder fit = Calculation.of(
                        "REACH-A7-FIT", "Link fitted to points", new Source.Elementary("least squares"))
                .usual("at", "first distance d₀", Quantity.DISTANCE, 1, 10_000, 100);
        for (int i = 1; i <= POINTS; i++) {
            String distance = "distance d" + Calculation.index(i);
            String level = "level there S" + Calculation.index(i);
            if (i <= 2) {
                fit.in("d" + i, distance, Quantity.DISTANCE, 1, 500_000).in("s" + i, level, Quantity.LEVEL, -150, 30);
            } else {
                fit.maybe("d" + i, distance, Quantity.DISTANCE, 1, 500_000)
                        .maybe("s" + i, level, Quantity.LEVEL, -150, 30);
            }
        }
        String words = ", xᵢ = log₁₀(dᵢ/d₀), N = Σdᵢ⁰; N points";
        return fit.out(
                        "Exponent",
                        Quantity.NUMBER_FINE,
                        "n = (Σxᵢ·ΣSᵢ − N·Σ(xᵢ·Sᵢ))/(10(N·Σxᵢ² − (Σxᵢ)²))" + words,
                        g -> Line.of(g).exponent())
                .out("Level at the first distance", Quantity.LEVEL, "S₀ = (ΣSᵢ + 10n·Σxᵢ)/N" + words, g -> Line.of(g)
                        .level())
                .out(
                        "Points lie off the line by",
                        Quantity.DECIBEL,
                        "√(Σ(Sᵢ − S₀ + 10n·xᵢ)²/N)" + words + ", root of the mean square",
                        g -> Line.of(g).off())
                .build();
    }

    /**
     * A line S = S₀ − 10n·log₁₀(d/d₀).
     *
     * @param exponent n [-]
     * @param level S₀ [dBm]
     * @param off root of the mean square by which points lie off it [dB]
     */
    private record Line(double exponent, double level, double off) {
        static Line of(Given g) {
            List<double[]> points = new ArrayList<>();
            for (int i = 1; i <= POINTS; i++) {
                if (g.has("d" + i) != g.has("s" + i)) {
                    throw new IllegalArgumentException("point " + i + " needs both, distance and level");
                }
                if (g.has("d" + i)) {
                    points.add(new double[] {Math.log10(g.at("d" + i) / g.at("at")), g.at("s" + i)});
                }
            }
            double n = points.size();
            double x = points.stream().mapToDouble(p -> p[0]).sum();
            double s = points.stream().mapToDouble(p -> p[1]).sum();
            double xx = points.stream().mapToDouble(p -> p[0] * p[0]).sum();
            double xs = points.stream().mapToDouble(p -> p[0] * p[1]).sum();
            double spread = n * xx - x * x;
            if (spread < 1e-4) {
                throw new IllegalArgumentException(
                        "the points are all at one distance; walk or fly to another, twice as far at least");
            }
            double exponent = (x * s - n * xs) / (10 * spread);
            double level = (s + 10 * exponent * x) / n;
            double squares = points.stream()
                    .mapToDouble(p -> Math.pow(p[1] - level + 10 * exponent * p[0], 2))
                    .sum();
            return new Line(exponent, level, Math.sqrt(squares / n));
        }
    }

    /** The speed that brings one home on the least charge, of a table of speeds with their currents. */
    static Calculation home() {
        Calculation.Builder table = Calculation.of(
                        "REACH-A4-HOME", "Speed for home from a table", new Source.Elementary("kinematics"))
                .in("wind", "head wind, behind one negative, w", Quantity.SPEED, -60, 60, Own.WIND_AT_RETURN);
        for (int i = 1; i <= SPEEDS; i++) {
            String speed = "airspeed V" + Calculation.index(i);
            String current = "current there I" + Calculation.index(i);
            if (i <= 2) {
                table.in("v" + i, speed, Quantity.SPEED, 2, 120).in("i" + i, current, Quantity.CURRENT, 0.1, 300);
            } else {
                table.maybe("v" + i, speed, Quantity.SPEED, 2, 120).maybe("i" + i, current, Quantity.CURRENT, 0.1, 300);
            }
        }
        return table.out("Fly", Quantity.SPEED, "the Vᵢ of the table whose Iᵢ/(Vᵢ − w) is least", g -> best(g)[0])
                .out("Charge per way over ground", Quantity.CONSUMPTION, "the least of Iᵢ/(Vᵢ − w)", g -> best(g)[1])
                .build();
    }

    private static double[] best(Given g) {
        double[] best = {Double.NaN, Double.POSITIVE_INFINITY};
        for (int i = 1; i <= SPEEDS; i++) {
            if (g.has("v" + i) != g.has("i" + i)) {
                throw new IllegalArgumentException("speed " + i + " needs its current, and a current its speed");
            }
            if (g.has("v" + i) && g.at("v" + i) > g.at("wind")) {
                double charge = g.at("i" + i) / (g.at("v" + i) - g.at("wind"));
                if (charge < best[1]) {
                    best = new double[] {g.at("v" + i), charge};
                }
            }
        }
        if (Double.isNaN(best[0])) {
            throw new IllegalArgumentException("no speed of the table gets home against this wind; add a faster one");
        }
        return best;
    }
}
