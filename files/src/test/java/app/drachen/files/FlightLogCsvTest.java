package app.drachen.files;

import static org.junit.jupiter.api.Assertions.assertArrayEquals;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.drachen.core.log.FlightLog;
import app.drachen.core.log.LogColumn;
import app.drachen.files.csv.FlightLogCsv;
import java.io.IOException;
import java.io.StringWriter;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.EnumSet;
import java.util.List;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class FlightLogCsvTest {

    @TempDir
    Path folder;

    private Imported<FlightLog> read(String text) throws ImportFailedException, IOException {
        return FlightLogCsv.read(Files.writeString(folder.resolve("flight.csv"), text));
    }

    @ParameterizedTest
    @EnumSource(LogColumn.class)
    void everyColumnComesBack(LogColumn column) throws Exception {
        FlightLog.Builder builder = new FlightLog.Builder(EnumSet.of(column));
        for (int i = 0; i < 5; i++) {
            builder.row(i * 0.02);
            if (column != LogColumn.TIME && i != 3) {
                builder.put(
                        column,
                        column == LogColumn.MODE
                                ? i
                                : column.quantity()
                                                        .unit(app.drachen.core.units.UnitSystem.METRIC)
                                                        .size()
                                                * i
                                                * 0.25
                                        + (column.name().startsWith("OUT")
                                                ? 1_500
                                                : column.name().endsWith("TEMPERATURE") ? 290 : 0));
            }
        }
        FlightLog log = builder.build();
        StringWriter out = new StringWriter();
        FlightLogCsv.write(log, out);
        Imported<FlightLog> back = read(out.toString());
        assertEquals(java.util.List.of(), back.problems());
        assertEquals(log.columns(), back.value().columns());
        assertArrayEquals(log.values(column), back.value().values(column), 5e-7, "kept to six places");
    }

    @Test
    void headersTellIdAndUnit() throws Exception {
        StringWriter out = new StringWriter();
        FlightLog.Builder builder = new FlightLog.Builder(EnumSet.of(LogColumn.ROLL, LogColumn.MODE));
        builder.row(0);
        builder.put(LogColumn.ROLL, 0.5).put(LogColumn.MODE, 2);
        FlightLogCsv.write(builder.build(), out);
        assertEquals("t [s],mode,roll [rad]", out.toString().lines().findFirst().orElseThrow());
        assertEquals("0,Level,0.5", out.toString().lines().skip(1).findFirst().orElseThrow());
    }

    @Test
    void everyRepairIsTold() throws Exception {
        Imported<FlightLog> log = read("\uFEFFt [s],height [m],mode,colour\r\n"
                + "0,10,Manual,red\r\n"
                + "0.1,\"1,5\",Manual,red\r\n"
                + "0.2,12x,Level,red\r\n"
                + "0.2,13,Level,red\r\n"
                + "0.3,99999,Sideways,red\r\n"
                + "0.4,NaN,Level,red\r\n"
                + "0.5,1e1,Level,red\r\n"
                + "0.6,1");
        assertEquals(6, log.value().rows());
        assertEquals(10, log.value().value(LogColumn.HEIGHT, 0));
        assertTrue(Double.isNaN(log.value().value(LogColumn.HEIGHT, 1)), "a decimal comma is not guessed here");
        assertEquals(10, log.value().value(LogColumn.HEIGHT, 5), "1e1 is a number");
        String told = log.problems().stream().map(ImportProblem::sentence).reduce("", (a, b) -> a + "\n" + b);
        for (String part : java.util.List.of(
                "colour",
                "1,5",
                "2 times, first here",
                "repeats the time",
                "99999",
                "Sideways",
                "is no mode",
                "cut short",
                "line 9",
                "no sample")) {
            assertTrue(told.contains(part), part + " in" + told);
        }
    }

    @Test
    void whatIsNoLogIsSaidSo() throws Exception {
        for (String text : java.util.List.of("", "a,b\n1,2\n", "t [s],height [m]\n", "t [s]\nx\ny\n")) {
            String told =
                    assertThrows(ImportFailedException.class, () -> read(text)).getMessage();
            assertTrue(told.startsWith("flight.csv"), told);
        }
        Path noise = folder.resolve("noise.csv");
        byte[] bytes = new byte[100_000];
        new Random(3).nextBytes(bytes);
        Files.write(noise, bytes);
        assertThrows(ImportFailedException.class, () -> FlightLogCsv.read(noise));
        assertThrows(ImportFailedException.class, () -> FlightLogCsv.read(folder.resolve("none.csv")));
    }

    @Test
    void damagedLogsGiveOnlyNamedErrors() throws Exception {
        StringBuilder text = new StringBuilder("t [s],height [m],mode\n");
        for (int i = 0; i < 60; i++) {
            text.append(i * 0.1).append(',').append(i).append(",Level\n");
        }
        Random random = new Random(17);
        for (int i = 0; i < 300; i++) {
            StringBuilder broken = new StringBuilder(text);
            for (int k = 0; k < 4; k++) {
                broken.setCharAt(random.nextInt(broken.length()), (char) (1 + random.nextInt(126)));
            }
            try {
                Imported<FlightLog> log = read(broken.toString());
                assertTrue(log.value().rows() <= 61);
            } catch (ImportFailedException e) {
                assertTrue(e.getMessage().startsWith("flight.csv"), e.getMessage());
            }
        }
    }

    @Test
    void aFloodOfProblemsIsCutOff() throws Exception {
        StringBuilder text = new StringBuilder("t [s],height [m]\n");
        for (int i = 0; i < 5_000; i++) {
            text.append(i).append(",high\n");
        }
        assertTrue(read(text.toString()).problems().size() <= 201);
    }

    /** Date, clock and the seconds of the log come back, also where a log begins later than its zero. */
    @Test
    void theDateAndTheSecondsComeBack() throws Exception {
        FlightLog.Builder builder =
                new FlightLog.Builder(Set.of(LogColumn.MODE, LogColumn.LINK, LogColumn.WANTED_ROLL));
        for (int i = 0; i < 5; i++) {
            builder.row(12.5 + i);
            builder.put(LogColumn.MODE, i % 3).put(LogColumn.LINK, 0.25 * i).put(LogColumn.WANTED_ROLL, 0.1 * i);
        }
        FlightLog log = builder.build().startedAt(1_777_629_600.25);
        Path file = folder.resolve("dated.csv");
        FlightLogCsv.write(log, file);
        assertTrue(Files.readString(file).contains("2026-05-01T10:00:12.750Z"), Files.readString(file));
        Imported<FlightLog> read = FlightLogCsv.read(file);
        assertEquals(List.of(), read.problems());
        assertEquals(1_777_629_600.25, read.value().start().orElseThrow(), 1e-3);
        assertEquals(12.5, read.value().time(0), 1e-9);
        assertEquals(log.columns(), read.value().columns());
        for (int i = 0; i < 5; i++) {
            int row = i;
            log.columns()
                    .forEach(c -> assertEquals(log.value(c, row), read.value().value(c, row), 1e-6, c.id()));
        }
    }
}
