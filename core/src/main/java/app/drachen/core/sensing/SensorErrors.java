package app.drachen.core.sensing;

import app.drachen.core.math.NoiseSource;

/**
 * What is wrong with the sensors of one board for a whole flight, and how much they flicker.
 *
 * <p>Source: own estimates of one standard deviation, for the sensors that small boards carry: gyro 0.003 rad/s after the
 * zero at power-up, accelerometer 0.08 m/s², pitot 1.5 Pa and 2 % after its zero, compass 3°, weather 0.5 m.
 *
 * @param gyro bias about x, y, z [rad/s]
 * @param accelerometer bias along x, y, z [m/s²]
 * @param pitotZero [Pa]
 * @param pitotScale share of the true dynamic pressure that is shown [-]
 * @param compass how far to the right of the true heading it shows [rad]
 * @param height how much too high pressure height shows [m]
 * @param flicker size of the noise and coarseness, 1 as estimated, 0 for none [-]
 */
public record SensorErrors(
        Axes gyro,
        Axes accelerometer,
        double pitotZero,
        double pitotScale,
        double compass,
        double height,
        double flicker) {
    /** Sensors that show what is. */
    public static final SensorErrors NONE = new SensorErrors(Axes.ZERO, Axes.ZERO, 0, 1, 0, 0, 0);

    /**
     * Three values along the body axes.
     *
     * @param x [unit of the sensor]
     * @param y [unit of the sensor]
     * @param z [unit of the sensor]
     */
    public record Axes(double x, double y, double z) {
        public static final Axes ZERO = new Axes(0, 0, 0);

        static Axes drawn(NoiseSource noise, double size) {
            return new Axes(size * noise.gaussian(), size * noise.gaussian(), size * noise.gaussian());
        }
    }

    /** The sensors of one board out of many. */
    public static SensorErrors drawn(NoiseSource noise) {
        return new SensorErrors(
                Axes.drawn(noise, 0.003),
                Axes.drawn(noise, 0.08),
                1.5 * noise.gaussian(),
                1 + 0.02 * noise.gaussian(),
                Math.toRadians(3) * noise.gaussian(),
                0.5 * noise.gaussian(),
                1);
    }
}
