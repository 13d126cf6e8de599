/** Tracks as GeoJSON (RFC 7946). Uses {@code core} and {@code files.track}. */
package app.drachen.files.geojson;
