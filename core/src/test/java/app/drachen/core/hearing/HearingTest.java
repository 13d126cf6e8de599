package app.drachen.core.hearing;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.drachen.core.demo.DemoAircraft;
import app.drachen.core.demo.DemoSignals;
import app.drachen.core.log.FlightLog;
import app.drachen.core.log.LogColumn;
import app.drachen.core.setup.Setup;
import app.drachen.core.signals.Alarm;
import app.drachen.core.signals.Call;
import app.drachen.core.signals.Calls;
import app.drachen.core.signals.Supplier;
import app.drachen.core.signals.Tones;
import app.drachen.core.signals.Value;
import app.drachen.core.signals.Way;
import app.drachen.core.working.Working;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import org.hipparchus.complex.Complex;
import org.hipparchus.transform.DftNormalization;
import org.hipparchus.transform.FastFourierTransformer;
import org.hipparchus.transform.TransformType;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What is heard, and when: sums against looking at every moment, tones against their spectrum. */
class HearingTest {
    private static final Setup SOUND = DemoAircraft.seeschwalbe();
    private static final Supplier SENSOR = new Supplier("sensor", List.of(Value.HEIGHT), 25, 0.05, false);
    private static final Way WAY = new Way("way", "", 2, 0.05, 0.2, 0.15, 0.3);

    /** By hand: 0.05 + 1/25, 0.05, 1/2, 0.2, 0.15, 0.3 make 1.29 s; seen 0.99 s; at best 0.75 s. */
    @Test
    void delaysAddUp() {
        Working heard = WAY.age(Value.HEIGHT, SENSOR, true);
        assertEquals(1.29, heard.value(), 1e-12);
        assertEquals(0.99, WAY.age(Value.HEIGHT, SENSOR, false).value(), 1e-12);
        assertEquals(0.75, heard.spread().orElseThrow().low(), 1e-12);
    }

    /** Whatever the phases, no value is older than the sum says, and some phase comes near it. */
    @ParameterizedTest
    @CsvSource({"25, 2", "10, 3", "1, 4", "5, 0.7", "50, 50"})
    void noPhaseIsLaterThanTheSum(double sensorRate, double wayRate) {
        Supplier from = new Supplier("sensor", List.of(Value.HEIGHT), sensorRate, 0.05, false);
        Way way = new Way("way", "", wayRate, 0.05, 0.2, 0.15, 0.3);
        double sum = way.age(Value.HEIGHT, from, true).value();
        double oldest = 0;
        double step = 0.002;
        for (int a = 0; a < 10; a++) {
            for (int b = 0; b < 10; b++) {
                Chain chain = new Chain(from, way, true, a / 10.0, b / 10.0);
                for (int i = 0; i < 12 / step; i++) {
                    double time = i * step;
                    // a value that is its own time tells its age
                    double age = time - chain.at(time, time);
                    if (time > 8) {
                        oldest = Math.max(oldest, age);
                        assertTrue(age <= sum + 2 * step, age + " s, more than " + sum);
                    }
                }
            }
        }
        assertTrue(oldest > sum - 0.1 * (1 / sensorRate + 1 / wayRate) - 2 * step, oldest + " of " + sum);
    }

    /** The climb-out, step by step and in any phase, tops out at what the sum says at most; the example of the catalogue. */
    @Test
    void theClimbTopsOutWhereTheSumSays() {
        HeightAlarm example = new HeightAlarm(110, 4, 1, 0, 1.5, 3, 0);
        assertEquals(97, example.setAt().value(), 0.5, "limit 110 m, climb 4 m/s, delay 1.0 s, a 3 m/s²");
        HeightAlarm sum = HeightAlarm.of(SOUND, 120).orElseThrow();
        assertEquals(1.29, sum.age(), 1e-9);
        Alarm alarm = Alarm.FIRST.at(sum.setAt().value());
        double highest = 0;
        for (int i = 0; i <= 20; i++) {
            ClimbOut out = ClimbOut.of(SOUND, sum, alarm, i / 20.0).orElseThrow();
            highest = Math.max(highest, out.top());
            assertTrue(out.heardTime() <= sum.age() + 0.01, out.toString());
            assertTrue(out.heardAt() < out.thumbAt() && out.thumbAt() < out.top());
        }
        assertTrue(highest <= 119.05 && highest > 118, "120 m less the metre of the height's error: " + highest);
        assertEquals(120, sum.topsAt(alarm.threshold()), 1e-9);
    }

    private static FlightLog log(double seconds, java.util.function.DoubleUnaryOperator height) {
        FlightLog.Builder log = new FlightLog.Builder(EnumSet.of(LogColumn.TIME, LogColumn.HEIGHT));
        for (int i = 0; i < seconds * 20; i++) {
            log.row(i / 20.0);
            log.put(LogColumn.HEIGHT, height.applyAsDouble(i / 20.0));
        }
        return log.build();
    }

    /** Against flights: too high for long, just touched, never. */
    @Test
    void anAlarmIsTriedAgainstAFlight() {
        Alarm alarm = new Alarm(Alarm.Kind.HEIGHT, 100, 3, 0, 1, "height", List.of());
        AlarmTrial high = AlarmTrial.of(log(60, t -> 90 + t), SOUND, alarm, 0).orElseThrow();
        assertEquals(1, high.spoken().size());
        assertTrue(high.late().get(0) > 0.7 && high.late().get(0) <= 1.35, high.sentence());
        assertEquals(0, high.inVain());
        AlarmTrial low =
                AlarmTrial.of(log(60, t -> 80 + 0.3 * t), SOUND, alarm, 0).orElseThrow();
        assertEquals(List.of(), low.spoken());
        assertEquals(98, low.furthest(), 0.1);
        // a peak of a second: by the time the voice speaks it is long over
        AlarmTrial peak = AlarmTrial.of(log(30, t -> t > 10 && t < 10.9 ? 101 : 95), SOUND, alarm, 0)
                .orElseThrow();
        assertEquals(1, peak.crossings().size());
        assertEquals(peak.spoken().size(), peak.inVain(), "whatever it says comes too late");
        // back and up again within the hysteresis it does not repeat itself, beyond it does
        AlarmTrial waves = AlarmTrial.of(log(120, t -> 100 + 2 * Math.sin(t / 5)), SOUND, alarm, 0)
                .orElseThrow();
        assertEquals(1, waves.spoken().size());
        AlarmTrial large = AlarmTrial.of(log(120, t -> 100 + 6 * Math.sin(t / 5)), SOUND, alarm, 0)
                .orElseThrow();
        assertEquals(4, large.spoken().size(), large.sentence());
        assertEquals(
                Optional.empty(),
                AlarmTrial.of(
                        log(9, t -> 1),
                        SOUND,
                        SOUND.signals().alarm(Alarm.Kind.LINK).orElseThrow(),
                        0));
        assertTrue(
                AlarmTrial.of(log(60, t -> 90 + t), SOUND, alarm, 55)
                        .orElseThrow()
                        .spoken()
                        .isEmpty(),
                "heights count from the launch");
    }

    /** Clashes against looking at the timeline, for calls thrown together. */
    @Test
    void clashesAreThoseOfTheTimeline() {
        Random random = new Random(7);
        for (int round = 0; round < 60; round++) {
            List<Call> all = new ArrayList<>();
            for (int i = 0; i < 3; i++) {
                all.add(new Call(
                        Value.values()[i],
                        "#",
                        4 + random.nextInt(20),
                        0.5 + random.nextInt(4) / 2.0,
                        random.nextInt(20) / 2.0,
                        i + 1,
                        List.of(1)));
            }
            Calls calls = new Calls(all, true);
            Set<Set<Call>> seen = new java.util.HashSet<>();
            List<Calls.Spoken> line = calls.timeline(1, Calls.LOOKED_AT);
            for (int i = 0; i < line.size(); i++) {
                for (int j = i + 1;
                        j < line.size() && line.get(j).from() < line.get(i).to() - 1e-9;
                        j++) {
                    seen.add(Set.of(line.get(i).call(), line.get(j).call()));
                }
            }
            Set<Set<Call>> told = new java.util.HashSet<>();
            calls.clashes(1).forEach(c -> told.add(Set.of(c.first(), c.second())));
            assertEquals(seen, told, calls.toString());
            Optional<Double> free = calls.freeStart(all.get(2), 1);
            free.ifPresent(t -> {
                Call moved = all.get(2).startingAt(t);
                assertFalse(calls.with(all.get(2), moved).clashes(1).stream()
                        .anyMatch(c -> c.first().equals(moved) || c.second().equals(moved)));
            });
        }
        Calls example = new Calls(
                List.of(
                        new Call(Value.HEIGHT, "#", 10, 1.8, 0, 1, List.of(1)),
                        new Call(Value.CHARGE, "#", 20, 2.2, 3, 1, List.of(1)),
                        new Call(Value.STRENGTH, "#", 15, 1.5, 7, 1, List.of(1))),
                true);
        assertEquals(0.39, example.load(1).value(), 1e-9, "the example of the catalogue");
        assertEquals(0, example.load(2).value());
    }

    /** The tone that is played is the tone that is meant: the peak of its spectrum; a rise is off half of the time. */
    @ParameterizedTest
    @CsvSource({"-4", "-2", "2.5", "4", "9"})
    void theToneHasItsFrequency(double climb) {
        Tones tones = new Tones(true, 600, 5, 0.4, 5);
        float[] wave = new float[1 << 16];
        new ToneWave(tones).fill(climb, wave);
        double[] samples = new double[wave.length];
        int loud = 0;
        for (int i = 0; i < wave.length; i++) {
            samples[i] = wave[i];
            assertTrue(Math.abs(wave[i]) <= 0.5001);
            loud += i > 0 && Math.abs(wave[i]) > 0.02 ? 1 : 0;
        }
        Complex[] spectrum =
                new FastFourierTransformer(DftNormalization.STANDARD).transform(samples, TransformType.FORWARD);
        int peak = 1;
        for (int i = 1; i < spectrum.length / 2; i++) {
            peak = spectrum[i].norm() > spectrum[peak].norm() ? i : peak;
        }
        double found = (double) peak * ToneWave.RATE / wave.length;
        assertEquals(tones.frequency(climb), found, 0.7, "Hz");
        if (climb == 2.5) {
            assertEquals(849, tones.frequency(2.5), 0.5, "the example of the catalogue");
        }
        double share = (double) loud / wave.length;
        assertEquals(climb > 0 ? 0.5 : 0.96, share, 0.08, "a rise beeps, a sink does not");
    }

    @Test
    void withinTheDeadBandNothingSounds() {
        float[] wave = new float[4_096];
        ToneWave sound = new ToneWave(new Tones(true, 600, 5, 0.4, 5));
        sound.fill(0.39, wave);
        for (float sample : wave) {
            assertEquals(0, Math.abs(sample));
        }
        // from loud to silent without a click: no step is larger than that of the tone itself and its ramp
        sound.fill(-3, wave);
        float last = wave[wave.length - 1];
        sound.fill(0, wave);
        double most = Math.abs(wave[0] - last);
        for (int i = 1; i < wave.length; i++) {
            most = Math.max(most, Math.abs(wave[i] - wave[i - 1]));
        }
        assertTrue(most < 0.5 * 2 * Math.PI * 600 / ToneWave.RATE + 0.02, most + " is a click");
        assertEquals(0, Math.abs(wave[wave.length - 1]));
    }

    /** One value that nothing supplies is named with what would tell it, whatever else is missing. */
    @Test
    void whatEndsIsSaidWithWhatWouldHelp() {
        Setup flawed = DemoSignals.flawed(SOUND);
        Path rpm = Path.of(flawed, Value.RPM).orElseThrow();
        assertEquals("Nothing supplies motor speed", rpm.ends());
        assertTrue(rpm.help().contains("data line of the speed controller"), rpm.help());
        assertEquals(1, Path.all(flawed).stream().filter(p -> !p.whole()).count());
        // its data line, described but plugged nowhere
        Setup line = flawed.withSignals(flawed.signals()
                .withSuppliers(List.of(new Supplier(
                        "speed controller", List.of(Value.RPM, Value.PACK_VOLTS, Value.CHARGE), 10, 0.1, true))));
        Setup hanging = line.withHarness(line.harness()
                .withLead("speed controller", l -> app.drachen.core.harness.Lead.of("speed controller", "", 26)));
        assertTrue(
                Path.of(hanging, Value.RPM).orElseThrow().ends().contains("plugged nowhere"),
                Path.of(hanging, Value.RPM).toString());
    }

    /** The lead of a speed controller carries pulses: its data line is not plugged in by that. */
    @Test
    void aPulseLeadIsNoDataLine() {
        Setup line = SOUND.withSignals(SOUND.signals()
                .withSuppliers(List.of(new Supplier("speed controller", List.of(Value.CHARGE), 10, 0.1, true))));
        assertTrue(Path.of(line, Value.CHARGE).orElseThrow().ends().contains("plugged nowhere"));
        assertTrue(Path.of(SOUND, Value.HOME_DISTANCE).orElseThrow().whole(), "a satellite receiver is on a port");
    }

    /** A log of a row a second knows nothing between its rows: no alarm comes before the row that crosses, and its way. */
    @Test
    void aCoarseLogIsNotHeardEarly() {
        Chain chain = new Chain(SENSOR, WAY, true, 0, 0);
        for (int t = 0; t < 60; t++) {
            double age = t - chain.at(t, t);
            assertTrue(Double.isNaN(age) || age >= 0.75, "a value of " + age + " s has not come yet");
        }
    }

    /** The least set of parts: no smaller one tells as much, found by trying all pairs and single ones. */
    @Test
    void noSmallerSetOfPartsWouldDo() {
        Random random = new Random(5);
        for (int i = 0; i < 40; i++) {
            Set<Value> wanted = EnumSet.noneOf(Value.class);
            for (Value value : Value.values()) {
                if (random.nextInt(4) == 0) {
                    wanted.add(value);
                }
            }
            List<Supplier> found = Cover.of(SOUND, wanted);
            Set<Value> told = EnumSet.noneOf(Value.class);
            Supplier.shelf().forEach(s -> told.addAll(s.values()));
            Set<Value> can = EnumSet.copyOf(wanted.isEmpty() ? EnumSet.noneOf(Value.class) : wanted);
            can.retainAll(told);
            Set<Value> covered = EnumSet.noneOf(Value.class);
            found.forEach(s -> covered.addAll(s.values()));
            assertTrue(covered.containsAll(can));
            for (Supplier drop : found) {
                Set<Value> rest = EnumSet.noneOf(Value.class);
                found.stream().filter(s -> s != drop).forEach(s -> rest.addAll(s.values()));
                assertFalse(rest.containsAll(can), "without " + drop.device() + " it would do too");
            }
        }
    }
}
