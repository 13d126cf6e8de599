package app.drachen.core.flight;

import app.drachen.core.air.Field;
import app.drachen.core.math.NoiseSource;
import app.drachen.core.math.Table;
import java.util.function.DoubleUnaryOperator;

/**
 * Wind and gusts at the aircraft: mean wind over height and Dryden turbulence.
 *
 * <p>Source: mean wind by {@link Field#windAt}; turbulence of MIL-F-8785C (1980), section 3.7.2, Dryden form, with the
 * low-altitude scales and ratios L_w = h, L_u = L_v = h/(0.177 + 0.000823·h)^1.2 and σ_w = σ_u·(0.177 + 0.000823·h)^0.4,
 * h in feet from 10 to 1 000. The size σ_u is taken from the field's gust, (gust − wind)/2.5: a gust that is seldom passed
 * lies some 2.5 σ above the mean (own estimate ±30 %). The processes are made discrete exactly, so that their variance
 * does not depend on the step.
 *
 * <p>Mutable, for one thread; a step allocates nothing but a cell of a table that is first asked.
 */
public final class Gusts {
    private static final double FOOT = 0.3048;

    /** The tables reach to here [m]. */
    private static final double HIGHEST = 400;

    private static final double ROOT3 = Math.sqrt(3);

    private final Field field;
    private final NoiseSource noise;
    private final double span;
    private final double towardsNorth;
    private final double towardsEast;

    /** What depends on the height alone, each within 1e-8 of its unit. */
    private final Table lengths = table(Gusts::length);

    private final Table upwardShares = table(Gusts::upwardShare);
    private final Table rollShares = table(this::rollShare);
    private final Table winds;
    private final Second acrossWind = new Second();
    private final Second upwards = new Second();
    private double along;
    private double across;
    private double up;
    private double roll;

    /** Wind of a field with a source of gusts, felt at one point. */
    public Gusts(Field field, NoiseSource noise) {
        this(field, noise, 0);
    }

    /**
     * Wind of a field with a source of gusts.
     *
     * @param span of the wing that feels them unequally [m]; 0 for none
     */
    public Gusts(Field field, NoiseSource noise, double span) {
        this.field = field;
        this.noise = noise;
        this.span = span;
        winds = table(field::windAt);
        towardsNorth = -Math.cos(field.windFrom());
        towardsEast = -Math.sin(field.windFrom());
    }

    private static Table table(DoubleUnaryOperator ofHeight) {
        return new Table(ofHeight, 0, HIGHEST, 1, 1e-8);
    }

    /**
     * Length of turbulence along and across the wind.
     *
     * @param height above ground [m]
     * @return L_u = L_v [m]
     */
    public static double length(double height) {
        double feet = feet(height);
        return feet / Math.pow(0.177 + 0.000823 * feet, 1.2) * FOOT;
    }

    /**
     * How much smaller gusts upwards are than gusts along the wind.
     *
     * @param height above ground [m]
     * @return σ_w/σ_u [-]
     */
    public static double upwardShare(double height) {
        return Math.pow(0.177 + 0.000823 * feet(height), 0.4);
    }

    private static double feet(double height) {
        return Math.max(10, Math.min(1_000, height / FOOT));
    }

    /**
     * @return size of gusts along the wind [m/s]
     */
    public double sigma() {
        return (field.gust() - field.wind()) / 2.5;
    }

    /**
     * Moves the gusts on.
     *
     * @param step [s]
     * @param height above ground [m]
     * @param airspeed [m/s]
     */
    public void advance(double step, double height, double airspeed) {
        double speed = Math.max(3, airspeed);
        double length = lengths.at(height);
        double low = feet(height) * FOOT;
        double sigma = sigma();
        double sigmaUp = sigma * upwardShares.at(height);
        along = first(along, step * speed / length, sigma);
        across = sigma * acrossWind.advance(step * speed / length, noise);
        up = sigmaUp * upwards.advance(step * speed / low, noise);
        if (span > 0) {
            roll = first(roll, step * speed * Math.PI / (4 * span), sigmaUp * rollShares.at(height));
        }
    }

    /** Φ_p of the same section, integrated: σ_p² = 0.8·π²/(8·b·L_w)·(π·L_w/4b)^⅓·σ_w². */
    private double rollShare(double height) {
        double low = feet(height) * FOOT;
        return Math.sqrt(0.8 * Math.PI * Math.PI / (8 * span * low) * Math.cbrt(Math.PI * low / (4 * span)));
    }

    /** First-order process of variance sigma², steps in units of its time. */
    private double first(double value, double steps, double sigma) {
        double keep = Math.exp(-steps);
        return keep * value + sigma * Math.sqrt(1 - keep * keep) * noise.gaussian();
    }

    /**
     * White noise through (1 + √3·τs)/(1 + τs)², of variance 1: y = √3·z₁ + (1 − √3)·z₂ with z₁ = n/(1 + τs) and
     * z₂ = z₁/(1 + τs); both are moved on exactly, with their joint covariance over the step.
     */
    private static final class Second {
        private double first;
        private double second;

        double advance(double k, NoiseSource noise) {
            double keep = Math.exp(-k);
            double square = keep * keep;
            double q11 = (1 - square) / 2;
            double q12 = (1 - square * (1 + 2 * k)) / 4;
            double q22 = (1 - square * (1 + 2 * k + 2 * k * k)) / 4;
            double root = Math.sqrt(q11);
            double a = noise.gaussian();
            double b = noise.gaussian();
            second = keep * (second + k * first) + q12 / root * a + Math.sqrt(Math.max(0, q22 - q12 * q12 / q11)) * b;
            first = keep * first + root * a;
            return ROOT3 * first + (1 - ROOT3) * second;
        }
    }

    /**
     * @param height above ground [m]
     * @return velocity of the air to the north [m/s]
     */
    public double north(double height) {
        return (winds.at(height) + along) * towardsNorth - across * towardsEast;
    }

    /**
     * @param height above ground [m]
     * @return velocity of the air to the east [m/s]
     */
    public double east(double height) {
        return (winds.at(height) + along) * towardsEast + across * towardsNorth;
    }

    /**
     * @return velocity of the air downwards [m/s]
     */
    public double down() {
        return -up;
    }

    /**
     * @return turning of the air about the flight path, right side down positive [rad/s]
     */
    public double rollRate() {
        return roll;
    }
}
