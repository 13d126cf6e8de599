package app.drachen.core.controls;

import app.drachen.core.units.Ranges;

/**
 * Shares of the commands in one output. Positive means trailing edge down (rudder: left).
 *
 * @param roll [-], −2 to 2
 * @param pitch [-], −2 to 2
 * @param yaw [-], −2 to 2
 * @param power [-], −2 to 2
 * @param flaps [-], −2 to 2
 */
public record MixRow(double roll, double pitch, double yaw, double power, double flaps) {
    public static final MixRow NONE = new MixRow(0, 0, 0, 0);
    public static final MixRow MOTOR = new MixRow(0, 0, 0, 1);

    public MixRow {
        Ranges.require("roll share", roll, -2, 2, "-");
        Ranges.require("pitch share", pitch, -2, 2, "-");
        Ranges.require("yaw share", yaw, -2, 2, "-");
        Ranges.require("power share", power, -2, 2, "-");
        Ranges.require("flap share", flaps, -2, 2, "-");
    }

    /** A row that flaps do not move. */
    public MixRow(double roll, double pitch, double yaw, double power) {
        this(roll, pitch, yaw, power, 0);
    }

    /**
     * @return the share of one command [-]
     */
    public double share(Axis axis) {
        return switch (axis) {
            case ROLL -> roll;
            case PITCH -> pitch;
            case YAW -> yaw;
            case POWER -> power;
        };
    }

    /**
     * The same row with one share changed.
     *
     * @param axis the command
     * @param share [-], −2 to 2
     */
    public MixRow with(Axis axis, double share) {
        return new MixRow(
                axis == Axis.ROLL ? share : roll,
                axis == Axis.PITCH ? share : pitch,
                axis == Axis.YAW ? share : yaw,
                axis == Axis.POWER ? share : power,
                flaps);
    }

    /**
     * The same row with another share of the flaps.
     *
     * @param share [-], −2 to 2
     */
    public MixRow withFlaps(double share) {
        return new MixRow(roll, pitch, yaw, power, share);
    }

    /** Whether nothing moves the output. */
    public boolean isEmpty() {
        return roll == 0 && pitch == 0 && yaw == 0 && power == 0 && flaps == 0;
    }

    /**
     * Mixes the commands.
     *
     * @param rollCommand [-], −1 to 1
     * @param pitchCommand [-], −1 to 1
     * @param yawCommand [-], −1 to 1
     * @param powerCommand [-], 0 to 1
     * @return output [-]
     */
    public double mix(double rollCommand, double pitchCommand, double yawCommand, double powerCommand) {
        return roll * rollCommand + pitch * pitchCommand + yaw * yawCommand + power * powerCommand;
    }
}
