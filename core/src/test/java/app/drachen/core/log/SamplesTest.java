package app.drachen.core.log;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class SamplesTest {
    /** Longer than some rooms, and not a whole number of them. */
    private static final int ROWS = 5 * Samples.ROOM + 17;

    private static double[] column(int decimals, double reach, double missing, long seed) {
        Random random = new Random(seed);
        double[] values = new double[ROWS];
        double at = 0;
        for (int i = 0; i < ROWS; i++) {
            at += reach * random.nextGaussian();
            // as a reader of files gets it: the double nearest to the text
            values[i] = random.nextDouble() < missing
                    ? Double.NaN
                    : Double.parseDouble(String.format(Locale.ROOT, "%." + decimals + "f", at));
        }
        return values;
    }

    private static void same(double[] wanted, FlightLog log) {
        for (int row = 0; row < wanted.length; row++) {
            double value = log.value(LogColumn.ROLL, row);
            assertEquals(
                    Double.doubleToLongBits(wanted[row]),
                    Double.doubleToLongBits(value),
                    "row " + row + " has " + value + ", not " + wanted[row]);
        }
        assertEquals(Arrays.toString(wanted), Arrays.toString(log.values(LogColumn.ROLL)));
    }

    private static FlightLog built(double[] values) {
        FlightLog.Builder builder = new FlightLog.Builder(Set.of(LogColumn.TIME, LogColumn.ROLL));
        for (int i = 0; i < values.length; i++) {
            builder.row(0.02 * i);
            builder.put(LogColumn.ROLL, values[i]);
        }
        return builder.build();
    }

    @ParameterizedTest
    @CsvSource({
        "0, 1, 0", // whole numbers
        "2, 0.3, 0.1", // close together
        "6, 0.02, 0", // beyond a short
        "6, 40, 0.5", // beyond a short by far
        "8, 30, 0.1", // beyond an int
        "9, 0.1, 0", // more decimals than are tried
        "15, 0.01, 0.2", // as a simulation computes them
        "3, 1, 1" // nothing at all
    })
    void everySampleComesBackToTheBit(int decimals, double reach, double missing) {
        double[] values = column(decimals, reach, missing, decimals);
        same(values, built(values));
        Map<LogColumn, double[]> columns = new EnumMap<>(LogColumn.class);
        double[] times = new double[ROWS];
        Arrays.setAll(times, i -> 0.02 * i);
        columns.put(LogColumn.TIME, times);
        columns.put(LogColumn.ROLL, values);
        same(values, FlightLog.of(columns));
        List<FlightLog.Column> parts = new ArrayList<>();
        for (int from = 0; from < ROWS; from += 2 * FlightLog.Column.PART) {
            parts.add(FlightLog.Column.of(
                    Arrays.copyOfRange(values, from, Math.min(ROWS, from + 2 * FlightLog.Column.PART))));
        }
        FlightLog.Column whole = FlightLog.Column.of(parts);
        assertEquals(ROWS, whole.rows());
        same(values, FlightLog.ofColumns(Map.of(LogColumn.TIME, FlightLog.Column.of(times), LogColumn.ROLL, whole)));
    }

    @Test
    void aStretchOfAColumnIsThatOfItsRows() {
        double[] values = column(3, 5, 0.1, 9);
        Arrays.fill(values, Samples.ROOM, 2 * Samples.ROOM, Double.NaN);
        FlightLog log = built(values);
        for (int from : new int[] {0, 5, Samples.ROOM - 1, Samples.ROOM, ROWS - 3}) {
            for (int to : new int[] {from, from + 1, Math.min(ROWS, from + 3 * Samples.ROOM), ROWS}) {
                String wanted = Arrays.toString(Arrays.copyOfRange(values, from, to));
                assertEquals(wanted, Arrays.toString(log.values(LogColumn.ROLL, from, to)));
                double[] again = new double[ROWS + 1];
                log.values(LogColumn.ROLL, from, to - from, again);
                assertEquals(wanted, Arrays.toString(Arrays.copyOf(again, to - from)));
                assertEquals(0, again[to - from], "no further than asked");
            }
        }
    }

    /** However unevenly rows come, the first at or after a time is found; a row between two is the later one. */
    @Test
    void theRowOfATimeIsTheFirstThatIsNotBefore() {
        Random random = new Random(2);
        for (int rows : new int[] {0, 1, 2, 3, 40, 700}) {
            double[] times = new double[rows];
            double at = -3;
            for (int i = 0; i < rows; i++) {
                at += Math.exp(8 * random.nextDouble() - 6) * (random.nextInt(50) == 0 ? 300 : 1);
                times[i] = at;
            }
            FlightLog log = FlightLog.of(Map.of(LogColumn.TIME, times));
            double[] asked = Arrays.copyOf(times, 3 * rows + 4);
            for (int i = 0; i < rows; i++) {
                asked[rows + i] = Math.nextUp(times[i]);
                asked[2 * rows + i] = times[i] - random.nextDouble();
            }
            asked[3 * rows] = Double.NEGATIVE_INFINITY;
            asked[3 * rows + 1] = Double.POSITIVE_INFINITY;
            asked[3 * rows + 2] = 1e12;
            for (double time : asked) {
                int wanted = 0;
                while (wanted < rows && times[wanted] < time) {
                    wanted++;
                }
                assertEquals(wanted, log.rowAt(time), time + " of " + rows + " rows");
            }
        }
    }

    @Test
    void zerosSignsAndTheEndlessAreKept() {
        double[] odd = {
            0.0, -0.0, Double.POSITIVE_INFINITY, Double.NEGATIVE_INFINITY, 1e300, -1e300, 4.9e-324, 0.1, 1e9, 65_534
        };
        double[] values = new double[ROWS];
        for (int room = 0; room * Samples.ROOM < ROWS; room++) {
            for (int i = room * Samples.ROOM; i < Math.min(ROWS, (room + 1) * Samples.ROOM); i++) {
                // each room mixes other ones, the first none of them
                values[i] = i % 7 < room ? odd[(i + room) % odd.length] : 0.25;
            }
        }
        same(values, built(values));
        for (double one : odd) {
            double[] all = new double[ROWS];
            Arrays.fill(all, one);
            same(all, built(all));
        }
    }

    @Test
    void aFinishedLogStaysWhateverIsWrittenAfterIt() {
        double[] values = column(3, 0.5, 0.05, 4);
        FlightLog.Builder builder = new FlightLog.Builder(Set.of(LogColumn.TIME, LogColumn.ROLL));
        Map<Integer, FlightLog> finished = new LinkedHashMap<>();
        for (int i = 0; i < ROWS; i++) {
            // in the middle of a room, at its last row, and at the first of the next
            if (i % 61 == 0 || i % Samples.ROOM < 2 || i % Samples.ROOM == Samples.ROOM - 1) {
                finished.put(i, builder.build());
            }
            builder.row(0.02 * i);
            builder.put(LogColumn.ROLL, values[i]);
        }
        assertTrue(finished.size() > 20);
        finished.forEach((rows, log) -> {
            assertEquals(rows, log.rows());
            same(Arrays.copyOf(values, rows), log);
        });
    }

    @Test
    void columnsThatMakeNoLogAreRefused() {
        double[] rising = {0, 0.5, 1};
        FlightLog log = FlightLog.of(Map.of(LogColumn.TIME, rising, LogColumn.ROLL, new double[] {1, Double.NaN, 2}));
        assertEquals(3, log.rows());
        assertEquals(Set.of(LogColumn.TIME, LogColumn.ROLL), log.columns());
        assertEquals(0, FlightLog.of(Map.of()).rows());
        Map<String, Map<LogColumn, double[]>> wrong = Map.of(
                "3 samples for 0 rows", Map.of(LogColumn.ROLL, rising),
                "2 samples for 3 rows", Map.of(LogColumn.TIME, rising, LogColumn.ROLL, new double[2]),
                "time 0.5 s does not rise", Map.of(LogColumn.TIME, new double[] {0, 0.5, 0.5}),
                "time NaN s does not rise", Map.of(LogColumn.TIME, new double[] {0, Double.NaN, 1}));
        wrong.forEach((told, columns) -> {
            String said = assertThrows(IllegalArgumentException.class, () -> FlightLog.of(columns))
                    .getMessage();
            assertTrue(said.contains(told), said);
        });
        FlightLog.Column three = FlightLog.Column.of(rising);
        assertThrows(IllegalArgumentException.class, () -> FlightLog.Column.of(List.of(three, three)));
        assertEquals(0, FlightLog.Column.of(List.of()).rows());
    }
}
