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
 * What the logbook says about a flight (LOGBOOK-A1): when it was in the air, how high, how far, how fast.
 *
 * <p>Source: definitions; in the air as {@link Airborne} says. The way is summed over steps of a second, so that the noise of positions
 * does not lengthen it.
 *
 * @param launch row of the launch
 * @param landing row of the touchdown
 * @param launchTime of the launch [s]
 * @param landingTime of the touchdown [s]
 * @param ground mean logged height before the launch, or after the landing if the log starts in the air, or else 0 [m]
 * @param greatestHeight above that ground [m]; NaN without heights
 * @param farthest from home [m]; NaN without positions
 * @param way over ground [m]; NaN without positions
 * @param meanAirspeed in the air [m/s]; NaN without an airspeed
 * @param charge used over the whole log [C]; NaN without it
 * @param wind mean wind, where the flight shows it
 */
public record FlightFacts(
        int launch,
        int landing,
        double launchTime,
        double landingTime,
        double ground,
        double greatestHeight,
        double farthest,
        double way,
        double meanAirspeed,
        double charge,
        Optional<WindFit> wind) {
    /** Reads them off a log; empty if nothing in it moves. */
    public static Optional<FlightFacts> of(FlightLog log) {
        return Airborne.of(log).map(airborne -> of(log, airborne));
    }

    static FlightFacts of(FlightLog log, Airborne airborne) {
        int launch = airborne.launch();
        int landing = airborne.landing();
        double ground = airborne.ground();
        double height = Double.NaN;
        double farthest = Double.NaN;
        for (int row = launch; row <= landing; row++) {
            height = larger(height, log.value(LogColumn.HEIGHT, row));
            farthest = larger(farthest, length(log.value(LogColumn.NORTH, row), log.value(LogColumn.EAST, row)));
        }
        return new FlightFacts(
                launch,
                landing,
                log.time(launch),
                log.time(landing),
                ground,
                height - ground,
                farthest,
                way(log, launch, landing),
                log.mean(LogColumn.AIRSPEED, launch, landing),
                lastOf(log, LogColumn.CHARGE),
                WindFit.of(log, launch, landing));
    }

    /** The larger of two values, a missing one left out. */
    private static double larger(double a, double b) {
        return Double.isNaN(a) ? b : Double.isNaN(b) ? a : Math.max(a, b);
    }

    private static double way(FlightLog log, int from, int to) {
        double way = Double.NaN;
        double north = Double.NaN;
        double east = Double.NaN;
        double next = Double.NEGATIVE_INFINITY;
        for (int row = from; row <= to; row++) {
            double n = log.value(LogColumn.NORTH, row);
            double e = log.value(LogColumn.EAST, row);
            boolean due = !Double.isNaN(n) && !Double.isNaN(e) && (log.time(row) >= next || row == to);
            if (due) {
                double step = length(n - north, e - east);
                way = Double.isNaN(step) ? (Double.isNaN(way) ? 0 : way) : way + step;
                north = n;
                east = e;
                next = log.time(row) + 1 - 1e-6;
            }
        }
        return way;
    }

    private static double lastOf(FlightLog log, LogColumn column) {
        for (int row = log.rows() - 1; row >= 0; row--) {
            if (!Double.isNaN(log.value(column, row))) {
                return log.value(column, row);
            }
        }
        return Double.NaN;
    }

    /** The facts that the log shows, with their workings. */
    public List<Working> workings() {
        List<Working> all = new ArrayList<>();
        add(
                all,
                "Time in the air",
                landingTime - launchTime,
                Quantity.TIME,
                "touchdown − launch",
                Working.in("launch", launchTime, Quantity.TIME),
                Working.in("touchdown", landingTime, Quantity.TIME));
        add(
                all,
                "Greatest height",
                greatestHeight,
                Quantity.HEIGHT,
                "greatest logged height − mean height before the launch",
                Working.in("greatest logged height", greatestHeight + ground, Quantity.HEIGHT),
                Working.in("mean height before the launch", ground, Quantity.HEIGHT));
        add(all, "Farthest from home", farthest, Quantity.DISTANCE, "greatest √(north² + east²)");
        add(all, "Way over ground", way, Quantity.DISTANCE, "Σ of the steps of a second");
        add(all, "Mean airspeed", meanAirspeed, Quantity.SPEED, "mean of the airspeed in the air");
        add(all, "Charge used", charge, Quantity.CHARGE, "last value of the charge");
        wind.ifPresent(w -> {
            all.add(w.working());
            add(all, "Wind from", w.from(), Quantity.BEARING, "direction of −w, the fitted wind");
        });
        return all;
    }

    private static void add(
            List<Working> all, String name, double value, Quantity quantity, String formula, Working.Input... inputs) {
        if (!Double.isNaN(value)) {
            all.add(Working.of(
                    "LOGBOOK-A1", name, value, quantity, formula, new Source.Elementary("definition"), inputs));
        }
    }
}
