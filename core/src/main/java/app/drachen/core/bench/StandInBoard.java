package app.drachen.core.bench;

import app.drachen.core.autopilot.Sticks;
import app.drachen.core.controls.Axis;
import app.drachen.core.controls.Surface;
import app.drachen.core.modes.FlightMode;
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

    /** What each surface is seen to do, against its rest position; a servo without power stays still. */
    public Map<Surface, Answer> answer(BenchCheck.Question question) {
        double direction = question.positive() ? 1 : -1;
        boolean sticks = question.check() == BenchCheck.STICK_TO_SURFACE;
        Map<Surface, Double> rest = angles(sticks, question.axis(), 0);
        Map<Surface, Double> moved = angles(sticks, question.axis(), direction);
        Map<Surface, Answer> answers = new LinkedHashMap<>();
        rest.forEach((surface, angle) -> {
            double change = moved.get(surface) - angle;
            answers.put(surface, Answer.of(surface, Math.abs(change) < SEEN ? 0 : change));
        });
        return answers;
    }

    private Map<Surface, Double> angles(boolean sticks, Axis axis, double direction) {
        LiveBoard board = LiveBoard.in(real, sticks ? FlightMode.MANUAL : FlightMode.LEVEL);
        double roll = axis == Axis.ROLL ? direction : 0;
        double pitch = axis == Axis.PITCH ? direction : 0;
        double yaw = axis == Axis.YAW ? direction : 0;
        LiveBoard.Inputs held = board.inputs();
        board.put(sticks ? held.with(new Sticks(roll, pitch, yaw, 0)) : held.tilted(roll * TILT, pitch * TILT));
        board.advance(2 * LiveBoard.TURN);
        return board.angles();
    }
}
