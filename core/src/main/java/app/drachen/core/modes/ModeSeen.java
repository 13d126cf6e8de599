package app.drachen.core.modes;

import app.drachen.core.units.Quantity;

/**
 * What a pilot will see in a mode, in two sentences with the figures of this set-up (MODES-A9).
 *
 * <p>Source: how the modes are defined in this program.
 */
public final class ModeSeen {
    private ModeSeen() {}

    /** Two sentences; figures are told in the reader's units. */
    public static String of(FlightMode mode, ModeSetup modes) {
        Limits l = modes.limits();
        HomeProfile h = modes.home();
        String bank = Quantity.ANGLE.text(l.bank());
        return switch (mode) {
            case MANUAL -> "Surfaces follow the sticks, and nothing else moves them. Let go, and it flies on as it is trimmed.";
            case RATE -> "Sticks ask for a turning rate. Let go, and the attitude stays where it was left, upside down too.";
            case LEVEL -> "Let go, and it levels wings and nose; it may still climb or sink. Full stick banks to "
                    + bank + " and lifts the nose to " + Quantity.ANGLE.text(l.pitchUp()) + ".";
            case HOLD -> "Let go, and it flies on straight at its height. The power stick asks for speed, "
                    + Quantity.SPEED.text(l.leastSpeed()) + " to " + Quantity.SPEED.text(l.topSpeed())
                    + ", not for thrust; the pitch stick for up to " + Quantity.CLIMB.text(l.climbRate())
                    + " of climb.";
            case CIRCLE -> "It circles the point where it was switched on, radius "
                    + Quantity.DISTANCE.text(h.circleRadius()) + ". It banks most downwind, up to " + bank + ".";
            case HOME -> home(h);
            case MISSION -> "It flies the route from point to point at " + Quantity.SPEED.text(l.cruiseSpeed())
                    + ". Without a route it flies Home.";
        };
    }

    private static String home(HomeProfile h) {
        String height =
                switch (h.policy()) {
                    case FIXED -> "at " + Quantity.HEIGHT.text(h.height());
                    case AT_LEAST -> "at " + Quantity.HEIGHT.text(h.height()) + " or higher, if it is higher";
                    case HOLD -> "at the height that it has";
                };
        String climb = h.policy() == HomeProfile.HeightPolicy.HOLD
                ? "It turns and flies "
                : h.climbFirst()
                        ? "It first climbs where it is, then flies "
                        : "It turns, climbs on the way and flies ";
        String where = h.rally().isPresent() ? "to the rally point " : "home ";
        String end =
                switch (h.arrival()) {
                    case CIRCLE -> "There it circles, radius " + Quantity.DISTANCE.text(h.circleRadius()) + ".";
                    case DESCEND -> "There it circles down to " + Quantity.HEIGHT.text(h.arrivalHeight())
                            + " and stays.";
                    case LAND -> "There it circles down and lands where it is, whatever stands there.";
                };
        return climb + where + height + ". " + end;
    }
}
