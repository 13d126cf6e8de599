package app.drachen.files;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static org.junit.jupiter.api.Assumptions.assumeTrue;

import app.drachen.core.geodesy.GeodeticPosition;
import app.drachen.core.geodesy.LocalGrid;
import app.drachen.core.log.FlightLog;
import app.drachen.core.log.LogColumn;
import app.drachen.core.working.Progress;
import app.drachen.files.logs.LogFiles;
import app.drachen.files.logs.LogFormats;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class TrackWritersTest {
    private static final GeodeticPosition HOME = GeodeticPosition.ofDegrees(54.312, 8.087);
    private static final double START = 1_777_629_600.0;

    @TempDir
    Path folder;

    /** Metres about home, a place that stands still for a row, a gap. */
    private static FlightLog log() {
        return log(true);
    }

    private static FlightLog log(boolean dated) {
        FlightLog.Builder builder =
                new FlightLog.Builder(EnumSet.of(LogColumn.NORTH, LogColumn.EAST, LogColumn.HEIGHT));
        for (int i = 0; i < 50; i++) {
            builder.row(i * 0.5);
            int place = i == 7 ? 6 : i;
            if (i != 20) {
                builder.put(LogColumn.NORTH, 12.5 * place).put(LogColumn.EAST, -3.0 * place);
            }
            builder.put(LogColumn.HEIGHT, 30 + place);
        }
        return dated ? builder.build().startedAt(START) : builder.build();
    }

    private Path written(String name) throws Exception {
        Path file = folder.resolve(name);
        LogFormats.write("Dyke <west> & back", log(), Optional.of(HOME), file);
        assertFalse(Files.exists(folder.resolve(name + ".new")));
        return file;
    }

    @Test
    void gpxComesBackThroughItsReader() throws Exception {
        FlightLog back = LogFiles.read(written("t.gpx"), Progress.NONE).value();
        assertEquals(48, back.rows(), "a standing place is written once, a gap not at all");
        assertEquals(START, back.start().orElseThrow());
        assertEquals(24.5, back.time(47), 1e-9);
        // home of the log is its first fix; eight places of a degree are a millimetre
        assertEquals(12.5 * 49, back.value(LogColumn.NORTH, 47), 0.003);
        assertEquals(-3.0 * 49, back.value(LogColumn.EAST, 47), 0.003);
        assertEquals(79, back.value(LogColumn.HEIGHT, 47), 0.005, "heights above home come back as such");
    }

    /** Every track that is written is read: times, places, heights; with a date and without one. */
    @ParameterizedTest
    @CsvSource({"t.gpx,true", "t.kml,true", "t.geojson,true", "t.gpx,false", "t.kml,false", "t.geojson,false"})
    void everyTrackThatIsWrittenIsRead(String name, boolean dated) throws Exception {
        FlightLog log = dated ? log() : log(false);
        Path file = folder.resolve(name);
        LogFormats.write("There and back", log, Optional.of(HOME), file);
        FlightLog back = LogFiles.read(file, Progress.NONE).value();
        assertEquals(48, back.rows());
        assertEquals(dated ? START : Double.NaN, back.start().orElse(Double.NaN), 1e-3);
        for (int row : new int[] {0, 6, 7, 20, 47}) {
            int written = row + (row >= 7 ? 1 : 0) + (row >= 19 ? 1 : 0);
            assertEquals(log.time(written), back.time(row), 1e-3, "row " + row);
            assertEquals(log.value(LogColumn.NORTH, written), back.value(LogColumn.NORTH, row), 0.003);
            assertEquals(log.value(LogColumn.EAST, written), back.value(LogColumn.EAST, row), 0.003);
            assertEquals(log.value(LogColumn.HEIGHT, written), back.value(LogColumn.HEIGHT, row), 0.006);
        }
    }

    @Test
    void aLineWithoutTimesIsNoFlight() throws Exception {
        Path kml = Files.writeString(
                folder.resolve("line.kml"),
                "<kml xmlns='http://www.opengis.net/kml/2.2'><Placemark><LineString><coordinates>8,54,1 8.1,54,2"
                        + "</coordinates></LineString></Placemark></kml>");
        assertTrue(refused(kml).contains("2 positions and 0 times"));
        Path json = Files.writeString(
                folder.resolve("line.json"),
                "{\"type\":\"Feature\",\"properties\":{},\"geometry\":{\"type\":\"LineString\",\"coordinates\":[[8,54],[8.1,54]]}}");
        assertTrue(refused(json).contains("no line with a time for each position"));
        Path entity = Files.writeString(
                folder.resolve("bad.kml"), "<?xml version='1.0'?><!DOCTYPE kml [<!ENTITY a 'b'>]><kml>&a;</kml>");
        assertTrue(refused(entity).contains("no document type"));
    }

    private static String refused(Path file) {
        return assertThrows(ImportFailedException.class, () -> LogFiles.read(file, Progress.NONE))
                .getMessage();
    }

    @Test
    void geoJsonPutsLongitudeFirst() throws Exception {
        JsonNode tree = new ObjectMapper().readTree(written("t.geojson").toFile());
        JsonNode feature = tree.get("features").get(0);
        assertEquals("LineString", feature.at("/geometry/type").asText());
        JsonNode first = feature.at("/geometry/coordinates/0");
        assertEquals(8.087, first.get(0).asDouble(), 1e-7);
        assertEquals(54.312, first.get(1).asDouble(), 1e-7);
        assertEquals(30, first.get(2).asDouble(), 0.005);
        assertEquals(48, feature.at("/geometry/coordinates").size());
        assertEquals(48, feature.at("/properties/times").size());
        assertEquals("Dyke <west> & back", feature.at("/properties/name").asText());
    }

    /** GPSBabel, a converter from Debian's packages that knows nothing of Drachen, finds the same points. */
    @ParameterizedTest
    @CsvSource({"t.gpx,gpx", "t.kml,kml"})
    void anIndependentReaderFindsTheSamePoints(String name, String format) throws Exception {
        assumeTrue(Files.isExecutable(Path.of("/usr/bin/gpsbabel")), "gpsbabel is not installed");
        Path out = folder.resolve("out.csv");
        Process process = new ProcessBuilder(
                        "gpsbabel",
                        "-t",
                        "-i",
                        format,
                        "-f",
                        written(name).toString(),
                        "-o",
                        "unicsv,utc=0",
                        "-F",
                        out.toString())
                .redirectErrorStream(true)
                .start();
        String said = new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        assertTrue(process.waitFor(180, TimeUnit.SECONDS));
        assertEquals(0, process.exitValue(), said);
        List<String> lines = Files.readAllLines(out);
        assertEquals(49, lines.size(), "a header and 48 points: " + said);
        List<String> header = List.of(lines.get(0).split(","));
        String[] last = lines.get(48).split(",");
        GeodeticPosition there = new LocalGrid(HOME).position(12.5 * 49, -3.0 * 49);
        assertEquals(Math.toDegrees(there.latitude()), Double.parseDouble(last[header.indexOf("Latitude")]), 2e-6);
        assertEquals(Math.toDegrees(there.longitude()), Double.parseDouble(last[header.indexOf("Longitude")]), 2e-6);
        assertEquals(79, Double.parseDouble(last[header.indexOf("Altitude")]), 0.1);
        if (format.equals("gpx")) {
            assertEquals("2026/05/01", last[header.indexOf("Date")]);
            assertTrue(last[header.indexOf("Time")].startsWith("10:00:24.5"), last[header.indexOf("Time")]);
        }
    }

    @Test
    void whatCannotBeWrittenIsNamed() {
        FlightLog.Builder none = new FlightLog.Builder(EnumSet.of(LogColumn.HEIGHT));
        none.row(0);
        assertTrue(told(none.build(), "a.gpx").contains("has no positions"));
        assertTrue(told(log(), "a.xls").contains(".csv, .geojson, .gpx, .kml"));
        assertTrue(assertThrows(
                        IllegalArgumentException.class,
                        () -> LogFormats.write("F", log(), Optional.empty(), folder.resolve("a.kml")))
                .getMessage()
                .contains("say where home is"));
    }

    private String told(FlightLog log, String name) {
        return assertThrows(
                        IllegalArgumentException.class,
                        () -> LogFormats.write("F", log, Optional.of(HOME), folder.resolve(name)))
                .getMessage();
    }
}
