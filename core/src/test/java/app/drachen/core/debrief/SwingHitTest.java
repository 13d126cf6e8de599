package app.drachen.core.debrief;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.drachen.core.log.FlightLog;
import app.drachen.core.log.LogColumn;
import app.drachen.core.modes.FlightMode;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Lines of many windows become the swings that they are of. */
class SwingHitTest {
    private static final double CYCLES = 3;
    private static final double ALONE = 2;
    private static final double NEEDED = 20;

    private final Map<LogColumn, double[]> columns = new EnumMap<>(LogColumn.class);

    SwingHitTest() {
        double[] times = new double[5_000];
        Arrays.setAll(times, i -> i / 25.0);
        columns.put(LogColumn.TIME, times);
        swing(LogColumn.ROLL, 0.1, 1, 0);
        swing(LogColumn.PITCH, 0.1, 1, 0);
        swing(LogColumn.ROLL_RATE, 0.6, 1, 0);
        swing(LogColumn.PITCH_RATE, 0.6, 1, 0);
        swing(LogColumn.YAW_RATE, 0.6, 1, 0);
        swing(LogColumn.HEIGHT, 4, 1, 0);
    }

    private void swing(LogColumn column, double amplitude, double frequency, double growth) {
        double[] values = new double[5_000];
        Arrays.setAll(
                values, i -> amplitude * Math.exp(growth * i / 25.0) * Math.sin(2 * Math.PI * frequency * i / 25.0));
        columns.put(column, values);
    }

    private List<Swing> told(SwingHit... hits) {
        FlightLog log = FlightLog.of(columns);
        return SwingHit.told(List.of(hits), new Sampled(log, 0, log.rows() - 1), CYCLES, ALONE);
    }

    private static SwingHit hit(
            LogColumn column, FlightMode mode, double from, double to, double frequency, double amplitude) {
        return new SwingHit(column, Optional.of(mode), from, to, frequency, amplitude, 50, NEEDED, 13);
    }

    private static SwingHit roll(double from, double to, double frequency) {
        return hit(LogColumn.ROLL, FlightMode.HOLD, from, to, frequency, 0.1);
    }

    @Test
    void windowsThatTouchAreOneSwing() {
        List<Swing> swings = told(roll(10, 18, 1), roll(14, 22, 1.05), roll(18, 26, 0.96), roll(28, 36, 1));
        assertEquals(1, swings.size());
        Swing swing = swings.get(0);
        assertEquals(10, swing.from());
        assertEquals(36, swing.to(), "half a window between them is bridged");
        assertEquals(13, swing.speed());
        assertEquals(0.1, swing.amplitude(), 0.01);
    }

    @Test
    void whatIsFarApartInTimeFrequencyOrModeIsAnother() {
        assertEquals(2, told(roll(10, 18, 1), roll(60, 68, 1)).size());
        assertEquals(
                2,
                told(roll(10, 18, 1), roll(10, 18, 0.7)).size(),
                "a slower one of the same size is no part of its shape");
        assertEquals(
                2,
                told(roll(10, 18, 1), hit(LogColumn.ROLL, FlightMode.LEVEL, 18, 26, 1, 0.1))
                        .size());
    }

    /** Groups that were begun at both ends and meet in the middle are one, in whatever order their windows come. */
    @Test
    void groupsThatMeetAreJoined() {
        List<SwingHit> hits = new ArrayList<>();
        for (double from = 10; from < 60; from += 4) {
            // the strongest stand at both ends, the weakest in the middle
            double strength = 40 + Math.abs(from - 34);
            hits.add(new SwingHit(
                    LogColumn.ROLL, Optional.of(FlightMode.HOLD), from, from + 8, 1, 0.1, strength, NEEDED, 13));
        }
        List<Swing> swings = told(hits.toArray(new SwingHit[0]));
        assertEquals(1, swings.size());
        assertEquals(10, swings.get(0).from());
        assertEquals(66, swings.get(0).to());
    }

    @Test
    void aSingleWindowMustBeTwiceAsClear() {
        SwingHit plain = new SwingHit(LogColumn.ROLL, Optional.of(FlightMode.HOLD), 10, 18, 1, 0.1, 39, NEEDED, 13);
        SwingHit clear = new SwingHit(LogColumn.ROLL, Optional.of(FlightMode.HOLD), 10, 18, 1, 0.1, 41, NEEDED, 13);
        assertEquals(List.of(), told(plain));
        assertEquals(1, told(clear).size());
        assertEquals(1, told(plain, roll(14, 22, 1)).size());
    }

    @Test
    void threeSwingsAreTheLeast() {
        assertEquals(List.of(), told(roll(10, 14, 0.7), roll(10, 14, 0.7)));
        assertEquals(1, told(roll(10, 15, 0.7), roll(10, 15, 0.7)).size());
    }

    /** The angle hides its rate, height of the same porpoising and the wag beside the roll; another axis is another swing. */
    @ParameterizedTest
    @CsvSource({
        "ROLL, ROLL_RATE, 1",
        "ROLL, YAW_RATE, 1",
        "PITCH, PITCH_RATE, 1",
        "PITCH, HEIGHT, 1",
        "ROLL, PITCH, 2",
        "PITCH, YAW_RATE, 2"
    })
    void oneAxisAtOneFrequencySwingsOnce(LogColumn first, LogColumn second, int swings) {
        List<Swing> told = told(
                hit(second, FlightMode.HOLD, 10, 18, 1, columns.get(second)[6]),
                hit(first, FlightMode.HOLD, 10, 18, 1.02, columns.get(first)[6]));
        assertEquals(swings, told.size());
        assertTrue(swings == 2 || told.get(0).column() == first);
        // later in the flight it hides nothing
        assertEquals(
                2,
                told(
                                hit(second, FlightMode.HOLD, 60, 68, 1, columns.get(second)[6]),
                                hit(first, FlightMode.HOLD, 10, 18, 1, columns.get(first)[6]))
                        .size());
    }

    /** What is quicker and much smaller beside a swing is its shape; a large one is not. */
    @Test
    void theShapeOfASwingIsNoOther() {
        double[] shaped = columns.get(LogColumn.PITCH);
        for (int i = 0; i < shaped.length; i++) {
            shaped[i] += 0.012 * Math.sin(2 * Math.PI * 2 * i / 25.0);
        }
        SwingHit base = hit(LogColumn.PITCH, FlightMode.HOLD, 10, 18, 1, 0.1);
        assertEquals(
                1,
                told(base, hit(LogColumn.PITCH, FlightMode.HOLD, 10, 18, 2, 0.012))
                        .size());
        assertEquals(
                2,
                told(base, hit(LogColumn.PITCH, FlightMode.HOLD, 10, 18, 2, 0.08))
                        .size());
    }

    @ParameterizedTest
    @CsvSource({"0.02", "-0.02", "0"})
    void growthIsThatOfTheEnvelope(double growth) {
        swing(LogColumn.ROLL, 0.05, 1, growth);
        Swing swing = told(roll(10, 26, 1), roll(18, 34, 1), roll(26, 42, 1)).get(0);
        assertEquals(growth, swing.growth(), 0.003);
        assertEquals(-growth / Math.hypot(growth, 2 * Math.PI), swing.damping(), 5e-4);
        assertFalse(swing.diesAway(), "half is left after 35 s");
        assertFalse(swing.grows());
    }

    /** ln 2 over the rate of growth, in swings: three to lose half, ten to double. */
    @Test
    void dyingAwayAndGrowingAreCountedInSwings() {
        Swing swing = told(roll(10, 26, 1), roll(18, 34, 1)).get(0);
        assertTrue(grown(swing, -0.24).diesAway());
        assertFalse(grown(swing, -0.22).diesAway());
        assertTrue(grown(swing, 0.071).grows());
        assertFalse(grown(swing, 0.068).grows());
    }

    private static Swing grown(Swing s, double growth) {
        return new Swing(
                s.column(),
                s.mode(),
                s.from(),
                s.to(),
                s.frequency(),
                s.amplitude(),
                growth,
                s.speed(),
                s.evidence(),
                List.of());
    }
}
