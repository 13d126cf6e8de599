package app.drachen.core.autopilot;

import static app.drachen.core.air.Atmosphere.GRAVITY;
import static app.drachen.core.math.Statistics.clamp;
import static app.drachen.core.math.Statistics.wrap;

import app.drachen.core.modes.Limits;
import app.drachen.core.sensing.Sensed;
import app.drachen.core.setup.Gains;
import app.drachen.core.setup.Gains.AxisGains;

/**
 * Attitude and rate loops: commands from wanted attitude or rates.
 *
 * <p>Source: cascaded loops with feed-forward and scaling by dynamic pressure, gain·(V_ref/V)², as in R. W. Beard, T. W.
 * McLain, Small Unmanned Aircraft, 2012, chapter 6.
 *
 * <p>Mutable, for one thread; an update allocates nothing.
 */
final class Loops {
    private static final double INTEGRAL_LIMIT = 0.35;
    private static final double MOST_ROLL_RATE = 2.5;
    private static final double MOST_PITCH_RATE = 1.5;

    private final Limits limits;
    private final double yawRate;
    private AxisGains roll;
    private AxisGains pitch;
    private double knob = 1;
    private double rollIntegral;
    private double pitchIntegral;
    private double heldRoll;
    private double heldPitch;
    private double rollAsked;
    private double pitchAsked;

    double rollCommand;
    double pitchCommand;
    double yawCommand;
    double wantedRoll = Double.NaN;
    double wantedPitch = Double.NaN;

    Loops(Limits limits, Gains gains) {
        this.limits = limits;
        yawRate = gains.yawRate();
        roll = gains.roll();
        pitch = gains.pitch();
    }

    AxisGains roll() {
        return roll;
    }

    AxisGains pitch() {
        return pitch;
    }

    void roll(AxisGains gains) {
        roll = gains;
    }

    void pitch(AxisGains gains) {
        pitch = gains;
    }

    void knob(double share) {
        knob = share;
    }

    double rollAsked() {
        return rollAsked;
    }

    double pitchAsked() {
        return pitchAsked;
    }

    /** Forgets what was learned in another mode. */
    void forget() {
        rollIntegral = 0;
        pitchIntegral = 0;
    }

    /** Takes the present attitude as the one to keep in Rate. */
    void keep(Sensed sensed) {
        heldRoll = sensed.roll();
        heldPitch = sensed.pitch();
    }

    /** Commands straight from the sticks. */
    void direct(double rollStick, double pitchStick, double yawStick) {
        wantedRoll = Double.NaN;
        wantedPitch = Double.NaN;
        rollAsked = 0;
        pitchAsked = 0;
        rollCommand = rollStick;
        pitchCommand = pitchStick;
        yawCommand = yawStick;
    }

    /** Turns at the rates the sticks ask for; keeps the attitude where they are let go. */
    void rates(double step, Sticks sticks, Sensed sensed) {
        double rollRate = MOST_ROLL_RATE * sticks.roll();
        double pitchRate = MOST_PITCH_RATE * sticks.pitch();
        heldRoll = wrap(heldRoll + rollRate * step);
        heldPitch = clamp(heldPitch + pitchRate * step, -1.3, 1.3);
        wantedRoll = Double.NaN;
        wantedPitch = Double.NaN;
        command(
                step,
                rollRate + roll.angle() * wrap(heldRoll - sensed.roll()),
                pitchRate + pitch.angle() * (heldPitch - sensed.pitch()),
                sticks.yaw(),
                sensed);
    }

    /** Takes and keeps a bank and a pitch [rad] within the limits. */
    void attitude(double step, double bank, double nose, double yawStick, Sensed sensed) {
        wantedRoll = clamp(bank, -limits.bank(), limits.bank());
        wantedPitch = clamp(nose, -limits.pitchDown(), limits.pitchUp());
        double rollRate = clamp(roll.angle() * wrap(wantedRoll - sensed.roll()), -MOST_ROLL_RATE, MOST_ROLL_RATE);
        double climbRate = clamp(pitch.angle() * (wantedPitch - sensed.pitch()), -MOST_PITCH_RATE, MOST_PITCH_RATE);
        double held = clamp(sensed.roll(), -1.2, 1.2);
        double turn = GRAVITY / Math.max(5, sensed.airspeed()) * Math.tan(held);
        command(
                step,
                rollRate,
                climbRate * Math.cos(held) + turn * Math.sin(held) * Math.cos(sensed.pitch()),
                yawStick,
                sensed);
    }

    private void command(double step, double rollRate, double pitchRate, double yawStick, Sensed sensed) {
        rollAsked = rollRate;
        pitchAsked = pitchRate;
        double ratio = limits.cruiseSpeed() / Math.max(0.5 * limits.cruiseSpeed(), sensed.airspeed());
        double scale = Math.min(2.5, ratio * ratio);
        double rollError = rollRate - sensed.rollRate();
        double pitchError = pitchRate - sensed.pitchRate();
        rollIntegral = clamp(rollIntegral + roll.integral() * rollError * step, -INTEGRAL_LIMIT, INTEGRAL_LIMIT);
        pitchIntegral = clamp(pitchIntegral + pitch.integral() * pitchError * step, -INTEGRAL_LIMIT, INTEGRAL_LIMIT);
        rollCommand = clamp(scale * (roll.forward() * rollRate + knob * roll.rate() * rollError + rollIntegral), -1, 1);
        pitchCommand =
                clamp(scale * (pitch.forward() * pitchRate + knob * pitch.rate() * pitchError + pitchIntegral), -1, 1);
        double turn = GRAVITY / Math.max(5, sensed.airspeed()) * Math.sin(clamp(sensed.roll(), -1.2, 1.2));
        yawCommand = clamp(yawStick + scale * yawRate * (turn - sensed.yawRate()), -1, 1);
    }
}
