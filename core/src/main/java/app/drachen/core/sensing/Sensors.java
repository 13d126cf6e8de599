package app.drachen.core.sensing;

import app.drachen.core.air.Atmosphere;
import app.drachen.core.flight.Aircraft;
import app.drachen.core.math.NoiseSource;

/**
 * The sensors of a board: gyro and accelerometer at every step, pressures and compass 50 times a second, a fix 5 times a
 * second that is 0.2 s old. The board's axes are turned by quarter turns against the aircraft's, and so is what is read.
 *
 * <p>Source: rates, delay, noise and coarseness are own estimates (common practice for small boards): gyro 0.01 rad/s,
 * accelerometer 0.3 m/s², pressure height 0.25 m in steps of 0.1 m, pitot 1.5 Pa in steps of 0.25 Pa, compass 2°, fix
 * 0.15 m and 0.1 m/s with a wander of 1 m in two minutes. The compass sees a field that dips by 67°.
 *
 * <p>Mutable, for one thread; a reading allocates nothing.
 */
final class Sensors {
    /** Time between fixes and age of a fix when it comes [s]. */
    static final double FIX_PERIOD = 0.2;

    private static final double SLOW_PERIOD = 0.02;
    private static final double DIP = Math.toRadians(67);
    private static final double FIELD_DOWN = Math.sin(DIP);
    private static final double FIELD_FLICKER = Math.toRadians(2) * Math.cos(DIP);
    private static final double WANDER_TIME = 120;

    private final SensorErrors errors;
    private final NoiseSource noise;
    private final double cos;
    private final double sin;
    private final double fieldNorth;
    private final double fieldEast;
    private final double[] seen = new double[3];
    private double sinceSlow = SLOW_PERIOD;
    private double sinceFix = FIX_PERIOD;
    private boolean sampled;
    private double wanderNorth;
    private double wanderEast;
    private double blockedPressure = Double.NaN;
    private boolean pitotBlocked;
    private boolean fixLost;
    private boolean heightLost;

    final double[] gyro = new double[3];
    final double[] force = new double[3];
    final double[] field = new double[3];
    double airspeed;
    double height;
    boolean freshSlow;
    boolean freshFix;
    boolean sampling;
    double fixNorth;
    double fixEast;
    double fixVelocityNorth;
    double fixVelocityEast;
    private final double[] pending = new double[4];

    Sensors(SensorErrors errors, NoiseSource noise, int quarterTurns) {
        this.errors = errors;
        this.noise = noise;
        cos = Math.rint(Math.cos(quarterTurns * Math.PI / 2));
        sin = Math.rint(Math.sin(quarterTurns * Math.PI / 2));
        // the field turned by the compass' error, so that it shows too far to the right
        fieldNorth = Math.cos(DIP) * Math.cos(errors.compass());
        fieldEast = -Math.cos(DIP) * Math.sin(errors.compass());
    }

    /** Whether fixes come. */
    void fixLost(boolean lost) {
        fixLost = lost;
    }

    /** Whether pressure heights come; without, the last one stays. */
    void heightLost(boolean lost) {
        heightLost = lost;
    }

    /** Whether the pitot keeps the pressure it has now. */
    void pitotBlocked(boolean blocked) {
        pitotBlocked = blocked;
        blockedPressure = Double.NaN;
    }

    /** Reads an aircraft; {@code step} is the time since the last reading [s]. */
    void read(Aircraft aircraft, double step) {
        double p = aircraft.rollRate() + errors.gyro().x() + flicker(0.01);
        double q = aircraft.pitchRate() + errors.gyro().y() + flicker(0.01);
        turned(gyro, p, q, aircraft.yawRate() + errors.gyro().z() + flicker(0.01));
        turned(
                force,
                aircraft.specificForce(0) + errors.accelerometer().x() + flicker(0.3),
                aircraft.specificForce(1) + errors.accelerometer().y() + flicker(0.3),
                aircraft.specificForce(2) + errors.accelerometer().z() + flicker(0.3));
        sinceSlow += step;
        freshSlow = sinceSlow >= SLOW_PERIOD - 1e-9;
        if (freshSlow) {
            sinceSlow = 0;
            slow(aircraft);
        }
        sinceFix += step;
        freshFix = false;
        sampling = false;
        if (sinceFix >= FIX_PERIOD - 1e-9) {
            sinceFix = 0;
            fix(aircraft);
        }
    }

    private void slow(Aircraft aircraft) {
        double shownHeight = coarse(aircraft.height() + errors.height() + flicker(0.25), 0.1);
        height = heightLost ? height : shownHeight;
        double half = Atmosphere.SEA_LEVEL_DENSITY / 2;
        double pressure = half * aircraft.airspeed() * aircraft.airspeed();
        if (pitotBlocked) {
            blockedPressure = Double.isNaN(blockedPressure) ? pressure : blockedPressure;
            pressure = blockedPressure;
        }
        double shown = coarse(errors.pitotScale() * pressure + errors.pitotZero() + flicker(1.5), 0.25);
        airspeed = Math.sqrt(Math.max(0, shown) / half);
        aircraft.along(fieldNorth, fieldEast, FIELD_DOWN, seen);
        double x = seen[0] + flicker(FIELD_FLICKER);
        double y = seen[1] + flicker(FIELD_FLICKER);
        turned(field, x, y, seen[2] + flicker(FIELD_FLICKER));
    }

    /** Hands out the last sample and takes the next: what comes is one period old. */
    private void fix(Aircraft aircraft) {
        double keep = Math.exp(-FIX_PERIOD / WANDER_TIME);
        double drive = Math.sqrt(1 - keep * keep);
        wanderNorth = keep * wanderNorth + flicker(drive);
        wanderEast = keep * wanderEast + flicker(drive);
        freshFix = sampled && !fixLost;
        fixNorth = pending[0];
        fixEast = pending[1];
        fixVelocityNorth = pending[2];
        fixVelocityEast = pending[3];
        pending[0] = aircraft.north() + wanderNorth + flicker(0.15);
        pending[1] = aircraft.east() + wanderEast + flicker(0.15);
        pending[2] = aircraft.velocityNorth() + flicker(0.1);
        pending[3] = aircraft.velocityEast() + flicker(0.1);
        sampled = true;
        sampling = true;
    }

    private void turned(double[] into, double x, double y, double z) {
        into[0] = cos * x + sin * y;
        into[1] = -sin * x + cos * y;
        into[2] = z;
    }

    private double flicker(double size) {
        return errors.flicker() == 0 ? 0 : errors.flicker() * size * noise.flicker();
    }

    private double coarse(double value, double grain) {
        return errors.flicker() == 0 ? value : Math.rint(value / grain) * grain;
    }
}
