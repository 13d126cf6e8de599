package app.drachen.core.autopilot;

/**
 * The four sticks as the autopilot receives them, radio trim included.
 *
 * @param roll [-], −1.3 to 1.3
 * @param pitch [-], −1.3 to 1.3
 * @param yaw [-], −1.3 to 1.3
 * @param power [-], 0 to 1
 */
public record Sticks(double roll, double pitch, double yaw, double power) {
    public static final Sticks CENTRED = new Sticks(0, 0, 0, 0);
}
