package app.drachen.files.logs;

import app.drachen.core.geodesy.GeodeticPosition;
import app.drachen.core.log.FlightLog;
import app.drachen.core.log.LogColumn;
import app.drachen.core.working.Progress;
import app.drachen.files.ImportFailedException;
import app.drachen.files.Imported;
import app.drachen.files.csv.CsvLogReader;
import app.drachen.files.csv.FlightLogCsv;
import app.drachen.files.csv.ForeignTable;
import app.drachen.files.geojson.GeoJsonReader;
import app.drachen.files.geojson.GeoJsonWriter;
import app.drachen.files.gpx.GpxReader;
import app.drachen.files.gpx.GpxWriter;
import app.drachen.files.igc.IgcReader;
import app.drachen.files.kml.KmlReader;
import app.drachen.files.kml.KmlWriter;
import app.drachen.files.nmea.NmeaReader;
import app.drachen.files.track.Track;
import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Pattern;

/** The list of formats. A file is what the first entry takes it for; a table is whatever nothing else is. */
public final class LogFormats {
    /** A table of any program; its columns have to be understood. */
    public static final LogFormat TABLE = new LogFormat(
            "csv",
            "table (CSV) of any program",
            List.of(".csv", ".txt", ".log"),
            start -> true,
            Optional.of(LogFormats::table),
            Optional.of((name, log, home, file) -> FlightLogCsv.write(log, file)));

    /** All of them, when another than a table of our own is asked for. */
    private static final class All {
        static final Pattern SENTENCE = Pattern.compile("(?m)^[^\\n]{0,59}\\$[A-Z]{2}[A-Z]{3},");
        static final Pattern FIX = Pattern.compile("(?m)^B\\d{13}[NS]\\d{8}[EW][AV]");

        static final List<LogFormat> LIST = List.of(
                new LogFormat(
                        "kml",
                        "KML track",
                        List.of(".kml"),
                        start -> start.toLowerCase(Locale.ROOT).contains("<kml"),
                        Optional.of(KmlReader::read),
                        Optional.of(track(KmlWriter::write))),
                new LogFormat(
                        "geojson",
                        "GeoJSON track",
                        List.of(".geojson", ".json"),
                        LogFormats::json,
                        Optional.of(GeoJsonReader::read),
                        Optional.of(track(GeoJsonWriter::write))),
                new LogFormat(
                        "gpx",
                        "GPX track",
                        List.of(".gpx"),
                        LogFormats::xml,
                        Optional.of(GpxReader::read),
                        Optional.of(track(GpxWriter::write))),
                new LogFormat(
                        "igc",
                        "IGC flight recording",
                        List.of(".igc"),
                        start -> FIX.matcher(start).find() || start.contains("HFDTE"),
                        Optional.of(IgcReader::read),
                        Optional.empty()),
                new LogFormat(
                        "nmea",
                        "NMEA 0183 recording",
                        List.of(".nmea"),
                        start -> SENTENCE.matcher(start).find(),
                        Optional.of(NmeaReader::read),
                        Optional.empty()),
                TABLE);
    }

    private LogFormats() {}

    private interface TrackWriter {
        void write(Track track, boolean aboveSea, Path file) throws IOException;
    }

    private static LogFormat.Writer track(TrackWriter writer) {
        return (name, log, home, file) ->
                writer.write(Track.of(name, log, home), log.has(LogColumn.SATELLITE_HEIGHT), file);
    }

    private static boolean json(String start) {
        boolean feature = start.contains("\"FeatureCollection\"") || start.contains("\"Feature\"");
        return start.stripLeading().startsWith("{") && feature;
    }

    private static boolean xml(String start) {
        String small = start.toLowerCase(Locale.ROOT).replace("\0", "");
        return small.contains("<gpx") || small.stripLeading().startsWith("<") || small.contains("<?xml");
    }

    private static Imported<FlightLog> table(Path file, Progress progress) throws IOException, ImportFailedException {
        ForeignTable table = ForeignTable.look(file);
        return CsvLogReader.read(table, table.guess(), progress);
    }

    public static List<LogFormat> all() {
        return All.LIST;
    }

    /** The format that the beginning of a file looks like. */
    static LogFormat of(String start) {
        // our own is known before the others are made
        if (FlightLogCsv.begins(start)) {
            return TABLE;
        }
        return All.LIST.stream().filter(f -> f.known().test(start)).findFirst().orElseThrow();
    }

    /** Endings of files that are read, for a chooser. */
    public static List<String> read() {
        return All.LIST.stream()
                .filter(f -> f.reader().isPresent())
                .flatMap(f -> f.endings().stream())
                .toList();
    }

    /** Endings of files that are written, one for each format. */
    public static List<String> written() {
        return All.LIST.stream()
                .filter(f -> f.writer().isPresent())
                .map(f -> f.endings().get(0))
                .sorted()
                .toList();
    }

    /** What can be read, in words. */
    public static String readable() {
        List<String> words = All.LIST.stream()
                .filter(f -> f.reader().isPresent())
                .map(LogFormat::words)
                .toList();
        return String.join(", ", words);
    }

    /**
     * Writes a flight; the ending of the name says in which format.
     *
     * @param name what the track is called
     * @param log the flight
     * @param home where home is, for logs that know metres only
     * @param file to write
     * @throws IllegalArgumentException if the ending is unknown or the flight has no positions for a track
     */
    public static void write(String name, FlightLog log, Optional<GeodeticPosition> home, Path file)
            throws IOException {
        String small = file.getFileName().toString().toLowerCase(Locale.ROOT);
        // most are tables
        for (LogFormat format : small.endsWith(TABLE.endings().get(0)) ? List.of(TABLE) : All.LIST) {
            if (format.writer().isPresent() && format.endings().stream().anyMatch(small::endsWith)) {
                format.writer().get().write(name, log, home, file);
                return;
            }
        }
        throw new IllegalArgumentException(
                file.getFileName() + ": this ending is not known; use one of " + String.join(", ", written()));
    }
}
