/** Flight recordings in the IGC layout of B records, read as tracks. Uses {@code core} and {@code files.track}. */
package app.drachen.files.igc;
