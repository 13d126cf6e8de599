package app.drachen.core.sensing;

import static app.drachen.core.air.Atmosphere.GRAVITY;

import app.drachen.core.flight.Aircraft;
import app.drachen.core.math.NoiseSource;
import app.drachen.core.modes.Loss;
import app.drachen.core.setup.BoardMount;
import java.util.EnumSet;
import java.util.Set;

/**
 * What the board believes, from its sensors and filters, turned by how it is mounted and configured.
 *
 * <p>Wind is the difference of velocity over ground and velocity through the air along the heading, smoothed over 15 s. A
 * pitot that disagrees with ground speed less wind by more than 35 % and 3 m/s for 2 s is no longer believed, and that
 * difference stands in for it to the end; a fix older than 2 s is no position. Without fixes velocity leans on airspeed and the last
 * wind. Own choices.
 *
 * <p>Mutable, for one thread; a reading allocates nothing. Fields are read through methods, angles [rad], rates [rad/s],
 * lengths [m], speeds [m/s].
 */
public final class Sensed {
    private static final double AIRSPEED_FILTER = 0.25;
    private static final double WIND_TIME = 15;
    private static final double OLD_FIX = 2;
    private static final double DOUBT_TIME = 2;
    private static final double GRAVITY_PERIOD = 0.1;
    private static final double GRAVITY_NOISE = 2.0;
    private static final double COMPASS_NOISE = Math.toRadians(6);

    private final Sensors sensors;
    private final AttitudeFilter filter = new AttitudeFilter();
    private final HeightFilter vertical = new HeightFilter();
    private final PlaceFilter northwards = new PlaceFilter();
    private final PlaceFilter eastwards = new PlaceFilter();
    private final boolean exact;
    private final double cos;
    private final double sin;
    private final int turns;
    private final double levelRoll;
    private final double levelPitch;
    private boolean started;
    private double sinceSlow;
    private double sinceGravity;
    private final double[] smooth = new double[3];
    private double smoothGaining;
    private double fixAge;
    private double windAge;
    private double doubt;
    private boolean airspeedGood = true;
    private final Set<Loss> silent = EnumSet.noneOf(Loss.class);
    private double windNorth;
    private double windEast;
    private double roll;
    private double pitch;
    private double heading;
    private double rollRate;
    private double pitchRate;
    private double yawRate;
    private double pitot;
    private double airspeed;
    private final AttackFilter attack = new AttackFilter();
    private double height;
    private double climb;
    private double north;
    private double east;
    private double velocityNorth;
    private double velocityEast;

    /** Sensors of a board, with errors drawn from the noise. */
    public Sensed(BoardMount mount, NoiseSource noise) {
        this(mount, SensorErrors.drawn(noise), noise, false);
    }

    private Sensed(BoardMount mount, SensorErrors errors, NoiseSource noise, boolean exact) {
        this.exact = exact;
        turns = mount.errorQuarterTurns();
        sensors = new Sensors(errors, noise, turns);
        cos = Math.rint(Math.cos(turns * Math.PI / 2));
        sin = Math.rint(Math.sin(turns * Math.PI / 2));
        levelRoll = mount.levelRoll();
        levelPitch = mount.levelPitch();
    }

    /** A board that knows everything, to see an aircraft or an autopilot without its sensors. */
    public static Sensed exact(BoardMount mount) {
        return new Sensed(mount, SensorErrors.NONE, new NoiseSource(0), true);
    }

    /**
     * Reads the aircraft.
     *
     * @param aircraft the aircraft
     * @param step time since the last reading [s]
     */
    public void read(Aircraft aircraft, double step) {
        if (exact) {
            truth(aircraft);
            return;
        }
        sensors.read(aircraft, step);
        if (!started) {
            start(aircraft);
        }
        double[] gyro = sensors.gyro;
        double[] force = sensors.force;
        filter.turn(gyro, step);
        carry(force, step);
        correct(gyro, step);
        rollRate = gyro[0] - filter.bias(0);
        pitchRate = gyro[1] - filter.bias(1);
        yawRate = gyro[2] - filter.bias(2);
        roll = filter.roll() + levelRoll;
        pitch = filter.pitch() + levelPitch;
        heading = filter.heading();
        height = vertical.height();
        climb = vertical.climb();
        north = northwards.place();
        east = eastwards.place();
        velocityNorth = northwards.velocity();
        velocityEast = eastwards.velocity();
    }

    /** The board stood still before the launch: it knows its attitude and place to begin with. */
    private void start(Aircraft aircraft) {
        attitude(aircraft.roll(), aircraft.pitch(), aircraft.heading());
        filter.start(roll - levelRoll, pitch - levelPitch, heading);
        vertical.start(sensors.height);
        northwards.start(aircraft.north(), aircraft.velocityNorth());
        eastwards.start(aircraft.east(), aircraft.velocityEast());
        pitot = sensors.airspeed;
        airspeed = pitot;
        smooth[2] = -GRAVITY;
        started = true;
    }

    private void carry(double[] force, double step) {
        vertical.carry(step);
        northwards.carry(filter.towards(0, force), step);
        eastwards.carry(filter.towards(1, force), step);
        double share = step / (GRAVITY_PERIOD + step);
        for (int i = 0; i < 3; i++) {
            smooth[i] += share * (force[i] - smooth[i]);
        }
    }

    private void correct(double[] gyro, double step) {
        sinceSlow += step;
        sinceGravity += step;
        fixAge += step;
        if (sensors.freshSlow) {
            speed(sinceSlow);
            vertical.correct(sensors.height, sinceSlow);
            sinceSlow = 0;
        }
        if (sinceGravity >= GRAVITY_PERIOD - 1e-9) {
            attack.update(sinceGravity, airspeed, vertical.climb(), filter.roll(), filter.pitch());
            double along = airspeed * Math.cos(attack.angle());
            filter.gravity(smooth, gyro, along, airspeed * Math.sin(attack.angle()), smoothGaining, GRAVITY_NOISE);
            if (!silent.contains(Loss.COMPASS)) {
                filter.compass(sensors.field, COMPASS_NOISE);
            }
            wind(sinceGravity);
            sinceGravity = 0;
        }
        if (sensors.freshFix) {
            northwards.correct(sensors.fixNorth, sensors.fixVelocityNorth);
            eastwards.correct(sensors.fixEast, sensors.fixVelocityEast);
            fixAge = 0;
        }
        if (sensors.sampling) {
            northwards.mark();
            eastwards.mark();
        }
        if (!positionGood()) {
            double along = throughAir();
            northwards.lean(windNorth + along * Math.cos(heading), step, 1);
            eastwards.lean(windEast + along * Math.sin(heading), step, 1);
        }
    }

    private void speed(double step) {
        double before = pitot;
        pitot += step / (AIRSPEED_FILTER + step) * (sensors.airspeed - pitot);
        smoothGaining += step / (0.5 + step) * ((pitot - before) / step - smoothGaining);
        double expected = expectedAirspeed();
        boolean doubtful =
                windAge > WIND_TIME && positionGood() && Math.abs(pitot - expected) > Math.max(3, 0.35 * expected);
        doubt = Math.max(0, Math.min(2 * DOUBT_TIME, doubt + (doubtful ? step : -step)));
        // once found out it is not believed again in this flight
        airspeedGood &= doubt <= DOUBT_TIME;
        airspeed = airspeedGood ? pitot : Math.max(3, expected);
    }

    /** Airspeed from ground speed, wind and climb, without the pitot [m/s]. */
    private double expectedAirspeed() {
        double n = northwards.velocity() - windNorth;
        double e = eastwards.velocity() - windEast;
        double c = vertical.climb();
        return Math.sqrt(n * n + e * e + c * c);
    }

    private double throughAir() {
        return Math.sqrt(Math.max(0, airspeed * airspeed - climb * climb));
    }

    private void wind(double step) {
        if (!positionGood() || !airspeedGood || doubt > 0) {
            return;
        }
        // quick at first, then over 15 s
        windAge += step;
        double share = step / (Math.min(WIND_TIME, 1 + windAge) + step);
        double along = throughAir();
        windNorth += share * (northwards.velocity() - along * Math.cos(heading) - windNorth);
        windEast += share * (eastwards.velocity() - along * Math.sin(heading) - windEast);
    }

    private void truth(Aircraft aircraft) {
        attitude(aircraft.roll(), aircraft.pitch(), aircraft.heading());
        rollRate = cos * aircraft.rollRate() + sin * aircraft.pitchRate();
        pitchRate = -sin * aircraft.rollRate() + cos * aircraft.pitchRate();
        yawRate = aircraft.yawRate();
        airspeed = aircraft.airspeed();
        height = aircraft.height();
        climb = aircraft.climb();
        north = aircraft.north();
        east = aircraft.east();
        velocityNorth = aircraft.velocityNorth();
        velocityEast = aircraft.velocityEast();
        windNorth = velocityNorth - throughAir() * Math.cos(heading);
        windEast = velocityEast - throughAir() * Math.sin(heading);
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

    /**
     * Sets the turning rates and speed, for a board on the bench.
     *
     * @param speed airspeed [m/s]
     */
    public void still(double speed) {
        rollRate = 0;
        pitchRate = 0;
        yawRate = 0;
        airspeed = speed;
    }

    /** Takes the fixes away, or gives them back. */
    public void fixLost(boolean lost) {
        sensors.fixLost(lost);
    }

    /** Stops the pitot up at the pressure it has, or clears it. */
    public void pitotBlocked(boolean blocked) {
        sensors.pitotBlocked(blocked);
    }

    /** A sensor says nothing any more, and the board knows it: the height stays as it is, the heading is that of the gyros. */
    public void silence(Loss what) {
        silent.add(what);
        airspeedGood &= what != Loss.AIRSPEED;
        sensors.heightLost(silent.contains(Loss.HEIGHT));
    }

    /** Whether a sensor has gone silent. */
    public boolean silent(Loss what) {
        return silent.contains(what);
    }

    /** Whether there is a fix that is not old. */
    public boolean positionGood() {
        return fixAge < OLD_FIX;
    }

    /** Whether the pitot is believed. */
    public boolean airspeedGood() {
        return airspeedGood;
    }

    /** Velocity of the air to the north, as believed [m/s]. */
    public double windNorth() {
        return windNorth;
    }

    /** Velocity of the air to the east, as believed [m/s]. */
    public double windEast() {
        return windEast;
    }

    /**
     * @return right wing down positive [rad]
     */
    public double roll() {
        return roll;
    }

    /**
     * @return nose up positive [rad]
     */
    public double pitch() {
        return pitch;
    }

    /**
     * @return true, from north over east [rad]
     */
    public double heading() {
        return heading;
    }

    /**
     * @return right wing down positive [rad/s]
     */
    public double rollRate() {
        return rollRate;
    }

    /**
     * @return nose up positive [rad/s]
     */
    public double pitchRate() {
        return pitchRate;
    }

    /**
     * @return nose right positive [rad/s]
     */
    public double yawRate() {
        return yawRate;
    }

    /**
     * @return true airspeed as believed [m/s]
     */
    public double airspeed() {
        return airspeed;
    }

    /**
     * @return above home as believed [m]
     */
    public double height() {
        return height;
    }

    /**
     * @return up positive [m/s]
     */
    public double climb() {
        return climb;
    }

    /** Place north of home [m]. */
    public double north() {
        return north;
    }

    /** Place east of home [m]. */
    public double east() {
        return east;
    }

    /** Velocity over ground to the north [m/s]. */
    public double velocityNorth() {
        return velocityNorth;
    }

    /** Velocity over ground to the east [m/s]. */
    public double velocityEast() {
        return velocityEast;
    }
}
