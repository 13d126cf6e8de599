package app.drachen.files.logs;

import app.drachen.core.geodesy.GeodeticPosition;
import app.drachen.core.log.FlightLog;
import app.drachen.core.log.LogColumn;
import app.drachen.files.csv.FlightLogCsv;
import app.drachen.files.geojson.GeoJsonWriter;
import app.drachen.files.gpx.GpxWriter;
import app.drachen.files.kml.KmlWriter;
import app.drachen.files.track.Track;
import java.io.IOException;
import java.nio.file.Path;
import java.util.Locale;
import java.util.Optional;

/** Writes a flight into a file; the ending of the name says in which format. */
public final class LogExport {
    private LogExport() {}

    /** Endings that are known. */
    public static final String ENDINGS = ".csv, .gpx, .kml, .geojson";

    /**
     * Writes a flight.
     *
     * @param name what the track is called
     * @param log the flight
     * @param home where home is, for logs that know metres only
     * @param file to write
     * @throws IllegalArgumentException if the ending is unknown or the flight has no positions for a track
     */
    public static void write(String name, FlightLog log, Optional<GeodeticPosition> home, Path file)
            throws IOException {
        String ending = file.getFileName().toString().toLowerCase(Locale.ROOT);
        boolean aboveSea = log.has(LogColumn.SATELLITE_HEIGHT);
        if (ending.endsWith(".csv")) {
            FlightLogCsv.write(log, file);
        } else if (ending.endsWith(".gpx")) {
            GpxWriter.write(Track.of(name, log, home), aboveSea, file);
        } else if (ending.endsWith(".kml")) {
            KmlWriter.write(Track.of(name, log, home), aboveSea, file);
        } else if (ending.endsWith(".geojson") || ending.endsWith(".json")) {
            GeoJsonWriter.write(Track.of(name, log, home), aboveSea, file);
        } else {
            throw new IllegalArgumentException(
                    file.getFileName() + ": this ending is not known; use one of " + ENDINGS);
        }
    }
}
