package app.drachen.files;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.drachen.core.geodesy.GeodeticPosition;
import app.drachen.core.geodesy.LocalGrid;
import app.drachen.core.log.FlightLog;
import app.drachen.core.log.LogColumn;
import app.drachen.core.modes.FlightMode;
import app.drachen.core.working.Progress;
import app.drachen.files.csv.ForeignTable;
import app.drachen.files.csv.LogMapping;
import app.drachen.files.logs.LogFiles;
import java.io.IOException;
import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.function.DoubleUnaryOperator;
import java.util.stream.Stream;
import java.util.zip.GZIPOutputStream;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

/**
 * One known flight, written in many manners and read back. The flight is a closed form (a circle in wind with a swing in
 * roll), so what each reader must find is known without it.
 */
class ForeignLogTest {
    private static final LocalGrid GRID = new LocalGrid(GeodeticPosition.ofDegrees(54.312, 8.087));
    private static final int ROWS = 900;
    private static final double STEP = 0.1;
    private static final double START = 1_750_000_000.0;

    @TempDir
    Path folder;

    /** The flight in SI at a time. */
    private static Map<LogColumn, Double> truth(double t) {
        double turn = 0.12;
        double north = 100 * Math.sin(turn * t) + 2 * t;
        double east = 100 - 100 * Math.cos(turn * t);
        double vn = 12 * Math.cos(turn * t) + 2;
        double ve = 12 * Math.sin(turn * t);
        GeodeticPosition at = GRID.position(north, east);
        double roll = 0.4 + 0.1 * Math.sin(2 * t);
        double course = Math.atan2(ve, vn);
        return Map.ofEntries(
                Map.entry(LogColumn.TIME, t),
                Map.entry(LogColumn.LATITUDE, at.latitude()),
                Map.entry(LogColumn.LONGITUDE, at.longitude()),
                Map.entry(LogColumn.HEIGHT, 60 + 20 * Math.sin(0.1 * t)),
                Map.entry(LogColumn.CLIMB, 2 * Math.cos(0.1 * t)),
                Map.entry(LogColumn.GROUND_SPEED, Math.hypot(vn, ve)),
                Map.entry(LogColumn.COURSE, course < 0 ? course + 2 * Math.PI : course),
                Map.entry(LogColumn.AIRSPEED, 12 + Math.sin(t)),
                Map.entry(LogColumn.ROLL, roll),
                Map.entry(LogColumn.ROLL_RATE, 0.2 * Math.cos(2 * t)),
                Map.entry(LogColumn.STICK_ROLL, 0.3 * Math.sin(t)),
                Map.entry(LogColumn.POWER, 0.5 + 0.2 * Math.sin(0.3 * t)),
                Map.entry(LogColumn.VOLTS, 12.6 - 0.01 * t),
                Map.entry(LogColumn.AMPS, 5 + Math.sin(t)),
                Map.entry(LogColumn.CHARGE, 18 * t),
                Map.entry(LogColumn.OUT_1, 1500 + 100 * Math.sin(t)));
    }

    /** A column as some program writes it. */
    private record Written(String header, LogColumn column, DoubleUnaryOperator number, String format) {}

    private static Written w(String header, LogColumn column, double perSi, String format) {
        return new Written(header, column, v -> v * perSi, format);
    }

    /** A manner of writing. */
    private record Manner(String name, String separator, boolean comma, String time, List<Written> columns) {
        @Override
        public String toString() {
            return name;
        }
    }

    private static final double DEG = 180 / Math.PI;

    static Stream<Manner> manners() {
        return Stream.of(
                new Manner(
                        "spaces and brackets, ISO time",
                        ",",
                        false,
                        "iso",
                        List.of(
                                w("Latitude [deg]", LogColumn.LATITUDE, DEG, "%.7f"),
                                w("Longitude [deg]", LogColumn.LONGITUDE, DEG, "%.7f"),
                                w("Altitude AGL [ft]", LogColumn.HEIGHT, 1 / 0.3048, "%.2f"),
                                w("Climb rate [ft/min]", LogColumn.CLIMB, 60 / 0.3048, "%.1f"),
                                w("Speed over ground [kn]", LogColumn.GROUND_SPEED, 3600 / 1852.0, "%.2f"),
                                w("Bank angle [deg]", LogColumn.ROLL, DEG, "%.2f"),
                                w("Battery current [A]", LogColumn.AMPS, 1, "%.2f"))),
                new Manner(
                        "semicolons, decimal comma, German words",
                        ";",
                        true,
                        "clock",
                        List.of(
                                w("Breite (°)", LogColumn.LATITUDE, DEG, "%.7f"),
                                w("Länge (°)", LogColumn.LONGITUDE, DEG, "%.7f"),
                                w("Höhe (m)", LogColumn.HEIGHT, 1, "%.2f"),
                                w("Geschwindigkeit (km/h)", LogColumn.GROUND_SPEED, 3.6, "%.2f"),
                                w("Steigen (m/s)", LogColumn.CLIMB, 1, "%.2f"),
                                w("Spannung (V)", LogColumn.VOLTS, 1, "%.3f"),
                                w("Strom (mA)", LogColumn.AMPS, 1000, "%.0f"))),
                new Manner(
                        "no units at all, whole numbers, microseconds",
                        ",",
                        false,
                        "us",
                        List.of(
                                w("lat", LogColumn.LATITUDE, DEG * 1e7, "%.0f"),
                                w("lon", LogColumn.LONGITUDE, DEG * 1e7, "%.0f"),
                                w("groundSpeed", LogColumn.GROUND_SPEED, 3.6, "%.1f"),
                                w("airspeed", LogColumn.AIRSPEED, 3.6, "%.1f"),
                                w("course", LogColumn.COURSE, DEG, "%.0f"),
                                w("roll", LogColumn.ROLL, DEG, "%.1f"),
                                w("gyroX", LogColumn.ROLL_RATE, DEG, "%.1f"),
                                w("vbat", LogColumn.VOLTS, 1000, "%.0f"),
                                w("mAhUsed", LogColumn.CHARGE, 1 / 3.6, "%.1f"),
                                new Written("servo1", LogColumn.OUT_1, v -> v, "%.0f"),
                                new Written("rcRoll", LogColumn.STICK_ROLL, v -> 1500 + 500 * v, "%.0f"),
                                new Written("throttle", LogColumn.POWER, v -> 100 * v, "%.1f"))),
                new Manner(
                        "tabs, radians, seconds since 1970",
                        "\t",
                        false,
                        "epoch",
                        List.of(
                                w("phi_rad", LogColumn.ROLL, 1, "%.5f"),
                                w("p_rad_s", LogColumn.ROLL_RATE, 1, "%.5f"),
                                w("ias_mps", LogColumn.AIRSPEED, 1, "%.3f"),
                                w("baro_alt_m", LogColumn.HEIGHT, 1, "%.2f"),
                                w("vertical_speed_mps", LogColumn.CLIMB, -1, "%.3f"))));
    }

    private static String time(String form, double t) {
        return switch (form) {
            case "iso" -> Instant.ofEpochMilli(Math.round((START + t) * 1000)).toString();
            case "clock" -> String.format(
                    Locale.ROOT,
                    "%02d:%02d:%06.3f",
                    23,
                    59 + (int) (t / 60) - 60 * ((59 + (int) (t / 60)) / 60),
                    t % 60);
            case "us" -> String.valueOf(Math.round(5e6 + t * 1e6));
            default -> String.format(Locale.ROOT, "%.3f", START + t);
        };
    }

    private static String text(Manner manner) {
        StringBuilder text = new StringBuilder(manner.time().equals("clock") ? "Uhrzeit" : "time");
        manner.columns().forEach(c -> text.append(manner.separator()).append(c.header()));
        for (int i = 0; i < ROWS; i++) {
            double t = i * STEP;
            // the clock of this manner goes through midnight
            String stamp = manner.time().equals("clock") && t >= 60
                    ? String.format(Locale.ROOT, "%02d:%02d:%06.3f", 0, (int) (t / 60) - 1, t % 60)
                    : time(manner.time(), t);
            text.append('\n').append(stamp);
            Map<LogColumn, Double> truth = truth(t);
            for (Written c : manner.columns()) {
                String number =
                        String.format(Locale.ROOT, c.format(), c.number().applyAsDouble(truth.get(c.column())));
                text.append(manner.separator()).append(manner.comma() ? number.replace('.', ',') : number);
            }
        }
        return text.append('\n').toString();
    }

    private Path file(String name, String text, Charset charset) throws IOException {
        return Files.write(folder.resolve(name), text.getBytes(charset));
    }

    @ParameterizedTest
    @MethodSource("manners")
    void theGuessIsRightWithoutAQuestion(Manner manner) throws Exception {
        Path file = file("log.txt", text(manner), StandardCharsets.UTF_8);
        Imported<FlightLog> read = LogFiles.read(file, Progress.NONE);
        FlightLog log = read.value();
        assertEquals(ROWS, log.rows(), () -> read.problems().toString());
        assertEquals((ROWS - 1) * STEP, log.duration(), 1e-6);
        for (Written c : manner.columns()) {
            assertTrue(log.has(c.column()), c.header() + " was not taken for " + c.column());
            double unit = Math.abs(c.number().applyAsDouble(1) - c.number().applyAsDouble(0));
            int places = Integer.parseInt(c.format().substring(2, 3));
            double rounding = 0.51 * Math.pow(10, -places) / unit;
            for (int row = 0; row < ROWS; row += 37) {
                double wanted = truth(row * STEP).get(c.column());
                assertEquals(wanted, log.value(c.column(), row), rounding + 1e-9, c.header() + " row " + row);
            }
        }
        boolean dated = manner.time().equals("iso") || manner.time().equals("epoch");
        assertEquals(dated ? START : Double.NaN, log.start().orElse(Double.NaN), 1e-3);
    }

    @Test
    void positionsBecomeMetresSpeedAndClimb() throws Exception {
        Manner places = new Manner(
                "places",
                ",",
                false,
                "iso",
                List.of(
                        w("lat_deg", LogColumn.LATITUDE, DEG, "%.8f"),
                        w("lon_deg", LogColumn.LONGITUDE, DEG, "%.8f"),
                        w("gps_alt_m", LogColumn.HEIGHT, 1, "%.3f")));
        FlightLog log = LogFiles.read(file("p.csv", text(places), StandardCharsets.UTF_8), Progress.NONE)
                .value();
        for (int row = 20; row < ROWS - 20; row += 41) {
            Map<LogColumn, Double> truth = truth(row * STEP);
            LocalGrid.Metres at = GRID.metres(truth.get(LogColumn.LATITUDE), truth.get(LogColumn.LONGITUDE));
            assertEquals(at.north(), log.value(LogColumn.NORTH, row), 0.01);
            assertEquals(at.east(), log.value(LogColumn.EAST, row), 0.01);
            // a central difference over ±1 s of a turn of 0.12 rad/s is short by 0.12²/6, 0.3 %
            assertEquals(truth.get(LogColumn.GROUND_SPEED), log.value(LogColumn.GROUND_SPEED, row), 0.06);
            assertEquals(truth.get(LogColumn.CLIMB), log.value(LogColumn.CLIMB, row), 0.02);
            assertEquals(truth.get(LogColumn.HEIGHT) - 60, log.value(LogColumn.HEIGHT, row), 0.001);
        }
    }

    private Imported<FlightLog> read(String text) throws Exception {
        return LogFiles.read(file("log.csv", text, StandardCharsets.UTF_8), Progress.NONE);
    }

    private static String told(Imported<FlightLog> read) {
        return read.problems().stream().map(ImportProblem::sentence).reduce("", (a, b) -> a + "\n" + b);
    }

    @Test
    void aClockThatJumpsIsSetRightAndTold() throws Exception {
        StringBuilder text = new StringBuilder("time_s,height_m\n");
        for (int i = 0; i < 100; i++) {
            double t = i < 40 ? i * 0.1 : i < 70 ? 2_000_000 + i * 0.1 : i * 0.1 - 100;
            text.append(String.format(Locale.ROOT, "%.1f,%d\n", t, i));
        }
        Imported<FlightLog> read = read(text.toString());
        assertEquals(100, read.value().rows());
        assertEquals(9.9, read.value().duration(), 0.01, "the jumps leave no gap");
        assertTrue(told(read).contains("line 42, time: the clock jumps by 2000000.0 s"), told(read));
        assertTrue(told(read).contains("line 72, time: the clock jumps by -2000100"), told(read));
    }

    @Test
    void oneTimeThatFallsBackIsLeftOut() throws Exception {
        Imported<FlightLog> read = read("t_ms,height_m\n0,1\n100,2\n50,3\n200,4\n300,5\n400,\n500,nan\n");
        assertEquals(6, read.value().rows());
        assertEquals(4, read.value().value(LogColumn.HEIGHT, 2));
        assertTrue(Double.isNaN(read.value().value(LogColumn.HEIGHT, 5)));
        assertTrue(told(read).contains("line 4, time: does not rise"), told(read));
        assertTrue(told(read).contains("line 8, height: “nan” no sample"), told(read));
    }

    @Test
    void rowsOfACoarseClockAreSpread() throws Exception {
        StringBuilder text = new StringBuilder("Time,Altitude (m)\n");
        for (int i = 0; i < 50; i++) {
            text.append(String.format(Locale.ROOT, "10:00:%02d,%d\n", i / 5, i));
        }
        Imported<FlightLog> read = read(text.toString());
        assertEquals(50, read.value().rows());
        assertEquals(0.2, read.value().time(7) - read.value().time(6), 1e-9);
        assertTrue(told(read).contains("spread"), told(read));
    }

    @Test
    void gapsAndLinesBeforeTheHeadersAreTaken() throws Exception {
        Imported<FlightLog> read = read("Recorder of somebody\nSerial 4711\n\ntime;alt;speed\ns;m;km/h\n"
                + "0,0;10;36\n0,1;11;36\n0,2;12;36\n9,0;13;72\n9,1;14;72\n9,2;15");
        assertEquals(5, read.value().rows());
        assertEquals(20, read.value().value(LogColumn.GROUND_SPEED, 4), 1e-9, "a row of units is understood");
        assertTrue(told(read).contains("1 gap in the recording, the longest 8.8 s at 0.2 s"), told(read));
        assertTrue(told(read).contains("line 11: cut short"), told(read));
    }

    @Test
    void otherCharacterSetsAreSeen() throws Exception {
        String text = "Zeit (s);Höhe (m);Länge (°)\n0,0;10,5;8,1\n0,1;11;8,1\n0,2;11,5;8,1\n";
        for (Charset charset : List.of(Charset.forName("windows-1252"), StandardCharsets.UTF_8)) {
            FlightLog log =
                    LogFiles.read(file("z.csv", text, charset), Progress.NONE).value();
            assertEquals(11.5, log.value(LogColumn.HEIGHT, 2), charset.name());
        }
        Path wide = file("w.csv", "\uFEFF" + text, StandardCharsets.UTF_16LE);
        assertEquals(3, LogFiles.read(wide, Progress.NONE).value().rows());
    }

    @Test
    void thePilotHasTheLastWord() throws Exception {
        Path file =
                file("own words.csv", "clock,up,what\n0,30,cruising\n1,60,cruising\n2,90,7\n", StandardCharsets.UTF_8);
        ForeignTable table = LogFiles.look(file);
        assertEquals(Optional.of(LogColumn.TIME), table.guess().columns().get(0).column());
        assertEquals(Optional.empty(), table.guess().columns().get(1).column());
        LogMapping mapping = table.guess()
                .with(
                        1,
                        Optional.of(new app.drachen.core.log.Assignment(
                                LogColumn.HEIGHT,
                                app.drachen.core.log.Scales.bySymbol(LogColumn.HEIGHT, "ft")
                                        .orElseThrow())))
                .with(2, Optional.of(app.drachen.core.log.Assignment.of(LogColumn.MODE)));
        assertEquals(List.of("cruising", "7"), table.modeNames(mapping));
        mapping = mapping.with("cruising", Optional.of(FlightMode.HOLD));
        Imported<FlightLog> read = LogFiles.read(table, mapping, Progress.NONE);
        assertEquals(60 * 0.3048, read.value().value(LogColumn.HEIGHT, 1), 1e-12);
        assertEquals(FlightMode.HOLD.ordinal(), read.value().value(LogColumn.MODE, 1));
        assertTrue(told(read).contains("“7” is no mode that is known here"), told(read));
    }

    @Test
    void aReadingCanBeCancelled() throws Exception {
        StringBuilder text = new StringBuilder("time_s,height_m\n");
        for (int i = 0; i < 40_000; i++) {
            text.append(i * 0.1).append(",5\n");
        }
        List<Double> shares = new ArrayList<>();
        Progress stops = new Progress() {
            @Override
            public void at(double share) {
                shares.add(share);
            }

            @Override
            public boolean cancelled() {
                return true;
            }
        };
        Path file = file("long.csv", text.toString(), StandardCharsets.UTF_8);
        String told = assertThrows(ImportFailedException.class, () -> LogFiles.read(file, stops))
                .getMessage();
        assertTrue(told.contains("cancelled"), told);
        assertEquals(1, shares.size());
        assertTrue(shares.get(0) > 0.2 && shares.get(0) < 0.7, "about 16 000 of 40 000 rows: " + shares);
    }

    /** 2 000 damaged files of four kinds; the seed is printed with a failure. */
    @Test
    void damageGivesOnlyNamedErrorsAndNoHang() throws Exception {
        List<String> sound =
                List.of(text(manners().toList().get(2)).substring(0, 4_000), Tracks.GPX, Tracks.IGC, Tracks.NMEA);
        for (int seed = 0; seed < 2_000; seed++) {
            Random random = new Random(seed);
            byte[] bytes = sound.get(seed % sound.size()).getBytes(StandardCharsets.UTF_8);
            int hits = 1 + random.nextInt(20);
            for (int i = 0; i < hits; i++) {
                bytes[random.nextInt(bytes.length)] =
                        (byte) (random.nextBoolean() ? random.nextInt(256) : ",;\n\"<>&.-".charAt(random.nextInt(9)));
            }
            int length = random.nextInt(3) == 0 ? random.nextInt(bytes.length) : bytes.length;
            Path file = Files.write(folder.resolve("damaged.log"), java.util.Arrays.copyOf(bytes, length));
            try {
                FlightLog log = LogFiles.read(file, Progress.NONE).value();
                assertFalse(log.rows() == 0, "seed " + seed);
                for (LogColumn column : log.columns()) {
                    for (int row = 0; row < log.rows(); row++) {
                        boolean derived = column == LogColumn.CLIMB || column == LogColumn.GROUND_SPEED;
                        assertTrue(
                                derived
                                        || column.plausible(log.value(column, row))
                                        || column == LogColumn.HEIGHT
                                        || column == LogColumn.NORTH
                                        || column == LogColumn.EAST,
                                "seed " + seed + ": " + column + " " + log.value(column, row));
                    }
                }
            } catch (ImportFailedException e) {
                assertTrue(e.getMessage().startsWith("damaged.log"), "seed " + seed + ": " + e.getMessage());
            }
        }
    }

    /** Times as clocks of twelve hours, dates in a column of their own, and the day before or behind the month. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "date,time,roll (deg)|11/28/2026,11:59:58 PM,1|11/28/2026,11:59:59 PM,2|11/29/2026,12:00:00 AM,3",
                "day;time;roll (deg)|28.11.2026;23:59:58;1|28.11.2026;23:59:59;2|29.11.2026;00:00:00;3",
                "fecha;hora;alabeo (°)|2026-11-28;11:59:58 p.m.;1|2026-11-28;11:59:59 p.m.;2|2026-11-29;12:00:00 a.m.;3",
                "time,roll (deg)|2026-11-28 11:59:58 PM,1|2026-11-28 11:59:59 PM,2|2026-11-29 12:00:00 AM,3"
            })
    void clocksOfTwelveHoursAndDatesBesideThem(String header, String a, String b, String c) throws Exception {
        Path file = file("clock.csv", header + "\n" + a + "\n" + b + "\n" + c + "\n", StandardCharsets.UTF_8);
        Imported<FlightLog> read = LogFiles.read(file, Progress.NONE);
        assertEquals(3, read.value().rows(), read.problems().toString());
        assertEquals(
                Instant.parse("2026-11-28T23:59:58Z").getEpochSecond(),
                read.value().start().orElse(Double.NaN),
                1e-6,
                read.problems().toString());
        assertEquals(2, read.value().duration(), 1e-9);
    }

    @Test
    void packedLogsAreReadAsTheyAre() throws Exception {
        String text = "time,roll (deg)\n0,1\n0.1,2\n0.2,3\n";
        Path gzip = folder.resolve("log.csv.gz");
        try (var out = new GZIPOutputStream(Files.newOutputStream(gzip))) {
            out.write(text.getBytes(StandardCharsets.UTF_8));
        }
        assertEquals(3, LogFiles.read(gzip, Progress.NONE).value().rows());
        Path zip = zipped("one.zip", Map.of("folder/log.csv", text));
        assertEquals(3, LogFiles.read(zip, Progress.NONE).value().rows());
        assertEquals("log.csv", LogFiles.look(zip).file().getFileName().toString());
        Path two = zipped("two.zip", Map.of("a.csv", text, "b.csv", text));
        String sentence = assertThrows(ImportFailedException.class, () -> LogFiles.read(two, Progress.NONE))
                .getMessage();
        assertTrue(sentence.contains("archive of 2 files"), sentence);
        byte[] cut = Files.readAllBytes(gzip);
        Path broken = Files.write(folder.resolve("broken.csv.gz"), Arrays.copyOf(cut, cut.length - 12));
        assertThrows(ImportFailedException.class, () -> LogFiles.read(broken, Progress.NONE));
        Path climbs = zipped("climbs.zip", Map.of("../../outside.csv", text));
        assertEquals("outside.csv", LogFiles.look(climbs).file().getFileName().toString(), "a name is no path");
    }

    private Path zipped(String name, Map<String, String> files) throws IOException {
        Path zip = folder.resolve(name);
        try (ZipOutputStream out = new ZipOutputStream(Files.newOutputStream(zip))) {
            for (var entry : files.entrySet()) {
                out.putNextEntry(new ZipEntry(entry.getKey()));
                out.write(entry.getValue().getBytes(StandardCharsets.UTF_8));
            }
        }
        return zip;
    }

    @Test
    void helpersAmongTheModesAreHelpersAndDoubtsAreSaid() throws Exception {
        Path file = file(
                "helpers.csv",
                "time (s),mode,roll,battery voltage,colour of the sky\n0,Level,5,12600,1\n1,AUTOTUNE,10,12500,2\n2,Level,170,12400,3\n",
                StandardCharsets.UTF_8);
        Imported<FlightLog> read = LogFiles.read(file, Progress.NONE);
        FlightLog log = read.value();
        assertEquals(
                List.of(0.0, 1.0, 0.0),
                List.of(0, 1, 2).stream()
                        .map(i -> log.value(LogColumn.HELPER, i))
                        .toList());
        String told = read.problems().toString();
        assertTrue(told.contains("names no unit; its size says mV"), told);
        assertTrue(told.contains("not known here, and no check looks at it"), told);
        assertTrue(told.contains("is a helper and no mode"), told);
    }

    @Test
    void aTableWithoutHeadersIsGuessedFromItsNumbers() throws Exception {
        StringBuilder text = new StringBuilder();
        for (int i = 0; i < 100; i++) {
            text.append(String.format(
                    Locale.ROOT, "%d,%.1f,%.6f,%.6f%n", 1500 + i % 7, i * 0.2, 54.1 + 1e-5 * i, 8.2 - 1e-5 * i));
        }
        FlightLog log = LogFiles.read(file("bare.csv", text.toString(), StandardCharsets.UTF_8), Progress.NONE)
                .value();
        assertEquals(100, log.rows());
        assertTrue(log.has(LogColumn.NORTH), log.columns().toString());
    }
}
