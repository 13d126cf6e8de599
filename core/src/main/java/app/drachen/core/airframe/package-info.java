/**
 * The drawn aircraft: wing panels, tails, body, parts, mass and balance. Stations are measured aft
 * of the nose [m], positive aft; spans to the right; heights positive up from the body axis. Uses
 * {@code units}, {@code working} and {@code math}.
 */
package app.drachen.core.airframe;
