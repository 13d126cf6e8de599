package app.drachen.core;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.drachen.core.autopilot.Autopilot;
import app.drachen.core.autopilot.Helper;
import app.drachen.core.autopilot.StartGains;
import app.drachen.core.autopilot.Sticks;
import app.drachen.core.flight.Aircraft;
import app.drachen.core.flight.Trim;
import app.drachen.core.math.NoiseSource;
import app.drachen.core.modes.FlightMode;
import app.drachen.core.modes.Limits;
import app.drachen.core.modes.Route;
import app.drachen.core.sensing.Sensed;
import app.drachen.core.setup.Gains;
import app.drachen.core.setup.Setup;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import net.jqwik.api.Assume;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.LongRange;

/** What the autopilot must do with any plausible aircraft, with the gains that its size and speed give. */
class PlausibleAutopilotTest {
    private static final double RHO = 1.2;
    private static final double STEP = 0.01;
    private static final double G = 9.80665;

    /** An aircraft under its autopilot; one cycle is two steps of the model. */
    private static final class Flown {
        final Setup setup;
        final Aircraft aircraft;
        final Autopilot autopilot;
        final Sensed sensed;
        final double[] pulses;
        final double power;

        Flown(Setup setup, Trim.Result.Trimmed trim, Sensed sensed, double roll) {
            this.setup = setup;
            this.sensed = sensed;
            power = trim.power();
            double speed = setup.modes().limits().cruiseSpeed();
            aircraft = new Aircraft(setup);
            autopilot = new Autopilot(setup, trim.power());
            pulses = setup.controls().outputs().stream()
                    .mapToDouble(o -> o.pulse(o.mix().mix(0, trim.pitchCommand(), 0, trim.power())))
                    .toArray();
            aircraft.place(0, 0, 120, roll, trim.alpha(), 0, speed);
            aircraft.settle(pulses, RHO, speed);
            aircraft.accelerations(0, 0, 0, RHO);
        }

        void fly(double seconds, FlightMode mode, Sticks sticks) {
            for (int i = 0; i < seconds / STEP; i++) {
                sensed.read(aircraft, STEP);
                autopilot.update(STEP, mode, sticks, sensed);
                autopilot.mix(pulses);
                aircraft.step(STEP / 2, pulses, 0, 0, 0, RHO);
                aircraft.step(STEP / 2, pulses, 0, 0, 0, RHO);
            }
        }
    }

    /**
     * The aircraft with the gains of its size and speed, if the one motor that all of them have is of a plausible size for
     * it: it holds cruise speed with a quarter to two thirds of its power.
     */
    private static Optional<Flown> flown(long seed, boolean exact, double roll) {
        Setup setup = PlausibleAircraft.of(seed);
        double speed = setup.modes().limits().cruiseSpeed();
        if (!(Trim.level(setup, speed, RHO) instanceof Trim.Result.Trimmed trim)
                || trim.power() > 0.67
                || trim.power() < 0.25) {
            return Optional.empty();
        }
        Setup tuned = setup.withGains(StartGains.of(setup));
        Sensed sensed = exact ? Sensed.exact(setup.mount()) : new Sensed(setup.mount(), new NoiseSource(seed));
        return Optional.of(new Flown(tuned, trim, sensed, roll));
    }

    private static Flown assumed(long seed, boolean exact, double roll) {
        Optional<Flown> flown = flown(seed, exact, roll);
        Assume.that(flown.isPresent());
        return flown.orElseThrow();
    }

    /** Power stick that asks for cruise speed in Hold. */
    private static Sticks cruise(Setup setup) {
        Limits l = setup.modes().limits();
        return new Sticks(0, 0, 0, (l.cruiseSpeed() - l.leastSpeed()) / (l.topSpeed() - l.leastSpeed()));
    }

    @Property(tries = 25, seed = "51")
    void levelComesBackFromAnyBank(
            @ForAll @LongRange(min = 0, max = 1_000) long seed,
            @ForAll @DoubleRange(min = -0.7, max = 0.7) double roll) {
        Flown f = assumed(seed, true, roll);
        f.fly(6, FlightMode.LEVEL, new Sticks(0, 0, 0, f.power));
        assertEquals(0, Math.toDegrees(f.aircraft.roll()), 4, "seed " + seed);
        assertEquals(0, Math.toDegrees(f.aircraft.pitch()), 8, "seed " + seed);
    }

    @Property(tries = 20, seed = "52")
    void holdKeepsHeightCourseAndSpeedByItsSensors(@ForAll @LongRange(min = 0, max = 1_000) long seed) {
        Flown f = assumed(seed, false, 0);
        f.fly(40, FlightMode.HOLD, cruise(f.setup));
        double speed = f.setup.modes().limits().cruiseSpeed();
        // the board's own errors: 0.5 m of height, 3° of compass, 2 % and 1.5 Pa of pitot, each once
        assertEquals(120, f.aircraft.height(), 5, "seed " + seed);
        assertEquals(speed, f.aircraft.airspeed(), 0.15 * speed, "seed " + seed);
        double course = Math.atan2(f.aircraft.velocityEast(), f.aircraft.velocityNorth());
        assertEquals(0, Math.toDegrees(course), 5, "seed " + seed);
    }

    @Property(tries = 20, seed = "53")
    void circleIsRoundAsFarAsItsBankAllows(@ForAll @LongRange(min = 0, max = 1_000) long seed) {
        Flown f = assumed(seed, true, 0);
        Limits l = f.setup.modes().limits();
        double radius = f.setup.modes().home().circleRadius();
        double least = l.cruiseSpeed() * l.cruiseSpeed() / (G * Math.tan(0.85 * l.bank()));
        Assume.that(radius > 1.3 * least);
        double round = 2 * Math.PI * radius / l.cruiseSpeed();
        f.fly(10 + round, FlightMode.CIRCLE, cruise(f.setup));
        double most = 0;
        double fewest = Double.MAX_VALUE;
        for (int i = 0; i < 20; i++) {
            f.fly(round / 20, FlightMode.CIRCLE, cruise(f.setup));
            double d = Math.hypot(f.aircraft.north(), f.aircraft.east());
            most = Math.max(most, d);
            fewest = Math.min(fewest, d);
        }
        assertEquals(radius, most, 0.12 * radius, "seed " + seed);
        assertEquals(radius, fewest, 0.12 * radius, "seed " + seed);
        assertEquals(120, f.aircraft.height(), 5, "seed " + seed);
    }

    @Property(tries = 15, seed = "54")
    void homeIsReachedFromAnywhere(
            @ForAll @LongRange(min = 0, max = 1_000) long seed,
            @ForAll @DoubleRange(min = -3, max = 3) double bearing,
            @ForAll @DoubleRange(min = -3, max = 3) double heading) {
        Flown f = assumed(seed, true, 0);
        double speed = f.setup.modes().limits().cruiseSpeed();
        double distance = 400;
        double height = f.setup.modes().home().height();
        f.aircraft.place(distance * Math.cos(bearing), distance * Math.sin(bearing), height, 0, 0.03, heading, speed);
        f.aircraft.accelerations(0, 0, 0, RHO);
        double radius = f.setup.modes().home().circleRadius();
        // the way, a turn round, and a circle to settle on
        f.fly((distance + 5 * Math.PI * radius) / speed + 15, FlightMode.HOME, Sticks.CENTRED);
        double left = Math.hypot(f.aircraft.north(), f.aircraft.east());
        assertTrue(left < 1.6 * radius, "seed " + seed + ": " + left + " m with a circle of " + radius);
        assertEquals(height, f.aircraft.height(), 6, "seed " + seed);
    }

    @Property(tries = 15, seed = "55")
    void mirroredSticksOfTheHoldingModesFlyMirroredFlights(
            @ForAll @LongRange(min = 0, max = 1_000) long seed,
            @ForAll @DoubleRange(min = 0.1, max = 0.9) double roll) {
        // the propeller turns one way only, so the motor stays off: in Level the stick has the power
        Flown right = assumed(seed, true, 0);
        Flown left = flown(seed, true, 0).orElseThrow();
        for (int i = 0; i < 8; i++) {
            double stick = i % 3 == 0 ? roll : -roll / 2;
            right.fly(0.5, FlightMode.LEVEL, new Sticks(stick, -0.2, 0, 0));
            left.fly(0.5, FlightMode.LEVEL, new Sticks(-stick, -0.2, 0, 0));
        }
        // what is left of the torque of a motor running down at the start
        assertEquals(right.aircraft.north(), left.aircraft.north(), 0.6, "seed " + seed);
        assertEquals(right.aircraft.roll(), -left.aircraft.roll(), Math.toRadians(1.5));
        assertEquals(right.aircraft.height(), left.aircraft.height(), 0.3);
    }

    @Property(tries = 12, seed = "56")
    void aRouteIsFlownPointByPoint(
            @ForAll @LongRange(min = 0, max = 1_000) long seed, @ForAll @LongRange(min = 0, max = 10_000) long shape) {
        Flown f = assumed(seed, true, 0);
        NoiseSource noise = new NoiseSource(shape);
        Limits l = f.setup.modes().limits();
        double turn = l.cruiseSpeed() * l.cruiseSpeed() / (G * Math.tan(0.8 * l.bank()));
        List<Route.Point> points = new ArrayList<>();
        for (int i = 0; i < 5; i++) {
            double angle = 2 * Math.PI * (i + 0.4 * noise.uniform()) / 5;
            double far = 6 * turn * (1 + 0.4 * noise.uniform());
            points.add(new Route.Point(far * Math.cos(angle), far * Math.sin(angle), 120));
        }
        Route route = new Route(points);
        f.autopilot.route(route);
        double length = 0;
        for (int i = 0; i < 5; i++) {
            length += route.length(i);
        }
        double worst = 0;
        boolean[] passed = new boolean[5];
        double[] nearest = new double[5];
        java.util.Arrays.fill(nearest, Double.MAX_VALUE);
        for (double way = 0; way < 1.6 * length; way += 0.2 * l.cruiseSpeed()) {
            f.fly(0.2, FlightMode.MISSION, Sticks.CENTRED);
            passed[f.autopilot.leg()] = true;
            for (int i = 0; i < 5; i++) {
                double off = Math.hypot(
                        f.aircraft.north() - points.get(i).north(),
                        f.aircraft.east() - points.get(i).east());
                nearest[i] = Math.min(nearest[i], off);
            }
        }
        for (int i = 0; i < 5; i++) {
            assertTrue(passed[i], "seed " + seed + ": leg " + i + " was flown");
            worst = Math.max(worst, nearest[i]);
        }
        // corners are cut by less than two turning radii
        assertTrue(worst < 2 * turn, "seed " + seed + ": a point was passed by " + worst + " m, radius " + turn);
    }

    @Property(tries = 12, seed = "57")
    void autotuneStaysInsideAndLeavesAFlyableAircraft(@ForAll @LongRange(min = 0, max = 1_000) long seed) {
        Flown f = assumed(seed, false, 0);
        f.autopilot.helper(Helper.AUTOTUNE);
        Gains before = f.autopilot.gains();
        double steepest = 0;
        for (int i = 0; i < 50; i++) {
            double side = i % 2 == 0 ? 1 : -1;
            f.fly(
                    1.2,
                    FlightMode.LEVEL,
                    i < 25 ? new Sticks(side, 0.15, 0, f.power) : new Sticks(0, side * 0.85, 0, f.power));
            steepest = Math.max(steepest, Math.abs(f.aircraft.roll()));
        }
        f.autopilot.helper(Helper.NONE);
        Gains after = f.autopilot.gains();
        if (steepest > f.setup.modes().limits().bank() + 0.5) {
            // it does not follow its sticks: nothing may be learned from that
            assertTrue(after.roll().forward() < 2 * before.roll().forward(), "seed " + seed);
            return;
        }
        assertTrue(f.autopilot.tuneChanges() >= 4, "seed " + seed + ": changes " + f.autopilot.tuneChanges());
        double ratio = after.roll().forward() / before.roll().forward();
        assertTrue(ratio > 0.4 && ratio < 2.5, "seed " + seed + ": roll forward gain times " + ratio);
        f.fly(8, FlightMode.LEVEL, new Sticks(0, 0, 0, f.power));
        assertEquals(0, Math.toDegrees(f.aircraft.roll()), 6, "seed " + seed);
    }

    @Property(tries = 15, seed = "58")
    void aThrowWithHelpClimbsAway(
            @ForAll @LongRange(min = 0, max = 1_000) long seed,
            @ForAll @DoubleRange(min = -0.3, max = 0.3) double roll) {
        Flown f = assumed(seed, false, roll);
        double stall = app.drachen.core.aerodynamics.Stall.of(f.setup, RHO).speed();
        f.aircraft.place(0, 0, 1.8, roll, 0.15, 0, 1.15 * stall);
        f.aircraft.settle(f.pulses, RHO, stall);
        f.aircraft.accelerations(0, 0, 0, RHO);
        f.autopilot.armLaunch();
        double lowest = 2;
        for (int i = 0; i < 100; i++) {
            f.fly(0.1, FlightMode.HOLD, cruise(f.setup));
            lowest = Math.min(lowest, f.aircraft.height());
        }
        assertTrue(lowest > 0, "seed " + seed + ": sank to " + lowest);
        assertTrue(f.aircraft.height() > 6, "seed " + seed + ": " + f.aircraft.height());
    }
}
