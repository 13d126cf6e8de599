/** Flights played over a socket of this machine, and heard at its other end. */
package app.drachen.desk.play;
