package app.drachen.core.debrief;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.drachen.core.controls.Output;
import app.drachen.core.debrief.checks.DebriefCheck;
import app.drachen.core.debrief.checks.DebriefChecks;
import app.drachen.core.debrief.checks.StickRestCheck;
import app.drachen.core.demo.DemoAircraft;
import app.drachen.core.log.FlightLog;
import app.drachen.core.log.LogColumn;
import app.drachen.core.math.NoiseSource;
import app.drachen.core.modes.FlightMode;
import app.drachen.core.setup.Setup;
import app.drachen.core.working.Finding;
import app.drachen.core.working.Finding.State;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.function.DoubleUnaryOperator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Results found again in logs made of known functions. */
class DebriefTest {
    private static final double RATE = 50;

    /** A log of one mode whose columns are functions of time. */
    private static FlightLog log(FlightMode mode, double seconds, Map<LogColumn, DoubleUnaryOperator> columns) {
        Map<LogColumn, DoubleUnaryOperator> all = new TreeMap<>(columns);
        all.putIfAbsent(LogColumn.MODE, t -> mode.ordinal());
        FlightLog.Builder builder = new FlightLog.Builder(EnumSet.copyOf(all.keySet()));
        for (int i = 0; i <= seconds * RATE; i++) {
            double t = i / RATE;
            builder.row(t);
            all.forEach((column, value) -> builder.put(column, value.applyAsDouble(t)));
        }
        return builder.build();
    }

    // a sine of known frequency and size on a drift and noise; the grid of frequencies is 4.4 % wide
    @ParameterizedTest
    @CsvSource({"0.27, 5, 60", "0.9, 3, 30", "2.4, 4, 20", "0.45, 8, 40"})
    void aSwingIsFoundWithItsFrequencyAndSize(double hertz, double degrees, double seconds) {
        NoiseSource noise = new NoiseSource(6);
        double size = Math.toRadians(degrees);
        FlightLog log = log(
                FlightMode.HOLD,
                seconds,
                Map.of(
                        LogColumn.PITCH,
                        t -> 0.03
                                + 0.0005 * t
                                + size * Math.sin(2 * Math.PI * hertz * t + 0.4)
                                + 0.005 * noise.gaussian()));
        Swing found = swings(log).get(0);
        assertEquals(hertz, found.frequency(), 0.035 * hertz);
        assertEquals(size, found.amplitude(), 0.25 * size);
    }

    private static List<Swing> swings(FlightLog log) {
        return SwingSearch.of(log, Segments.of(log), Optional.empty()).found();
    }

    @Test
    void noiseDriftAndSmallSwingsAreNotBlamed() {
        NoiseSource noise = new NoiseSource(8);
        FlightLog log = log(
                FlightMode.LEVEL,
                40,
                Map.of(
                        LogColumn.ROLL, t -> Math.toRadians(1.2) * Math.sin(2 * Math.PI * 0.5 * t),
                        LogColumn.PITCH, t -> 0.01 * t + 0.06 * noise.gaussian()));
        assertEquals(List.of(), swings(log));
        FlightLog manual = log(
                FlightMode.MANUAL,
                40,
                Map.of(LogColumn.ROLL, t -> Math.toRadians(20) * Math.sin(2 * Math.PI * 0.5 * t)));
        assertEquals(List.of(), swings(manual), "a pilot's turns are no swing");
    }

    @Test
    void trimIsFoundAgainFromPulses() {
        Setup setup = DemoAircraft.rochen();
        double cruise = setup.modes().limits().cruiseSpeed();
        Output left = setup.controls().outputs().get(0);
        Output right = setup.controls().outputs().get(1);
        // a standing command of roll +5 %, pitch +8 %, worked back into pulses by the mixer
        double leftPulse = left.unlimitedPulse(left.mix().mix(0.05, 0.08, 0, 0));
        double rightPulse = right.unlimitedPulse(right.mix().mix(0.05, 0.08, 0, 0));
        NoiseSource noise = new NoiseSource(2);
        FlightLog log = log(
                FlightMode.MANUAL,
                30,
                Map.of(
                        LogColumn.ROLL, t -> t > 12 && t < 15 ? 0.6 : 0.01,
                        LogColumn.CLIMB, t -> 0.1,
                        LogColumn.AIRSPEED, t -> cruise + 0.3 * noise.gaussian(),
                        LogColumn.POWER, t -> 0.5,
                        LogColumn.OUT_1, t -> (t > 12 && t < 15 ? 1900 : leftPulse) + 4 * noise.gaussian(),
                        LogColumn.OUT_2, t -> rightPulse + 4 * noise.gaussian()));
        TrimNeeded trim = TrimNeeded.of(log, setup.controls(), cruise).orElseThrow();
        assertEquals(0.05, trim.roll(), 0.002);
        assertEquals(0.08, trim.pitch(), 0.002);
        assertEquals(Double.NaN, trim.yaw(), "nothing in this log moves it");
        assertEquals(leftPulse, trim.centres().get(0).meanMicros(), 0.5);
        assertEquals(2, trim.windows(), "the turn between is left out");
    }

    @Test
    void aStallIsFoundWithItsSpeedAndHeightLost() {
        // power off at 5 s, speed falls from 14 by 0.6 m/s², the nose drops at 14 s: 8.6 m/s; 12 m lost
        FlightLog log = log(
                FlightMode.MANUAL,
                40,
                Map.of(
                        LogColumn.AIRSPEED, t -> t < 5 ? 14 : t < 14 ? 14 - 0.6 * (t - 5) : 8.6 + (t - 14),
                        LogColumn.POWER, t -> t < 5 ? 0.5 : t < 15 ? 0 : 0.6,
                        LogColumn.PITCH, t -> t < 14 ? 0.15 : -0.2,
                        LogColumn.PITCH_RATE, t -> t >= 14 && t < 15 ? -0.5 : 0,
                        LogColumn.HEIGHT, t -> t < 14 ? 60 : Math.max(48, 60 - 6 * (t - 14)),
                        LogColumn.ROLL, t -> t >= 14.5 && t < 16 ? -0.5 : 0,
                        LogColumn.LOAD_FACTOR, t -> 1,
                        LogColumn.STICK_PITCH, t -> 0.3,
                        LogColumn.CLIMB, t -> 0));
        StallResult stall = StallResult.of(log, 0, 12).orElseThrow();
        assertEquals(14, stall.time(), 0.03);
        // the mean of the second before the break is 0.3 m/s above the last speed
        assertEquals(8.9, stall.speed(), 0.02);
        assertEquals(12, stall.heightLost(), 0.01);
        assertEquals(0.5, stall.wingDrop(), 1e-9);
        assertTrue(stall.left());
        assertEquals(Optional.empty(), StallResult.of(log, 0, 8), "too fast to be a stall");
    }

    @Test
    void settlingIsMeasuredToTheLastCrossing() {
        // φ = 30°·e^(−t)·cos 2t leaves 5° for good where |e^(−t)·cos 2t| = 1/6: at t = 1.59 s it is inside
        FlightLog log = log(
                FlightMode.LEVEL,
                8,
                Map.of(
                        LogColumn.ROLL, t -> Math.toRadians(30) * Math.exp(-t) * Math.cos(2 * t),
                        LogColumn.CLIMB, t -> -0.4));
        LevelResult level = LevelResult.of(log, Segments.of(log)).get(0);
        double last = 0;
        for (double t = 0; t < 8; t += 0.0005) {
            last = Math.abs(Math.exp(-t) * Math.cos(2 * t)) > 1.0 / 6 ? t : last;
        }
        assertEquals(last, level.settle(), 1.5 / RATE);
        assertEquals(-0.4, level.climb(), 1e-9);
        assertTrue(level.overshoot() > Math.toRadians(5));
    }

    /** A slow swing stays under 5° for 3 s at a time, and has not settled; a gust to 8° afterwards takes nothing back. */
    @Test
    void aSlowSwingNeverSettlesAndAGustIsNoSwing() {
        FlightLog swing = log(
                FlightMode.LEVEL,
                60,
                Map.of(
                        LogColumn.ROLL, t -> Math.toRadians(t < 0.1 ? 20 : 12 * Math.cos(2 * Math.PI * t / 24)),
                        LogColumn.CLIMB, t -> 0));
        assertEquals(
                Double.POSITIVE_INFINITY,
                LevelResult.of(swing, Segments.of(swing)).get(0).settle());
        FlightLog gust = log(
                FlightMode.LEVEL,
                20,
                Map.of(
                        LogColumn.ROLL, t -> Math.toRadians(t < 1 ? 20 * (1 - t) : t > 12 && t < 13 ? 8 : 1),
                        LogColumn.CLIMB, t -> 0));
        assertEquals(0.75, LevelResult.of(gust, Segments.of(gust)).get(0).settle(), 0.1);
    }

    @Test
    void segmentsFollowTheModeColumnOverGaps() {
        FlightLog log =
                log(FlightMode.MANUAL, 10, Map.of(LogColumn.MODE, t -> t < 3 ? 0 : t < 4 ? Double.NaN : t < 7 ? 2 : 3));
        List<ModeSegment> segments = Segments.of(log);
        assertEquals(
                List.of(FlightMode.MANUAL, FlightMode.LEVEL, FlightMode.HOLD),
                segments.stream().map(ModeSegment::mode).toList());
        assertEquals(4, log.time(segments.get(1).from()), 1e-9);
        assertEquals(List.of(), Segments.of(new FlightLog.Builder(Set.of()).build()));
    }

    @Test
    void checksAreUniqueSayWhatTheyLookForAndStayOpenOnAnEmptyLog() {
        Set<String> ids = new HashSet<>();
        FlightLog.Builder builder = new FlightLog.Builder(Set.of(LogColumn.HEIGHT));
        builder.row(0);
        Debrief debrief = Debrief.of(builder.build(), Optional.empty(), 1.225);
        for (DebriefCheck check : DebriefChecks.all()) {
            assertTrue(ids.add(check.id()), check.id());
            assertFalse(check.looksFor().isBlank());
        }
        assertTrue(debrief.findings().stream().allMatch(f -> f.state() == State.OPEN), "nothing passes unseen");
        assertEquals(
                List.of("TUNE-R10", "MAIDEN-TOUCHDOWN"),
                debrief.findings().stream().map(Finding::id).toList(),
                "heights are not asked for a stall, a trim or a stick");
    }

    /** A trim rests off the middle for long; a thumb holds a turn for a while; without a stick nothing is said. */
    @Test
    void aTrimLeftInTheRadioIsNoThumb() {
        DoubleUnaryOperator trim = t -> 0.1;
        DoubleUnaryOperator turn = t -> t > 5 && t < 14 ? 0.2 : t < 20 ? 0 : 0.3 * Math.sin(t);
        DoubleUnaryOperator turnOnly = t -> t > 5 && t < 14 ? 0.2 : 0.3 * Math.sin(3 * t);
        Map<DoubleUnaryOperator, State> says = Map.of(trim, State.STOP, turn, State.GOOD, turnOnly, State.OPEN);
        says.forEach((stick, state) -> {
            FlightLog log = log(FlightMode.HOLD, 40, Map.of(LogColumn.STICK_ROLL, stick, LogColumn.AIRSPEED, t -> 14));
            Finding finding = new StickRestCheck()
                    .findings(Flown.of(log, Optional.of(DemoAircraft.rochen()), 1.2, Optional.empty()))
                    .get(0);
            assertEquals(state, finding.state(), finding.toString());
        });
        FlightLog silent = log(FlightMode.HOLD, 40, Map.of(LogColumn.ROLL, t -> 0));
        assertEquals(
                State.OPEN,
                new StickRestCheck()
                        .findings(Flown.of(silent, Optional.empty(), 1.2, Optional.empty()))
                        .get(0)
                        .state());
    }
}
