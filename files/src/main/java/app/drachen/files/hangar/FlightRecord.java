package app.drachen.files.hangar;

/**
 * A flight in the logbook.
 *
 * @param number counted from 1 for each aircraft
 * @param revision revision that was flown
 * @param when seconds since 1970-01-01 UTC
 * @param rehearsed whether it was flown in the model
 * @param card id of the card
 * @param outcome how it ended, one sentence
 */
public record FlightRecord(int number, int revision, long when, boolean rehearsed, String card, String outcome) {}
