package app.drachen.files.csv;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.drachen.core.log.FlightLog;
import app.drachen.core.log.LogColumn;
import app.drachen.core.modes.FlightMode;
import app.drachen.core.working.Progress;
import app.drachen.files.ImportFailedException;
import app.drachen.files.Imported;
import app.drachen.files.logs.LogFiles;
import java.math.BigDecimal;
import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.util.List;
import java.util.Locale;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Numbers, times and layouts of foreign tables; the JDK's own parsers are the independent reference. */
class TextOfTablesTest {
    private static final long SEED = 11_25;

    @TempDir
    Path folder;

    @Test
    void everyNumberIsTheOneTheJdkReads() {
        Random random = new Random(SEED);
        for (int i = 0; i < 60_000; i++) {
            String text =
                    switch (i % 5) {
                        case 0 -> String.format(Locale.ROOT, "%.7f", (random.nextDouble() - 0.5) * 360);
                        case 1 -> String.valueOf(random.nextInt());
                        case 2 -> String.valueOf(Double.longBitsToDouble(random.nextLong()));
                        case 3 -> String.format(Locale.ROOT, "%+.3e", random.nextGaussian() * 1e5);
                        default -> "0." + "0".repeat(random.nextInt(12)) + random.nextInt(1_000_000);
                    };
            boolean number = !text.contains("N") && !text.contains("Inf");
            double expected = number ? Double.parseDouble(text) : Double.NaN;
            assertEquals(expected, NumberText.parse(text, false), text + ", seed " + SEED);
            if (!text.contains("E") && !text.contains("e")) {
                assertEquals(expected, NumberText.parse(text.replace('.', ','), true), text);
            }
        }
    }

    @Test
    void decimalsAreWrittenAsTheJdkWritesThem() {
        Random random = new Random(SEED);
        for (int i = 0; i < 30_000; i++) {
            int places = 1 + random.nextInt(15);
            long steps = i < 40 ? i - 20 : random.nextLong() % (long) Math.pow(10, 1 + random.nextInt(15));
            String text = NumberText.decimal(steps, places);
            String expected =
                    BigDecimal.valueOf(steps, places).stripTrailingZeros().toPlainString();
            assertEquals(expected, text, steps + " at " + places);
            assertEquals(steps / Math.pow(10, places), Double.parseDouble(text), text);
        }
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "",
                "-",
                "+",
                ".",
                "1.2.3",
                "1e",
                "e5",
                "1 000",
                "12m",
                "0x1F",
                "NaN",
                "nan",
                "Infinity",
                "1d",
                "1f",
                "--1",
                "1-2",
                "²",
                "١٢",
                "1e400x"
            })
    void wholeTokensOrNothing(String text) {
        assertTrue(Double.isNaN(NumberText.parse(text, false)), text);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "1.234,5 | 1234.5",
                "-1.234.567,25 | -1234567.25",
                "1,5 | 1.5",
                "1.5 | NaN",
                "12.34,5 | NaN",
                "1.234 | 1234"
            })
    void aDecimalCommaMayHaveThousandsPoints(String text, double number) {
        assertEquals(number, NumberText.parse(text, true));
    }

    @Test
    void momentsAreThoseOfTheJdk() {
        Random random = new Random(SEED);
        for (int i = 0; i < 5_000; i++) {
            Instant at = Instant.ofEpochMilli(random.nextInt(2_000_000_000) * 1_000L + random.nextInt(1_000));
            double seconds = at.toEpochMilli() / 1e3;
            assertEquals(seconds, TimeText.moment(at.toString()), 1e-6, at.toString());
            String zoned =
                    at.atOffset(java.time.ZoneOffset.ofHoursMinutes(-3, -30)).toString();
            assertEquals(seconds, TimeText.moment(zoned), 1e-6, zoned);
        }
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "2026-05-01 10:00:00 | 1777629600",
                "2026-05-01T10:00 | 1777629600",
                "20260501T100000.5Z | NaN",
                "01.05.2026 10:00:00,25 | 1777629600.25",
                "2026/05/01 12:00:00+02:00 | 1777629600",
                "2026-02-30 10:00:00 | NaN",
                "2026-05-01 10:61:00 | NaN",
                "2026-05-01 | NaN",
                "noon | NaN",
                "2026-05-01 10:00:00+2 | NaN"
            })
    void momentsAsFilesWriteThem(String text, double seconds) {
        assertEquals(seconds, TimeText.moment(text), 1e-6);
    }

    @ParameterizedTest
    @CsvSource({
        "10:20:30.5, 37230.5",
        "23:59:60, 86400",
        "5:07, 307",
        "5:7:, NaN",
        "5, NaN",
        "1.5:00:00, NaN",
        "a:b, NaN"
    })
    void clocksAsFilesWriteThem(String text, double seconds) {
        assertEquals(seconds, TimeText.clock(text, 0, text.length()), 1e-9);
    }

    private CsvShape shape(String text, Charset charset) throws Exception {
        Path file = folder.resolve("t.csv");
        Files.write(file, text.getBytes(charset));
        return CsvSniffer.sniff(file).shape();
    }

    private static String table(String head, String separator, boolean comma) {
        StringBuilder text = new StringBuilder(head);
        for (int i = 0; i < 40; i++) {
            String line = String.format(Locale.ROOT, "%d.%d;%d.25;%d", i, i % 10, 100 - i, 3 * i);
            text.append('\n').append((comma ? line.replace('.', ',') : line).replace(";", separator));
        }
        return text.append('\n').toString();
    }

    @Test
    void separatorsCommasUnitsAndCommentsAreSeen() throws Exception {
        for (String separator : List.of(",", ";", "\t", "|")) {
            CsvShape plain = shape(
                    table("time" + separator + "height" + separator + "n", separator, false), StandardCharsets.UTF_8);
            assertEquals(separator, String.valueOf(plain.separator()));
            assertEquals(List.of("time", "height", "n"), plain.headers());
            assertEquals(false, plain.decimalComma());
            assertEquals(1, plain.headerLine());
        }
        CsvShape german = shape("\uFEFF" + table("Zeit;Höhe;n", ";", true), StandardCharsets.UTF_16LE);
        assertEquals("Zeit", german.headers().get(0));
        CsvShape latin = shape(table("Zeit;Höhe;n", ";", true), StandardCharsets.ISO_8859_1);
        assertEquals(true, latin.decimalComma());
        assertEquals("Höhe", latin.headers().get(1));
        CsvShape marked = shape("\uFEFF" + table("t,h,n", ",", false), StandardCharsets.UTF_8);
        assertEquals("t", marked.headers().get(0), "a byte-order mark is no part of a name");
        CsvShape units = shape(table("t,h,n\ns,m,-", ",", false), StandardCharsets.UTF_8);
        assertTrue(units.unitsBelow());
        assertEquals(List.of("s", "m", "-"), units.units());
        CsvShape comments =
                shape(table("# made by a logger\n# version 3\n\nt,h,n", ",", false), StandardCharsets.UTF_8);
        assertEquals(4, comments.headerLine());
        CsvShape none = shape(table("0.0,100.25,0", ",", false), StandardCharsets.UTF_8);
        assertEquals(0, none.headerLine());
        assertEquals("column 1", none.headers().get(0));
        assertEquals(
                plainKey(),
                shape(table("t,h,n", ",", false), StandardCharsets.UTF_8).key());
    }

    private static String plainKey() {
        return ",|t|h|n";
    }

    @Test
    void whatIsNoTableIsNamed() throws Exception {
        for (String text :
                List.of("", "a letter to a friend\nwith two lines\n", "\u0000\u0001\u0002\u0003".repeat(200))) {
            Path file = folder.resolve("kein Log.csv");
            Files.writeString(file, text);
            String told = assertThrows(ImportFailedException.class, () -> CsvSniffer.sniff(file))
                    .getMessage();
            assertTrue(told.startsWith("kein Log.csv") && told.contains("choose a log"), told);
        }
    }

    /** A log of our own is known by its first line; with anything strange in it, it is looked at like any other. */
    @ParameterizedTest
    @CsvSource({"mode, ','", "what, ','", "mode, ;", "what, ;"})
    void ownTablesAreKnownByTheirFirstLine(String words, char separator) throws Exception {
        String between = String.valueOf(separator);
        StringBuilder text = new StringBuilder(
                String.join(between, LogColumn.TIME.header(), LogColumn.HEIGHT.header(), words, "utc"));
        for (int i = 0; i < 30; i++) {
            String mode = (i < 15 ? FlightMode.MANUAL : FlightMode.HOME).label();
            String moment = "2026-06-21T17:30:" + (10 + i) + "Z";
            text.append('\n').append(String.join(between, String.valueOf(i), String.valueOf(3 * i), mode, moment));
        }
        Path file = Files.writeString(folder.resolve("own.csv"), text);
        Imported<FlightLog> read = LogFiles.read(file, Progress.NONE);
        assertEquals(30, read.value().rows());
        assertEquals(87, read.value().value(LogColumn.HEIGHT, 29), 1e-9);
        assertEquals(FlightMode.HOME.ordinal(), read.value().value(LogColumn.MODE, 29), "known by its words");
        assertEquals(1_782_063_010.0, read.value().start().orElseThrow(), 1e-3, "2026-06-21 17:30:10 UTC");
        assertEquals(List.of(), read.problems(), "nothing is left out");
    }
}
