package app.drachen.core.debrief;

import static app.drachen.core.math.Statistics.length;

import app.drachen.core.log.FlightLog;
import app.drachen.core.log.LogColumn;
import app.drachen.core.units.Quantity;
import app.drachen.core.working.Source;
import app.drachen.core.working.Working;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * The mean wind of a flight from its ground velocities: the tips of the ground velocity vectors lie on a circle about
 * the wind, with the airspeed as its radius. With an airspeed in the log each radius is measured, up to one factor for
 * the whole flight; without one the airspeed is taken as constant.
 *
 * <p>Source: least squares on circles, here Gauss-Newton from the start of Kåsa, "A circle fitting procedure and its
 * error analysis", IEEE Trans. Instrum. Meas. 25 (1976). Holds where the courses go most of the way round; the spread is
 * twice the standard error, with one independent sample every 5 s (own estimate).
 *
 * @param north speed of the air towards north [m/s]
 * @param east speed of the air towards east [m/s]
 * @param spread half width of the band of either [m/s], not negative
 * @param airspeed mean airspeed of the circle [m/s], above 0
 * @param samples one a second [-]
 * @param measuredAirspeed whether the log had an airspeed
 */
public record WindFit(
        double north, double east, double spread, double airspeed, int samples, boolean measuredAirspeed) {
    private static final int LEAST = 12;
    private static final double CORRELATED = 5;

    /** A round that moves wind and airspeed by no more is the last [m/s]; where the airspeed is measured, its factor too [-]. */
    private static final double SETTLED = 1e-9;

    /** Parts of a full turn in which courses are counted. */
    private static final int SECTORS = 24;

    /** Fits the wind; empty where the flight does not show it. */
    public static Optional<WindFit> of(FlightLog log, int from, int to) {
        return of(samples(log, from, to));
    }

    /** Fits the wind as if the log had no airspeed, to judge the airspeed by. */
    static Optional<WindFit> ofGround(FlightLog log, int from, int to) {
        List<double[]> samples = samples(log, from, to);
        samples.forEach(s -> s[2] = Double.NaN);
        return of(samples);
    }

    private static Optional<WindFit> of(List<double[]> samples) {
        if (samples.size() < LEAST) {
            return Optional.empty();
        }
        boolean measured = samples.stream().noneMatch(s -> Double.isNaN(s[2]));
        double meanSpeed = samples.stream()
                .mapToDouble(s -> measured ? s[2] : length(s[0], s[1]))
                .average()
                .orElse(1);
        double[] x = {mean(samples, 0), mean(samples, 1), measured ? 1 : meanSpeed};
        double[][] normal = new double[3][3];
        double moved = Double.POSITIVE_INFINITY;
        for (int round = 0; round < 25 && moved > SETTLED; round++) {
            moved = 0;
            normal = new double[3][3];
            double[] right = new double[3];
            for (double[] s : samples) {
                double north = s[0] - x[0];
                double east = s[1] - x[1];
                double radius = Math.max(1e-6, length(north, east));
                double unit = measured ? s[2] : 1;
                double[] slope = {north / radius, east / radius, unit};
                double rest = radius - x[2] * unit;
                for (int i = 0; i < 3; i++) {
                    right[i] += slope[i] * rest;
                    for (int j = 0; j < 3; j++) {
                        normal[i][j] += slope[i] * slope[j];
                    }
                }
            }
            double[] step = solve(normal, right);
            for (int i = 0; i < 3; i++) {
                x[i] += step[i];
                moved = Math.max(moved, Math.abs(step[i]));
            }
        }
        double airspeed = measured ? x[2] * meanSpeed : x[2];
        boolean sound = airspeed > 0.4 * meanSpeed && airspeed < 2.5 * meanSpeed && length(x[0], x[1]) < 60;
        return sound && allRound(samples, x)
                ? Optional.of(new WindFit(
                        x[0], x[1], spread(samples, x, normal, measured), airspeed, samples.size(), measured))
                : Optional.empty();
    }

    private static double mean(List<double[]> samples, int at) {
        return samples.stream().mapToDouble(s -> s[at]).average().orElse(0);
    }

    /** Ground velocity north and east and the airspeed, once a second where the aircraft moves. */
    private static List<double[]> samples(FlightLog log, int from, int to) {
        List<double[]> samples = new ArrayList<>();
        double next = Double.NEGATIVE_INFINITY;
        for (int row = from; row < to; row++) {
            if (log.time(row) < next) {
                continue;
            }
            double speed = log.value(LogColumn.GROUND_SPEED, row);
            double course = log.value(LogColumn.COURSE, row);
            if (speed > 0.5 && !Double.isNaN(course)) {
                samples.add(new double[] {
                    speed * Math.cos(course), speed * Math.sin(course), log.value(LogColumn.AIRSPEED, row)
                });
                next = log.time(row) + 1;
            }
        }
        return samples;
    }

    /** Whether the courses through the air about a wind go round by at least 270°, however often they were sampled. */
    private static boolean allRound(List<double[]> samples, double[] wind) {
        int[] seen = new int[SECTORS];
        for (double[] s : samples) {
            double sector = (Math.atan2(s[1] - wind[1], s[0] - wind[0]) + Math.PI) / (2 * Math.PI) * SECTORS;
            seen[Math.floorMod((int) Math.floor(sector), SECTORS)]++;
        }
        // of many samples one in a sector may be a stray one
        int enough = samples.size() < 40 ? 1 : 2;
        int gap = 0;
        int greatest = 0;
        for (int i = 0; i < 2 * SECTORS; i++) {
            gap = seen[i % SECTORS] >= enough ? 0 : gap + 1;
            greatest = Math.max(greatest, gap);
        }
        return greatest <= SECTORS / 4;
    }

    private static double spread(List<double[]> samples, double[] x, double[][] normal, boolean measured) {
        double squares = 0;
        for (double[] s : samples) {
            double rest = length(s[0] - x[0], s[1] - x[1]) - x[2] * (measured ? s[2] : 1);
            squares += rest * rest;
        }
        double variance = squares / Math.max(1, samples.size() - 3) * CORRELATED;
        double north = solve(normal, new double[] {1, 0, 0})[0];
        double east = solve(normal, new double[] {0, 1, 0})[1];
        return 2 * Math.sqrt(variance * Math.max(north, east));
    }

    private static double[] solve(double[][] a, double[] b) {
        double d = det(a[0], a[1], a[2]);
        double[] x = new double[3];
        for (int i = 0; i < 3; i++) {
            double[][] m = {a[0].clone(), a[1].clone(), a[2].clone()};
            for (int row = 0; row < 3; row++) {
                m[row][i] = b[row];
            }
            x[i] = Math.abs(d) < 1e-12 ? 0 : det(m[0], m[1], m[2]) / d;
        }
        return x;
    }

    private static double det(double[] a, double[] b, double[] c) {
        return a[0] * (b[1] * c[2] - b[2] * c[1])
                - a[1] * (b[0] * c[2] - b[2] * c[0])
                + a[2] * (b[0] * c[1] - b[1] * c[0]);
    }

    /**
     * @return wind speed [m/s], not negative
     */
    public double speed() {
        return length(north, east);
    }

    /**
     * @return direction the wind comes from [rad], 0 to 2π
     */
    public double from() {
        double from = Math.atan2(-east, -north);
        return from < 0 ? from + 2 * Math.PI : from;
    }

    /** The wind speed as a working. */
    public Working working() {
        return Working.of(
                        "HOMING-A3",
                        "Mean wind",
                        speed(),
                        Quantity.SPEED,
                        measuredAirspeed
                                ? "centre w of least squares |v_ground − w| = k·V over the flight"
                                : "centre w of the circle |v_ground − w| = V over the flight, V constant",
                        new Source.Published("I. K\u00e5sa", "A circle fitting procedure and its error analysis", 1976),
                        Working.in("from", from(), Quantity.BEARING),
                        Working.in("airspeed of the circle", airspeed, Quantity.SPEED),
                        Working.in("samples, one a second", samples, Quantity.COUNT))
                .within(Math.max(0, speed() - spread), speed() + spread);
    }
}
