package app.drachen.core.modes;

import app.drachen.core.units.Ranges;

/**
 * A range of pulses that means a mode.
 *
 * @param lowMicros lower edge, included [µs], 0 to 3 000
 * @param highMicros upper edge, excluded [µs], above the lower edge, to 3 000
 * @param mode the mode it means
 */
public record PulseBand(double lowMicros, double highMicros, FlightMode mode) {
    public PulseBand {
        Ranges.require("lower edge", lowMicros, 0, 3_000, "µs");
        Ranges.require("upper edge", highMicros, lowMicros, 3_000, "µs");
    }

    /**
     * Whether a pulse lies in it.
     *
     * @param pulseMicros pulse [µs]
     */
    public boolean holds(double pulseMicros) {
        return lowMicros <= pulseMicros && pulseMicros < highMicros;
    }
}
