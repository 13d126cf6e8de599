package app.drachen.files.gpx;

import app.drachen.files.track.Track;
import app.drachen.files.track.XmlFile;
import java.io.IOException;
import java.nio.file.Path;

/**
 * Writes a track as GPX.
 *
 * <p>Source: GPX 1.1 schema (TopoGrafix, 2004). Heights of logs that know none above sea level are heights above home;
 * the track's comment says so. Without a date the times count from the beginning of 1970, and the comment says that too.
 */
public final class GpxWriter {
    static final String ABOVE_HOME = "Heights are above home.";
    private static final String NO_DATE = " No date is known: times count from 1970-01-01T00:00:00Z.";

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
            String comment = (aboveSea ? "" : ABOVE_HOME) + (track.dated() ? "" : NO_DATE);
            if (!comment.isEmpty()) {
                XmlFile.element(xml, "cmt", comment.strip());
            }
            xml.writeStartElement("trkseg");
            for (Track.Point point : track.points()) {
                xml.writeStartElement("trkpt");
                xml.writeAttribute("lat", XmlFile.degrees(point.latitude()));
                xml.writeAttribute("lon", XmlFile.degrees(point.longitude()));
                if (!Double.isNaN(point.height())) {
                    XmlFile.element(xml, "ele", XmlFile.metres(point.height()));
                }
                XmlFile.element(xml, "time", XmlFile.moment(point.time()));
                xml.writeEndElement();
            }
            xml.writeEndElement();
            xml.writeEndElement();
            xml.writeEndElement();
        });
    }
}
