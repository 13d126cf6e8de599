package app.drachen.core.controls;

import app.drachen.core.units.Ranges;

/**
 * What is known of a servo beside how far it turns.
 *
 * @param speed of the arm [rad/s], 0.5 to 60
 * @param resolution least change of pulse that it follows [µs], 0 to 30
 * @param slop of servo and linkage, measured at the surface from stop to stop [rad], 0 to 0.2
 */
public record ServoData(double speed, double resolution, double slop) {
    /** Common practice: 60° in 0.12 s, a dead band of 3 µs; slop of 0.4° is an own estimate, 0.2° to 1°. */
    public static final ServoData USUAL = new ServoData(Math.toRadians(60) / 0.12, 3, Math.toRadians(0.4));

    public ServoData {
        Ranges.require("speed of the servo", speed, 0.5, 60, "rad/s");
        Ranges.require("resolution of the servo", resolution, 0, 30, "µs");
        Ranges.require("slop", slop, 0, 0.2, "rad");
    }
}
