package app.drachen.core.clearance;

import app.drachen.core.units.Ranges;
import java.time.LocalDate;

/**
 * A flight of the logbook, as rules see it.
 *
 * @param number counted from 1 for each aircraft
 * @param revision revision that flew
 * @param when it was flown [s since 1970-01-01 UTC]
 * @param day the pilot's day on which it was flown
 * @param rehearsed whether it was flown in the model; such a flight is no flight of the aircraft
 * @param card id of the card, or how a log came in
 * @param outcome how it ended, one sentence
 */
public record FlightFact(
        int number, int revision, long when, LocalDate day, boolean rehearsed, String card, String outcome) {
    public FlightFact {
        Ranges.require("number of a flight", number, 1, Integer.MAX_VALUE, "-");
        Ranges.require("revision of flight " + number, revision, 1, Integer.MAX_VALUE, "-");
    }
}
