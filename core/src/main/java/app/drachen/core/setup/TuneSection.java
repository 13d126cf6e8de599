package app.drachen.core.setup;

/**
 * What stage Tune is about: gains, and where they came from.
 *
 * @param gains gains of the stand-in autopilot
 * @param roll where the gains about the roll axis came from
 * @param pitch where the gains about the pitch axis came from
 * @param others where all others came from
 */
public record TuneSection(Gains gains, Origin roll, Origin pitch, Origin others) {
    /** Where a gain came from. */
    public enum Origin {
        /** Computed from the drawing, to start with. */
        COMPUTED,
        /** Typed by the pilot, or read from a document. */
        ENTERED,
        /** Found by Autotune in a flight. */
        AUTOTUNE
    }

    /**
     * The same with another rate gain in roll, typed by the pilot.
     *
     * @param gain [1/(rad/s)], 0 to 5
     */
    public TuneSection withRollRate(double gain) {
        Gains.AxisGains axis = gains.roll();
        return new TuneSection(
                new Gains(
                        new Gains.AxisGains(axis.angle(), gain, axis.integral(), axis.forward()),
                        gains.pitch(),
                        gains.yawRate(),
                        gains.heightGain(),
                        gains.climbGain(),
                        gains.speedGain(),
                        gains.lookAhead()),
                Origin.ENTERED,
                pitch,
                others);
    }

    /** Gains that all came from one source. */
    public static TuneSection of(Gains gains, Origin origin) {
        return new TuneSection(gains, origin, origin, origin);
    }
}
