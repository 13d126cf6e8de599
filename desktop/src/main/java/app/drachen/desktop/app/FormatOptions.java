package app.drachen.desktop.app;

/** Words for the help of commands that write flights; annotations want constants, and a test holds them to the list. */
final class FormatOptions {
    static final String ENDINGS = ".csv, .geojson, .gpx, .kml";

    private FormatOptions() {}
}
