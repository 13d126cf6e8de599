package app.drachen.core.debrief;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertSame;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.drachen.core.log.FlightLog;
import app.drachen.core.log.LogColumn;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.Map;
import java.util.Random;
import java.util.function.DoubleUnaryOperator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Columns as loggers really write them, brought to equal steps. */
class GridTest {
    private static final DoubleUnaryOperator SWAY = t -> 0.3 * Math.sin(2 * Math.PI * 0.7 * t) + 0.01 * t;

    private static double[] times(int rows, double step) {
        double[] times = new double[rows];
        Arrays.setAll(times, i -> 100 + step * i);
        return times;
    }

    private static Grid grid(double[] times, double[] values) {
        Map<LogColumn, double[]> columns = new EnumMap<>(LogColumn.class);
        columns.put(LogColumn.TIME, times);
        columns.put(LogColumn.ROLL, values);
        return Grid.of(FlightLog.of(columns), LogColumn.ROLL, 0, times.length - 1);
    }

    private static double[] at(double[] times, DoubleUnaryOperator movement) {
        return Arrays.stream(times).map(movement).toArray();
    }

    /** The largest distance from the movement, with how many steps have a value. */
    private static double[] apart(Grid grid, DoubleUnaryOperator movement) {
        double most = 0;
        int there = 0;
        for (int i = 0; i < grid.steps(); i++) {
            if (!Double.isNaN(grid.value(i))) {
                there++;
                most = Math.max(most, Math.abs(grid.value(i) - movement.applyAsDouble(grid.start() + i / grid.rate())));
            }
        }
        return new double[] {most, there};
    }

    @ParameterizedTest
    @ValueSource(doubles = {5, 12.5, 25, 50})
    void evenSamplesStayWhatTheyAre(double rate) {
        double[] times = times(400, 1 / rate);
        Grid grid = grid(times, at(times, SWAY));
        assertEquals(rate, grid.rate(), 1e-6 * rate);
        assertEquals(rate, grid.sampled(), 1e-6 * rate);
        assertEquals(rate, grid.even(), 1e-6 * rate);
        assertEquals(100, grid.start());
        assertEquals(400, grid.steps(), 1);
        double[] apart = apart(grid, SWAY);
        assertEquals(0, apart[0], 1e-6);
        assertTrue(apart[1] >= 399);
        assertEquals(5 * rate, grid.at(105), 1);
        assertTrue(Double.isNaN(grid.value(-1)) && Double.isNaN(grid.value(grid.steps())));
    }

    /** Finer than an aircraft moves, a step is the mean of its samples: noise shrinks with the root of how many there are. */
    @Test
    void finerSamplesAreMeaned() {
        double[] times = times(40_000, 0.0025);
        Random random = new Random(1);
        Grid grid = grid(times, at(times, t -> random.nextGaussian()));
        assertEquals(Grid.FINEST, grid.rate(), 1e-9);
        double[] steps = new double[grid.steps()];
        Arrays.setAll(steps, grid::value);
        assertEquals(1 / Math.sqrt(8), Fit.deviation(steps), 0.02);
    }

    /** A sensor slower than the log holds its value for several rows; what is held is no sample. */
    @ParameterizedTest
    @CsvSource({"50, 10", "50, 5", "25, 12.5", "100, 8"})
    void whatIsHeldIsNoSample(double log, double sensor) {
        double[] times = times(3_000, 1 / log);
        Grid grid =
                grid(times, at(times, t -> SWAY.applyAsDouble(Math.floor((t - 100) * sensor + 1e-9) / sensor + 100)));
        assertEquals(sensor, grid.sampled(), 0.02 * sensor);
        assertEquals(sensor, grid.rate(), 0.02 * sensor);
    }

    /** A sensor that nearly keeps up with the log repeats a row now and then: the beat of both makes images of slow movements. */
    @Test
    void aBeatIsKnown() {
        double[] times = times(3_000, 0.02);
        Grid grid = grid(times, at(times, t -> SWAY.applyAsDouble(Math.floor((t - 100) * 35 + 1e-9) / 35 + 100)));
        assertEquals(35, grid.sampled(), 1);
        assertEquals(15, grid.even(), 1.5);
    }

    @Test
    void aGapStaysAGapAndAShortOneIsBridged() {
        double[] times = times(1_000, 0.04);
        double[] values =
                at(times, t -> t > 110 && t < 114 || t > 120.01 && t < 120.05 ? Double.NaN : SWAY.applyAsDouble(t));
        Grid grid = grid(times, values);
        for (double t = 110.1; t < 113.9; t += 0.1) {
            assertTrue(Double.isNaN(grid.value(grid.at(t))), "at " + t);
        }
        assertTrue(!Double.isNaN(grid.value(grid.at(120.03))), "one missing sample is bridged");
        assertEquals(0, apart(grid, SWAY)[0], 4e-2);
    }

    /** One wrong reading is no movement; a step to another value and a real peak of several rows are. */
    @Test
    void aJumpForOneRowIsLeftOut() {
        double[] times = times(1_000, 0.04);
        double[] values = at(times, SWAY);
        values[300] += 9;
        values[700] -= 9;
        assertEquals(0, apart(grid(times, values), SWAY)[0], 0.03);
        double[] stepped = at(times, t -> SWAY.applyAsDouble(t) + (t > 120 ? 9 : 0));
        assertEquals(0, apart(grid(times, stepped), t -> SWAY.applyAsDouble(t) + (t > 120 + 1e-9 ? 9 : 0))[0], 1e-6);
        double[] peak = at(times, SWAY);
        peak[500] += 9;
        peak[501] += 9;
        assertEquals(9, apart(grid(times, peak), SWAY)[0], 1e-6);
    }

    @Test
    void tooLittleIsNothing() {
        double[] times = times(200, 0.02);
        assertSame(Grid.NONE, grid(times, at(times, t -> 1)), "it never changes");
        assertSame(Grid.NONE, grid(times, at(times, t -> t < 100.1 ? t : Double.NaN)), "five samples");
        assertSame(Grid.NONE, grid(times, at(times, t -> Double.NaN)));
    }

    /**
     * Of a long log some rows tell how a column was sampled, wherever gaps and wrong readings are; what changes rarely is told by all of
     * them. Planted: a sensor of 5 Hz in rows of 50 Hz, one of 50 Hz, and a wish that somebody changes now and then.
     */
    @Test
    void aLongLogIsSampledAsAShortOneIs() {
        double[] times = times(900_000, 0.02);
        double[] slow = at(times, t -> SWAY.applyAsDouble(Math.floor((t - 100) * 5 + 1e-9) / 5 + 100));
        double[] quick = at(times, SWAY.compose(t -> t % 50));
        double[] wish = at(times, t -> Math.floor(t / 400));
        for (int row : new int[] {3, 2_000, 450_001, 899_990}) {
            quick[row] += 9;
        }
        Arrays.fill(slow, 0, 5_000, Double.NaN);
        Arrays.fill(quick, 600_000, 610_000, Double.NaN);
        Grid five = grid(times, slow);
        assertEquals(5, five.sampled(), 1e-6);
        assertEquals(times[5_000], five.start());
        Grid fifty = grid(times, quick);
        assertEquals(50, fifty.sampled(), 1e-6);
        double[] apart = apart(fifty, SWAY.compose(t -> t % 50));
        assertEquals(0, apart[0], 0.6, "where it jumps back every 50 s, one step is the mean of both sides");
        assertEquals(890_000, apart[1], 20);
        assertEquals(1.0 / 400, grid(times, wish).sampled(), 2e-5, "the first of 45 was held for 300 s only");
    }

    /** Days of logging are looked at more coarsely; the memory stays bounded. */
    @Test
    void aLogOfDaysStaysSmall() {
        double[] times = new double[60_000];
        Arrays.setAll(times, i -> 5.0 * i + (i % 2) * 0.02);
        Grid grid = grid(times, at(times, SWAY));
        assertTrue(grid.steps() <= 4_000_001, grid.steps() + " steps");
        assertTrue(grid.rate() < 20, "coarser than it was sampled: " + grid.rate());
    }
}
