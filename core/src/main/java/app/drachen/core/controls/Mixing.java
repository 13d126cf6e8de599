package app.drachen.core.controls;

/**
 * What rows and extra mixes together make of the commands, every mix switched on and come in.
 *
 * <p>Source: arithmetic.
 */
public final class Mixing {
    private Mixing() {}

    /**
     * The mixed command of an output, before its travel limits it.
     *
     * @param roll [-], −1 to 1
     * @param pitch [-], −1 to 1
     * @param yaw [-], −1 to 1
     * @param power [-], 0 to 1
     * @param flaps [-], 0 to 1
     * @return [-]
     */
    public static double of(
            ControlSetup controls, Output output, double roll, double pitch, double yaw, double power, double flaps) {
        double r = roll;
        double p = pitch;
        double y = yaw;
        double own = 0;
        for (ExtraMix mix : controls.extras()) {
            double value = mix.value(
                    switch (mix.from()) {
                        case ROLL -> roll;
                        case PITCH -> pitch;
                        case YAW -> yaw;
                        case POWER -> power;
                        case FLAPS -> flaps;
                        case ONE -> 1;
                    });
            switch (mix.to()) {
                case "roll" -> r += value;
                case "pitch" -> p += value;
                case "yaw" -> y += value;
                default -> own += mix.to().equals(output.surface().id()) ? value : 0;
            }
        }
        return output.mixed(r, p, y, power, flaps) + own;
    }
}
