package app.drachen.core.sensing;

/**
 * The angle of attack as a board can know it without a vane, for in a turn without end the flow that comes from below looks like
 * gravity. Without sideslip sin γ = cos α·sin θ − sin α·cos φ·cos θ, γ from climb over airspeed; a filter of first order.
 *
 * <p>Source: B. L. Stevens, F. L. Lewis, Aircraft Control and Simulation, 2003; time of 1 s an own choice.
 */
final class AttackFilter {
    private static final double LEAST_FLYING = 5;
    private static final double MOST = Math.toRadians(15);
    private static final double TIME = 1;

    private double angle;

    /**
     * @param airspeed [m/s]; the angle is told only while it flies
     * @param climb [m/s]
     */
    void update(double step, double airspeed, double climb, double roll, double pitch) {
        double told = 0;
        if (airspeed > LEAST_FLYING) {
            double path = Math.max(-0.5, Math.min(0.5, climb / airspeed));
            double upright = Math.max(0.5, Math.cos(roll) * Math.cos(pitch));
            told = Math.max(-MOST / 3, Math.min(MOST, (Math.sin(pitch) - path) / upright));
        }
        angle += step / TIME * (told - angle);
    }

    /**
     * @return [rad], −5° to 15°
     */
    double angle() {
        return angle;
    }
}
