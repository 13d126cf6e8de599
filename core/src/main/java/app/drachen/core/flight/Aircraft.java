package app.drachen.core.flight;

import static app.drachen.core.air.Atmosphere.GRAVITY;

import app.drachen.core.aerodynamics.StripModel;
import app.drachen.core.airframe.MassProperties;
import app.drachen.core.airframe.Position;
import app.drachen.core.controls.Output;
import app.drachen.core.controls.Surface;
import app.drachen.core.propulsion.Propeller;
import app.drachen.core.propulsion.Propulsion;
import app.drachen.core.setup.Setup;
import java.util.List;

/**
 * One aircraft in motion: rigid body, servos, motor and pack.
 *
 * <p>Body axes x forward, y right, z down about the centre of gravity; earth frame north, east,
 * down from the home point, taken as flat. Midpoint rule (second-order Runge-Kutta) for the body,
 * exact first-order lags for servos and shaft.
 *
 * <p>Source: rigid-body equations as in B. Etkin, L. D. Reid, Dynamics of Flight, 1996, chapter 4,
 * with quaternion attitude (B. L. Stevens, F. L. Lewis, Aircraft Control and Simulation, 2003).
 * Servos: common practice, 0.04 s lag and 60° in 0.12 s.
 *
 * <p>Mutable, for one thread; a step allocates nothing.
 */
public final class Aircraft {
    private static final double SERVO_LAG = 0.04;
    private static final double SERVO_RATE_MICROS = 5_500;
    private static final double SHAFT_LAG = 0.12;
    private static final int STATES = 13;

    private final StripModel air;
    private final List<Output> outputs;
    private final Propulsion propulsion;
    private final double mass;
    private final double ix;
    private final double iy;
    private final double iz;
    private final double ixz;
    private final double motorX;
    private final double motorY;
    private final double motorZ;
    private final int motorOutput;
    private final boolean hasMotor;

    /** north, east, down, u, v, w (over ground), q0…q3, p, q, r. */
    private final double[] state = new double[STATES];

    private final double[] middle = new double[STATES];
    private final double[] rate = new double[STATES];
    private final double[] servoMicros;
    private final double[] deflections;
    private double shaftSpeed;
    private double thrust;
    private double torque;
    private double current;
    private double chargeUsed;
    private double loadFactor = 1;
    private double airU;
    private double airV;
    private double airW;

    /** Builds the aircraft of a set-up, at rest at home, level, heading north. */
    public Aircraft(Setup setup) {
        air = new StripModel(setup);
        outputs = setup.controls().outputs();
        propulsion = setup.propulsion();
        MassProperties properties = setup.massProperties();
        mass = properties.mass();
        ix = properties.rollInertia();
        iy = properties.pitchInertia();
        iz = properties.yawInertia();
        ixz = properties.productInertia();
        Position centre = properties.centre();
        Position motor = setup.motorPosition().orElse(centre);
        motorX = centre.aft() - motor.aft();
        motorY = motor.right() - centre.right();
        motorZ = centre.up() - motor.up();
        int index = -1;
        for (int i = 0; i < outputs.size(); i++) {
            index = outputs.get(i).surface() == Surface.MOTOR ? i : index;
        }
        motorOutput = index;
        hasMotor = index >= 0 && setup.motorPosition().isPresent();
        servoMicros = new double[outputs.size()];
        deflections = new double[outputs.size()];
        for (int i = 0; i < outputs.size(); i++) {
            Output output = outputs.get(i);
            servoMicros[i] = i == index ? output.lowMicros() : output.centreMicros();
            deflections[i] = i == index ? 0 : output.deflection(servoMicros[i]);
        }
        state[6] = 1;
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
        state[0] = north;
        state[1] = east;
        state[2] = -height;
        state[3] = forward;
        state[4] = 0;
        state[5] = 0;
        double cr = Math.cos(roll / 2);
        double sr = Math.sin(roll / 2);
        double cp = Math.cos(pitch / 2);
        double sp = Math.sin(pitch / 2);
        double cy = Math.cos(heading / 2);
        double sy = Math.sin(heading / 2);
        state[6] = cr * cp * cy + sr * sp * sy;
        state[7] = sr * cp * cy - cr * sp * sy;
        state[8] = cr * sp * cy + sr * cp * sy;
        state[9] = cr * cp * sy - sr * sp * cy;
        state[10] = 0;
        state[11] = 0;
        state[12] = 0;
    }

    /** Sets the body velocity over ground [m/s] and the turning rates [rad/s]. */
    public void move(double u, double v, double w, double p, double q, double r) {
        state[3] = u;
        state[4] = v;
        state[5] = w;
        state[10] = p;
        state[11] = q;
        state[12] = r;
    }

    /** Puts servos and shaft where the pulses want them, without delay. */
    public void settle(double[] pulsesMicros, double density, double airspeed) {
        for (int i = 0; i < outputs.size(); i++) {
            servoMicros[i] = pulsesMicros[i];
            deflections[i] = i == motorOutput ? 0 : outputs.get(i).deflection(pulsesMicros[i]);
        }
        for (int i = 0; i < 60; i++) {
            shaftSpeed += 0.3 * (wantedShaftSpeed(density, airspeed) - shaftSpeed);
        }
    }

    private double wantedShaftSpeed(double density, double airspeed) {
        if (!hasMotor) {
            return 0;
        }
        double power = outputs.get(motorOutput).power(servoMicros[motorOutput]);
        double advance = advance(airspeed);
        return propulsion.shaftSpeed(power, restingVolts(), advance, density);
    }

    private double advance(double airspeed) {
        double turns = Math.max(shaftSpeed / (2 * Math.PI), 5);
        return Math.max(0, airspeed) / (turns * propulsion.propeller().diameter());
    }

    private double restingVolts() {
        return propulsion.pack().restingVolts(chargeUsed / propulsion.pack().capacity());
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
        moveServos(step, pulsesMicros);
        turnShaft(step, density);
        derive(state, windNorth, windEast, windDown, density);
        for (int i = 0; i < STATES; i++) {
            middle[i] = state[i] + step / 2 * rate[i];
        }
        derive(middle, windNorth, windEast, windDown, density);
        for (int i = 0; i < STATES; i++) {
            state[i] += step * rate[i];
        }
        double norm = Math.sqrt(state[6] * state[6] + state[7] * state[7] + state[8] * state[8] + state[9] * state[9]);
        for (int i = 6; i < 10; i++) {
            state[i] /= norm;
        }
    }

    private void moveServos(double step, double[] pulsesMicros) {
        double share = 1 - Math.exp(-step / SERVO_LAG);
        double most = SERVO_RATE_MICROS * step;
        for (int i = 0; i < servoMicros.length; i++) {
            if (i == motorOutput) {
                servoMicros[i] = pulsesMicros[i];
                continue;
            }
            double change = share * (pulsesMicros[i] - servoMicros[i]);
            servoMicros[i] += Math.max(-most, Math.min(most, change));
            deflections[i] = outputs.get(i).deflection(servoMicros[i]);
        }
    }

    private void turnShaft(double step, double density) {
        thrust = 0;
        torque = 0;
        current = 0;
        if (hasMotor) {
            shaftSpeed += (1 - Math.exp(-step / SHAFT_LAG)) * (wantedShaftSpeed(density, airU) - shaftSpeed);
            Propeller propeller = propulsion.propeller();
            double power = outputs.get(motorOutput).power(servoMicros[motorOutput]);
            double turns = shaftSpeed / (2 * Math.PI);
            double d = propeller.diameter();
            double disc = density * turns * turns * d * d * d * d;
            double advance = advance(airU);
            thrust = disc * propeller.thrustCoefficient(advance);
            torque = disc * d * propeller.powerCoefficient(advance) / (2 * Math.PI);
            current = power * propulsion.motorCurrent(power, restingVolts(), shaftSpeed) + 0.25;
        } else {
            current = 0.25;
        }
        chargeUsed = Math.min(propulsion.pack().capacity(), chargeUsed + current * step);
    }

    /** Fills {@code rate} with the derivative of a state. */
    private void derive(double[] s, double windNorth, double windEast, double windDown, double density) {
        double q0 = s[6];
        double q1 = s[7];
        double q2 = s[8];
        double q3 = s[9];
        // rotation body to earth
        double r11 = 1 - 2 * (q2 * q2 + q3 * q3);
        double r12 = 2 * (q1 * q2 - q0 * q3);
        double r13 = 2 * (q1 * q3 + q0 * q2);
        double r21 = 2 * (q1 * q2 + q0 * q3);
        double r22 = 1 - 2 * (q1 * q1 + q3 * q3);
        double r23 = 2 * (q2 * q3 - q0 * q1);
        double r31 = 2 * (q1 * q3 - q0 * q2);
        double r32 = 2 * (q2 * q3 + q0 * q1);
        double r33 = 1 - 2 * (q1 * q1 + q2 * q2);
        double u = s[3];
        double v = s[4];
        double w = s[5];
        double p = s[10];
        double q = s[11];
        double r = s[12];
        airU = u - (r11 * windNorth + r21 * windEast + r31 * windDown);
        airV = v - (r12 * windNorth + r22 * windEast + r32 * windDown);
        airW = w - (r13 * windNorth + r23 * windEast + r33 * windDown);
        air.compute(airU, airV, airW, p, q, r, density, deflections);
        double pull = thrust;
        double sinDown = Math.sin(propulsion.downThrust());
        double sinRight = Math.sin(propulsion.rightThrust());
        double pullX = pull * Math.sqrt(Math.max(0, 1 - sinDown * sinDown - sinRight * sinRight));
        double pullY = pull * sinRight;
        double pullZ = pull * sinDown;
        double fx = air.forceX() + pullX;
        double fy = air.forceY() + pullY;
        double fz = air.forceZ() + pullZ;
        // the propeller turns clockwise seen from behind, so the airframe is twisted to the left
        double mx = air.momentX() + motorY * pullZ - motorZ * pullY - torque;
        double my = air.momentY() + motorZ * pullX - motorX * pullZ;
        double mz = air.momentZ() + motorX * pullY - motorY * pullX;
        loadFactor = -fz / (mass * GRAVITY);
        rate[0] = r11 * u + r12 * v + r13 * w;
        rate[1] = r21 * u + r22 * v + r23 * w;
        rate[2] = r31 * u + r32 * v + r33 * w;
        rate[3] = fx / mass + r31 * GRAVITY - q * w + r * v;
        rate[4] = fy / mass + r32 * GRAVITY - r * u + p * w;
        rate[5] = fz / mass + r33 * GRAVITY - p * v + q * u;
        rate[6] = 0.5 * (-q1 * p - q2 * q - q3 * r);
        rate[7] = 0.5 * (q0 * p + q2 * r - q3 * q);
        rate[8] = 0.5 * (q0 * q - q1 * r + q3 * p);
        rate[9] = 0.5 * (q0 * r + q1 * q - q2 * p);
        // Euler's equations with I = [[ix, 0, −ixz], [0, iy, 0], [−ixz, 0, iz]]
        double hx = ix * p - ixz * r;
        double hy = iy * q;
        double hz = iz * r - ixz * p;
        double tx = mx - (q * hz - r * hy);
        double ty = my - (r * hx - p * hz);
        double tz = mz - (p * hy - q * hx);
        double det = ix * iz - ixz * ixz;
        rate[10] = (iz * tx + ixz * tz) / det;
        rate[11] = ty / iy;
        rate[12] = (ixz * tx + ix * tz) / det;
    }

    /**
     * Accelerations of the present state: u̇, v̇, ẇ [m/s²] and ṗ, q̇, ṙ [rad/s²], for trim searches.
     *
     * @return six values
     */
    public double[] accelerations(double windNorth, double windEast, double windDown, double density) {
        turnShaft(1e-9, density);
        derive(state, windNorth, windEast, windDown, density);
        return new double[] {rate[3], rate[4], rate[5], rate[10], rate[11], rate[12]};
    }

    /** Stops the aircraft on the ground. */
    public void rest() {
        for (int i = 3; i < 6; i++) {
            state[i] = 0;
        }
        for (int i = 10; i < 13; i++) {
            state[i] = 0;
        }
    }

    /**
     * @return north of home [m]
     */
    public double north() {
        return state[0];
    }

    /**
     * @return east of home [m]
     */
    public double east() {
        return state[1];
    }

    /**
     * @return height above home [m]
     */
    public double height() {
        return -state[2];
    }

    /**
     * @return roll angle [rad], −π to π
     */
    public double roll() {
        return Math.atan2(
                2 * (state[8] * state[9] + state[6] * state[7]), 1 - 2 * (state[7] * state[7] + state[8] * state[8]));
    }

    /**
     * @return pitch angle [rad], −π/2 to π/2
     */
    public double pitch() {
        double sine = -2 * (state[7] * state[9] - state[6] * state[8]);
        return Math.asin(Math.max(-1, Math.min(1, sine)));
    }

    /**
     * @return heading [rad], −π to π, from north over east
     */
    public double heading() {
        return Math.atan2(
                2 * (state[7] * state[8] + state[6] * state[9]), 1 - 2 * (state[8] * state[8] + state[9] * state[9]));
    }

    /**
     * @return roll rate [rad/s]
     */
    public double rollRate() {
        return state[10];
    }

    /**
     * @return pitch rate [rad/s]
     */
    public double pitchRate() {
        return state[11];
    }

    /**
     * @return yaw rate [rad/s]
     */
    public double yawRate() {
        return state[12];
    }

    /**
     * @return velocity over ground, north [m/s]
     */
    public double velocityNorth() {
        return rate[0];
    }

    /**
     * @return velocity over ground, east [m/s]
     */
    public double velocityEast() {
        return rate[1];
    }

    /**
     * @return climb [m/s]
     */
    public double climb() {
        return -rate[2];
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
        return loadFactor;
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
        return thrust;
    }

    /**
     * @return deflection of an output's surface, trailing edge down positive [rad]
     */
    public double deflection(int output) {
        return deflections[output];
    }
}
