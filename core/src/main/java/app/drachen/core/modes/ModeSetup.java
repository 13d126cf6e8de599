package app.drachen.core.modes;

/**
 * Modes, limits and the way home of one aircraft.
 *
 * @param selector the selector
 * @param limits bank, pitch and speed limits
 * @param home the way home
 * @param launchMode mode in which it is launched
 */
public record ModeSetup(Selector selector, Limits limits, HomeProfile home, FlightMode launchMode) {
    /** The same with another selector. */
    public ModeSetup withSelector(Selector newSelector) {
        return new ModeSetup(newSelector, limits, home, launchMode);
    }

    /** The same with other limits. */
    public ModeSetup withLimits(Limits newLimits) {
        return new ModeSetup(selector, newLimits, home, launchMode);
    }

    /** The same with another way home. */
    public ModeSetup withHome(HomeProfile newHome) {
        return new ModeSetup(selector, limits, newHome, launchMode);
    }
}
