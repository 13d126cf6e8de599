package app.drachen.files.track;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.drachen.core.log.FlightLog;
import app.drachen.core.log.LogColumn;
import app.drachen.files.ImportProblem;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

/** Clocks as files have them: repeated, set anew, out of order, running past midnight. */
class RowClockTest {
    private final Problems problems = new Problems();

    private RowClock clock(boolean spread) {
        return new RowClock(List.of(LogColumn.HEIGHT), problems, spread);
    }

    /** Each row has the number of the row as its value, so that none is mistaken for another. */
    private FlightLog read(RowClock clock, double... times) {
        for (int i = 0; i < times.length; i++) {
            clock.row(times[i], new double[] {i}, i + 1);
        }
        return clock.finish();
    }

    private static double[] times(FlightLog log) {
        return IntStream.range(0, log.rows()).mapToDouble(log::time).toArray();
    }

    private static double[] rows(FlightLog log) {
        return IntStream.range(0, log.rows())
                .mapToDouble(i -> log.value(LogColumn.HEIGHT, i))
                .toArray();
    }

    private void same(double[] wanted, double[] found) {
        assertEquals(wanted.length, found.length, () -> Arrays.toString(found) + problems.list());
        for (int i = 0; i < wanted.length; i++) {
            assertEquals(wanted[i], found[i], 1e-6, () -> Arrays.toString(found) + problems.list());
        }
    }

    private String told() {
        return String.join(
                "; ", problems.list().stream().map(ImportProblem::message).toList());
    }

    @Test
    void timesCountFromTheFirstRow() {
        FlightLog log = read(clock(false), 1_700_000_000.0, 1_700_000_000.5, 1_700_000_001.25);
        same(new double[] {0, 0.5, 1.25}, times(log));
        same(new double[] {0, 1, 2}, rows(log));
        assertEquals("", told());
        same(new double[] {12, 12.5}, times(read(clock(false).asTheyAre(), 12, 12.5)));
    }

    /** Whole seconds for rows that come faster: spread over the second, the last one too, or it would seem four times as quick. */
    @Test
    void equalTimesAreSpreadOrLeftOut() {
        double[] whole = {7, 7, 7, 7, 8, 8, 8, 8, 9, 9, 9, 9};
        same(
                new double[] {0, 0.25, 0.5, 0.75, 1, 1.25, 1.5, 1.75, 2, 2.25, 2.5, 2.75},
                times(read(clock(true), whole)));
        FlightLog out = read(clock(false), whole);
        same(new double[] {0, 1, 2}, times(out));
        same(new double[] {0, 4, 8}, rows(out));
        assertTrue(told().contains("9 rows repeat the time before it; left out"), told());
    }

    /** A log may end within a second, or bring more rows in its last one than before; and a clock may be set after such rows. */
    @Test
    void theLastSecondIsNeitherSqueezedNorStretched() {
        same(new double[] {0, 0.25, 0.5, 0.75, 1, 1.25}, times(read(clock(true), 7, 7, 7, 7, 8, 8)));
        same(new double[] {0, 1, 2, 2.25, 2.5, 2.75}, times(read(clock(true), 7, 8, 9, 9, 9, 9)));
        same(
                new double[] {0, 0.25, 0.5, 0.75, 1, 1.25, 1.5, 1.75, 2, 3},
                times(read(clock(true), 7, 7, 7, 7, 8, 8, 8, 8, 2, 3)));
    }

    @Test
    void oneRowOutOfOrderIsAnError() {
        FlightLog log = read(clock(false), 10, 10.1, 10.2, 3, 10.3, 10.4);
        same(new double[] {0, 0.1, 0.2, 0.3, 0.4}, times(log));
        same(new double[] {0, 1, 2, 4, 5}, rows(log));
        ImportProblem problem = problems.list().get(0);
        assertEquals(4, problem.line());
        assertEquals("time", problem.column());
        assertTrue(problem.message().contains("does not rise; row left out"), problem.message());
    }

    @Test
    void aStrayTimeFarAheadIsAnErrorToo() {
        FlightLog log = read(clock(false), 10, 10.1, 1_700_000_000, 10.2, 10.3);
        same(new double[] {0, 0.1, 0.2, 0.3}, times(log));
        same(new double[] {0, 1, 3, 4}, rows(log));
    }

    /** Between two stray times the clock goes on: neither of them is the new one. */
    @Test
    void strayTimesWithTheClockBetweenThemAreErrors() {
        FlightLog log = read(clock(true), 10, 10.5, 3, 10.5, 3.1, 11, 11.5);
        same(new double[] {0, 0.5, 0.75, 1, 1.5}, times(log));
        same(new double[] {0, 1, 3, 5, 6}, rows(log));
        assertTrue(told().contains("does not rise; row left out (2 times, first here)"), told());
    }

    /** A clock that is set when satellites are found: what follows goes on without a gap. */
    @Test
    void aClockThatWasSetIsSetRight() {
        FlightLog log = read(clock(false), 5, 5.1, 5.2, 1_700_000_000, 1_700_000_000.1, 1_700_000_000.2);
        same(new double[] {0, 0.1, 0.2, 0.3, 0.4, 0.5}, times(log));
        same(new double[] {0, 1, 2, 3, 4, 5}, rows(log));
        assertTrue(told().contains("the clock jumps by 1699999994.7 s"), told());
        assertEquals(4, problems.list().get(0).line());
    }

    @Test
    void aClockThatFallsBackForGoodIsSetRightMoreThanOnce() {
        FlightLog log = read(clock(false), 100, 100.5, 101, 20, 20.5, 21, 3, 3.5, 4);
        same(new double[] {0, 0.5, 1, 1.5, 2, 2.5, 3, 3.5, 4}, times(log));
        same(IntStream.range(0, 9).asDoubleStream().toArray(), rows(log));
    }

    /** Five hours are a gap in one recording, for a long glide between; more than six a clock. */
    @Test
    void aGapIsKeptAndTold() {
        FlightLog log = read(clock(false), 0, 1, 2, 3, 18_000, 18_001, 18_060, 18_061);
        same(new double[] {0, 1, 2, 3, 18_000, 18_001, 18_060, 18_061}, times(log));
        assertTrue(told().contains("2 gaps in the recording, the longest 17997.0 s at 3.0 s"), told());
    }

    @Test
    void whatIsNoTimeIsLeftOut() {
        FlightLog log = read(clock(false), Double.NaN, 4, Double.POSITIVE_INFINITY, 4.5, -1e13, 5);
        same(new double[] {0, 0.5, 1}, times(log));
        same(new double[] {1, 3, 5}, rows(log));
        assertTrue(told().contains("is no time; row left out (3 times, first here)"), told());
    }

    @Test
    void nothingMakesAnEmptyLogAndOneRowOne() {
        assertEquals(0, clock(true).finish().rows());
        assertEquals(1, read(clock(true), 77).rows());
        assertEquals("", told());
    }

    /** Whatever a clock does, times rise, no row is there twice, and what was left out is told. */
    @Test
    void timesRiseWhateverTheClockDoes() {
        Random random = new Random(20261129);
        for (int round = 0; round < 400; round++) {
            Problems own = new Problems();
            RowClock clock = new RowClock(List.of(LogColumn.HEIGHT), own, random.nextBoolean());
            double time = 1_000 * random.nextDouble();
            int fed = 20 + random.nextInt(60);
            for (int i = 0; i < fed; i++) {
                double kind = random.nextDouble();
                time += kind < 0.7
                        ? 0.1
                        : kind < 0.8 ? 0 : kind < 0.87 ? -5 * random.nextDouble() : kind < 0.93 ? 1e9 : -1e9;
                clock.row(kind > 0.99 ? Double.NaN : time, new double[] {i}, i + 1);
            }
            FlightLog log = clock.finish();
            double[] rows = rows(log);
            for (int i = 1; i < rows.length; i++) {
                assertTrue(log.time(i) > log.time(i - 1), "round " + round);
                assertTrue(rows[i] > rows[i - 1], "round " + round + " mixes rows");
            }
            assertTrue(rows.length == fed || !own.list().isEmpty(), "round " + round + " loses rows without a word");
            assertTrue(log.rows() > 0);
        }
    }
}
