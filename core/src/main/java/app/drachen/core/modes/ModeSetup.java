package app.drachen.core.modes;

import java.util.List;

/**
 * Modes, limits and the way home of one aircraft.
 *
 * @param selector the selector
 * @param limits bank, pitch and speed limits
 * @param home the way home
 * @param launchMode mode in which it is launched
 * @param switches switches of the radio, the selector's among them; empty if nobody entered them
 */
public record ModeSetup(
        Selector selector, Limits limits, HomeProfile home, FlightMode launchMode, List<RadioSwitch> switches) {
    public ModeSetup {
        switches = List.copyOf(switches);
        long names = switches.stream().map(RadioSwitch::name).distinct().count();
        if (names != switches.size()) {
            throw new IllegalArgumentException("two switches have the same name; give each its own");
        }
    }

    /** The same with another selector. */
    public ModeSetup withSelector(Selector newSelector) {
        return new ModeSetup(newSelector, limits, home, launchMode, switches);
    }

    /** The same with other limits. */
    public ModeSetup withLimits(Limits newLimits) {
        return new ModeSetup(selector, newLimits, home, launchMode, switches);
    }

    /** The same with another way home. */
    public ModeSetup withHome(HomeProfile newHome) {
        return new ModeSetup(selector, limits, newHome, launchMode, switches);
    }

    /** The same, launched in another mode. */
    public ModeSetup withLaunchMode(FlightMode mode) {
        return new ModeSetup(selector, limits, home, mode, switches);
    }

    /** The same with other switches. */
    public ModeSetup withSwitches(List<RadioSwitch> newSwitches) {
        return new ModeSetup(selector, limits, home, launchMode, newSwitches);
    }
}
