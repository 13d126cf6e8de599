package app.drachen.core.debrief;

import app.drachen.core.modes.FlightMode;

/**
 * A stretch of a log in one mode.
 *
 * @param mode the mode
 * @param from first row
 * @param to row behind the last
 */
public record ModeSegment(FlightMode mode, int from, int to) {}
