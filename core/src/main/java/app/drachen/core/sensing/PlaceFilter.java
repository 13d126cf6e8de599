package app.drachen.core.sensing;

/**
 * Place and velocity over ground from fixes that come late: carried on by the acceleration between them; a fix is compared
 * with what was believed when it was taken.
 *
 * <p>Source: delayed measurements after T. D. Larsen, N. A. Andersen, O. Ravn, N. K. Poulsen, "Incorporation of time
 * delayed measurements in a discrete-time Kalman filter", 1998, with constant shares (own choice: 0.6 of the velocity and
 * 0.4 of the place).
 */
final class PlaceFilter {
    private static final double VELOCITY_SHARE = 0.6;
    private static final double PLACE_SHARE = 0.4;

    private double place;
    private double velocity;
    private double placeThen;
    private double velocityThen;

    void start(double at, double moving) {
        place = at;
        velocity = moving;
        placeThen = at;
        velocityThen = moving;
    }

    void carry(double acceleration, double step) {
        place += step * (velocity + step * acceleration / 2);
        velocity += step * acceleration;
    }

    /** A fix that was taken when {@link #mark} was last called. */
    void correct(double fix, double moving) {
        velocity += VELOCITY_SHARE * (moving - velocityThen);
        place += PLACE_SHARE * (fix - placeThen);
    }

    /** Remembers what is believed now, for the fix that is being taken. */
    void mark() {
        placeThen = place;
        velocityThen = velocity;
    }

    /** Lets the velocity go towards another [m/s] with a time [s], while there are no fixes. */
    void lean(double towards, double step, double time) {
        velocity += step / time * (towards - velocity);
    }

    double place() {
        return place;
    }

    double velocity() {
        return velocity;
    }
}
