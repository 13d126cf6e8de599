package app.drachen.core.modes;

import app.drachen.core.units.Ranges;

/**
 * Under what conditions the board arms.
 *
 * @param levelOnly whether it arms only near level
 * @param needsFix whether it arms only with a position fix
 * @param mostPower greatest power stick at which it arms [-], 0 to 1
 * @param reason why a protection is off; empty while none is
 */
public record Arming(boolean levelOnly, boolean needsFix, double mostPower, String reason) {
    /** All protections on; the power stick at most 5 %, common practice. */
    public static final Arming GUARDED = new Arming(true, true, 0.05, "");

    public Arming {
        Ranges.require("power stick at which it arms", mostPower, 0, 1, "-");
    }
}
