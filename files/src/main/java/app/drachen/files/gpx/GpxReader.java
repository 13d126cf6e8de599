package app.drachen.files.gpx;

import app.drachen.core.log.FlightLog;
import app.drachen.core.log.LogColumn;
import app.drachen.core.working.Progress;
import app.drachen.files.ImportFailedException;
import app.drachen.files.Imported;
import app.drachen.files.track.Problems;
import app.drachen.files.track.TrackRows;
import app.drachen.files.track.XmlFile;
import java.io.BufferedInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.DateTimeException;
import java.time.OffsetDateTime;
import javax.xml.stream.XMLInputFactory;
import javax.xml.stream.XMLStreamConstants;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamReader;

/**
 * Reads the track points of a GPX file, one after the other, whatever their number. A document type definition is
 * refused before anything in it is looked at.
 *
 * <p>Source: GPX 1.1 schema (TopoGrafix, 2004); speed and course as in GPX 1.0 or in an extension.
 */
public final class GpxReader {
    private final Path file;
    private final Progress progress;
    private final Problems problems = new Problems();
    private final TrackRows rows = new TrackRows(problems);
    private int untimed;
    private boolean aboveHome;

    private GpxReader(Path file, Progress progress) {
        this.file = file;
        this.progress = progress;
    }

    /**
     * Reads a file.
     *
     * @throws ImportFailedException if it has no track with times; with file, place and remedy
     */
    public static Imported<FlightLog> read(Path file, Progress progress) throws IOException, ImportFailedException {
        return new GpxReader(file, progress).read();
    }

    private Imported<FlightLog> read() throws IOException, ImportFailedException {
        XMLInputFactory factory = XmlFile.reading();
        try (InputStream in = new BufferedInputStream(Files.newInputStream(file), 1 << 16)) {
            XMLStreamReader xml = factory.createXMLStreamReader(in);
            try {
                events(xml, Math.max(1, Files.size(file)));
            } catch (XMLStreamException e) {
                int line = e.getLocation() == null ? 0 : e.getLocation().getLineNumber();
                if (rows.count() == 0) {
                    throw new ImportFailedException(
                            file, "line " + line, "the XML is broken here; save the track again as GPX");
                }
                problems.note(line, "", "", "the XML is broken here; the points before it are kept");
            } finally {
                xml.close();
            }
        } catch (XMLStreamException e) {
            throw new ImportFailedException(file, "", "this is no XML; choose a track saved as GPX");
        }
        if (untimed > 0) {
            problems.note(untimed + " points without a time; left out");
        }
        return rows.finish(file);
    }

    private void events(XMLStreamReader xml, long size) throws XMLStreamException, ImportFailedException {
        long events = 0;
        while (xml.hasNext()) {
            int event = xml.next();
            if (event == XMLStreamConstants.DTD || event == XMLStreamConstants.ENTITY_REFERENCE) {
                throw new ImportFailedException(
                        file,
                        "line " + xml.getLocation().getLineNumber(),
                        "a GPX needs no document type and no entities; they are not followed, remove them and read"
                                + " it again");
            }
            if (event == XMLStreamConstants.START_ELEMENT && xml.getLocalName().equals("trkpt")) {
                point(xml);
            } else if (event == XMLStreamConstants.START_ELEMENT
                    && xml.getLocalName().equals("cmt")) {
                aboveHome |= xml.getElementText().contains(GpxWriter.ABOVE_HOME);
            }
            if ((++events & 0xFFF) == 0) {
                progress.at(Math.min(1, (double) xml.getLocation().getCharacterOffset() / size));
                if (progress.cancelled()) {
                    throw new ImportFailedException(file, "", "reading was cancelled; nothing was kept");
                }
            }
        }
    }

    private void point(XMLStreamReader xml) throws XMLStreamException {
        int line = xml.getLocation().getLineNumber();
        double latitude = Math.toRadians(number(xml.getAttributeValue(null, "lat"), "lat", line));
        double longitude = Math.toRadians(number(xml.getAttributeValue(null, "lon"), "lon", line));
        rows.begin(line);
        rows.put(LogColumn.LATITUDE, latitude).put(LogColumn.LONGITUDE, longitude);
        double time = Double.NaN;
        int depth = 1;
        while (depth > 0 && xml.hasNext()) {
            int event = xml.next();
            if (event == XMLStreamConstants.END_ELEMENT) {
                depth--;
            } else if (event == XMLStreamConstants.START_ELEMENT) {
                switch (xml.getLocalName()) {
                    case "time" -> time = moment(xml.getElementText(), line);
                    case "ele" -> rows.put(
                            aboveHome ? LogColumn.HEIGHT : LogColumn.SATELLITE_HEIGHT,
                            number(xml.getElementText(), "ele", line));
                    case "speed" -> rows.put(LogColumn.GROUND_SPEED, number(xml.getElementText(), "speed", line));
                    case "course" -> rows.put(
                            LogColumn.COURSE, Math.toRadians(number(xml.getElementText(), "course", line)));
                    case "sat" -> rows.put(LogColumn.SATELLITES, number(xml.getElementText(), "sat", line));
                    case "hdop" -> rows.put(LogColumn.DILUTION, number(xml.getElementText(), "hdop", line));
                    default -> depth++;
                }
            }
        }
        if (Double.isNaN(time)) {
            untimed++;
        } else if (!Double.isNaN(latitude) && !Double.isNaN(longitude)) {
            rows.end(time);
        }
    }

    private double number(String text, String name, int line) {
        try {
            return Double.parseDouble(text == null ? "" : text.strip());
        } catch (NumberFormatException e) {
            problems.note(line, name, text == null ? "" : text, "is no number; left out");
            return Double.NaN;
        }
    }

    private double moment(String text, int line) {
        String stripped = text.strip();
        try {
            boolean zoned = stripped.matches(".*(Z|[+-][0-9:]{2,6})$");
            OffsetDateTime at = OffsetDateTime.parse(zoned ? stripped : stripped + "Z");
            return at.toEpochSecond() + at.getNano() / 1e9;
        } catch (DateTimeException e) {
            problems.note(line, "time", stripped, "is no time; point left out");
            return Double.NaN;
        }
    }
}
