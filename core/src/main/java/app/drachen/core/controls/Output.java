package app.drachen.core.controls;

import app.drachen.core.units.Ranges;

/**
 * One output of the board and the servo or motor on it.
 *
 * @param channel output number on the board, 1 to 16
 * @param surface what it moves
 * @param mix shares of the commands
 * @param reversed whether the output turns the command round
 * @param centreMicros pulse without command [µs], 800 to 2 200
 * @param lowMicros lower end of the travel [µs], 700 to 2 300
 * @param highMicros upper end of the travel [µs], above the lower end, to 2 300
 * @param neutralMicros pulse at which the surface really is neutral, as built [µs], 800 to 2 200
 * @param linkage arm, horn and direction
 */
public record Output(
        int channel,
        Surface surface,
        MixRow mix,
        boolean reversed,
        double centreMicros,
        double lowMicros,
        double highMicros,
        double neutralMicros,
        Linkage linkage) {
    /** Pulse change for a full command through a share of 100 % [µs]. */
    public static final double FULL_COMMAND_MICROS = 500;

    public Output {
        Ranges.require("channel", channel, 1, 16, "-");
        Ranges.require("centre", centreMicros, 800, 2_200, "µs");
        Ranges.require("lower end", lowMicros, 700, 2_300, "µs");
        Ranges.require("upper end", highMicros, lowMicros, 2_300, "µs");
        Ranges.require("neutral", neutralMicros, 800, 2_200, "µs");
    }

    /** Under this power differential power is off, so that a yaw stick starts no motor [-]; a default of judgement. */
    public static final double LEAST_DIFFERENTIAL = 0.05;

    /**
     * What the row makes of the commands; at a motor the other commands count only while it runs.
     *
     * @param roll [-], −1 to 1
     * @param pitch [-], −1 to 1
     * @param yaw [-], −1 to 1
     * @param power [-], 0 to 1
     * @param flaps [-], 0 to 1
     * @return [-]
     */
    public double mixed(double roll, double pitch, double yaw, double power, double flaps) {
        return surface.isMotor() && power < LEAST_DIFFERENTIAL
                ? mix.power() * power
                : mix.mix(roll, pitch, yaw, power) + mix.flaps() * flaps;
    }

    /**
     * Pulse for a mixed command, before the travel limits it.
     *
     * @param mixed output of the mix row [-]; for a motor 0 to 1
     * @return pulse [µs]
     */
    public double unlimitedPulse(double mixed) {
        if (surface.isMotor()) {
            return lowMicros + mixed * (highMicros - lowMicros);
        }
        return centreMicros + (reversed ? -1 : 1) * mixed * FULL_COMMAND_MICROS;
    }

    /**
     * Pulse for a mixed command.
     *
     * @param mixed output of the mix row [-]
     * @return pulse inside the travel [µs]
     */
    public double pulse(double mixed) {
        return Math.max(lowMicros, Math.min(highMicros, unlimitedPulse(mixed)));
    }

    /**
     * Where a pulse takes the surface.
     *
     * @param pulseMicros [µs]
     * @return deflection, trailing edge down positive [rad]
     */
    public double deflection(double pulseMicros) {
        return linkage.deflection(pulseMicros - neutralMicros);
    }

    /**
     * @return power behind a pulse of a motor output [-], 0 to 1
     * @param pulseMicros pulse [µs]
     */
    public double power(double pulseMicros) {
        return Math.max(0, Math.min(1, (pulseMicros - lowMicros) / (highMicros - lowMicros)));
    }

    /** Sign from mixed command to deflection as configured and built: +1 as meant, −1 turned. */
    public int sense() {
        return (reversed ? -1 : 1) * (linkage.longerPulseDown() ? 1 : -1);
    }

    /** The same output under another number. */
    public Output at(int number) {
        return new Output(number, surface, mix, reversed, centreMicros, lowMicros, highMicros, neutralMicros, linkage);
    }

    /** The same output turned round. */
    public Output turnedRound() {
        return new Output(
                channel, surface, mix, !reversed, centreMicros, lowMicros, highMicros, neutralMicros, linkage);
    }

    /**
     * The same output with another centre.
     *
     * @param centre [µs]
     */
    public Output withCentre(double centre) {
        return new Output(channel, surface, mix, reversed, centre, lowMicros, highMicros, neutralMicros, linkage);
    }

    /**
     * The same output with another travel.
     *
     * @param low [µs]
     * @param high [µs]
     */
    public Output withTravel(double low, double high) {
        return new Output(channel, surface, mix, reversed, centreMicros, low, high, neutralMicros, linkage);
    }

    /** The same output with another mix. */
    public Output withMix(MixRow newMix) {
        return new Output(
                channel, surface, newMix, reversed, centreMicros, lowMicros, highMicros, neutralMicros, linkage);
    }

    /**
     * The same output on a surface that is neutral at another pulse.
     *
     * @param neutral [µs]
     */
    public Output withNeutral(double neutral) {
        return new Output(channel, surface, mix, reversed, centreMicros, lowMicros, highMicros, neutral, linkage);
    }

    /** The same output with another linkage. */
    public Output withLinkage(Linkage newLinkage) {
        return new Output(
                channel, surface, mix, reversed, centreMicros, lowMicros, highMicros, neutralMicros, newLinkage);
    }
}
