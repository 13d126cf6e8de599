package app.drachen.files;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.drachen.core.log.FlightLog;
import app.drachen.core.log.LogColumn;
import app.drachen.core.working.Progress;
import app.drachen.files.logs.LogFiles;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Recordings of receivers and recorders, against values worked out from their layouts by hand. */
class TrackReadersTest {
    @TempDir
    Path folder;

    private Imported<FlightLog> read(String name, String text) throws Exception {
        return LogFiles.read(Files.writeString(folder.resolve(name), text), Progress.NONE);
    }

    private static String told(Imported<FlightLog> read) {
        return read.problems().stream().map(ImportProblem::sentence).reduce("", (a, b) -> a + "\n" + b);
    }

    @Test
    void gpxGivesPositionsHeightsAndTimes() throws Exception {
        Imported<FlightLog> read = read("t.gpx", Tracks.GPX);
        FlightLog log = read.value();
        assertEquals(4, log.rows());
        assertEquals(1_777_629_600.0, log.start().orElseThrow(), "2026-05-01T10:00:00Z");
        assertEquals(2.5, log.time(2), 1e-9);
        assertEquals(4, log.time(3), 1e-9, "an offset of two hours is the same moment in UTC");
        assertEquals(9, log.value(LogColumn.HEIGHT, 2));
        assertTrue(Double.isNaN(log.value(LogColumn.HEIGHT, 3)));
        assertEquals(11.5, log.value(LogColumn.GROUND_SPEED, 1));
        // 0.0001° of latitude at 54.3° is 11.131 m on WGS 84 (GeographicLib; 111.31 km a degree)
        assertEquals(11.13, log.value(LogColumn.NORTH, 1), 0.01);
        assertTrue(told(read).contains("ele: “x” is no number"), told(read));
        assertTrue(told(read).contains("1 points without a time"), told(read));
    }

    @Test
    void gpxThatWantsMoreThanReadingIsRefused() throws Exception {
        String external = "<?xml version=\"1.0\"?><!DOCTYPE gpx [<!ENTITY x SYSTEM \"file:///etc/hostname\">]>"
                + "<gpx><trk><trkseg><trkpt lat=\"1\" lon=\"1\"><name>&x;</name></trkpt></trkseg></trk></gpx>";
        StringBuilder laughs = new StringBuilder("<?xml version=\"1.0\"?><!DOCTYPE gpx [<!ENTITY a0 \"ha\">");
        for (int i = 1; i < 30; i++) {
            laughs.append("<!ENTITY a")
                    .append(i)
                    .append(" \"&a")
                    .append(i - 1)
                    .append(";&a")
                    .append(i - 1)
                    .append(";\">");
        }
        laughs.append("]><gpx><trk><trkseg><trkpt lat=\"1\" lon=\"1\"><time>&a29;</time></trkpt></trkseg></trk></gpx>");
        for (String text : new String[] {external, laughs.toString()}) {
            String told = assertThrows(ImportFailedException.class, () -> read("evil.gpx", text))
                    .getMessage();
            assertTrue(told.startsWith("evil.gpx, line 1") && told.contains("not followed"), told);
        }
    }

    @Test
    void aGpxThatBreaksOffKeepsWhatItHas() throws Exception {
        Imported<FlightLog> read = read("cut.gpx", Tracks.GPX.substring(0, Tracks.GPX.indexOf("54.3123")));
        assertEquals(3, read.value().rows());
        assertTrue(told(read).contains("the XML is broken here"), told(read));
        assertTrue(assertThrows(ImportFailedException.class, () -> read("no.gpx", "<gpx></gpx>"))
                .getMessage()
                .contains("no position with a time"));
    }

    @Test
    void igcGivesFixesThroughMidnight() throws Exception {
        Imported<FlightLog> read = read("f.igc", Tracks.IGC);
        FlightLog log = read.value();
        assertEquals(4, log.rows());
        assertEquals(3, log.time(3), 1e-9);
        // 1 May 2026 23:59:58 UTC
        assertEquals(1_777_679_998.0, log.start().orElseThrow());
        // 54° 18.720' N
        assertEquals(Math.toRadians(54.312), log.value(LogColumn.LATITUDE, 0), 1e-12);
        assertEquals(8, log.value(LogColumn.HEIGHT, 3), "pressure heights from the first");
        assertTrue(Double.isNaN(log.value(LogColumn.SATELLITE_HEIGHT, 3)), "V: no satellite height");
        assertTrue(told(read).contains("line 8: “B00000254187” is no complete fix"), told(read));
    }

    @Test
    void nmeaSentencesOfOneTimeBecomeOneRow() throws Exception {
        Imported<FlightLog> read = read("r.nmea", Tracks.NMEA);
        FlightLog log = read.value();
        assertEquals(2, log.rows(), told(read));
        assertEquals(1_777_629_600.0, log.start().orElseThrow());
        // 22 kn
        assertEquals(22 * 1852.0 / 3600, log.value(LogColumn.GROUND_SPEED, 0), 1e-12);
        assertEquals(Math.toRadians(45), log.value(LogColumn.COURSE, 1), 1e-12);
        assertEquals(1.5, log.value(LogColumn.HEIGHT, 1), 1e-12);
        // 0.006' of latitude: 0.0001°
        assertEquals(11.13, log.value(LogColumn.NORTH, 1), 0.01);
        assertTrue(told(read).contains("line 6") && told(read).contains("does not match its checksum"), told(read));
    }

    @Test
    void filesThatAreNoRecordingAreNamed() throws Exception {
        for (String text : new String[] {"", "hello", "{\"format\":\"something\"}", "<html></html>", "1,2\n3,4\n"}) {
            String told = assertThrows(ImportFailedException.class, () -> read("x.log", text))
                    .getMessage();
            assertTrue(told.startsWith("x.log"), told);
        }
        assertTrue(assertThrows(ImportFailedException.class, () -> LogFiles.read(folder, Progress.NONE))
                .getMessage()
                .contains("folder"));
        assertTrue(assertThrows(
                        ImportFailedException.class, () -> LogFiles.read(folder.resolve("ö none.csv"), Progress.NONE))
                .getMessage()
                .contains("no such file"));
    }
}
