package app.drachen.core.controls;

import app.drachen.core.units.Ranges;
import java.util.Optional;

/**
 * Servo arm, push-rod and horn.
 *
 * <p>Source: four-bar linkage; where only the radii are known with arm and horn parallel at the centre and a small offset: sin δ =
 * (r_arm/r_horn)·sin α, own estimate ±1.5°; exact where {@link FourBar} is entered. The servo turns in proportion to the pulse.
 *
 * @param arm radius at the servo [m], 0.002 to 0.1
 * @param horn radius at the surface [m], 0.002 to 0.1
 * @param servoAngle turn of the servo for 500 µs [rad], 0.2 to 1.6
 * @param longerPulseDown whether a longer pulse moves the trailing edge down (rudder: left), as
 *     built
 * @param exact the other lengths and angles, if they were measured
 * @param servo what is known of the servo, if it was entered
 */
public record Linkage(
        double arm,
        double horn,
        double servoAngle,
        boolean longerPulseDown,
        Optional<FourBar> exact,
        Optional<ServoData> servo) {
    public Linkage {
        Ranges.require("servo arm", arm, 0.002, 0.1, "m");
        Ranges.require("horn", horn, 0.002, 0.1, "m");
        Ranges.require("servo angle", servoAngle, 0.2, 1.6, "rad");
    }

    /** A linkage of which only the radii are known. */
    public Linkage(double arm, double horn, double servoAngle, boolean longerPulseDown) {
        this(arm, horn, servoAngle, longerPulseDown, Optional.empty(), Optional.empty());
    }

    /**
     * Surface deflection for a pulse.
     *
     * @param pulseMicros pulse less the pulse at which the surface is neutral [µs]
     * @return deflection, trailing edge down positive [rad]
     */
    public double deflection(double pulseMicros) {
        double turn = servoAngle * pulseMicros / Output.FULL_COMMAND_MICROS;
        double angle;
        if (exact.isPresent()) {
            double way = exact.get().pushes() ? 1 : -1;
            angle = way * exact.get().deflection(arm, horn, way * turn);
        } else {
            angle = Math.asin(Math.max(-1, Math.min(1, arm / horn * Math.sin(turn))));
        }
        return longerPulseDown ? angle : -angle;
    }

    /**
     * Pulse that takes the surface to a deflection: the inverse of {@link #deflection}.
     *
     * @param deflection trailing edge down positive [rad]
     * @return pulse less the neutral one [µs], −800 to 800; empty where the linkage does not reach so far
     */
    public Optional<Double> pulseFor(double deflection) {
        double low = -800;
        double high = 800;
        double sign = longerPulseDown ? 1 : -1;
        // from the middle outwards, so that a linkage past its dead point is not followed
        double turned = 0;
        double step = Math.signum(deflection) * sign * 2;
        if (deflection == 0) {
            return Optional.of(0.0);
        }
        double reached = 0;
        while (Math.abs(reached) < Math.abs(deflection)) {
            double next = turned + step;
            if (next < low || next > high) {
                return Optional.empty();
            }
            double there = deflection(next);
            if (Math.abs(there) <= Math.abs(reached)) {
                return Optional.empty();
            }
            if (Math.abs(there) >= Math.abs(deflection)) {
                double share = (Math.abs(deflection) - Math.abs(reached)) / (Math.abs(there) - Math.abs(reached));
                return Optional.of(turned + share * step);
            }
            turned = next;
            reached = there;
        }
        return Optional.of(turned);
    }

    /**
     * The same linkage with other lengths.
     *
     * @param newArm radius at the servo [m]
     * @param newHorn radius at the surface [m]
     */
    public Linkage withRadii(double newArm, double newHorn) {
        return new Linkage(newArm, newHorn, servoAngle, longerPulseDown, exact, servo);
    }

    /**
     * The same linkage on a servo that turns otherwise for 500 µs.
     *
     * @param angle [rad]
     */
    public Linkage withServoAngle(double angle) {
        return new Linkage(arm, horn, angle, longerPulseDown, exact, servo);
    }

    /** The same linkage with its other lengths and angles. */
    public Linkage withExact(Optional<FourBar> lengths) {
        return new Linkage(arm, horn, servoAngle, longerPulseDown, lengths, servo);
    }

    /** The same linkage on a servo of which more is known. */
    public Linkage withServo(Optional<ServoData> data) {
        return new Linkage(arm, horn, servoAngle, longerPulseDown, exact, data);
    }

    /** The same linkage on a servo that turns the other way. */
    public Linkage turnedRound() {
        return new Linkage(
                arm,
                horn,
                servoAngle,
                !longerPulseDown,
                exact.map(e -> new FourBar(e.base(), e.armLean(), e.hornLean(), !e.pushes())),
                servo);
    }
}
