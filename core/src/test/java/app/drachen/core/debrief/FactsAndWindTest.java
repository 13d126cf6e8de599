package app.drachen.core.debrief;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.drachen.core.log.FlightLog;
import app.drachen.core.log.LogColumn;
import java.util.EnumSet;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A flight of known wind, height and way, in closed form: circles of constant airspeed carried along by the wind. */
class FactsAndWindTest {
    private static final double AIRSPEED = 13;
    private static final double TURN = 0.15;

    private static FlightLog circles(
            double windNorth, double windEast, double turns, double noise, long seed, boolean airspeed) {
        EnumSet<LogColumn> columns =
                EnumSet.of(LogColumn.NORTH, LogColumn.EAST, LogColumn.GROUND_SPEED, LogColumn.COURSE, LogColumn.HEIGHT);
        if (airspeed) {
            columns.add(LogColumn.AIRSPEED);
        }
        Random random = new Random(seed);
        FlightLog.Builder log = new FlightLog.Builder(columns);
        double flying = turns * 2 * Math.PI / TURN;
        for (int i = 0; i * 0.1 < flying + 20; i++) {
            double t = i * 0.1;
            double air = t - 10;
            boolean up = air >= 0 && air <= flying;
            double heading = TURN * air;
            double vn = up ? AIRSPEED * Math.cos(heading) + windNorth + noise * random.nextGaussian() : 0;
            double ve = up ? AIRSPEED * Math.sin(heading) + windEast + noise * random.nextGaussian() : 0;
            double s = Math.max(0, Math.min(air, flying));
            log.row(t);
            log.put(LogColumn.NORTH, AIRSPEED / TURN * Math.sin(TURN * s) + windNorth * s)
                    .put(LogColumn.EAST, AIRSPEED / TURN * (1 - Math.cos(TURN * s)) + windEast * s)
                    .put(LogColumn.GROUND_SPEED, Math.hypot(vn, ve))
                    .put(LogColumn.COURSE, (Math.atan2(ve, vn) + 2 * Math.PI) % (2 * Math.PI))
                    .put(LogColumn.HEIGHT, up ? 40 + 30 * Math.sin(Math.PI * air / flying) : 40);
            if (airspeed) {
                // a sensor that shows a tenth too little: the fit is not misled by it
                log.put(LogColumn.AIRSPEED, up ? 0.9 * AIRSPEED : 0);
            }
        }
        return log.build();
    }

    @ParameterizedTest
    @CsvSource({"0, 0, true", "4, -2, true", "4, -2, false", "-6, 5, false", "0, 9, true"})
    void theWindOfTheCirclesIsFound(double north, double east, boolean airspeed) {
        FlightFacts facts =
                FlightFacts.of(circles(north, east, 4, 0, 1, airspeed)).orElseThrow();
        WindFit wind = facts.wind().orElseThrow();
        assertEquals(north, wind.north(), 0.02);
        assertEquals(east, wind.east(), 0.02);
        assertEquals(AIRSPEED, wind.airspeed(), 0.05, "of the air, not of the sensor");
        assertEquals(airspeed, wind.measuredAirspeed());
        assertEquals(Math.hypot(north, east), wind.speed(), 0.03);
        if (wind.speed() > 1) {
            double from = (Math.atan2(-east, -north) + 2 * Math.PI) % (2 * Math.PI);
            assertEquals(from, wind.from(), 0.01);
        }
    }

    @Test
    void theSpreadCoversTheTruthAboutAsOftenAsItSays() {
        long seed = 100;
        int covered = 0;
        int runs = 200;
        for (int i = 0; i < runs; i++) {
            WindFit wind = FlightFacts.of(circles(3, 1, 4, 1.0, seed + i, false))
                    .flatMap(FlightFacts::wind)
                    .orElseThrow();
            covered +=
                    Math.abs(wind.north() - 3) <= wind.spread() && Math.abs(wind.east() - 1) <= wind.spread() ? 1 : 0;
        }
        // two standard errors of either component: 91 % for both if the samples were as dependent as assumed; here
        // they are independent, so the band is wide
        assertTrue(covered > 0.9 * runs, covered + " of " + runs + ", seeds from " + seed);
    }

    /** 280° of course in 20 s and 40 s, sampled often and seldom; 200° of it shows nothing, however often sampled. */
    @ParameterizedTest
    @CsvSource({"20, 0.1", "20, 1", "40, 0.02", "40, 3"})
    void threeQuartersOfACircleAreEnoughWhateverTheSampling(double seconds, double step) {
        for (double degrees : new double[] {280, 200}) {
            FlightLog.Builder log = new FlightLog.Builder(EnumSet.of(LogColumn.GROUND_SPEED, LogColumn.COURSE));
            for (double t = 0; t <= seconds; t += step) {
                double heading = Math.toRadians(degrees) * t / seconds;
                double north = AIRSPEED * Math.cos(heading) + 3;
                double east = AIRSPEED * Math.sin(heading) - 2;
                log.row(t);
                log.put(LogColumn.GROUND_SPEED, Math.hypot(north, east)).put(LogColumn.COURSE, Math.atan2(east, north));
            }
            FlightLog flown = log.build();
            Optional<WindFit> wind = WindFit.of(flown, 0, flown.rows());
            assertEquals(degrees > 270, wind.isPresent(), degrees + "°");
            wind.ifPresent(w -> {
                assertEquals(3, w.north(), 0.05);
                assertEquals(-2, w.east(), 0.05);
            });
        }
    }

    @Test
    void halfACircleShowsNoWind() {
        assertEquals(
                Optional.empty(),
                FlightFacts.of(circles(4, 0, 0.5, 0, 1, true)).orElseThrow().wind());
    }

    @Test
    void launchTouchdownHeightAndWayAreThoseOfTheFlight() {
        FlightLog log = circles(0, 0, 3, 0, 1, false);
        FlightFacts facts = FlightFacts.of(log).orElseThrow();
        double flying = 3 * 2 * Math.PI / TURN;
        assertEquals(10, facts.launchTime(), 0.25);
        assertEquals(10 + flying, facts.landingTime(), 0.25);
        assertEquals(30, facts.greatestHeight(), 0.05, "above the start");
        // the far side of the circle is a diameter away; the way is 3 girths, cut a little short by steps of a second
        assertEquals(2 * AIRSPEED / TURN, facts.farthest(), 0.2);
        assertEquals(AIRSPEED * flying, facts.way(), 0.004 * AIRSPEED * flying);
        assertTrue(Double.isNaN(facts.meanAirspeed()) && Double.isNaN(facts.charge()));
        assertEquals(
                java.util.List.of("Time in the air", "Greatest height", "Farthest from home", "Way over ground"),
                facts.workings().stream().map(w -> w.name()).limit(4).toList());
    }

    @Test
    void aLogThatStandsStillHasNoFacts() {
        FlightLog.Builder log = new FlightLog.Builder(EnumSet.of(LogColumn.GROUND_SPEED, LogColumn.HEIGHT));
        for (int i = 0; i < 300; i++) {
            log.row(i * 0.1);
            log.put(LogColumn.GROUND_SPEED, 0.05).put(LogColumn.HEIGHT, 0);
        }
        assertEquals(Optional.empty(), FlightFacts.of(log.build()));
    }
}
