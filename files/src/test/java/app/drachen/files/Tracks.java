package app.drachen.files;

/** Small recordings of invented flights in the layouts of receivers and recorders. */
final class Tracks {
    static final String GPX =
            """
            <?xml version="1.0" encoding="UTF-8"?>
            <gpx version="1.1" creator="nobody" xmlns="http://www.topografix.com/GPX/1/1">
              <metadata><time>2026-05-01T09:00:00Z</time></metadata>
              <trk><name>Around the dyke</name><trkseg>
                <trkpt lat="54.3120000" lon="8.0870000"><ele>3.0</ele><time>2026-05-01T10:00:00Z</time></trkpt>
                <trkpt lat="54.3121000" lon="8.0870000"><ele>8.0</ele><time>2026-05-01T10:00:01Z</time>
                  <extensions><speed>11.5</speed></extensions></trkpt>
                <trkpt lat="54.3122000" lon="8.0872000"><ele>12.0</ele><time>2026-05-01T10:00:02.500Z</time></trkpt>
                <trkpt lat="54.3123000" lon="8.0872000"><ele>x</ele><time>2026-05-01T12:00:04+02:00</time></trkpt>
                <trkpt lat="54.3123000" lon="8.0872000"><ele>9</ele></trkpt>
              </trkseg></trk>
            </gpx>
            """;

    static final String IGC =
            """
            AXXX001 invented
            HFDTEDATE:010526,01
            HFPLTPILOTINCHARGE:
            B2359585418720N00805220EA0001000053
            B2359595418726N00805220EA0001200055
            B0000005418732N00805226EA0001500058
            B0000015418732N00805226EV0001800000
            B00000254187
            G0000000000
            """;

    /** Checksums by the exclusive or of the characters between $ and *, worked out by hand tool, not by Drachen. */
    static final String NMEA =
            """
            $GPGGA,100000.00,5418.7200,N,00805.2200,E,1,09,0.9,12.0,M,40.0,M,,*5A
            $GPRMC,100000.00,A,5418.7200,N,00805.2200,E,22.0,045.0,010526,,,A*6E
            $PXYZ,anything,goes*00
            $GNGGA,100001.00,5418.7260,N,00805.2260,E,1,09,0.9,13.5,M,40.0,M,,*41
            $GNVTG,045.0,T,,M,22.0,N,40.7,K,A*11
            $GPGGA,100002.00,5418.7320,N,00805.2320,E,1,09,0.9,15.0,M,40.0,M,,*00
            """;

    private Tracks() {}
}
