package app.drachen.core.debrief;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.drachen.core.debrief.checks.TouchdownCheck;
import app.drachen.core.log.FlightLog;
import app.drachen.core.log.LogColumn;
import app.drachen.core.working.Finding.State;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** Launches and landings in closed form, logged in several ways: found again, and judged as they were. */
class LandingTruthTest {
    private enum End {
        SOFT(1.0, State.GOOD),
        HARD(2.5, State.CAUTION),
        VERY_HARD(4.0, State.STOP),
        IMPACT(8.0, State.STOP),
        /** The logger dies with the aircraft. */
        CUT_OFF(9.0, State.STOP),
        /** The log ends high up. */
        IN_THE_AIR(0, State.OPEN);

        private final double sink;
        private final State says;

        End(double sink, State says) {
            this.sink = sink;
            this.says = says;
        }
    }

    private record Made(FlightLog log, double launch, double landing) {}

    /** 12 s on the ground, a minute of flight with the last 4 s straight down the glide, then rest for 10 s. */
    private static Made made(End end, Random random, double rate, boolean airspeed, boolean climb, double drift) {
        EnumSet<LogColumn> columns =
                EnumSet.of(LogColumn.HEIGHT, LogColumn.GROUND_SPEED, LogColumn.ROLL, LogColumn.PITCH);
        if (airspeed) {
            columns.add(LogColumn.AIRSPEED);
        }
        if (climb) {
            columns.add(LogColumn.CLIMB);
        }
        FlightLog.Builder log = new FlightLog.Builder(columns);
        double launch = 12;
        double landing = 72;
        double top = 4 * end.sink;
        for (double t = 0; t < landing + 10; t += 1 / rate) {
            double left = landing - t;
            boolean flies = t >= launch && t < landing;
            double height;
            double up;
            if (!flies) {
                height = 0;
                up = 0;
            } else if (left < 4 && end != End.IN_THE_AIR) {
                height = end.sink * left;
                up = -end.sink;
            } else {
                double share = (t - launch) / (landing - 4 - launch);
                double shape = Math.sin(Math.PI * Math.min(1, share));
                height = 40 * shape + top * Math.min(1, 3 * share);
                up = 40 * Math.PI / (landing - 4 - launch) * Math.cos(Math.PI * Math.min(1, share));
            }
            if (end == End.IN_THE_AIR && t > 55 || end == End.CUT_OFF && t > landing - 0.15) {
                break;
            }
            boolean dead = end == End.IMPACT;
            double slides = dead ? 0 : 12 * Math.max(0, 1 - (t - landing) / 2);
            double speed = flies ? 14 : t > landing ? slides : 0;
            log.row(t);
            log.put(LogColumn.HEIGHT, Math.rint(10 * (height + drift * t / 80 + 0.1 * random.nextGaussian())) / 10)
                    .put(LogColumn.GROUND_SPEED, Math.max(0, speed + 0.3 * random.nextGaussian()))
                    .put(LogColumn.ROLL, 0.03 * random.nextGaussian())
                    .put(LogColumn.PITCH, 0.03 * random.nextGaussian());
            if (airspeed) {
                log.put(LogColumn.AIRSPEED, Math.max(0, speed + 2 + 0.5 * random.nextGaussian()));
            }
            if (climb) {
                log.put(LogColumn.CLIMB, up + 0.15 * random.nextGaussian());
            }
        }
        return new Made(log.build(), launch, landing);
    }

    @Test
    void landingsAreJudgedAsTheyWere() {
        Random random = new Random(5);
        List<String> faults = new ArrayList<>();
        int tried = 0;
        for (End end : End.values()) {
            for (double rate : new double[] {5, 10, 25, 50}) {
                for (int manner = 0; manner < 4; manner++) {
                    boolean airspeed = manner % 2 == 0;
                    boolean climb = manner < 2;
                    Made made = made(end, random, rate, airspeed, climb, end == End.CUT_OFF ? 0 : 0.8);
                    Flown flown = Flown.of(made.log(), Optional.empty(), 1.225, Optional.empty());
                    State says = new TouchdownCheck().findings(flown).get(0).state();
                    tried++;
                    String what = end + " at " + rate + " Hz, airspeed " + airspeed + ", climb " + climb;
                    if (says != end.says) {
                        faults.add(what + ": " + says + " " + flown.touchdown());
                    }
                    boolean hurt = Landing.of(made.log())
                            .filter(l -> Landing.hurt("Read, " + l.words()))
                            .isPresent();
                    if (hurt != (end.says == State.CAUTION || end.says == State.STOP)) {
                        faults.add(what + ": in the logbook as " + Landing.of(made.log()));
                    }
                    FlightFacts facts = flown.facts().orElseThrow();
                    if (Math.abs(facts.launchTime() - made.launch()) > 1.2) {
                        faults.add(what + ": launched at " + facts.launchTime());
                    }
                    boolean toTheEnd = end == End.IN_THE_AIR || end == End.CUT_OFF;
                    if (!toTheEnd && Math.abs(facts.landingTime() - made.landing()) > 1.0) {
                        faults.add(what + ": touched down at " + facts.landingTime());
                    }
                }
            }
        }
        assertTrue(tried >= 90);
        assertEquals(List.of(), faults, faults.size() + " of " + tried);
    }

    /** A log of heights alone that never rise has not landed; one that does has. */
    @Test
    void withoutSpeedsHeightsTellWhetherItFlew() {
        for (double top : new double[] {0, 30}) {
            FlightLog.Builder log = new FlightLog.Builder(EnumSet.of(LogColumn.HEIGHT));
            for (double t = 0; t <= 60; t += 0.2) {
                log.row(t);
                log.put(LogColumn.HEIGHT, top * Math.sin(Math.PI * t / 60));
            }
            assertEquals(
                    top > 0,
                    Flown.of(log.build(), Optional.empty(), 1.225, Optional.empty())
                            .touchdown()
                            .isPresent(),
                    "to " + top);
        }
    }

    /** A vehicle that drives up and down a road, and a receiver on a window sill whose height wanders. */
    @Test
    void whatDrivesOrStandsDoesNotFly() {
        Random random = new Random(6);
        for (boolean drives : new boolean[] {true, false}) {
            FlightLog.Builder log = new FlightLog.Builder(EnumSet.of(LogColumn.HEIGHT, LogColumn.GROUND_SPEED));
            double wander = 0;
            for (double t = 0; t < 300; t += 0.2) {
                wander = 0.999 * wander + 0.02 * random.nextGaussian();
                log.row(t);
                log.put(LogColumn.HEIGHT, 212 + wander)
                        .put(LogColumn.GROUND_SPEED, Math.abs((drives ? 9 : 0.1) + 0.2 * random.nextGaussian()));
            }
            Flown flown = Flown.of(log.build(), Optional.empty(), 1.225, Optional.empty());
            assertEquals(Optional.empty(), Landing.of(flown.log()), "nothing that does not fly lands hard");
            assertEquals(Optional.empty(), flown.facts(), drives ? "drives" : "stands");
            assertFalse(new TouchdownCheck().findings(flown).get(0).state() == State.GOOD, "and has not landed");
        }
    }
}
