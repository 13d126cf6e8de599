package app.drachen.core.geodesy;

import app.drachen.core.units.Ranges;

/**
 * A place on the WGS 84 ellipsoid.
 *
 * @param latitude geodetic latitude [rad], −π/2 to π/2, north positive
 * @param longitude longitude [rad], −π to π, east positive
 */
public record GeodeticPosition(double latitude, double longitude) {
    public GeodeticPosition {
        Ranges.require("latitude", latitude, -Math.PI / 2, Math.PI / 2, "rad");
        Ranges.require("longitude", longitude, -Math.PI, Math.PI, "rad");
    }

    /**
     * A place from degrees.
     *
     * @param latitude [°], −90 to 90
     * @param longitude [°], −180 to 180
     */
    public static GeodeticPosition ofDegrees(double latitude, double longitude) {
        return new GeodeticPosition(Math.toRadians(latitude), Math.toRadians(longitude));
    }

    /**
     * A place from text: latitude and longitude in degrees, between them a comma or blanks.
     *
     * @throws IllegalArgumentException saying what is expected
     */
    public static GeodeticPosition parse(String text) {
        String[] parts = text.strip().split("\\s*[,;]\\s*|\\s+");
        try {
            if (parts.length == 2) {
                return ofDegrees(Double.parseDouble(parts[0]), Double.parseDouble(parts[1]));
            }
        } catch (NumberFormatException e) {
            throw new IllegalArgumentException(expected(text), e);
        }
        throw new IllegalArgumentException(expected(text));
    }

    private static String expected(String text) {
        return "\u201c" + text.strip()
                + "\u201d is no position; write latitude and longitude in degrees, south and west negative, like"
                + " 53.1234, 8.1234";
    }
}
