package app.drachen.core.flight;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.drachen.core.airframe.Part;
import app.drachen.core.airframe.PartKind;
import app.drachen.core.airframe.Position;
import app.drachen.core.demo.DemoAircraft;
import app.drachen.core.propulsion.Drive;
import app.drachen.core.propulsion.Motor;
import app.drachen.core.propulsion.Propeller;
import app.drachen.core.propulsion.Propulsion;
import app.drachen.core.setup.Setup;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/**
 * Shafts held against the torque balance written the long way: current from the volts that the turning leaves, torque from the current,
 * torque of the propeller from its power coefficient at the very advance ratio, solved by halving an interval.
 */
class ShaftsTest {
    private static final double DENSITY = 1.2;
    private static final double VOLTS = 15.2;
    private static final double STEP = 0.0025;

    private static final Setup SETUP = DemoAircraft.seeschwalbe();
    private static final Position CENTRE = SETUP.massProperties().centre();

    private static double[] pulses(Setup setup, double power) {
        double[] pulses = new double[setup.controls().outputs().size()];
        for (int i = 0; i < pulses.length; i++) {
            var output = setup.controls().outputs().get(i);
            pulses[i] = output.surface().isMotor()
                    ? output.lowMicros() + power * (output.highMicros() - output.lowMicros())
                    : output.centreMicros();
        }
        return pulses;
    }

    private static Shafts run(Setup setup, double power, double airspeed, double seconds) {
        Shafts shafts = new Shafts(setup, CENTRE);
        for (double t = 0; t < seconds; t += STEP) {
            shafts.turn(STEP, pulses(setup, power), false, VOLTS, DENSITY, airspeed);
        }
        return shafts;
    }

    private static Drive drive() {
        return SETUP.propulsion().drives().get(0);
    }

    /** Torque of the motor less that of the propeller at a speed [Nm]. */
    private static double left(double speed, double power, double airspeed) {
        Motor motor = drive().motor();
        Propeller propeller = drive().propeller();
        double r = motor.resistance() + power * power * SETUP.propulsion().resistanceForEach();
        double amps = (power * VOLTS - speed / motor.speedConstant()) / r;
        double turns = speed / (2 * Math.PI);
        double d = propeller.diameter();
        double watts =
                propeller.powerCoefficient(airspeed / (turns * d)) * DENSITY * Math.pow(turns, 3) * Math.pow(d, 5);
        return (amps - motor.noLoadCurrent()) / motor.speedConstant() - watts / speed;
    }

    private static double balanced(double power, double airspeed) {
        double low = 40;
        double high = 3_000;
        for (int i = 0; i < 80; i++) {
            double middle = (low + high) / 2;
            if (left(middle, power, airspeed) > 0) {
                low = middle;
            } else {
                high = middle;
            }
        }
        return low;
    }

    @ParameterizedTest
    @CsvSource({"1, 0", "1, 14", "0.6, 12", "0.45, 9", "0.8, 20"})
    void theyComeToWhereTorquesBalance(double power, double airspeed) {
        Shafts shafts = run(SETUP, power, airspeed, 3);
        double speed = balanced(power, airspeed);
        double turns = speed / (2 * Math.PI);
        Propeller propeller = drive().propeller();
        double advance = airspeed / (turns * propeller.diameter());
        double thrust =
                propeller.thrustCoefficient(advance) * DENSITY * turns * turns * Math.pow(propeller.diameter(), 4);
        assertEquals(thrust, shafts.thrust(), 1e-3 * Math.abs(thrust) + 1e-3);
        Motor motor = drive().motor();
        double r = motor.resistance() + power * power * SETUP.propulsion().resistanceForEach();
        double amps = power * (power * VOLTS - speed / motor.speedConstant()) / r;
        assertEquals(amps, shafts.current(), 2e-3 * amps);
        // what the pack gives is what the propeller takes, the windings warm by, and the idling of the motor
        double inMotor = amps / power;
        double shaft = speed * (inMotor - motor.noLoadCurrent()) / motor.speedConstant();
        double losses = inMotor * inMotor * motor.resistance() + motor.noLoadCurrent() * speed / motor.speedConstant();
        double pack = amps * VOLTS - amps * amps * SETUP.propulsion().resistanceForEach();
        assertEquals(pack, shaft + losses, 1e-6 * pack);
    }

    /** After one time of the lag 63 %, after three 95 % of the way, as every first-order lag. */
    @Test
    void theyLagByOneExponential() {
        double end = Math.sqrt(run(SETUP, 1, 0, 4).thrust());
        // without wind thrust goes with the square of the speed; the coefficient of power hardly moves at rest
        assertEquals(1 - Math.exp(-1), Math.sqrt(run(SETUP, 1, 0, 0.12).thrust()) / end, 0.01);
        assertEquals(1 - Math.exp(-3), Math.sqrt(run(SETUP, 1, 0, 0.36).thrust()) / end, 0.01);
    }

    @Test
    void cutOffTheyStandAndTheirBladesHold() {
        Shafts shafts = run(SETUP, 1, 14, 2);
        for (double t = 0; t < 4; t += STEP) {
            shafts.turn(STEP, pulses(SETUP, 1), true, VOLTS, DENSITY, 14);
        }
        assertEquals(0, shafts.current());
        assertEquals(0, shafts.thrust(), 0.01);
        double[] load = new double[6];
        shafts.pull(load);
        double area = drive().propeller().standingDragArea();
        assertEquals(-0.5 * DENSITY * 14 * 14 * area, load[0], 0.02);
    }

    /** Force and moment of a tilted thrust line off the centre of gravity: r × F, and the torque against the turn. */
    @Test
    void forceAndMomentAreThoseOfTheThrustLine() {
        Drive tilted = new Drive(drive().motor(), drive().propeller(), Drive.Turn.CLOCKWISE, 0.1, 0.06);
        Setup setup = SETUP.withPropulsion(
                new Propulsion(List.of(tilted), SETUP.propulsion().packs()));
        Shafts shafts = run(setup, 1, 10, 3);
        double[] load = new double[6];
        shafts.pull(load);
        double t = shafts.thrust();
        double[] f = {
            t * Math.sqrt(1 - Math.sin(0.1) * Math.sin(0.1) - Math.sin(0.06) * Math.sin(0.06)),
            t * Math.sin(0.06),
            t * Math.sin(0.1)
        };
        Position motor = setup.motorPosition(0).orElseThrow();
        double[] r = {CENTRE.aft() - motor.aft(), motor.right() - CENTRE.right(), CENTRE.up() - motor.up()};
        double torque = load[3] - (r[1] * f[2] - r[2] * f[1]);
        for (int i = 0; i < 3; i++) {
            assertEquals(f[i], load[i], 1e-9);
        }
        assertEquals(r[2] * f[0] - r[0] * f[2], load[4], 1e-9);
        assertEquals(r[0] * f[1] - r[1] * f[0], load[5], 1e-9);
        // clockwise seen from behind: the airframe rolls to the left; torque times speed is the power of the propeller
        double speed = balanced(1, 10);
        double turns = speed / (2 * Math.PI);
        double d = drive().propeller().diameter();
        double watts =
                drive().propeller().powerCoefficient(10 / (turns * d)) * DENSITY * Math.pow(turns, 3) * Math.pow(d, 5);
        assertEquals(-watts / speed, torque, 2e-3 * watts / speed);
    }

    /** Two motors on one output that turn against each other: nothing twists or yaws, and with one of them only it does. */
    @Test
    void twoAgainstEachOtherTwistNothing() {
        Drive one = new Drive(drive().motor(), drive().propeller(), Drive.Turn.CLOCKWISE, 0, 0);
        Drive other = new Drive(drive().motor(), drive().propeller(), Drive.Turn.COUNTERCLOCKWISE, 0, 0);
        Propulsion both = new Propulsion(List.of(one, other), SETUP.propulsion().packs());
        Setup single = SETUP.withPropulsion(both);
        assertTrue(single.motorPosition(1).isEmpty(), "the second has no motor among the parts");
        double[] load = new double[6];
        run(single, 1, 10, 2).pull(load);
        assertTrue(load[3] < 0, "only the clockwise one turns");
        List<Part> parts = new ArrayList<>(SETUP.parts());
        parts.removeIf(p -> p.kind() == PartKind.MOTOR);
        parts.add(new Part("motor left", PartKind.MOTOR, 0.1, new Position(0.1, -0.3, 0)));
        parts.add(new Part("motor right", PartKind.MOTOR, 0.1, new Position(0.1, 0.3, 0)));
        Shafts shafts = run(SETUP.withParts(parts).withPropulsion(both), 1, 10, 2);
        load = new double[6];
        shafts.pull(load);
        assertEquals(shafts.thrust(), load[0], 1e-9);
        assertEquals(0, load[3], 1e-9);
        assertEquals(0, load[5], 1e-9);
        assertEquals(2, shafts.thrust() / run(single, 1, 10, 2).thrust(), 1e-6);
    }
}
