package app.drachen.files.geojson;

import app.drachen.files.NewFile;
import app.drachen.files.track.Track;
import app.drachen.files.track.XmlFile;
import com.fasterxml.jackson.core.JsonEncoding;
import com.fasterxml.jackson.core.JsonFactory;
import com.fasterxml.jackson.core.JsonGenerator;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Locale;

/**
 * Writes a track as GeoJSON: one feature, a line; among its properties a list of the same length, of times, or of seconds since the
 * start of the log if its date is not known.
 *
 * <p>Source: RFC 7946 (2016): longitude before latitude, WGS 84.
 */
public final class GeoJsonWriter {
    private GeoJsonWriter() {}

    /** Writes a file, by way of a new file beside it. */
    public static void write(Track track, boolean aboveSea, Path file) throws IOException {
        NewFile.write(file, fresh -> document(track, aboveSea, fresh));
    }

    private static void document(Track track, boolean aboveSea, Path file) throws IOException {
        try (OutputStream out = Files.newOutputStream(file);
                JsonGenerator json = new JsonFactory().createGenerator(out, JsonEncoding.UTF8)) {
            json.writeStartObject();
            json.writeStringField("type", "FeatureCollection");
            json.writeArrayFieldStart("features");
            json.writeStartObject();
            json.writeStringField("type", "Feature");
            json.writeObjectFieldStart("properties");
            json.writeStringField("name", track.name());
            json.writeStringField("heights", aboveSea ? "above sea level" : "above home");
            json.writeArrayFieldStart(track.dated() ? "times" : "seconds");
            for (Track.Point point : track.points()) {
                if (track.dated()) {
                    json.writeString(XmlFile.moment(point.time()));
                } else {
                    json.writeRawValue(String.format(Locale.ROOT, "%.3f", point.time()));
                }
            }
            json.writeEndArray();
            json.writeEndObject();
            geometry(track, json);
            json.writeEndObject();
            json.writeEndArray();
            json.writeEndObject();
        }
    }

    /** A line needs two positions; a single one is a point. */
    private static void geometry(Track track, JsonGenerator json) throws IOException {
        boolean line = track.points().size() > 1;
        json.writeObjectFieldStart("geometry");
        json.writeStringField("type", line ? "LineString" : "Point");
        json.writeFieldName("coordinates");
        if (line) {
            json.writeStartArray();
        }
        for (Track.Point point : track.points()) {
            json.writeStartArray();
            json.writeRawValue(XmlFile.degrees(point.longitude()));
            json.writeRawValue(XmlFile.degrees(point.latitude()));
            if (!Double.isNaN(point.height())) {
                json.writeRawValue(XmlFile.metres(point.height()));
            }
            json.writeEndArray();
        }
        if (line) {
            json.writeEndArray();
        }
        json.writeEndObject();
    }
}
