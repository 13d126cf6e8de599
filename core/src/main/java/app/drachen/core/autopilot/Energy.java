package app.drachen.core.autopilot;

import static app.drachen.core.math.Statistics.clamp;

import app.drachen.core.modes.Limits;
import app.drachen.core.modes.Loss;
import app.drachen.core.sensing.Sensed;
import app.drachen.core.setup.Gains;

/**
 * Height by pitch and speed by power, each helped by the other's demand.
 *
 * <p>Source: after A. A. Lambregts, "Vertical flight path and speed control autopilot design using total energy
 * principles", 1983, simplified: a wanted climb asks for power at once, a lack of speed of more than 1.5 m/s takes nose.
 *
 * <p>Mutable, for one thread; an update allocates nothing.
 */
final class Energy {
    private final Limits limits;
    private final Gains gains;
    private final double cruisePower;
    private double pitchTrim;
    private double powerTrim;

    double pitch;
    double power;

    Energy(Limits limits, Gains gains, double cruisePower) {
        this.limits = limits;
        this.gains = gains;
        this.cruisePower = cruisePower;
    }

    void start(Sensed sensed) {
        pitchTrim = clamp(sensed.pitch(), -0.1, 0.15);
        powerTrim = 0;
    }

    /** Towards a height [m] at a speed [m/s]. */
    void update(double step, double height, double speed, Sensed sensed) {
        double wantedClimb =
                clamp(gains.heightGain() * (height - sensed.height()), -limits.climbRate(), limits.climbRate());
        double climbError = wantedClimb - sensed.climb();
        double slow = clamp(speed - sensed.airspeed(), -3, 3);
        pitchTrim = clamp(pitchTrim + 0.25 * gains.climbGain() * climbError * step, -0.15, 0.25);
        double forSpeed = Math.max(0, slow - 1.5) * 0.08;
        pitch = clamp(
                pitchTrim + wantedClimb / Math.max(5, sensed.airspeed()) + gains.climbGain() * climbError - forSpeed,
                -limits.pitchDown(),
                limits.pitchUp());
        double bankLoad = 1 / Math.max(0.4, Math.cos(sensed.roll())) - 1;
        powerTrim = clamp(powerTrim + 0.2 * gains.speedGain() * slow * step, -0.3, 0.4);
        power = clamp(cruisePower + powerTrim + gains.speedGain() * slow + 0.12 * wantedClimb + 0.3 * bankLoad, 0, 1);
    }

    /** Down without power at a speed [m/s], the nose alone keeping it. */
    void glide(double step, double speed, Sensed sensed) {
        nose(step, speed, sensed);
        power = 0;
    }

    /** On at a height [m] and a speed [m/s]; where no height comes, with the power of level flight, the nose keeping the speed. */
    void straightOn(double step, double height, double speed, Sensed sensed) {
        if (!sensed.silent(Loss.HEIGHT)) {
            update(step, height, speed, sensed);
            return;
        }
        nose(step, speed, sensed);
        power = cruisePower;
    }

    private void nose(double step, double speed, Sensed sensed) {
        double slow = clamp(speed - sensed.airspeed(), -4, 4);
        pitchTrim = clamp(pitchTrim - 0.02 * slow * step, -0.3, 0.15);
        pitch = clamp(pitchTrim - 0.03 * slow, -limits.pitchDown(), limits.pitchUp());
    }
}
