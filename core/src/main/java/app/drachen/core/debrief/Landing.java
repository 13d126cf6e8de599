package app.drachen.core.debrief;

import app.drachen.core.log.FlightLog;
import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;

/** Ends of a flight after which an aircraft is looked over, in the words in which the logbook keeps them. */
public enum Landing {
    HARD("hard landing"),
    HIT("hit the ground"),
    NOT_WHOLE("did not come down whole");

    private final String words;

    Landing(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }

    /** What a log shows of that; empty where it shows a soft touchdown, or none. */
    public static Optional<Landing> of(FlightLog log) {
        return TouchedDown.of(log, Airborne.of(log))
                .flatMap(d -> d.hit() ? Optional.of(HIT) : d.hard() ? Optional.of(HARD) : Optional.empty());
    }

    /** Whether a flight of the logbook ended so. */
    public static boolean hurt(String outcome) {
        String told = outcome.toLowerCase(Locale.ROOT);
        return Arrays.stream(values()).anyMatch(l -> told.contains(l.words));
    }
}
