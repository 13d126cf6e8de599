package app.drachen.desktop.stage.logbook;

import app.drachen.core.debrief.Debrief;
import app.drachen.core.log.FlightLog;
import app.drachen.desk.OpenAircraft;
import app.drachen.files.hangar.FlightRecord;
import app.drachen.files.hangar.Revision;

/**
 * A flight of the logbook, read.
 *
 * @param aircraft whose it is
 * @param flight its line in the logbook
 * @param revision the revision that flew, or the current one if that is not known
 * @param log what was logged
 * @param debrief what it shows
 * @param notes on it
 */
public record Read(
        OpenAircraft aircraft, FlightRecord flight, Revision revision, FlightLog log, Debrief debrief, String notes) {
    /** The same with other notes. */
    Read noted(String typed) {
        return new Read(aircraft, flight, revision, log, debrief, typed);
    }
}
