/** Tracks as KML 2.2. Uses {@code core} and {@code files.track}. */
package app.drachen.files.kml;
