package app.drachen.core.setup;

import app.drachen.core.units.Ranges;

/**
 * A rule whose missing evidence the pilot passes over for this aircraft.
 *
 * @param rule id of the rule
 * @param reason why, in a few words; needed, and printed
 */
public record Waiver(String rule, String reason) {
    public Waiver {
        Ranges.requireText("rule", rule);
        Ranges.requireText("reason for passing over " + rule, reason);
    }
}
