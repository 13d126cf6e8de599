/** Recordings of a satellite receiver's NMEA 0183 sentences, read as tracks. Uses {@code core}, {@code files.track}. */
package app.drachen.files.nmea;
