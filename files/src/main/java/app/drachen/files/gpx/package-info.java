/** Tracks as GPX 1.1, read without ever resolving an entity, and written. Uses {@code core} and {@code files.track}. */
package app.drachen.files.gpx;
