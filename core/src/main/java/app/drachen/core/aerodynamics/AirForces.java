package app.drachen.core.aerodynamics;

/**
 * Force and moment of the air on an aircraft about its centre of gravity, in body axes x forward, y right, z down.
 *
 * <p>Implementations keep their results in themselves, so that a step of a simulation allocates nothing; they are not
 * safe for use by several threads.
 */
public interface AirForces {
    /**
     * Computes force and moment.
     *
     * @param u velocity through the air, body x [m/s]
     * @param v velocity through the air, body y [m/s]
     * @param w velocity through the air, body z [m/s]
     * @param p roll rate through the air [rad/s]
     * @param q pitch rate [rad/s]
     * @param r yaw rate [rad/s]
     * @param density [kg/m³]
     * @param deflections of the outputs, trailing edge down positive [rad]
     */
    void compute(double u, double v, double w, double p, double q, double r, double density, double[] deflections);

    /**
     * Tells what a propeller does to the air behind it, before {@link #compute}.
     *
     * @param drive which, from 0
     * @param thrust [N]
     * @param density [kg/m³]
     */
    default void propeller(int drive, double thrust, double density) {}

    /**
     * Downwash over the tail that the wing of the last {@link #compute} sheds.
     *
     * @return angle [rad], 0 without a tail behind a wing
     */
    default double downwash() {
        return 0;
    }

    /**
     * How far the wing is ahead of its tail, which its downwash needs time to cross.
     *
     * @return [m], not negative
     */
    default double downwashWay() {
        return 0;
    }

    /**
     * Downwash that comes late: what the tail meets from now on, whatever the wing sheds.
     *
     * @param angle that left the wing a little ago [rad]
     */
    default void tailMeets(double angle) {}

    /** From now on the tail meets all that the wing sheds at once, as in steady flight. */
    default void tailMeetsAll() {}

    /**
     * @return force along body x [N]
     */
    double forceX();

    /**
     * @return force along body y [N]
     */
    double forceY();

    /**
     * @return force along body z [N]
     */
    double forceZ();

    /**
     * @return moment about body x [N m]
     */
    double momentX();

    /**
     * @return moment about body y [N m]
     */
    double momentY();

    /**
     * @return moment about body z [N m]
     */
    double momentZ();
}
