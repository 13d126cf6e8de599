/**
 * Open formats in and out, and the hangar. {@link app.drachen.files.Imported} is what every reader
 * returns. Uses {@code core}; no JavaFX, no decisions.
 */
package app.drachen.files;
