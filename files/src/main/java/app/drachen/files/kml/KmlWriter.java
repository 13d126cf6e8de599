package app.drachen.files.kml;

import app.drachen.files.track.Track;
import app.drachen.files.track.XmlFile;
import java.io.IOException;
import java.nio.file.Path;
import java.util.Locale;
import java.util.stream.Collectors;

/**
 * Writes a track as KML: a line with heights, and among its extended data the seconds of each point since the first.
 *
 * <p>Source: OGC 07-147r2, "OGC KML 2.2.0" (2008).
 */
public final class KmlWriter {
    static final String SECONDS = "seconds";

    private KmlWriter() {}

    /** Writes a file, by way of a new file beside it. */
    public static void write(Track track, boolean aboveSea, Path file) throws IOException {
        XmlFile.write(file, xml -> {
            xml.writeStartElement("kml");
            xml.writeDefaultNamespace("http://www.opengis.net/kml/2.2");
            xml.writeStartElement("Document");
            XmlFile.element(xml, "name", track.name());
            xml.writeStartElement("Placemark");
            XmlFile.element(xml, "name", track.name());
            double first = track.points().get(0).time();
            if (track.dated()) {
                xml.writeStartElement("TimeSpan");
                XmlFile.element(xml, "begin", XmlFile.moment(first));
                XmlFile.element(
                        xml,
                        "end",
                        XmlFile.moment(
                                track.points().get(track.points().size() - 1).time()));
                xml.writeEndElement();
            }
            xml.writeStartElement("ExtendedData");
            xml.writeStartElement("Data");
            xml.writeAttribute("name", SECONDS);
            XmlFile.element(
                    xml,
                    "value",
                    track.points().stream()
                            .map(p -> String.format(Locale.ROOT, "%.3f", p.time() - first))
                            .collect(Collectors.joining(" ")));
            xml.writeEndElement();
            xml.writeEndElement();
            xml.writeStartElement("LineString");
            XmlFile.element(xml, "altitudeMode", aboveSea ? "absolute" : "relativeToGround");
            StringBuilder coordinates = new StringBuilder();
            for (Track.Point point : track.points()) {
                coordinates
                        .append(XmlFile.degrees(point.longitude()))
                        .append(',')
                        .append(XmlFile.degrees(point.latitude()));
                if (!Double.isNaN(point.height())) {
                    coordinates.append(',').append(XmlFile.metres(point.height()));
                }
                coordinates.append('\n');
            }
            XmlFile.element(xml, "coordinates", coordinates.toString());
            xml.writeEndElement();
            xml.writeEndElement();
            xml.writeEndElement();
            xml.writeEndElement();
        });
    }
}
