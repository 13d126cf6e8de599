package app.drachen.core.flight;

import app.drachen.core.air.Field;
import app.drachen.core.math.NoiseSource;

/**
 * Wind and gusts at the aircraft.
 *
 * <p>Source: mean wind by {@link Field#windAt}; gusts as first-order Gauss-Markov processes with
 * the length scales and ratios of MIL-F-8785C (1980), low-altitude model: L_w = h, σ_w = 0.1 of the
 * wind at 20 ft, and L_u = h/(0.177 + 0.000823h)^1.2 in feet. The along-wind σ is taken from the
 * field's gust, (gust − wind)/2.5, own estimate ±30 %. The full second-order forms are left out.
 */
public final class Gusts {
    private final Field field;
    private final NoiseSource noise;
    private final double towardsNorth;
    private final double towardsEast;
    private final double lowWind;
    private double along;
    private double across;
    private double up;

    /** Wind of a field with a source of gusts. */
    public Gusts(Field field, NoiseSource noise) {
        this.field = field;
        this.noise = noise;
        lowWind = field.windAt(6.1);
        towardsNorth = -Math.cos(field.windFrom());
        towardsEast = -Math.sin(field.windFrom());
    }

    /**
     * Moves the gusts on.
     *
     * @param step [s]
     * @param height above ground [m]
     * @param airspeed [m/s]
     */
    public void advance(double step, double height, double airspeed) {
        double h = Math.max(3, height);
        double feet = h / 0.3048;
        double longLength = feet / Math.pow(0.177 + 0.000823 * feet, 1.2) * 0.3048;
        double sigma = (field.gust() - field.wind()) / 2.5;
        double sigmaUp = Math.min(sigma, 0.1 * lowWind);
        double speed = Math.max(3, airspeed);
        along = process(along, step, sigma, speed / longLength);
        across = process(across, step, sigma, speed / longLength);
        up = process(up, step, sigmaUp, speed / h);
    }

    private double process(double value, double step, double sigma, double perSecond) {
        double keep = Math.exp(-step * perSecond);
        return keep * value + sigma * Math.sqrt(1 - keep * keep) * noise.gaussian();
    }

    /**
     * @param height above ground [m]
     * @return velocity of the air to the north [m/s]
     */
    public double north(double height) {
        return (field.windAt(height) + along) * towardsNorth - across * towardsEast;
    }

    /**
     * @param height above ground [m]
     * @return velocity of the air to the east [m/s]
     */
    public double east(double height) {
        return (field.windAt(height) + along) * towardsEast + across * towardsNorth;
    }

    /**
     * @return velocity of the air downwards [m/s]
     */
    public double down() {
        return -up;
    }
}
