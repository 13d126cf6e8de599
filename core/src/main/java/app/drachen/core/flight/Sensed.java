package app.drachen.core.flight;

import app.drachen.core.math.NoiseSource;
import app.drachen.core.setup.BoardMount;

/**
 * What the board believes, turned by how it is mounted and configured, with simple sensor noise.
 *
 * <p>Source: own estimate; noise of 0.2 m in height, 0.1 m/s in climb and 0.3 m/s in airspeed
 * before a filter of 0.5 s (airspeed 0.25 s), 0.01 rad/s in the gyro. Attitude is taken as well estimated; biases,
 * delays and rates of sensors are left out.
 *
 * <p>Mutable, for one thread; fields are read through methods, angles [rad], rates [rad/s], lengths
 * [m], speeds [m/s].
 */
public final class Sensed {
    private static final double FILTER = 0.25;
    private static final double PRESSURE_FILTER = 0.5;

    private final NoiseSource noise;
    private boolean fresh = true;
    private final double cos;
    private final double sin;
    private final int turns;
    private final double levelRoll;
    private final double levelPitch;
    private double roll;
    private double pitch;
    private double heading;
    private double rollRate;
    private double pitchRate;
    private double yawRate;
    private double airspeed;
    private double height;
    private double climb;
    private double north;
    private double east;
    private double velocityNorth;
    private double velocityEast;

    /** Sensors of a board. */
    public Sensed(BoardMount mount, NoiseSource noise) {
        this.noise = noise;
        turns = mount.errorQuarterTurns();
        cos = Math.rint(Math.cos(turns * Math.PI / 2));
        sin = Math.rint(Math.sin(turns * Math.PI / 2));
        levelRoll = mount.levelRoll();
        levelPitch = mount.levelPitch();
    }

    /**
     * Reads the aircraft.
     *
     * @param aircraft the aircraft
     * @param step time since the last reading [s]
     */
    public void read(Aircraft aircraft, double step) {
        attitude(aircraft.roll(), aircraft.pitch(), aircraft.heading());
        double p = aircraft.rollRate() + 0.01 * noise.gaussian();
        double q = aircraft.pitchRate() + 0.01 * noise.gaussian();
        rollRate = cos * p + sin * q;
        pitchRate = -sin * p + cos * q;
        yawRate = aircraft.yawRate() + 0.01 * noise.gaussian();
        double share = fresh ? 1 : step / (FILTER + step);
        fresh = false;
        airspeed += share * (aircraft.airspeed() + 0.3 * noise.gaussian() - airspeed);
        double slow = share == 1 ? 1 : step / (PRESSURE_FILTER + step);
        height += slow * (aircraft.height() + 0.2 * noise.gaussian() - height);
        climb += slow * (aircraft.climb() + 0.1 * noise.gaussian() - climb);
        north = aircraft.north();
        east = aircraft.east();
        velocityNorth = aircraft.velocityNorth();
        velocityEast = aircraft.velocityEast();
    }

    /**
     * Sets the attitude from the aircraft's own: gravity as the board sees it through its mounting.
     *
     * @param trueRoll [rad]
     * @param truePitch [rad]
     * @param trueHeading [rad]
     */
    public void attitude(double trueRoll, double truePitch, double trueHeading) {
        if (turns == 0) {
            roll = trueRoll;
            pitch = truePitch;
        } else {
            double gx = -Math.sin(truePitch);
            double gy = Math.sin(trueRoll) * Math.cos(truePitch);
            double gz = Math.cos(trueRoll) * Math.cos(truePitch);
            double bx = cos * gx + sin * gy;
            double by = -sin * gx + cos * gy;
            roll = Math.atan2(by, gz);
            pitch = Math.asin(Math.max(-1, Math.min(1, -bx)));
        }
        roll += levelRoll;
        pitch += levelPitch;
        heading = trueHeading + turns * Math.PI / 2;
    }

    /** Sets the turning rates and speed, for a board on the bench. */
    public void still(double speed) {
        rollRate = 0;
        pitchRate = 0;
        yawRate = 0;
        airspeed = speed;
    }

    public double roll() {
        return roll;
    }

    public double pitch() {
        return pitch;
    }

    public double heading() {
        return heading;
    }

    public double rollRate() {
        return rollRate;
    }

    public double pitchRate() {
        return pitchRate;
    }

    public double yawRate() {
        return yawRate;
    }

    public double airspeed() {
        return airspeed;
    }

    public double height() {
        return height;
    }

    public double climb() {
        return climb;
    }

    public double north() {
        return north;
    }

    public double east() {
        return east;
    }

    public double velocityNorth() {
        return velocityNorth;
    }

    public double velocityEast() {
        return velocityEast;
    }
}
