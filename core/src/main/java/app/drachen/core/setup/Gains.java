package app.drachen.core.setup;

import app.drachen.core.units.Ranges;

/**
 * Gains of the stand-in autopilot, at cruise speed.
 *
 * @param roll loops about the roll axis
 * @param pitch loops about the pitch axis
 * @param yawRate yaw damping [1/(rad/s)], 0 to 3
 * @param heightGain wanted climb per height error [1/s], 0 to 3
 * @param climbGain wanted pitch per climb error [rad/(m/s)], 0 to 0.5
 * @param speedGain power per airspeed error [1/(m/s)], 0 to 1
 * @param lookAhead of the path guidance: how far ahead it aims over the speed over ground [s], 0.6 to 14
 */
public record Gains(
        AxisGains roll,
        AxisGains pitch,
        double yawRate,
        double heightGain,
        double climbGain,
        double speedGain,
        double lookAhead) {
    public Gains {
        Ranges.require("yaw rate gain", yawRate, 0, 3, "1/(rad/s)");
        Ranges.require("height gain", heightGain, 0, 3, "1/s");
        Ranges.require("climb gain", climbGain, 0, 0.5, "rad/(m/s)");
        Ranges.require("speed gain", speedGain, 0, 1, "1/(m/s)");
        Ranges.require("look-ahead time", lookAhead, 0.6, 14, "s");
    }

    /**
     * Gains of one axis.
     *
     * @param angle wanted rate per angle error [1/s], 0 to 20
     * @param rate command per rate error [1/(rad/s)], 0 to 5
     * @param integral command per angle of accumulated rate error [1/rad], 0 to 20
     * @param forward command per wanted rate [1/(rad/s)], 0 to 5
     */
    public record AxisGains(double angle, double rate, double integral, double forward) {
        public AxisGains {
            Ranges.require("angle gain", angle, 0, 20, "1/s");
            Ranges.require("rate gain", rate, 0, 5, "1/(rad/s)");
            Ranges.require("integral gain", integral, 0, 20, "1/rad");
            Ranges.require("forward gain", forward, 0, 5, "1/(rad/s)");
        }
    }
}
