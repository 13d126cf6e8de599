package app.drachen.files.gpx;

import app.drachen.files.track.Track;
import app.drachen.files.track.XmlFile;
import java.io.IOException;
import java.nio.file.Path;

/**
 * Writes a track as GPX.
 *
 * <p>Source: GPX 1.1 schema (TopoGrafix, 2004). Heights of logs that know none above sea level are heights above home;
 * the track's comment says so.
 */
public final class GpxWriter {
    private GpxWriter() {}

    /** Writes a file, by way of a new file beside it. */
    public static void write(Track track, boolean aboveSea, Path file) throws IOException {
        XmlFile.write(file, xml -> {
            xml.writeStartElement("gpx");
            xml.writeDefaultNamespace("http://www.topografix.com/GPX/1/1");
            xml.writeAttribute("version", "1.1");
            xml.writeAttribute("creator", "Drachen");
            xml.writeStartElement("trk");
            XmlFile.element(xml, "name", track.name());
            if (!aboveSea) {
                XmlFile.element(xml, "cmt", "Heights are above home.");
            }
            xml.writeStartElement("trkseg");
            for (Track.Point point : track.points()) {
                xml.writeStartElement("trkpt");
                xml.writeAttribute("lat", XmlFile.degrees(point.latitude()));
                xml.writeAttribute("lon", XmlFile.degrees(point.longitude()));
                if (!Double.isNaN(point.height())) {
                    XmlFile.element(xml, "ele", XmlFile.metres(point.height()));
                }
                if (point.time().isPresent()) {
                    XmlFile.element(xml, "time", XmlFile.moment(point.time().getAsDouble()));
                }
                xml.writeEndElement();
            }
            xml.writeEndElement();
            xml.writeEndElement();
            xml.writeEndElement();
        });
    }
}
