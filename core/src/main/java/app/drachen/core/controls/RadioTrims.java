package app.drachen.core.controls;

import app.drachen.core.units.Ranges;

/**
 * Trims left in the radio, as shares of full stick.
 *
 * @param roll [-], −0.3 to 0.3
 * @param pitch [-], −0.3 to 0.3
 * @param yaw [-], −0.3 to 0.3
 */
public record RadioTrims(double roll, double pitch, double yaw) {
    public static final RadioTrims NONE = new RadioTrims(0, 0, 0);

    public RadioTrims {
        Ranges.require("roll trim", roll, -0.3, 0.3, "-");
        Ranges.require("pitch trim", pitch, -0.3, 0.3, "-");
        Ranges.require("yaw trim", yaw, -0.3, 0.3, "-");
    }

    /**
     * @return the largest of the three without sign [-]
     */
    public double largest() {
        return Math.max(Math.abs(roll), Math.max(Math.abs(pitch), Math.abs(yaw)));
    }
}
