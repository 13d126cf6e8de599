/**
 * Flight modes, the selector that chooses them, bank and height limits, and the way home. Uses
 * {@code units}, {@code working}, {@code math} and {@code air}.
 */
package app.drachen.core.modes;
