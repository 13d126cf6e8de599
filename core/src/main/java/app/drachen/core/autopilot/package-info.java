/**
 * The stand-in autopilot: loops, guidance, energy. Commands as in {@code controls}. Uses {@code
 * flight} and the floors below.
 */
package app.drachen.core.autopilot;
