package app.drachen.core.autopilot;

import static app.drachen.core.air.Atmosphere.GRAVITY;
import static app.drachen.core.math.Statistics.clamp;
import static app.drachen.core.math.Statistics.wrap;

import app.drachen.core.controls.Output;
import app.drachen.core.controls.Rates;
import app.drachen.core.flight.Sensed;
import app.drachen.core.modes.FlightMode;
import app.drachen.core.modes.HomeProfile;
import app.drachen.core.modes.Limits;
import app.drachen.core.setup.Gains;
import app.drachen.core.setup.Setup;
import java.util.List;

/**
 * The stand-in autopilot.
 *
 * <p>Sources: cascaded attitude and rate loops with feed-forward and dynamic-pressure scaling
 * (gain·(V_ref/V)²) as in R. W. Beard, T. W. McLain, Small Unmanned Aircraft, 2012; height and
 * speed shared between pitch and power after A. A. Lambregts, total energy control, 1983; circles
 * and straight returns by S. Park, J. Deyst, J. P. How, "A new nonlinear guidance logic for
 * trajectory tracking", 2004: a = 2V²/L₁·sin η with L₁ = √2·V·T/(2π). Stick trims are read as
 * demands in the holding modes, as they are by real boards.
 *
 * <p>Mutable, for one thread; an update allocates nothing.
 */
public final class Autopilot {
    private static final double STICK_DEAD_BAND = 0.02;
    private static final double INTEGRAL_LIMIT = 0.35;

    private final List<Output> outputs;
    private final Rates rates;
    private final Limits limits;
    private final HomeProfile home;
    private final Gains gains;
    private final double cruisePower;

    private FlightMode mode = FlightMode.MANUAL;
    private double rollCommand;
    private double pitchCommand;
    private double yawCommand;
    private double powerCommand;
    private double rollIntegral;
    private double pitchIntegral;
    private double wantedRoll = Double.NaN;
    private double wantedPitch = Double.NaN;
    private double heldRoll;
    private double heldPitch;
    private double heldHeight;
    private double heldCourse;
    private double pitchTrim;
    private double powerTrim;
    private double centreNorth;
    private double centreEast;
    private boolean climbing;

    /**
     * The autopilot of a set-up.
     *
     * @param setup the aircraft
     * @param cruisePower power that holds cruise speed in level flight [-], 0 to 1
     */
    public Autopilot(Setup setup, double cruisePower) {
        outputs = setup.controls().outputs();
        rates = setup.controls().rates();
        limits = setup.modes().limits();
        home = setup.modes().home();
        gains = setup.gains();
        this.cruisePower = cruisePower;
    }

    /**
     * One cycle.
     *
     * @param step [s], above 0 to 0.05
     * @param wanted the mode chosen
     * @param sticks the sticks
     * @param sensed what the board believes
     */
    public void update(double step, FlightMode wanted, Sticks sticks, Sensed sensed) {
        if (wanted != mode) {
            enter(wanted, sensed);
        }
        switch (mode) {
            case MANUAL -> manual(sticks);
            case RATE -> rate(step, sticks, sensed);
            case LEVEL -> level(step, sticks, sensed);
            case HOLD -> hold(step, sticks, sensed);
            case CIRCLE -> circle(step, sticks, sensed);
            case HOME, MISSION -> home(step, sensed);
        }
    }

    private void enter(FlightMode wanted, Sensed sensed) {
        if (mode == FlightMode.MANUAL) {
            rollIntegral = 0;
            pitchIntegral = 0;
        }
        mode = wanted;
        heldRoll = sensed.roll();
        heldPitch = sensed.pitch();
        heldHeight = sensed.height();
        heldCourse = course(sensed);
        pitchTrim = clamp(sensed.pitch(), -0.1, 0.15);
        powerTrim = 0;
        climbing = false;
        centreNorth = sensed.north();
        centreEast = sensed.east();
        if (wanted == FlightMode.HOME || wanted == FlightMode.MISSION) {
            heldHeight = home.height();
            climbing = home.climbFirst() && sensed.height() < home.height() - 5;
            centreNorth = 0;
            centreEast = 0;
        }
    }

    private static double course(Sensed sensed) {
        return Math.atan2(sensed.velocityEast(), sensed.velocityNorth());
    }

    private void manual(Sticks sticks) {
        wantedRoll = Double.NaN;
        wantedPitch = Double.NaN;
        rollCommand = rates.shape(sticks.roll(), rates.roll());
        pitchCommand = rates.shape(sticks.pitch(), rates.pitch());
        yawCommand = rates.shape(sticks.yaw(), rates.yaw());
        powerCommand = sticks.power();
    }

    private void rate(double step, Sticks sticks, Sensed sensed) {
        double rollAsked = 2.5 * sticks.roll();
        double pitchAsked = 1.5 * sticks.pitch();
        heldRoll = wrap(heldRoll + rollAsked * step);
        heldPitch = clamp(heldPitch + pitchAsked * step, -1.3, 1.3);
        wantedRoll = Double.NaN;
        wantedPitch = Double.NaN;
        loops(
                step,
                rollAsked + gains.roll().angle() * wrap(heldRoll - sensed.roll()),
                pitchAsked + gains.pitch().angle() * (heldPitch - sensed.pitch()),
                sticks,
                sensed);
        powerCommand = sticks.power();
    }

    private void level(double step, Sticks sticks, Sensed sensed) {
        double asked = sticks.pitch() > 0 ? sticks.pitch() * limits.pitchUp() : sticks.pitch() * limits.pitchDown();
        attitude(step, sticks.roll() * limits.bank(), asked, sticks, sensed);
        powerCommand = sticks.power();
    }

    private void hold(double step, Sticks sticks, Sensed sensed) {
        double bank;
        if (Math.abs(sticks.roll()) > STICK_DEAD_BAND) {
            bank = sticks.roll() * limits.bank();
            heldCourse = course(sensed);
        } else {
            bank = bankFor(courseAcceleration(wrap(heldCourse - course(sensed)), sensed));
        }
        if (Math.abs(sticks.pitch()) > STICK_DEAD_BAND) {
            heldHeight += sticks.pitch() * limits.climbRate() * step;
        }
        double span = limits.topSpeed() - limits.leastSpeed();
        energy(step, heldHeight, limits.leastSpeed() + sticks.power() * span, sensed);
        attitude(step, bank, wantedPitch, sticks, sensed);
    }

    private void circle(double step, Sticks sticks, Sensed sensed) {
        if (Math.abs(sticks.pitch()) > STICK_DEAD_BAND) {
            heldHeight += sticks.pitch() * limits.climbRate() * step;
        }
        energy(step, heldHeight, limits.cruiseSpeed(), sensed);
        attitude(step, bankFor(circleAcceleration(sensed)), wantedPitch, Sticks.CENTRED, sensed);
    }

    private void home(double step, Sensed sensed) {
        double bank;
        if (climbing) {
            climbing = sensed.height() < home.height() - 5;
            bank = bankFor(courseAcceleration(wrap(heldCourse - course(sensed)), sensed));
        } else {
            double distance = Math.hypot(sensed.north(), sensed.east());
            double towards = Math.atan2(-sensed.east(), -sensed.north());
            bank = distance > 2 * home.circleRadius()
                    ? bankFor(courseAcceleration(wrap(towards - course(sensed)), sensed))
                    : bankFor(circleAcceleration(sensed));
        }
        energy(step, heldHeight, limits.cruiseSpeed(), sensed);
        attitude(step, bank, wantedPitch, Sticks.CENTRED, sensed);
    }

    /** Guidance length L₁. */
    private double guidanceLength(Sensed sensed) {
        double ground = Math.hypot(sensed.velocityNorth(), sensed.velocityEast());
        return Math.max(8, Math.sqrt(2) * Math.max(ground, 4) * gains.pathPeriod() / (2 * Math.PI));
    }

    private double courseAcceleration(double error, Sensed sensed) {
        double ground = Math.max(4, Math.hypot(sensed.velocityNorth(), sensed.velocityEast()));
        double eta = clamp(error, -Math.PI / 2, Math.PI / 2);
        return 2 * ground * ground / guidanceLength(sensed) * Math.sin(eta);
    }

    /** Acceleration to the right that leads onto a clockwise circle about the centre. */
    private double circleAcceleration(Sensed sensed) {
        double radius = home.circleRadius();
        double length = Math.min(guidanceLength(sensed), 0.9 * radius);
        double north = sensed.north() - centreNorth;
        double east = sensed.east() - centreEast;
        double distance = Math.max(0.5, Math.hypot(north, east));
        double bearing = Math.atan2(east, north);
        double towards;
        if (distance > radius + length) {
            towards = wrap(bearing + Math.PI - Math.asin(radius / distance));
        } else if (distance < radius - length) {
            towards = wrap(bearing + Math.PI / 4);
        } else {
            // angle at the centre between the aircraft and the point on the circle L₁ ahead
            double cosine = (distance * distance + radius * radius - length * length) / (2 * distance * radius);
            double ahead = bearing + Math.acos(clamp(cosine, -1, 1));
            double pointNorth = radius * Math.cos(ahead) - north;
            double pointEast = radius * Math.sin(ahead) - east;
            towards = Math.atan2(pointEast, pointNorth);
            double ground = Math.max(4, Math.hypot(sensed.velocityNorth(), sensed.velocityEast()));
            double eta = clamp(wrap(towards - course(sensed)), -Math.PI / 2, Math.PI / 2);
            return 2 * ground * ground / length * Math.sin(eta);
        }
        return courseAcceleration(wrap(towards - course(sensed)), sensed);
    }

    private double bankFor(double acceleration) {
        return clamp(Math.atan(acceleration / GRAVITY), -limits.bank(), limits.bank());
    }

    /** Height by pitch, speed by power, each helped by the other's demand. */
    private void energy(double step, double height, double speed, Sensed sensed) {
        double wantedClimb =
                clamp(gains.heightGain() * (height - sensed.height()), -limits.climbRate(), limits.climbRate());
        double climbError = wantedClimb - sensed.climb();
        double slow = clamp(speed - sensed.airspeed(), -3, 3);
        pitchTrim = clamp(pitchTrim + 0.25 * gains.climbGain() * climbError * step, -0.15, 0.25);
        double forSpeed = Math.max(0, slow - 1.5) * 0.08;
        wantedPitch = clamp(
                pitchTrim + wantedClimb / Math.max(5, sensed.airspeed()) + gains.climbGain() * climbError - forSpeed,
                -limits.pitchDown(),
                limits.pitchUp());
        double bankLoad = 1 / Math.max(0.4, Math.cos(sensed.roll())) - 1;
        powerTrim = clamp(powerTrim + 0.2 * gains.speedGain() * slow * step, -0.3, 0.4);
        powerCommand =
                clamp(cruisePower + powerTrim + gains.speedGain() * slow + 0.12 * wantedClimb + 0.3 * bankLoad, 0, 1);
    }

    private void attitude(double step, double bank, double pitch, Sticks sticks, Sensed sensed) {
        wantedRoll = clamp(bank, -limits.bank(), limits.bank());
        wantedPitch = clamp(pitch, -limits.pitchDown(), limits.pitchUp());
        double rollAsked = clamp(gains.roll().angle() * wrap(wantedRoll - sensed.roll()), -2.5, 2.5);
        double climbAsked = clamp(gains.pitch().angle() * (wantedPitch - sensed.pitch()), -1.5, 1.5);
        double held = clamp(sensed.roll(), -1.2, 1.2);
        double turn = GRAVITY / Math.max(5, sensed.airspeed()) * Math.tan(held);
        loops(
                step,
                rollAsked,
                climbAsked * Math.cos(held) + turn * Math.sin(held) * Math.cos(sensed.pitch()),
                sticks,
                sensed);
    }

    private void loops(double step, double rollAsked, double pitchAsked, Sticks sticks, Sensed sensed) {
        double ratio = limits.cruiseSpeed() / Math.max(0.5 * limits.cruiseSpeed(), sensed.airspeed());
        double scale = Math.min(2.5, ratio * ratio);
        double rollError = rollAsked - sensed.rollRate();
        double pitchError = pitchAsked - sensed.pitchRate();
        rollIntegral =
                clamp(rollIntegral + gains.roll().integral() * rollError * step, -INTEGRAL_LIMIT, INTEGRAL_LIMIT);
        pitchIntegral =
                clamp(pitchIntegral + gains.pitch().integral() * pitchError * step, -INTEGRAL_LIMIT, INTEGRAL_LIMIT);
        rollCommand = clamp(
                scale * (gains.roll().forward() * rollAsked + gains.roll().rate() * rollError + rollIntegral), -1, 1);
        pitchCommand = clamp(
                scale * (gains.pitch().forward() * pitchAsked + gains.pitch().rate() * pitchError + pitchIntegral),
                -1,
                1);
        double turn = GRAVITY / Math.max(5, sensed.airspeed()) * Math.sin(clamp(sensed.roll(), -1.2, 1.2));
        yawCommand = clamp(sticks.yaw() + scale * gains.yawRate() * (turn - sensed.yawRate()), -1, 1);
    }

    /**
     * Mixes the commands into pulses.
     *
     * @param pulsesMicros filled, one for each output [µs]
     */
    public void mix(double[] pulsesMicros) {
        for (int i = 0; i < pulsesMicros.length; i++) {
            Output output = outputs.get(i);
            pulsesMicros[i] = output.pulse(output.mix().mix(rollCommand, pitchCommand, yawCommand, powerCommand));
        }
    }

    public FlightMode mode() {
        return mode;
    }

    /**
     * @return roll command [-], −1 to 1
     */
    public double rollCommand() {
        return rollCommand;
    }

    /**
     * @return pitch command [-], −1 to 1
     */
    public double pitchCommand() {
        return pitchCommand;
    }

    /**
     * @return yaw command [-], −1 to 1
     */
    public double yawCommand() {
        return yawCommand;
    }

    /**
     * @return power command [-], 0 to 1
     */
    public double powerCommand() {
        return powerCommand;
    }

    /**
     * @return wanted roll [rad]; NaN in modes without one
     */
    public double wantedRoll() {
        return wantedRoll;
    }

    /**
     * @return wanted pitch [rad]; NaN in modes without one
     */
    public double wantedPitch() {
        return wantedPitch;
    }
}
