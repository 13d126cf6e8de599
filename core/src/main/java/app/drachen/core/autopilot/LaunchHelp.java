package app.drachen.core.autopilot;

import static app.drachen.core.math.Statistics.clamp;

import app.drachen.core.modes.Limits;
import app.drachen.core.sensing.Sensed;

/**
 * Help with a throw: wings level and nose a little up, the motor 0.3 s after the hand is out of the way, and no turn
 * before 15 m.
 *
 * <p>Source: common practice; 13° of nose, less when slow, own choices.
 *
 * <p>Mutable, for one thread; nothing is allocated.
 */
final class LaunchHelp {
    private static final double HAND_AWAY = 0.3;
    private static final double DONE_HEIGHT = 15;
    private static final double LONGEST = 12;
    private static final double NOSE = Math.toRadians(13);

    private final Limits limits;
    private boolean armed;
    private boolean flying;
    private double time;
    private double from;

    LaunchHelp(Limits limits) {
        this.limits = limits;
    }

    void arm() {
        armed = true;
        flying = false;
    }

    /** Whether the help flies now; a throw is felt by airspeed. */
    boolean flies(double step, Sensed sensed) {
        if (armed && sensed.airspeed() > 0.4 * limits.leastSpeed()) {
            armed = false;
            flying = true;
            time = 0;
            from = sensed.height();
        }
        if (flying) {
            time += step;
            boolean high = sensed.height() - from > DONE_HEIGHT && sensed.airspeed() > limits.leastSpeed();
            flying = !high && time < LONGEST;
        }
        return flying;
    }

    /** Nose wanted [rad]. */
    double pitch(Sensed sensed) {
        double slow = Math.max(0, 1.1 * limits.leastSpeed() - sensed.airspeed());
        return clamp(NOSE - 0.05 * slow, Math.toRadians(2), NOSE);
    }

    double power() {
        return time < HAND_AWAY ? 0 : 1;
    }
}
