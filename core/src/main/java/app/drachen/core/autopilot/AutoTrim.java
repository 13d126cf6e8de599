package app.drachen.core.autopilot;

import static app.drachen.core.math.Statistics.clamp;

import app.drachen.core.controls.ControlSetup;
import app.drachen.core.sensing.Sensed;

/**
 * Moves the centres in straight flight until nothing more need be commanded. It knows straight flight by bank and turning
 * alone: a nose held across the wind by rudder is straight too, and is learned.
 *
 * <p>Source: common practice; straight is less than 5° of bank and 3 °/s of turn, and the time of 10 s an own choice.
 *
 * <p>Mutable, for one thread; an update allocates nothing.
 */
final class AutoTrim {
    private static final double BANK = Math.toRadians(5);
    private static final double TURN = Math.toRadians(3);
    private static final double TIME = 10;
    private static final double MOST = 0.3;
    private static final double SMOOTH = 1;

    double roll;
    double pitch;
    double yaw;
    private double smoothTurn;
    private double smoothBank;

    /** Moves the centres by what the loops or the pilot command. */
    void update(double step, Loops loops, Sensed sensed) {
        double share = step / (SMOOTH + step);
        smoothTurn += share * (sensed.yawRate() - smoothTurn);
        smoothBank += share * (sensed.roll() - smoothBank);
        if (Math.abs(smoothBank) > BANK || Math.abs(smoothTurn) > TURN) {
            return;
        }
        double rate = step / TIME;
        roll = clamp(roll + rate * loops.rollCommand, -MOST, MOST);
        pitch = clamp(pitch + rate * loops.pitchCommand, -MOST, MOST);
        yaw = clamp(yaw + rate * loops.yawCommand, -MOST, MOST);
    }

    /** The outputs with their centres where they have gone. */
    ControlSetup into(ControlSetup controls) {
        boolean moved = roll != 0 || pitch != 0 || yaw != 0;
        return moved ? controls.shiftCentres(roll, pitch, yaw) : controls;
    }
}
