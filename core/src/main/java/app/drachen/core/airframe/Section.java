package app.drachen.core.airframe;

import app.drachen.core.units.Ranges;

/**
 * Section data of a lifting surface.
 *
 * @param zeroLiftAngle angle of attack without lift [rad], −0.2 to 0.1
 * @param maximumLift greatest section lift coefficient [-], 0.3 to 2.5
 * @param maximumLiftSpread how far that may be off either way [-], 0 to 0.5
 * @param pitchingMoment moment coefficient about the quarter chord at zero lift [-], −0.3 to 0.1
 * @param leastDrag least section drag coefficient at flying Reynolds numbers [-], 0.004 to 0.1
 */
public record Section(
        double zeroLiftAngle, double maximumLift, double maximumLiftSpread, double pitchingMoment, double leastDrag) {
    public Section {
        Ranges.require("zero-lift angle", zeroLiftAngle, -0.2, 0.1, "rad");
        Ranges.require("maximum lift", maximumLift, 0.3, 2.5, "-");
        Ranges.require("spread of maximum lift", maximumLiftSpread, 0, 0.5, "-");
        Ranges.require("pitching moment", pitchingMoment, -0.3, 0.1, "-");
        Ranges.require("least drag", leastDrag, 0.004, 0.1, "-");
    }

    /** A symmetrical plate-like section, as tails of models have. */
    public static final Section FLAT_TAIL = new Section(0, 0.9, 0.1, 0, 0.015);
}
