package app.drachen.core.debrief;

import app.drachen.core.modes.FlightMode;
import app.drachen.core.units.Quantity;
import java.util.Optional;

/**
 * A landing that the aircraft made by itself: Home was on for the last 15 s before the touchdown and at it.
 *
 * <p>Source: own choice of the time.
 *
 * @param whole whether it touched down, not hard
 * @param words how
 */
public record HomeLanded(boolean whole, String words) {
    private static final double BEFORE = 15;

    /** A slack between the touchdown and the row of the log at which the pilot takes over on the ground [s]. */
    private static final double SLACK = 0.5;

    /** Whether a flight ended so; empty where the pilot landed, or the log does not show the touchdown or its sink. */
    public static Optional<HomeLanded> of(Flown flight) {
        return flight.touchdown()
                .filter(t -> t.impact() || !Double.isNaN(t.sink()))
                .filter(t -> flight.segments().stream()
                        .anyMatch(s -> s.mode() == FlightMode.HOME
                                && flight.log().time(s.from()) <= t.time() - BEFORE
                                && flight.log().time(s.to() - 1) >= t.time() - SLACK))
                .map(t -> new HomeLanded(
                        !t.hard(),
                        t.hit()
                                ? Landing.HIT.words()
                                : t.hard() ? Landing.HARD.words() : "sank at " + Quantity.CLIMB.text(t.sink())));
    }
}
