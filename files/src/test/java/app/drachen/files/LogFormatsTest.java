package app.drachen.files;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.drachen.core.demo.DemoAircraft;
import app.drachen.core.log.FlightLog;
import app.drachen.core.log.LogColumn;
import app.drachen.core.working.Progress;
import app.drachen.files.hangar.FlightRecord;
import app.drachen.files.hangar.Hangar;
import app.drachen.files.logs.LogFiles;
import app.drachen.files.logs.LogFormat;
import app.drachen.files.logs.LogFormats;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/**
 * What holds for every entry of the list of formats. The samples are one evening over an invented meadow, 24 places 5 s
 * apart, written by other programs than the readers' author: the tracks by the Debian package gpsbabel, the table, KML and GeoJSON by
 * Python's modules for them. Where they lie is known by formula.
 */
class LogFormatsTest {
    @TempDir
    Path folder;

    static Stream<LogFormat> read() {
        return LogFormats.all().stream().filter(f -> f.reader().isPresent());
    }

    private Path sample(LogFormat format) throws Exception {
        String name = "evening" + format.endings().get(0);
        Path file = folder.resolve(name);
        try (InputStream in = LogFormatsTest.class.getResourceAsStream("samples/" + name)) {
            Files.copy(in, file);
        }
        return file;
    }

    @ParameterizedTest
    @MethodSource("read")
    void theSampleOfEveryFormatIsTheEvening(LogFormat format) throws Exception {
        Path file = sample(format);
        assertEquals(format, LogFiles.format(file), "known by its content");
        Path renamed = Files.move(file, folder.resolve("no ending"));
        assertEquals(format, LogFiles.format(renamed), "not by its name");
        FlightLog log = LogFiles.read(renamed, Progress.NONE).value();
        assertEquals(24, log.rows());
        assertEquals(115, log.duration(), 1e-6);
        assertEquals(1_782_063_000.0, log.start().orElseThrow(), 1e-3, "2026-06-21 17:30 UTC");
        double arc = 2 * Math.PI * 6_371_000 / 360;
        for (int i = 0; i < 24; i += 7) {
            double north = 0.0009 * Math.sin(i / 4.0) * arc;
            double east = 0.0015 * (Math.cos(i / 4.0) - 1) * arc * Math.cos(Math.toRadians(54.312));
            // the recordings keep a thousandth of a minute, 1.9 m
            assertEquals(north, log.value(LogColumn.NORTH, i), 2.5, "row " + i);
            assertEquals(east, log.value(LogColumn.EAST, i), 2.5, "row " + i);
            double height = (i < 12 ? 20 + 3 * i : 56 - 2 * (i - 12)) - 20;
            double kept = log.has(LogColumn.SATELLITE_HEIGHT)
                    ? log.value(LogColumn.SATELLITE_HEIGHT, i) - log.value(LogColumn.SATELLITE_HEIGHT, 0)
                    : log.value(LogColumn.HEIGHT, i) - log.value(LogColumn.HEIGHT, 0);
            assertEquals(height, kept, 0.51, "row " + i);
        }
    }

    @Test
    void entriesHaveNamesOfTheirOwnAndAreReadOrWritten() {
        Set<String> ids = new HashSet<>();
        Set<String> endings = new HashSet<>();
        for (LogFormat format : LogFormats.all()) {
            assertTrue(ids.add(format.id()), format.id());
            assertFalse(format.words().isBlank());
            assertTrue(format.reader().isPresent() || format.writer().isPresent(), format.id());
            format.endings().forEach(e -> assertTrue(e.startsWith(".") && endings.add(e), e));
        }
        assertEquals(LogFormats.TABLE, LogFormats.all().get(LogFormats.all().size() - 1), "it takes whatever is left");
    }

    @Test
    void everyWrittenFormatCanBeWrittenAndWhatIsAlsoReadComesBack() throws Exception {
        FlightLog log = LogFiles.read(sample(LogFormats.TABLE), Progress.NONE).value();
        for (String ending : LogFormats.written()) {
            Path file = folder.resolve("out" + ending);
            LogFormats.write("evening", log, Optional.empty(), file);
            assertTrue(Files.size(file) > 500, ending);
            LogFormat format = LogFiles.format(file);
            if (format.endings().contains(ending) && format.reader().isPresent()) {
                assertEquals(24, LogFiles.read(file, Progress.NONE).value().rows(), ending);
            }
        }
        String told = assertThrows(
                        IllegalArgumentException.class,
                        () -> LogFormats.write("evening", log, Optional.empty(), folder.resolve("out.xyz")))
                .getMessage();
        assertTrue(List.of(".csv", ".gpx", ".kml", ".geojson").stream().allMatch(told::contains), told);
    }

    /** Rows that lie nearer than the resolution of the file stay rows, in the hangar and as CSV. */
    @Test
    void rowsNearerThanTheResolutionAreNotLost() throws Exception {
        FlightLog.Builder log = new FlightLog.Builder(EnumSet.of(LogColumn.TIME, LogColumn.HEIGHT));
        for (int row = 0; row < 50; row++) {
            log.row(1e-9 * row + (row > 25 ? 1 : 0));
            log.put(LogColumn.HEIGHT, row);
        }
        Path file = folder.resolve("near.csv");
        LogFormats.write("near", log.build(), Optional.empty(), file);
        FlightLog again = LogFiles.read(file, Progress.NONE).value();
        assertEquals(50, again.rows());
        assertEquals(49, again.value(LogColumn.HEIGHT, 49), 1e-9);
        assertEquals(1, again.time(49), 0.01);
        try (Hangar hangar = Hangar.open(folder.resolve("near.drachen"))) {
            long id = hangar.add(DemoAircraft.rochen(), "built", 0);
            hangar.logbook().add(id, new FlightRecord(0, 1, 0, true, "first-flight", "x"), log.build());
            assertEquals(50, hangar.logbook().log(id, 1).orElseThrow().rows());
        }
    }
}
