/**
 * The stand-in board for other programs: one JSON object a line asks, one answers ({@link
 * app.drachen.files.standin.StandInLines}); over a socket that listens on this machine only ({@link
 * app.drachen.files.standin.StandInServer}). {@link app.drachen.files.standin.Bridge} asks
 * such a program for the readings of a card. Pulses in microseconds, angles in degrees, for people read them.
 */
package app.drachen.files.standin;
