package app.drachen.core.debrief;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.drachen.core.controls.Output;
import app.drachen.core.demo.DemoAircraft;
import app.drachen.core.log.FlightLog;
import app.drachen.core.log.LogColumn;
import app.drachen.core.setup.Setup;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** Planted trims in closed-form flights, with a hand or an autopilot at work on top: found within the band that is told. */
class TrimTruthTest {
    /** What is flown; the first two are fit to trim by. */
    private enum Manner {
        PASSES,
        LONG_PASS,
        ONLY_TURNS,
        ONLY_CLIMBS,
        TOO_FAST;

        boolean fit() {
            return this == PASSES || this == LONG_PASS;
        }
    }

    private static FlightLog made(Setup setup, Manner manner, double roll, double pitch, double rate, Random random) {
        List<Output> outputs = setup.controls().surfaces();
        EnumSet<LogColumn> columns =
                EnumSet.of(LogColumn.MODE, LogColumn.ROLL, LogColumn.CLIMB, LogColumn.AIRSPEED, LogColumn.POWER);
        outputs.forEach(o -> columns.add(LogColumn.output(o.channel()).orElseThrow()));
        FlightLog.Builder log = new FlightLog.Builder(columns);
        double cruise = setup.modes().limits().cruiseSpeed();
        double handRoll = 0;
        double handPitch = 0;
        double phase = 6 * random.nextDouble();
        for (double t = 0; t < 90; t += 1 / rate) {
            boolean turns = manner == Manner.ONLY_TURNS
                    || manner == Manner.PASSES && t % 30 > 18
                    || manner == Manner.LONG_PASS && t > 40;
            // corrections of a hand: correlated over half a second, no mean
            double keep = Math.exp(-1 / rate / 0.5);
            handRoll = keep * handRoll + Math.sqrt(1 - keep * keep) * 0.03 * random.nextGaussian();
            handPitch = keep * handPitch + Math.sqrt(1 - keep * keep) * 0.03 * random.nextGaussian();
            double r = roll + handRoll + (turns ? 0.2 : 0);
            double p = pitch + handPitch + (turns ? 0.15 : manner == Manner.ONLY_CLIMBS ? 0.1 : 0);
            log.row(t);
            log.put(LogColumn.MODE, 0)
                    .put(LogColumn.ROLL, turns ? 0.7 : 0.02 * Math.sin(t + phase) + 0.01 * random.nextGaussian())
                    .put(LogColumn.CLIMB, manner == Manner.ONLY_CLIMBS ? 2.5 : 0.2 * Math.sin(0.4 * t + phase))
                    .put(
                            LogColumn.AIRSPEED,
                            (manner == Manner.TOO_FAST ? 1.4 : 1) * cruise + 0.3 * random.nextGaussian())
                    .put(LogColumn.POWER, 0.5);
            for (Output o : outputs) {
                double pulse = o.unlimitedPulse(o.mix().mix(r, p, 0, 0.5));
                log.put(LogColumn.output(o.channel()).orElseThrow(), Math.rint(pulse));
            }
        }
        return log.build();
    }

    @Test
    void plantedTrimsAreFoundWithinTheirBandAndNoneWhereNoneCanBe() {
        Random random = new Random(3);
        List<Setup> aircraft = List.of(DemoAircraft.seeschwalbe(), DemoAircraft.rochen());
        List<String> faults = new ArrayList<>();
        int within = 0;
        int planted = 0;
        for (Manner manner : Manner.values()) {
            for (double rate : new double[] {5, 10, 25, 50, 100}) {
                for (int k = 0; k < 12; k++) {
                    Setup setup = aircraft.get(k % 2);
                    double roll = 0.2 * random.nextDouble() - 0.1;
                    double pitch = 0.2 * random.nextDouble() - 0.1;
                    FlightLog log = made(setup, manner, roll, pitch, rate, random);
                    Flown flown = Flown.of(log, Optional.of(setup), 1.225, Optional.empty());
                    Optional<TrimNeeded> trim = flown.trim();
                    if (!manner.fit()) {
                        if (trim.isPresent()) {
                            faults.add(manner + " at " + rate + " Hz: " + trim.get());
                        }
                        String why = flown.trimMissing().orElseThrow();
                        boolean right = why.contains(
                                switch (manner) {
                                    case ONLY_TURNS -> "never level";
                                    case ONLY_CLIMBS -> "climbed or sank";
                                    default -> "never near its cruise speed";
                                });
                        if (!right) {
                            faults.add(manner + " is told as: " + why);
                        }
                        continue;
                    }
                    planted += 2;
                    if (trim.isEmpty() || !trim.get().enough()) {
                        faults.add(manner + " at " + rate + " Hz: " + trim);
                        continue;
                    }
                    TrimNeeded t = trim.get();
                    within += Math.abs(t.roll() - roll) <= t.rollSpread() ? 1 : 0;
                    within += Math.abs(t.pitch() - pitch) <= t.pitchSpread() ? 1 : 0;
                    if (Math.abs(t.roll() - roll) > 0.02 || Math.abs(t.pitch() - pitch) > 0.02) {
                        faults.add(manner + " at " + rate + " Hz: " + roll + " " + pitch + " " + t);
                    }
                }
            }
        }
        assertEquals(List.of(), faults);
        // a band of twice the standard error holds 95 of 100, of few pieces a little fewer
        assertTrue(within > 0.88 * planted, within + " of " + planted);
    }
}
