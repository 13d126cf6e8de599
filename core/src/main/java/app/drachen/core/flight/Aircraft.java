package app.drachen.core.flight;

import static app.drachen.core.air.Atmosphere.GRAVITY;

import app.drachen.core.aerodynamics.AirForces;
import app.drachen.core.aerodynamics.StripModel;
import app.drachen.core.airframe.MassProperties;
import app.drachen.core.airframe.Position;
import app.drachen.core.math.Table;
import app.drachen.core.propulsion.Propulsion;
import app.drachen.core.setup.Setup;

/**
 * One aircraft in motion: rigid body, servos, motor and pack.
 *
 * <p>The body moves by {@link BodyMotion} in steps of fourth order; the air is asked at the start of a step, with servos, shaft and
 * downwash as they are then, and its force goes on along a straight line ({@link Onward}). A step that is long for how fast this aircraft
 * answers is cut ({@link Pace}). {@link Servos} and shaft are exact first-order lags. On the ground it slides with a friction of 0.5
 * (foam on grass, own estimate, 0.3 to 0.7). The tail meets the downwash that left the wing a while ago ({@link Wake}).
 *
 * <p>Source: those of the classes named; the speed controller stops the motor for good below 3.3 V a cell for a second (common practice).
 *
 * <p>Mutable, for one thread; a step allocates nothing but a cell of a table that is first asked.
 */
public final class Aircraft {
    private static final double BOARD_CURRENT = 0.25;
    private static final double CUT_OFF_VOLTS = 3.3;
    private static final double CUT_OFF_TIME = 1;
    private static final double GROUND_FRICTION = 0.5;

    private final AirForces air;
    private final BodyMotion body;
    private final Propulsion propulsion;
    private final Shafts shafts;

    /** Over the share of the pack that is used, within 1e-8 V. */
    private final Table restingVolts;

    private final double[] load = new double[6];
    private final Onward onward = new Onward();
    private final double[] wind = new double[3];
    private final Pace pace;

    private final Wake wake;

    private boolean started;
    private final Servos servos;
    private double current;
    private double chargeUsed;
    private double sinceLow;
    private boolean cutOff;
    private double rollGust;
    private double airU;
    private double airV;
    private double airW;

    /** Builds the aircraft of a set-up, at rest at home, level, heading north. */
    public Aircraft(Setup setup) {
        this(setup, new StripModel(setup), setup.massProperties());
    }

    /** An aircraft of a set-up with other air forces or masses, such as those of a published aircraft. */
    public Aircraft(Setup setup, AirForces forces, MassProperties properties) {
        air = forces;
        body = new BodyMotion(properties);
        propulsion = setup.propulsion();
        restingVolts = new Table(propulsion.pack()::restingVolts, 0, 1, 1.0 / 512, 1e-8);
        Position centre = properties.centre();
        shafts = new Shafts(setup, centre);
        servos = new Servos(setup.controls().outputs());
        wake = new Wake(forces);
        pace = new Pace(forces, body, servos.deflections.length);
    }

    /** Takes dead band and play out of the servos, so that the equations are smooth. */
    void smoothServos() {
        servos.smooth();
    }

    /**
     * Places the aircraft.
     *
     * @param north [m]
     * @param east [m]
     * @param height above home [m]
     * @param roll [rad]
     * @param pitch [rad]
     * @param heading [rad]
     * @param forward velocity over ground along body x [m/s]
     */
    public void place(
            double north, double east, double height, double roll, double pitch, double heading, double forward) {
        body.place(north, east, height, roll, pitch, heading);
        body.move(forward, 0, 0, 0, 0, 0);
        started = false;
    }

    /** Sets the body velocity over ground [m/s] and the turning rates [rad/s]. */
    public void move(double u, double v, double w, double p, double q, double r) {
        body.move(u, v, w, p, q, r);
        started = false;
    }

    /** Puts servos and shaft at once where the pulses [µs] want them, at a density [kg/m³] and an airspeed [m/s]. */
    public void settle(double[] pulsesMicros, double density, double airspeed) {
        servos.settle(pulsesMicros);
        for (int i = 0; i < 60; i++) {
            shafts.settle(0.3, servos.micros, cutOff, restingVolts(), density, airspeed);
        }
    }

    private double restingVolts() {
        return restingVolts.at(chargeUsed / propulsion.pack().capacity());
    }

    /**
     * Advances time.
     *
     * @param step [s], above 0 to 0.02
     * @param pulsesMicros pulse of each output [µs]
     * @param windNorth velocity of the air [m/s]
     * @param windEast velocity of the air [m/s]
     * @param windDown velocity of the air [m/s]
     * @param density [kg/m³]
     */
    public void step(
            double step, double[] pulsesMicros, double windNorth, double windEast, double windDown, double density) {
        meet(windNorth, windEast, windDown);
        int pieces = pace.pieces(step, airspeed(), density);
        double piece = step / pieces;
        for (int k = 0; k < pieces; k++) {
            ask(piece, density);
            body.advance(piece, load, onward.change());
            onward.toTheEnd(load);
            meet(windNorth, windEast, windDown);
            servos.move(piece, pulsesMicros);
            turnShaft(piece, density);
        }
    }

    /** Asks the air at the start of a step. */
    private void ask(double step, double density) {
        if (!started) {
            started = true;
            shafts.turn(0, servos.micros, cutOff, restingVolts(), density, airU);
            wake.begin();
            onward.begin();
        }
        wake.meet();
        load(density);
        wake.follow(step, airspeed());
        onward.follow(step, load);
    }

    /**
     * Air that turns about the flight path, as a gust that is stronger on one wing.
     *
     * @param rate of the air about body x [rad/s]
     */
    public void gust(double rate) {
        rollGust = rate;
    }

    private void turnShaft(double step, double density) {
        shafts.turn(step, servos.micros, cutOff, restingVolts(), density, airU);
        current = shafts.current() + BOARD_CURRENT;
        chargeUsed = Math.min(propulsion.pack().capacity(), chargeUsed + current * step);
        boolean low = volts() < CUT_OFF_VOLTS * propulsion.pack().cells();
        sinceLow = low ? sinceLow + step : 0;
        cutOff |= sinceLow > CUT_OFF_TIME;
    }

    /** Takes in the air that the aircraft flies through, along body axes. */
    private void meet(double windNorth, double windEast, double windDown) {
        double[] s = body.state;
        body.along(windNorth, windEast, windDown, wind);
        airU = s[3] - wind[0];
        airV = s[4] - wind[1];
        airW = s[5] - wind[2];
    }

    /** Fills {@code load} with force and moment of air and propeller at the present state. */
    private void load(double density) {
        double[] s = body.state;
        shafts.blow(air, density);
        air.compute(airU, airV, airW, s[10] - rollGust, s[11], s[12], density, servos.deflections);
        load[0] = air.forceX();
        load[1] = air.forceY();
        load[2] = air.forceZ();
        load[3] = air.momentX();
        load[4] = air.momentY();
        load[5] = air.momentZ();
        shafts.pull(load);
    }

    /**
     * Accelerations of the present state: u̇, v̇, ẇ [m/s²] and ṗ, q̇, ṙ [rad/s²], for trim searches.
     *
     * @return six values
     */
    public double[] accelerations(double windNorth, double windEast, double windDown, double density) {
        return accelerations(windNorth, windEast, windDown, density, 0);
    }

    /** The same with downwash over the tail that is above the steady one by an angle [rad]. */
    double[] accelerations(double windNorth, double windEast, double windDown, double density, double lag) {
        meet(windNorth, windEast, windDown);
        air.tailMeetsAll();
        load(density);
        turnShaft(1e-9, density);
        if (lag != 0) {
            air.tailMeets(air.downwash() + lag);
        }
        load(density);
        double[] rate = body.rates(load);
        return new double[] {rate[3], rate[4], rate[5], rate[10], rate[11], rate[12]};
    }

    /**
     * Slides on over the ground, wings level, until it rests.
     *
     * @param step [s]
     * @return whether it still moves
     */
    public boolean slide(double step) {
        started = false;
        return body.slide(step, GROUND_FRICTION * GRAVITY * step);
    }

    /** The air's forces, to ask what the wing sheds. */
    AirForces air() {
        return air;
    }

    /** Stops the motor for good, as a cable that came off does. */
    public void stopMotor() {
        cutOff = true;
    }

    /** Whether the speed controller has stopped the motor. */
    public boolean cutOff() {
        return cutOff;
    }

    /**
     * @return north of home [m]
     */
    public double north() {
        return body.state[0];
    }

    /**
     * @return east of home [m]
     */
    public double east() {
        return body.state[1];
    }

    /**
     * @return height above home [m]
     */
    public double height() {
        return -body.state[2];
    }

    /**
     * @return roll angle [rad], −π to π
     */
    public double roll() {
        return body.roll();
    }

    /**
     * @return pitch angle [rad], −π/2 to π/2
     */
    public double pitch() {
        return body.pitch();
    }

    /**
     * @return heading [rad], −π to π, from north over east
     */
    public double heading() {
        return body.heading();
    }

    /**
     * @return roll rate [rad/s]
     */
    public double rollRate() {
        return body.state[10];
    }

    /**
     * @return pitch rate [rad/s]
     */
    public double pitchRate() {
        return body.state[11];
    }

    /**
     * @return yaw rate [rad/s]
     */
    public double yawRate() {
        return body.state[12];
    }

    /**
     * @return velocity over ground, north [m/s]
     */
    public double velocityNorth() {
        return body.overGround(0);
    }

    /**
     * @return velocity over ground, east [m/s]
     */
    public double velocityEast() {
        return body.overGround(1);
    }

    /**
     * @return climb [m/s]
     */
    public double climb() {
        return -body.overGround(2);
    }

    /**
     * @return airspeed [m/s], not negative
     */
    public double airspeed() {
        return Math.sqrt(airU * airU + airV * airV + airW * airW);
    }

    /**
     * @return load factor along −z [-]
     */
    public double loadFactor() {
        return -load[2] / (body.mass() * GRAVITY);
    }

    /**
     * Force of air and propeller per mass, as an accelerometer at the centre of gravity shows it.
     *
     * @param axis 0 to 2 for body x, y, z
     * @return [m/s²]
     */
    public double specificForce(int axis) {
        return load[axis] / body.mass();
    }

    /**
     * A vector of the earth frame along the body axes.
     *
     * @param north component [any unit]
     * @param east component [as north]
     * @param down component [as north]
     * @param parts filled: x, y, z [as north]
     */
    public void along(double north, double east, double down, double[] parts) {
        body.along(north, east, down, parts);
    }

    /**
     * @return pack current [A]
     */
    public double current() {
        return current;
    }

    /**
     * @return charge drawn so far [C]
     */
    public double chargeUsed() {
        return chargeUsed;
    }

    /**
     * @return pack voltage under load [V]
     */
    public double volts() {
        return restingVolts() - current * propulsion.pack().resistance();
    }

    /**
     * @return thrust [N]
     */
    public double thrust() {
        return shafts.thrust();
    }

    /**
     * @return deflection of an output's surface, trailing edge down positive [rad]
     */
    public double deflection(int output) {
        return servos.deflections[output];
    }
}
