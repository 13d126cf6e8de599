package app.drachen.files.hangar;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.drachen.core.log.FlightLog;
import app.drachen.core.log.LogColumn;
import app.drachen.files.csv.FlightLogCsv;
import java.io.IOException;
import java.io.StringWriter;
import java.util.EnumSet;
import java.util.OptionalDouble;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** A packed log comes back, and from then on unchanged. */
class PackedLogTest {
    private static final long SEED = 20_261_125;

    private static FlightLog random(long seed, int rows) {
        Random random = new Random(seed);
        EnumSet<LogColumn> columns = EnumSet.of(LogColumn.TIME);
        for (LogColumn column : LogColumn.values()) {
            if (random.nextBoolean()) {
                columns.add(column);
            }
        }
        FlightLog.Builder builder = new FlightLog.Builder(columns);
        double time = 0;
        for (int row = 0; row < rows; row++) {
            time += 0.001 + random.nextDouble() * 0.1;
            builder.row(time);
            for (LogColumn column : columns) {
                if (column != LogColumn.TIME && random.nextInt(5) > 0) {
                    double value = column.low() + random.nextDouble() * (column.high() - column.low());
                    builder.put(column, random.nextInt(50) == 0 ? column.low() : value);
                }
            }
        }
        return builder.build();
    }

    private static String csv(FlightLog log) throws IOException {
        StringWriter text = new StringWriter();
        FlightLogCsv.write(log, text);
        return text.toString();
    }

    @Test
    void everyColumnAndGapComesBackAtItsResolution() throws Exception {
        for (int i = 0; i < 60; i++) {
            // a column is put away in parts of some thousand rows: go over their borders too
            FlightLog log = random(SEED + i, i == 59 ? 70_000 : i * 7);
            byte[] packed = PackedLog.pack(log);
            assertTrue(PackedLog.isPacked(packed));
            FlightLog back = PackedLog.unpack(packed);
            assertEquals(log.rows(), back.rows());
            assertEquals(log.columns(), back.columns());
            for (LogColumn column : log.columns()) {
                for (int row = 0; row < log.rows(); row++) {
                    double was = log.value(column, row);
                    double is = back.value(column, row);
                    boolean same =
                            Double.isNaN(was) ? Double.isNaN(is) : Math.abs(is - was) <= 0.501 / column.perUnit();
                    assertTrue(same, "seed " + (SEED + i) + ", " + column + ": " + was + " became " + is);
                }
            }
            assertEquals(OptionalDouble.empty(), back.start());
            // packing again changes nothing more
            assertEquals(csv(back), csv(PackedLog.unpack(PackedLog.pack(back))));
        }
        FlightLog dated = random(SEED, 3).startedAt(1_790_000_000.25);
        assertEquals(
                1_790_000_000.25,
                PackedLog.unpack(PackedLog.pack(dated)).start().orElseThrow());
    }

    @Test
    void damagedBytesGiveOnlyNamedErrors() throws Exception {
        byte[] good = PackedLog.pack(random(SEED, 500));
        Random random = new Random(SEED);
        int refused = 0;
        for (int i = 0; i < 400; i++) {
            byte[] bad = java.util.Arrays.copyOf(good, i % 2 == 0 ? good.length : 5 + random.nextInt(good.length - 5));
            for (int k = 0; k < 3; k++) {
                bad[4 + random.nextInt(bad.length - 4)] = (byte) random.nextInt(256);
            }
            try {
                PackedLog.unpack(bad);
            } catch (IOException | IllegalArgumentException e) {
                refused++;
                assertFalse(e.getClass().getName().contains("NullPointer"));
            }
        }
        assertTrue(refused > 300, "the checksum of the deflated stream sees nearly all of it: " + refused);
        assertFalse(PackedLog.isPacked(new byte[] {1, 2, 3}));
    }
}
