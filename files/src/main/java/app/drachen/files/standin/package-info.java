/**
 * The stand-in board for other programs: one JSON object a line asks, one answers ({@link
 * app.drachen.files.standin.StandInLines}); over a socket that listens on this machine only ({@link
 * app.drachen.files.standin.StandInServer}). Pulses in microseconds, angles in degrees, for people read them.
 */
package app.drachen.files.standin;
