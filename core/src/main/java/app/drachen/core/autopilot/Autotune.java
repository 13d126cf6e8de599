package app.drachen.core.autopilot;

import app.drachen.core.setup.Gains;
import app.drachen.core.setup.Gains.AxisGains;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Gains that adapt from stick reversals, step by step: every 5 s in which an axis was reversed at least twice, its gains
 * move by at most a quarter towards those of the answer found. Nothing is saved until asked.
 *
 * <p>Source: answer by {@link RateFit}; gains as {@link StartGains}, by half of S. Skogestad, "Simple analytic rules for
 * model reduction and PID controller tuning", 2003: K_c = T/(K(τ_c + θ)), τ_c = 2θ, θ at least 0.06 s.
 *
 * <p>Mutable, for one thread.
 */
final class Autotune {
    /** Time between changes [s]; a property of a board, TUNE-S2. */
    static final double INTERVAL = 5;

    private static final double FULL = 0.8;
    private static final double MOST_STEP = 1.25;
    private static final double CONVERGED = 0.05;
    private static final double LEAST_FIT = 0.5;

    private final Axis roll = new Axis("roll");
    private final Axis pitch = new Axis("pitch");
    private final List<Change> changes = new ArrayList<>();
    private double time;
    private double sinceSample;

    /**
     * One change of an axis.
     *
     * @param time since the start [s]
     * @param axis its name
     * @param reversals of the stick so far, both ways [-]
     * @param before gains before
     * @param after gains after
     */
    record Change(double time, String axis, int reversals, AxisGains before, AxisGains after) {
        /** Whether it is small. */
        boolean small() {
            return Math.abs(after.forward() / before.forward() - 1) < CONVERGED
                    && Math.abs(after.rate() / before.rate() - 1) < CONVERGED;
        }
    }

    private static final class Axis {
        final String name;
        final RateFit fit = new RateFit();
        int side;
        int reversals;
        int reversalsThen;
        double since;

        Axis(String name) {
            this.name = name;
        }

        void stick(double value) {
            if (Math.abs(value) > FULL && Math.signum(value) != side) {
                reversals += side == 0 ? 0 : 1;
                side = (int) Math.signum(value);
            }
        }
    }

    List<Change> changes() {
        return List.copyOf(changes);
    }

    /** Whether the last two changes of both axes were small. */
    boolean converged() {
        if (changes.size() < 4) {
            return false;
        }
        for (Axis axis : List.of(roll, pitch)) {
            List<Change> own =
                    changes.stream().filter(c -> c.axis().equals(axis.name)).toList();
            int n = own.size();
            if (n < 2 || !own.get(n - 1).small() || !own.get(n - 2).small()) {
                return false;
            }
        }
        return true;
    }

    int reversals() {
        return roll.reversals + pitch.reversals;
    }

    /** Looks on, and changes gains when their time has come. */
    void update(double step, Sticks sticks, Loops loops, double rollRate, double pitchRate, double speed) {
        time += step;
        sinceSample += step;
        roll.stick(sticks.roll());
        pitch.stick(sticks.pitch());
        if (sinceSample >= RateFit.PERIOD - 1e-9) {
            roll.fit.add(loops.rollCommand, rollRate, speed);
            pitch.fit.add(loops.pitchCommand, pitchRate, speed);
            sinceSample = 0;
        }
        change(step, roll, loops.roll()).ifPresent(loops::roll);
        change(step, pitch, loops.pitch()).ifPresent(loops::pitch);
    }

    private Optional<AxisGains> change(double step, Axis axis, AxisGains now) {
        axis.since += step;
        if (axis.since < INTERVAL || axis.reversals - axis.reversalsThen < 2) {
            return Optional.empty();
        }
        axis.since = 0;
        axis.reversalsThen = axis.reversals;
        Optional<AxisGains> next =
                axis.fit.answer().filter(a -> a.fit() >= LEAST_FIT).map(a -> towards(now, a));
        next.ifPresent(g -> changes.add(new Change(time, axis.name, axis.reversals, now, g)));
        return next;
    }

    private static AxisGains towards(AxisGains now, RateFit.Answer answer) {
        double rate = StartGains.rateGain(answer.gain(), answer.time());
        double forward = StartGains.forwardGain(answer.gain());
        return new AxisGains(
                now.angle(),
                stepped(now.rate(), rate),
                stepped(now.integral(), StartGains.integralGain(forward)),
                stepped(now.forward(), forward));
    }

    private static double stepped(double now, double wanted) {
        return Math.max(now / MOST_STEP, Math.min(now * MOST_STEP, wanted));
    }

    /** The tuned gains of both axes with the other gains as they were. */
    static Gains into(Gains gains, Loops loops) {
        return new Gains(
                loops.roll(),
                loops.pitch(),
                gains.yawRate(),
                gains.heightGain(),
                gains.climbGain(),
                gains.speedGain(),
                gains.lookAhead());
    }
}
