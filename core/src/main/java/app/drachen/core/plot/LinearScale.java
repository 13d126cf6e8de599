package app.drachen.core.plot;

import app.drachen.core.units.Ranges;

/**
 * A straight scale from values to a screen.
 *
 * @param low value at the screen's start [any unit]
 * @param high value at the screen's end, not the low one [same unit]
 * @param from screen coordinate of the low value [px]
 * @param to screen coordinate of the high value [px]
 */
public record LinearScale(double low, double high, double from, double to) {
    public LinearScale {
        Ranges.require("low", low, -1e15, 1e15, "-");
        Ranges.require("high", high, -1e15, 1e15, "-");
        if (low == high) {
            throw new IllegalArgumentException("a scale needs two different values; both are " + low);
        }
    }

    /**
     * @param value [unit of the scale]
     * @return screen coordinate [px]
     */
    public double toScreen(double value) {
        return from + (value - low) / (high - low) * (to - from);
    }

    /**
     * @param screen [px]
     * @return value [unit of the scale]
     */
    public double toValue(double screen) {
        return low + (screen - from) / (to - from) * (high - low);
    }
}
