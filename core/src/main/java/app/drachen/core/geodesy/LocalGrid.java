package app.drachen.core.geodesy;

import net.sf.geographiclib.Geodesic;
import net.sf.geographiclib.GeodesicData;
import net.sf.geographiclib.GeodesicMask;

/**
 * Metres north and east of a home point: length and starting course of the geodesic from home (azimuthal equidistant).
 * Exact along every line through home; at the distance s the scale across such a line is wrong by s²/(6 R²), 4 parts in
 * a million at 30 km.
 *
 * <p>Source: Karney, "Algorithms for geodesics", Journal of Geodesy 87 (2013), by GeographicLib, WGS 84.
 *
 * @param home the point (0, 0)
 */
public record LocalGrid(GeodeticPosition home) {
    /**
     * Metres of the grid.
     *
     * @param north of home [m]
     * @param east of home [m]
     */
    public record Metres(double north, double east) {}

    /**
     * Where a place lies on the grid.
     *
     * @param latitude [rad], −π/2 to π/2
     * @param longitude [rad], any
     */
    public Metres metres(double latitude, double longitude) {
        GeodesicData line = Geodesic.WGS84.Inverse(
                Math.toDegrees(home.latitude()),
                Math.toDegrees(home.longitude()),
                Math.toDegrees(latitude),
                Math.toDegrees(longitude),
                GeodesicMask.DISTANCE | GeodesicMask.AZIMUTH);
        double course = Math.toRadians(line.azi1);
        return new Metres(line.s12 * Math.cos(course), line.s12 * Math.sin(course));
    }

    /**
     * The place of a point of the grid.
     *
     * @param north of home [m], any below half the Earth's girth
     * @param east of home [m]
     */
    public GeodeticPosition position(double north, double east) {
        GeodesicData line = Geodesic.WGS84.Direct(
                Math.toDegrees(home.latitude()),
                Math.toDegrees(home.longitude()),
                Math.toDegrees(Math.atan2(east, north)),
                Math.hypot(north, east),
                GeodesicMask.LATITUDE | GeodesicMask.LONGITUDE);
        return GeodeticPosition.ofDegrees(line.lat2, line.lon2);
    }
}
