package app.drachen.core.setup;

import app.drachen.core.units.Ranges;

/**
 * A default of judgement that the pilot has set otherwise for this aircraft.
 *
 * @param id of the judgement
 * @param value instead of the usual one [SI unit of the judgement]
 * @param reason why, in a few words; needed
 */
public record Decision(String id, double value, String reason) {
    public Decision {
        Ranges.requireText("judgement", id);
        Ranges.require("value of " + id, value, -1e9, 1e9, "-");
        Ranges.requireText("reason for " + id, reason);
    }
}
