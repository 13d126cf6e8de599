package app.drachen.core.controls;

import app.drachen.core.units.Ranges;

/**
 * Servo arm, push-rod and horn.
 *
 * <p>Source: four-bar linkage with arm and horn parallel at the centre, small offset: sin δ =
 * (r_arm/r_horn)·sin α; own estimate ±1.5°. The servo turns in proportion to the pulse.
 *
 * @param arm radius at the servo [m], 0.002 to 0.1
 * @param horn radius at the surface [m], 0.002 to 0.1
 * @param servoAngle turn of the servo for 500 µs [rad], 0.2 to 1.6
 * @param longerPulseDown whether a longer pulse moves the trailing edge down (rudder: left), as
 *     built
 */
public record Linkage(double arm, double horn, double servoAngle, boolean longerPulseDown) {
    public Linkage {
        Ranges.require("servo arm", arm, 0.002, 0.1, "m");
        Ranges.require("horn", horn, 0.002, 0.1, "m");
        Ranges.require("servo angle", servoAngle, 0.2, 1.6, "rad");
    }

    /**
     * Surface deflection for a pulse.
     *
     * @param pulseMicros pulse less the pulse at which the surface is neutral [µs]
     * @return deflection, trailing edge down positive [rad]
     */
    public double deflection(double pulseMicros) {
        double turn = servoAngle * pulseMicros / Output.FULL_COMMAND_MICROS;
        double sine = arm / horn * Math.sin(turn);
        double angle = Math.asin(Math.max(-1, Math.min(1, sine)));
        return longerPulseDown ? angle : -angle;
    }

    /**
     * The same linkage with other lengths.
     *
     * @param newArm radius at the servo [m]
     * @param newHorn radius at the surface [m]
     */
    public Linkage withRadii(double newArm, double newHorn) {
        return new Linkage(newArm, newHorn, servoAngle, longerPulseDown);
    }

    /** The same linkage on a servo that turns the other way. */
    public Linkage turnedRound() {
        return new Linkage(arm, horn, servoAngle, !longerPulseDown);
    }
}
