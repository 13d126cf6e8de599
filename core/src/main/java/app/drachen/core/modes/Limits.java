package app.drachen.core.modes;

import app.drachen.core.units.Ranges;

/**
 * Limits of the stabilised modes and the speeds they use.
 *
 * @param bank [rad], 10° to 65°
 * @param pitchUp [rad], 5° to 45°
 * @param pitchDown without sign [rad], 5° to 45°
 * @param leastSpeed lowest airspeed the power stick may ask for in Hold [m/s], 3 to 60
 * @param cruiseSpeed [m/s], above the least, to 60
 * @param topSpeed highest airspeed the power stick may ask for [m/s], above cruise, to 80
 * @param climbRate climb used for height changes [m/s], 0.3 to 20
 */
public record Limits(
        double bank,
        double pitchUp,
        double pitchDown,
        double leastSpeed,
        double cruiseSpeed,
        double topSpeed,
        double climbRate) {
    public Limits {
        Ranges.require("bank limit", bank, Math.toRadians(5), Math.toRadians(80), "rad");
        Ranges.require("pitch limit up", pitchUp, Math.toRadians(3), Math.toRadians(60), "rad");
        Ranges.require("pitch limit down", pitchDown, Math.toRadians(3), Math.toRadians(60), "rad");
        Ranges.require("least speed", leastSpeed, 3, 60, "m/s");
        Ranges.require("cruise speed", cruiseSpeed, leastSpeed, 60, "m/s");
        Ranges.require("top speed", topSpeed, cruiseSpeed, 80, "m/s");
        Ranges.require("climb rate", climbRate, 0.3, 20, "m/s");
    }

    /**
     * The same limits with another bank.
     *
     * @param newBank [rad]
     */
    public Limits withBank(double newBank) {
        return new Limits(newBank, pitchUp, pitchDown, leastSpeed, cruiseSpeed, topSpeed, climbRate);
    }

    /**
     * The same limits with another cruise speed.
     *
     * @param speed [m/s]
     */
    public Limits withCruise(double speed) {
        return new Limits(bank, pitchUp, pitchDown, leastSpeed, speed, topSpeed, climbRate);
    }

    /**
     * The same limits with others in pitch.
     *
     * @param up [rad]
     * @param down without sign [rad]
     */
    public Limits withPitch(double up, double down) {
        return new Limits(bank, up, down, leastSpeed, cruiseSpeed, topSpeed, climbRate);
    }

    /**
     * The same limits with another range of speeds.
     *
     * @param least [m/s]
     * @param top [m/s]
     */
    public Limits withSpeeds(double least, double top) {
        return new Limits(bank, pitchUp, pitchDown, least, cruiseSpeed, top, climbRate);
    }

    /**
     * The same limits with another climb.
     *
     * @param rate [m/s]
     */
    public Limits withClimb(double rate) {
        return new Limits(bank, pitchUp, pitchDown, leastSpeed, cruiseSpeed, topSpeed, rate);
    }
}
