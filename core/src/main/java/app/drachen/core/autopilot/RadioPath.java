package app.drachen.core.autopilot;

import app.drachen.core.controls.Axis;
import app.drachen.core.controls.ControlSetup;
import app.drachen.core.controls.RadioSide;
import app.drachen.core.controls.StickChannel;
import java.util.Optional;

/**
 * From the sticks to what the board takes them for: channels in the wrong order, weights, end points and a radio that mixes by itself
 * arrive as they are. A radio that was not entered, or does nothing of this, lets the sticks through.
 *
 * <p>Source: arithmetic of the radio; its own mix is half of each stick, common practice.
 */
public final class RadioPath {
    private final Optional<RadioSide> radio;
    private final boolean tail;

    /**
     * The path of an aircraft.
     *
     * @param tail whether a radio that mixes mixes pitch and yaw (a V-tail), not roll and pitch (elevons)
     */
    public RadioPath(ControlSetup controls, boolean tail) {
        radio = controls.radio().filter(r -> !r.plain());
        this.tail = tail;
    }

    /**
     * What the board hears.
     *
     * @param moved the sticks, with radio trims
     */
    public Sticks heard(Sticks moved) {
        if (radio.isEmpty()) {
            return moved;
        }
        double roll = moved.roll();
        double pitch = moved.pitch();
        double yaw = moved.yaw();
        if (radio.get().mixes()) {
            double other = tail ? yaw : roll;
            double first = (other - pitch) / 2;
            pitch = -(other + pitch) / 2;
            roll = tail ? roll : first;
            yaw = tail ? first : yaw;
        }
        double[] sent = {roll, pitch, yaw, 2 * moved.power() - 1};
        return new Sticks(
                taken(Axis.ROLL, sent, 0),
                taken(Axis.PITCH, sent, 0),
                taken(Axis.YAW, sent, 0),
                (taken(Axis.POWER, sent, -1) + 1) / 2);
    }

    private double taken(Axis meaning, double[] sent, double nothing) {
        RadioSide side = radio.orElseThrow();
        Optional<StickChannel> from = side.takenFor(meaning);
        if (from.isEmpty()) {
            return nothing;
        }
        StickChannel channel = from.get();
        return side.command(channel.pulse(sent[channel.stick().ordinal()], side.microsPerPercent(), 0));
    }
}
