package app.drachen.core.flight;

import app.drachen.core.aerodynamics.AirForces;
import app.drachen.core.airframe.Position;
import app.drachen.core.controls.Output;
import app.drachen.core.controls.Surface;
import app.drachen.core.propulsion.Drive;
import app.drachen.core.propulsion.Propeller;
import app.drachen.core.setup.Setup;
import java.util.List;

/**
 * The shafts of an aircraft's motors: speed, thrust, torque, current. Each is an exact first-order lag towards the speed
 * at which motor and propeller balance; a drive without a motor among the parts or an output stands still.
 *
 * <p>Source: {@link Drive}; lag of 0.12 s, own estimate for a motor with its propeller, 0.05 to 0.25 s.
 *
 * <p>Mutable, for one thread; a step allocates nothing.
 */
final class Shafts {
    private static final double LAG = 0.12;

    private final Drive[] drives;
    private final Output[] outputs;
    private final int[] index;
    private final double[][] place;
    private final double[][] direction;
    private final double packResistance;
    private double shareStep = Double.NaN;
    private double share;
    private final double[] speed;
    private final double[] thrust;
    private final double[] standing;
    private final double[] torque;
    private final double[] current;

    Shafts(Setup setup, Position centre) {
        List<Drive> all = setup.propulsion().drives();
        int n = all.size();
        drives = all.toArray(new Drive[0]);
        outputs = new Output[n];
        index = new int[n];
        place = new double[n][3];
        direction = new double[n][3];
        speed = new double[n];
        thrust = new double[n];
        standing = new double[n];
        torque = new double[n];
        current = new double[n];
        packResistance = setup.propulsion().resistanceForEach();
        for (int k = 0; k < n; k++) {
            index[k] =
                    setup.motorPosition(k).isPresent() ? output(setup.controls().outputs(), k + 1) : -1;
            outputs[k] = index[k] < 0 ? null : setup.controls().outputs().get(index[k]);
            Position motor = setup.motorPosition(k).orElse(centre);
            place[k][0] = centre.aft() - motor.aft();
            place[k][1] = motor.right() - centre.right();
            place[k][2] = centre.up() - motor.up();
            double sinDown = Math.sin(drives[k].downThrust());
            double sinRight = Math.sin(drives[k].rightThrust());
            direction[k][0] = Math.sqrt(Math.max(0, 1 - sinDown * sinDown - sinRight * sinRight));
            direction[k][1] = sinRight;
            direction[k][2] = sinDown;
        }
    }

    /** The output that runs a drive: the motor of its number, or the only one; −1 for none. */
    private static int output(List<Output> all, int number) {
        int only = -1;
        int motors = 0;
        for (int i = 0; i < all.size(); i++) {
            Surface surface = all.get(i).surface();
            if (surface.isMotor()) {
                if (surface.number() == number) {
                    return i;
                }
                only = i;
                motors++;
            }
        }
        return motors == 1 ? only : -1;
    }

    private double power(int k, double[] pulses, boolean cutOff) {
        return cutOff ? 0 : outputs[k].power(pulses[index[k]]);
    }

    private double advance(int k, double airspeed) {
        double turns = Math.max(speed[k] / (2 * Math.PI), 5);
        return Math.max(0, airspeed) / (turns * drives[k].propeller().diameter());
    }

    private double wanted(int k, double power, double volts, double density, double airspeed) {
        return drives[k].shaftSpeed(power, volts, packResistance, advance(k, airspeed), density);
    }

    /** Moves the shafts a share of the way to where they want to be. */
    void settle(double share, double[] pulses, boolean cutOff, double volts, double density, double airspeed) {
        for (int k = 0; k < drives.length; k++) {
            if (index[k] >= 0) {
                speed[k] += share * (wanted(k, power(k, pulses, cutOff), volts, density, airspeed) - speed[k]);
            }
        }
    }

    /** Advances time. */
    void turn(double step, double[] pulses, boolean cutOff, double volts, double density, double airspeed) {
        if (step != shareStep) {
            shareStep = step;
            share = 1 - Math.exp(-step / LAG);
        }
        for (int k = 0; k < drives.length; k++) {
            if (index[k] < 0) {
                continue;
            }
            double power = power(k, pulses, cutOff);
            speed[k] += share * (wanted(k, power, volts, density, airspeed) - speed[k]);
            Propeller propeller = drives[k].propeller();
            double turns = speed[k] / (2 * Math.PI);
            double d = propeller.diameter();
            double disc = density * turns * turns * d * d * d * d;
            double advance = advance(k, airspeed);
            thrust[k] = disc * propeller.thrustCoefficient(advance);
            standing[k] = standing(propeller, advance, airspeed, density);
            torque[k] = disc * d * propeller.powerCoefficient(advance) / (2 * Math.PI);
            current[k] = power * drives[k].motorCurrent(power, volts, packResistance, speed[k]);
        }
    }

    /** Drag of blades that hardly turn: all of it where they stand, none of it where they still pull. */
    private static double standing(Propeller propeller, double advance, double airspeed, double density) {
        double x = advance / propeller.zeroThrustAdvance();
        return x <= 1
                ? 0
                : 0.5 * density * airspeed * airspeed * propeller.standingDragArea() * Math.min(1, 0.5 * (x - 1));
    }

    /** Tells the air what the propellers do to it. */
    void blow(AirForces air, double density) {
        for (int k = 0; k < drives.length; k++) {
            air.propeller(k, thrust[k], density);
        }
    }

    /** Adds force and moment of all drives about the centre of gravity. */
    void pull(double[] load) {
        for (int k = 0; k < drives.length; k++) {
            double pullX = thrust[k] * direction[k][0];
            double pullY = thrust[k] * direction[k][1];
            double pullZ = thrust[k] * direction[k][2];
            double[] at = place[k];
            // blades that stand are in the way of the flow, wherever the thrust line points
            pullX -= standing[k];
            load[0] += pullX;
            load[1] += pullY;
            load[2] += pullZ;
            // a propeller that turns clockwise seen from behind twists the airframe to the left
            load[3] += at[1] * pullZ - at[2] * pullY - drives[k].turn().sign() * torque[k];
            load[4] += at[2] * pullX - at[0] * pullZ;
            load[5] += at[0] * pullY - at[1] * pullX;
        }
    }

    /**
     * @return thrust of all drives [N]
     */
    double thrust() {
        double sum = 0;
        for (double one : thrust) {
            sum += one;
        }
        return sum;
    }

    /**
     * @return current of all motors, as drawn from the pack [A]
     */
    double current() {
        double sum = 0;
        for (double one : current) {
            sum += one;
        }
        return sum;
    }
}
