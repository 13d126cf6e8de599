package app.drachen.core.modes;

import java.util.List;
import java.util.Optional;

/**
 * Modes, limits and the way home of one aircraft.
 *
 * @param selector the selector
 * @param limits bank, pitch and speed limits
 * @param home the way home
 * @param launchMode mode in which it is launched
 * @param switches switches of the radio, the selector's among them; empty if nobody entered them
 * @param losses what is done on each loss; nothing decided if nobody entered it
 * @param arming conditions of arming, if they were entered
 * @param second a second way of control, if there is one
 */
public record ModeSetup(
        Selector selector,
        Limits limits,
        HomeProfile home,
        FlightMode launchMode,
        List<RadioSwitch> switches,
        LossPlan losses,
        Optional<Arming> arming,
        Optional<SecondPath> second) {
    public ModeSetup {
        switches = List.copyOf(switches);
        long names = switches.stream().map(RadioSwitch::name).distinct().count();
        if (names != switches.size()) {
            throw new IllegalArgumentException("two switches have the same name; give each its own");
        }
    }

    /** Modes of which no losses, no arming and no second way of control are entered. */
    public ModeSetup(
            Selector selector, Limits limits, HomeProfile home, FlightMode launchMode, List<RadioSwitch> switches) {
        this(selector, limits, home, launchMode, switches, LossPlan.NONE, Optional.empty(), Optional.empty());
    }

    /** A switch of the radio by its use; none where none was entered. */
    public Optional<RadioSwitch> switchFor(RadioSwitch.Use use) {
        return switches.stream().filter(s -> s.use() == use).findFirst();
    }

    /** The same with another selector. */
    public ModeSetup withSelector(Selector newSelector) {
        return new ModeSetup(newSelector, limits, home, launchMode, switches, losses, arming, second);
    }

    /** The same with other limits. */
    public ModeSetup withLimits(Limits newLimits) {
        return new ModeSetup(selector, newLimits, home, launchMode, switches, losses, arming, second);
    }

    /** The same with another way home. */
    public ModeSetup withHome(HomeProfile newHome) {
        return new ModeSetup(selector, limits, newHome, launchMode, switches, losses, arming, second);
    }

    /** The same, launched in another mode. */
    public ModeSetup withLaunchMode(FlightMode mode) {
        return new ModeSetup(selector, limits, home, mode, switches, losses, arming, second);
    }

    /** The same with other switches. */
    public ModeSetup withSwitches(List<RadioSwitch> newSwitches) {
        return new ModeSetup(selector, limits, home, launchMode, newSwitches, losses, arming, second);
    }

    /** The same with another plan for losses. */
    public ModeSetup withLosses(LossPlan plan) {
        return new ModeSetup(selector, limits, home, launchMode, switches, plan, arming, second);
    }

    /** The same with other conditions of arming. */
    public ModeSetup withArming(Optional<Arming> conditions) {
        return new ModeSetup(selector, limits, home, launchMode, switches, losses, conditions, second);
    }

    /** The same with another second way of control, or none. */
    public ModeSetup withSecond(Optional<SecondPath> path) {
        return new ModeSetup(selector, limits, home, launchMode, switches, losses, arming, path);
    }
}
