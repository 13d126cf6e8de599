package app.drachen.files.kml;

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
import java.util.ArrayList;
import java.util.List;
import javax.xml.stream.XMLStreamConstants;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamReader;

/**
 * Reads a timed track from KML: a track of moments and places, or a line with the seconds of its points beside it, as
 * {@link KmlWriter} writes it. A line without times is no flight.
 *
 * <p>Source: OGC 12-007r2, "OGC KML 2.3" (2015).
 */
public final class KmlReader {
    private final Path file;
    private final List<double[]> places = new ArrayList<>();
    private final List<Double> times = new ArrayList<>();
    private final List<double[]> tracked = new ArrayList<>();
    private final List<Double> moments = new ArrayList<>();
    private boolean drawn;
    private double begin = Double.NaN;
    private boolean aboveHome;
    private int line;

    private KmlReader(Path file) {
        this.file = file;
    }

    /**
     * Reads a file.
     *
     * @throws ImportFailedException if it has no track with times; with file, place and remedy
     */
    public static Imported<FlightLog> read(Path file, Progress progress) throws IOException, ImportFailedException {
        return new KmlReader(file).read(progress);
    }

    private Imported<FlightLog> read(Progress progress) throws IOException, ImportFailedException {
        try (InputStream in = new BufferedInputStream(Files.newInputStream(file), 1 << 16)) {
            XMLStreamReader xml = XmlFile.reading().createXMLStreamReader(in);
            try {
                events(xml, progress);
            } finally {
                xml.close();
            }
        } catch (XMLStreamException e) {
            int at = e.getLocation() == null ? 0 : e.getLocation().getLineNumber();
            throw new ImportFailedException(file, "line " + at, "the XML is broken here; save the track again as KML");
        }
        if (!tracked.isEmpty()) {
            // a track of moments says more than a line, and its moments are whole
            places.clear();
            places.addAll(tracked);
            times.clear();
            times.addAll(moments);
            begin = 0;
        }
        if (places.isEmpty() || places.size() != times.size()) {
            throw new ImportFailedException(
                    file,
                    "",
                    places.isEmpty()
                            ? "no track in it; save the track again, as GPX if that can be chosen"
                            : places.size() + " positions and " + times.size()
                                    + " times; a flight needs a time for each position, save it as GPX");
        }
        Problems problems = new Problems();
        TrackRows rows = new TrackRows(problems);
        for (int i = 0; i < places.size(); i++) {
            double[] place = places.get(i);
            rows.begin(0);
            rows.put(LogColumn.LONGITUDE, Math.toRadians(place[0])).put(LogColumn.LATITUDE, Math.toRadians(place[1]));
            rows.put(aboveHome ? LogColumn.HEIGHT : LogColumn.SATELLITE_HEIGHT, place[2]);
            rows.end(times.get(i) + (Double.isNaN(begin) ? 0 : begin));
        }
        return rows.finish(file);
    }

    private void events(XMLStreamReader xml, Progress progress) throws XMLStreamException, ImportFailedException {
        boolean seconds = false;
        while (xml.hasNext()) {
            int event = xml.next();
            line = xml.getLocation().getLineNumber();
            if (event == XMLStreamConstants.DTD || event == XMLStreamConstants.ENTITY_REFERENCE) {
                throw new ImportFailedException(
                        file,
                        "line " + line,
                        "a KML needs no document type and no entities; remove them and read it again");
            }
            if (event != XMLStreamConstants.START_ELEMENT) {
                continue;
            }
            if (progress.cancelled()) {
                throw new ImportFailedException(file, "", "reading was cancelled; nothing was kept");
            }
            switch (xml.getLocalName()) {
                case "begin" -> begin = Double.isNaN(begin) ? moment(xml.getElementText()) : begin;
                case "when" -> moments.add(moment(xml.getElementText()));
                case "coord" -> tracked.add(place(xml.getElementText().strip().split("\\s+")));
                case "LineString" -> drawn = true;
                case "Point", "Polygon" -> drawn = false;
                case "altitudeMode" -> aboveHome = xml.getElementText().contains("relative");
                case "Data" -> seconds = KmlWriter.SECONDS.equals(xml.getAttributeValue(null, "name"));
                case "value" -> {
                    if (seconds) {
                        for (String second : words(xml.getElementText())) {
                            times.add(number(second));
                        }
                    }
                    seconds = false;
                }
                case "coordinates" -> {
                    for (String place : drawn ? words(xml.getElementText()) : List.<String>of()) {
                        places.add(place(place.split(",")));
                    }
                }
                default -> {
                    // nothing of a track
                }
            }
        }
    }

    private static List<String> words(String text) {
        return text.isBlank() ? List.of() : List.of(text.strip().split("\\s+"));
    }

    private double[] place(String[] parts) throws ImportFailedException {
        if (parts.length < 2) {
            throw new ImportFailedException(
                    file, "line " + line, "a place has fewer than two numbers; save the track again");
        }
        return new double[] {number(parts[0]), number(parts[1]), parts.length > 2 ? number(parts[2]) : Double.NaN};
    }

    private double number(String text) throws ImportFailedException {
        try {
            return Double.parseDouble(text);
        } catch (NumberFormatException e) {
            throw new ImportFailedException(file, "line " + line, "“" + text + "” is no number; save the track again");
        }
    }

    private double moment(String text) throws ImportFailedException {
        try {
            OffsetDateTime at = OffsetDateTime.parse(text.strip());
            return at.toEpochSecond() + at.getNano() / 1e9;
        } catch (DateTimeException e) {
            throw new ImportFailedException(
                    file, "line " + line, "“" + text.strip() + "” is no time; save the track again");
        }
    }
}
