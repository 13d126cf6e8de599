package app.drachen.core.autopilot;

import app.drachen.core.controls.ControlSetup;
import app.drachen.core.controls.ExtraMix;
import app.drachen.core.controls.Output;
import java.util.List;
import java.util.function.Predicate;

/**
 * The extra mixes at work: each comes in slowly where it is switched on, and goes out as slowly.
 *
 * <p>Mutable, for one thread; nothing is allocated.
 */
final class ExtraMixes {
    private final ExtraMix[] mixes;
    private final int[] output;
    private final double[] in;
    private final double[] added;

    /** What they add to the commands. */
    double roll;

    double pitch;
    double yaw;

    ExtraMixes(ControlSetup controls) {
        List<Output> outputs = controls.outputs();
        mixes = controls.extras().toArray(ExtraMix[]::new);
        output = new int[mixes.length];
        in = new double[mixes.length];
        java.util.Arrays.fill(in, 1);
        added = new double[outputs.size()];
        for (int i = 0; i < mixes.length; i++) {
            output[i] = -1;
            for (int k = 0; k < outputs.size(); k++) {
                if (outputs.get(k).surface().id().equals(mixes[i].to())) {
                    output[i] = k;
                }
            }
        }
    }

    boolean none() {
        return mixes.length == 0;
    }

    /** What they add to one output. */
    double added(int toOutput) {
        return added[toOutput];
    }

    void update(
            double step,
            Predicate<String> on,
            double rollIn,
            double pitchIn,
            double yawIn,
            double power,
            double flaps) {
        roll = 0;
        pitch = 0;
        yaw = 0;
        java.util.Arrays.fill(added, 0);
        for (int i = 0; i < mixes.length; i++) {
            ExtraMix mix = mixes[i];
            double wanted = mix.onSwitch().isEmpty() || on.test(mix.onSwitch()) ? 1 : 0;
            double most = mix.slowIn() <= 0 ? 1 : step / mix.slowIn();
            in[i] += Math.max(-most, Math.min(most, wanted - in[i]));
            double value = in[i]
                    * mix.value(
                            switch (mix.from()) {
                                case ROLL -> rollIn;
                                case PITCH -> pitchIn;
                                case YAW -> yawIn;
                                case POWER -> power;
                                case FLAPS -> flaps;
                                case ONE -> 1;
                            });
            if (mix.toCommand()) {
                switch (mix.to()) {
                    case "roll" -> roll += value;
                    case "pitch" -> pitch += value;
                    default -> yaw += value;
                }
            } else if (output[i] >= 0) {
                added[output[i]] += value;
            }
        }
    }
}
