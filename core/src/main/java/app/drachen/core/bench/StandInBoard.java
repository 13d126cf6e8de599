package app.drachen.core.bench;

import app.drachen.core.autopilot.Autopilot;
import app.drachen.core.autopilot.Sticks;
import app.drachen.core.controls.Axis;
import app.drachen.core.controls.Output;
import app.drachen.core.controls.Surface;
import app.drachen.core.math.NoiseSource;
import app.drachen.core.modes.FlightMode;
import app.drachen.core.sensing.Sensed;
import app.drachen.core.setup.Setup;
import java.util.LinkedHashMap;
import java.util.Map;

/**
 * A simulated board on the bench: the stand-in autopilot, its outputs, the servos and the surfaces,
 * with a fault the pilot is to find.
 */
public final class StandInBoard {
    private static final double SEEN = Math.toRadians(1.2);
    private static final double TILT = Math.toRadians(25);

    private final Setup real;

    /**
     * A board on the bench.
     *
     * @param setup what the pilot believes
     * @param fault what is hidden
     */
    public StandInBoard(Setup setup, HiddenFault fault) {
        real = fault.hiddenIn(setup);
    }

    /** What each surface is seen to do, against its rest position. */
    public Map<Surface, Answer> answer(BenchCheck.Question question) {
        double direction = question.positive() ? 1 : -1;
        boolean sticks = question.check() == BenchCheck.STICK_TO_SURFACE;
        double[] rest = pulses(sticks, question.axis(), 0);
        double[] moved = pulses(sticks, question.axis(), direction);
        Map<Surface, Answer> answers = new LinkedHashMap<>();
        for (int i = 0; i < rest.length; i++) {
            Output output = real.controls().outputs().get(i);
            if (output.surface().inTheAir()) {
                double change = output.deflection(moved[i]) - output.deflection(rest[i]);
                answers.put(output.surface(), Answer.of(output.surface(), Math.abs(change) < SEEN ? 0 : change));
            }
        }
        return answers;
    }

    private double[] pulses(boolean sticks, Axis axis, double direction) {
        Autopilot autopilot = new Autopilot(real, 0.5);
        Sensed sensed = new Sensed(real.mount(), new NoiseSource(1));
        sensed.still(real.modes().limits().cruiseSpeed());
        double[] pulses = new double[real.controls().outputs().size()];
        if (sticks) {
            sensed.attitude(0, 0, 0);
            Sticks moved = new Sticks(
                    axis == Axis.ROLL ? direction : 0,
                    axis == Axis.PITCH ? direction : 0,
                    axis == Axis.YAW ? direction : 0,
                    0);
            autopilot.update(0.02, FlightMode.MANUAL, moved, sensed);
        } else {
            sensed.attitude(axis == Axis.ROLL ? direction * TILT : 0, axis == Axis.PITCH ? direction * TILT : 0, 0);
            autopilot.update(0.02, FlightMode.LEVEL, Sticks.CENTRED, sensed);
        }
        autopilot.mix(pulses);
        return pulses;
    }
}
