package app.drachen.core.rehearsal;

import app.drachen.core.flight.Aircraft;
import app.drachen.core.flight.Gusts;

/**
 * The wind from one row to the next: it goes along a straight line from the gust of the row before to that of this one, as air has no
 * steps in it. An aircraft meets each gust a row later than it was drawn.
 *
 * <p>Mutable, for one thread.
 */
final class WindLine {
    /** Velocity to the north, to the east, downwards [m/s], and turning of the air [rad/s]. */
    private double[] from;

    private double[] to;

    /** Takes in what the gusts have become at a height [m]. */
    void next(Gusts gusts, double height) {
        double[] now = {gusts.north(height), gusts.east(height), gusts.down(), gusts.rollRate()};
        from = to == null ? now : to;
        to = now;
    }

    /**
     * Moves an aircraft on by a step of the rehearsal.
     *
     * @param share how much of the row has passed [-]
     * @param pulses of the outputs [µs]
     * @param density [kg/m³]
     */
    void move(Aircraft aircraft, double share, double[] pulses, double density) {
        aircraft.gust(at(3, share));
        aircraft.step(Rehearsal.STEP, pulses, at(0, share), at(1, share), at(2, share), density);
    }

    private double at(int which, double share) {
        return from[which] + share * (to[which] - from[which]);
    }
}
