/**
 * Positions on the WGS 84 ellipsoid and metres north and east of home. Entry type: {@link
 * app.drachen.core.geodesy.LocalGrid}. Latitudes and longitudes in radians, north and east positive. Uses {@code units}.
 */
package app.drachen.core.geodesy;
