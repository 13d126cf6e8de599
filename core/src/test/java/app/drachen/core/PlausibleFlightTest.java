package app.drachen.core;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.drachen.core.aerodynamics.Balance;
import app.drachen.core.aerodynamics.ModelError;
import app.drachen.core.aerodynamics.Stall;
import app.drachen.core.aerodynamics.StripModel;
import app.drachen.core.air.Atmosphere;
import app.drachen.core.airframe.MassProperties;
import app.drachen.core.airframe.PartKind;
import app.drachen.core.airframe.Tail;
import app.drachen.core.controls.Output;
import app.drachen.core.flight.Aircraft;
import app.drachen.core.flight.Feel;
import app.drachen.core.flight.NaturalMotion;
import app.drachen.core.flight.Trim;
import app.drachen.core.setup.Setup;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.LongRange;

/** What must hold for any plausible aircraft in motion. */
class PlausibleFlightTest {
    private static final double RHO = Atmosphere.SEA_LEVEL_DENSITY;
    private static final double G = 9.80665;
    private static final double STEP = 0.005;

    private static double[] pulses(Setup setup, double roll, double pitch, double yaw, double power) {
        return setup.controls().outputs().stream()
                .mapToDouble(o -> o.pulse(o.mix().mix(roll, pitch, yaw, power)))
                .toArray();
    }

    private static double fast(Setup setup) {
        return 1.6 * Stall.of(setup, RHO).speed();
    }

    private static Aircraft thrown(Setup setup, double speed, double pitch, double[] pulses) {
        Aircraft a = new Aircraft(setup);
        a.place(0, 0, 200, 0, pitch, 0, speed);
        a.settle(pulses, RHO, speed);
        return a;
    }

    private static void fly(Aircraft a, double seconds, double[] pulses) {
        for (int i = 0; i < seconds / STEP; i++) {
            a.step(STEP, pulses, 0, 0, 0, RHO);
        }
    }

    private static double energy(Setup setup, Aircraft a) {
        double v2 = a.velocityNorth() * a.velocityNorth() + a.velocityEast() * a.velocityEast() + a.climb() * a.climb();
        return setup.massProperties().mass() * (v2 / 2 + G * a.height());
    }

    @Property(tries = 25, seed = "11")
    void withoutPowerEnergyOnlyFalls(
            @ForAll @LongRange(min = 0, max = 1_000) long seed,
            @ForAll @DoubleRange(min = -1, max = 1) double roll,
            @ForAll @DoubleRange(min = -1, max = 1) double pitch) {
        Setup setup = PlausibleAircraft.of(seed);
        double[] pulses = pulses(setup, roll, pitch, 0, 0);
        Aircraft a = thrown(setup, fast(setup), 0.1, pulses);
        double before = energy(setup, a);
        double spin = 0.02 * before;
        for (int i = 0; i < 16; i++) {
            fly(a, 0.5, pulses);
            double now = energy(setup, a);
            // turning energy of the airframe is not counted: it is a few hundredths at most
            assertTrue(now < before + spin, "seed " + seed + ": " + before + " became " + now);
            before = Math.min(before, now);
        }
    }

    @Property(tries = 25, seed = "12")
    void powerAddsNoMoreThanThrustTimesWay(
            @ForAll @LongRange(min = 0, max = 1_000) long seed, @ForAll @DoubleRange(min = 0.2, max = 1) double power) {
        Setup setup = PlausibleAircraft.of(seed);
        double[] pulses = pulses(setup, 0, 0, 0, power);
        Aircraft a = thrown(setup, fast(setup), 0.05, pulses);
        double before = energy(setup, a);
        double work = 0;
        for (int i = 0; i < 800; i++) {
            a.step(STEP, pulses, 0, 0, 0, RHO);
            work += a.thrust() * a.airspeed() * STEP;
        }
        assertTrue(energy(setup, a) < before + work + 0.02 * before, "seed " + seed);
    }

    @Property(tries = 25, seed = "13")
    void mirroredSticksFlyAMirroredFlight(
            @ForAll @LongRange(min = 0, max = 1_000) long seed,
            @ForAll @DoubleRange(min = 0.05, max = 0.6) double roll,
            @ForAll @DoubleRange(min = -0.3, max = 0.3) double yaw) {
        Setup setup = PlausibleAircraft.of(seed);
        double[] right = pulses(setup, roll, 0, yaw, 0);
        double[] left = pulses(setup, -roll, 0, -yaw, 0);
        Aircraft a = thrown(setup, fast(setup), 0.05, right);
        Aircraft b = thrown(setup, fast(setup), 0.05, left);
        for (int i = 0; i < 300; i++) {
            a.step(STEP, right, 0, 0, 0, RHO);
            b.step(STEP, left, 0, 0, 0, RHO);
        }
        assertEquals(a.north(), b.north(), 1e-6, "seed " + seed);
        assertEquals(a.east(), -b.east(), 1e-6);
        assertEquals(a.height(), b.height(), 1e-6);
        assertEquals(a.roll(), -b.roll(), 1e-6);
        assertEquals(a.pitch(), b.pitch(), 1e-6);
        assertEquals(a.yawRate(), -b.yawRate(), 1e-6);
    }

    @Property(tries = 20, seed = "14")
    void whereItStartsAndWhichWayItHeadsChangesNothing(
            @ForAll @LongRange(min = 0, max = 1_000) long seed,
            @ForAll @DoubleRange(min = -3, max = 3) double heading) {
        Setup setup = PlausibleAircraft.of(seed);
        double[] pulses = pulses(setup, 0.2, 0.1, 0, 0.5);
        Aircraft north = thrown(setup, fast(setup), 0.05, pulses);
        Aircraft turned = new Aircraft(setup);
        turned.place(500, -700, 200, 0, 0.05, heading, fast(setup));
        turned.settle(pulses, RHO, fast(setup));
        fly(north, 2, pulses);
        fly(turned, 2, pulses);
        double n = turned.north() - 500;
        double e = turned.east() + 700;
        assertEquals(north.north(), n * Math.cos(heading) + e * Math.sin(heading), 1e-6, "seed " + seed);
        assertEquals(north.east(), e * Math.cos(heading) - n * Math.sin(heading), 1e-6);
        assertEquals(north.height(), turned.height(), 1e-6);
        assertEquals(0, Math.IEEEremainder(turned.heading() - north.heading() - heading, 2 * Math.PI), 1e-6);
    }

    @Property(tries = 20, seed = "15")
    void theAirDoesNotKnowTheGround(
            @ForAll @LongRange(min = 0, max = 1_000) long seed,
            @ForAll @DoubleRange(min = -8, max = 8) double north,
            @ForAll @DoubleRange(min = -8, max = 8) double east) {
        Setup setup = PlausibleAircraft.of(seed);
        double[] pulses = pulses(setup, 0.1, 0, 0, 0.4);
        Aircraft calm = thrown(setup, fast(setup), 0, pulses);
        Aircraft windy = new Aircraft(setup);
        windy.place(0, 0, 200, 0, 0, 0, 0);
        windy.move(fast(setup) + north, east, 0, 0, 0, 0);
        windy.settle(pulses, RHO, fast(setup));
        fly(calm, 2, pulses);
        for (int i = 0; i < 400; i++) {
            windy.step(STEP, pulses, north, east, 0, RHO);
        }
        assertEquals(calm.north() + 2 * north, windy.north(), 0.02, "seed " + seed);
        assertEquals(calm.east() + 2 * east, windy.east(), 0.02);
        assertEquals(calm.airspeed(), windy.airspeed(), 0.02);
    }

    @Property(tries = 20, seed = "16")
    void anythingThrownAnyhowKeepsItsNumbers(
            @ForAll @LongRange(min = 0, max = 1_000) long seed,
            @ForAll @DoubleRange(min = -3, max = 3) double roll,
            @ForAll @DoubleRange(min = -1.5, max = 1.5) double pitch,
            @ForAll @DoubleRange(min = -12, max = 30) double speed,
            @ForAll @DoubleRange(min = -12, max = 12) double spin) {
        Setup setup = PlausibleAircraft.of(seed);
        double[] pulses = pulses(setup, 1, -1, 1, 1);
        Aircraft a = new Aircraft(setup);
        a.place(0, 0, 500, roll, pitch, 1, speed);
        a.move(speed, 3, -2, spin, -spin, spin / 2);
        a.settle(pulses, RHO, 0);
        for (int i = 0; i < 6 / STEP; i++) {
            a.step(STEP, pulses, 3, -2, 1, RHO);
        }
        double sum = a.north() + a.east() + a.height() + a.roll() + a.pitch() + a.heading() + a.rollRate();
        assertTrue(Double.isFinite(sum), "seed " + seed);
        // no faster than a fall through its own drag from rest, with power, could ever be
        assertTrue(a.airspeed() < 120, "seed " + seed + ": " + a.airspeed());
        assertTrue(Math.abs(a.rollRate()) < 60, "seed " + seed + ": " + a.rollRate());
    }

    @Property(tries = 20, seed = "17")
    void trimIsATrimAndHoldsForASecond(@ForAll @LongRange(min = 0, max = 1_000) long seed) {
        Setup setup = PlausibleAircraft.of(seed);
        if (Trim.level(setup, fast(setup), RHO) instanceof Trim.Result.Trimmed trim) {
            double[] pulses = pulses(setup, 0, trim.pitchCommand(), 0, trim.power());
            Aircraft a = thrown(setup, fast(setup), trim.alpha(), pulses);
            a.move(fast(setup) * Math.cos(trim.alpha()), 0, fast(setup) * Math.sin(trim.alpha()), 0, 0, 0);
            fly(a, 1, pulses);
            assertEquals(fast(setup), a.airspeed(), 0.06 * fast(setup), "seed " + seed);
            assertEquals(200, a.height(), 1.5, "seed " + seed);
        }
    }

    @Property(tries = 25, seed = "18")
    void balancedAircraftComeBackInPitchAndDieInRoll(@ForAll @LongRange(min = 0, max = 1_000) long seed) {
        Setup setup = PlausibleAircraft.of(seed);
        if (Feel.of(setup, fast(setup), RHO) instanceof Feel.Found found) {
            for (NaturalMotion motion : found.motions()) {
                String told = "seed " + seed + ", margin "
                        + Balance.of(setup).marginWorking().value() + ": " + motion;
                switch (motion.kind()) {
                    case SHORT_PERIOD, ROLL -> assertTrue(!motion.grows(), told);
                    case PHUGOID -> assertTrue(motion.root().real() < 0.3, told);
                    case DUTCH_ROLL -> assertTrue(motion.root().real() < 0.5, told);
                    case SPIRAL, ROLL_AND_SPIRAL -> assertTrue(motion.root().real() < 1.5, told);
                }
                assertTrue(motion.words().endsWith(".") && motion.working().value() > 0, told);
            }
        }
    }

    @Property(tries = 20, seed = "19")
    void aHeavierAircraftStallsFasterAndRollsSlower(
            @ForAll @LongRange(min = 0, max = 1_000) long seed, @ForAll @DoubleRange(min = 1.1, max = 2) double by) {
        Setup light = PlausibleAircraft.of(seed);
        Setup heavy = light.withParts(
                light.parts().stream().map(p -> p.withMass(by * p.mass())).toList());
        assertTrue(Stall.of(heavy, RHO).speed() > Stall.of(light, RHO).speed());
        MassProperties a = light.massProperties();
        MassProperties b = heavy.massProperties();
        double share = b.mass() / a.mass();
        // V_s ~ √m; a tailless aircraft pays besides for a CG that has moved
        double tailless = light.airframe().tail() instanceof Tail.None ? 0.06 : 1e-6;
        assertEquals(
                Math.sqrt(share),
                Stall.of(heavy, RHO).speed() / Stall.of(light, RHO).speed(),
                tailless);
        assertTrue(b.rollInertia() >= a.rollInertia() - 1e-9);
    }

    @Property(tries = 20, seed = "20")
    void thinAirHasTheSameForceAtTheSameDynamicPressure(
            @ForAll @LongRange(min = 0, max = 1_000) long seed,
            @ForAll @DoubleRange(min = 0.7, max = 1.2) double density) {
        Setup setup = PlausibleAircraft.of(seed);
        StripModel air = new StripModel(setup);
        double[] still = new double[setup.controls().outputs().size()];
        air.compute(14, 1, 1, 0, 0, 0, RHO, still);
        double thick = air.forceZ();
        double scale = Math.sqrt(RHO / density);
        air.compute(14 * scale, scale, scale, 0, 0, 0, density, still);
        assertEquals(thick, air.forceZ(), 1e-9 * Math.abs(thick), "seed " + seed);
    }

    @Property(tries = 20, seed = "21")
    void aBlownTailNeverLosesControl(
            @ForAll @LongRange(min = 0, max = 1_000) long seed, @ForAll @DoubleRange(min = 0, max = 20) double thrust) {
        Setup setup = PlausibleAircraft.of(seed);
        StripModel air = new StripModel(setup);
        double[] up = deflections(setup, 0.5);
        double[] down = deflections(setup, -0.5);
        double still = control(air, up, down, 0);
        double blown = control(air, up, down, thrust);
        assertTrue(blown >= 0.999 * still, "seed " + seed + ": " + still + " became " + blown);
        // no more than if the whole tail stood in a stream of √(V² + 2T/ρA)
        double radius = setup.propulsion().drives().get(0).propeller().diameter() / 2;
        double most = 1 + 2 * thrust / (RHO * Math.PI * radius * radius) / (12 * 12);
        assertTrue(blown <= 1.05 * most * still, "seed " + seed);
    }

    private static double[] deflections(Setup setup, double pitch) {
        return setup.controls().outputs().stream()
                .mapToDouble(o -> o.surface() == app.drachen.core.controls.Surface.MOTOR
                        ? 0
                        : o.deflection(o.pulse(o.mix().mix(0, pitch, 0, 0))))
                .toArray();
    }

    private static double control(StripModel air, double[] up, double[] down, double thrust) {
        air.propeller(0, thrust, RHO);
        air.compute(12, 0, 0.5, 0, 0, 0, RHO, up);
        double nose = air.momentY();
        air.compute(12, 0, 0.5, 0, 0, 0, RHO, down);
        return nose - air.momentY();
    }

    @Property(tries = 20, seed = "22")
    void servosNeverPassTheirPulseNorTheirRate(
            @ForAll @LongRange(min = 0, max = 1_000) long seed,
            @ForAll @DoubleRange(min = -1, max = 1) double command) {
        Setup setup = PlausibleAircraft.of(seed);
        double[] neutral = pulses(setup, 0, 0, 0, 0);
        double[] asked = pulses(setup, command, command, 0, 0);
        Aircraft a = thrown(setup, 10, 0, neutral);
        for (int i = 0; i < 200; i++) {
            a.step(STEP, asked, 0, 0, 0, RHO);
        }
        for (int i = 0; i < asked.length; i++) {
            Output o = setup.controls().outputs().get(i);
            if (o.surface() != app.drachen.core.controls.Surface.MOTOR) {
                // dead band and play leave half a degree at most
                assertEquals(o.deflection(asked[i]), a.deflection(i), Math.toRadians(0.8), "seed " + seed);
            }
        }
    }

    @Property(tries = 20, seed = "23")
    void errorsOfTheModelWithinTheirBandLeaveItFlying(
            @ForAll @LongRange(min = 0, max = 1_000) long seed,
            @ForAll @DoubleRange(min = 0.9, max = 1.1) double lift,
            @ForAll @DoubleRange(min = 0.75, max = 1.25) double drag) {
        Setup setup = PlausibleAircraft.of(seed);
        ModelError error = new ModelError(lift, drag, 1);
        Aircraft a = new Aircraft(setup, new StripModel(setup, error), setup.massProperties());
        double[] pulses = pulses(setup, 0, 0, 0, 0);
        a.place(0, 0, 200, 0, 0, 0, fast(setup));
        a.settle(pulses, RHO, fast(setup));
        fly(a, 2, pulses);
        assertTrue(Double.isFinite(a.height()) && a.airspeed() > 2 && a.airspeed() < 60, "seed " + seed);
    }

    @Property(tries = 20, seed = "24")
    void aPackFurtherAftNeedsLessDownElevatorToSlowDown(@ForAll @LongRange(min = 0, max = 1_000) long seed) {
        Setup setup = PlausibleAircraft.of(seed);
        Setup aft = setup.withMoved(PartKind.PACK, 0.02, 0);
        double margin = Balance.of(setup).marginWorking().value();
        assertTrue(Balance.of(aft).marginWorking().value() < margin, "seed " + seed);
        double speed = fast(setup);
        if (Trim.level(setup, speed, RHO) instanceof Trim.Result.Trimmed a
                && Trim.level(aft, speed, RHO) instanceof Trim.Result.Trimmed b) {
            assertTrue(b.pitchCommand() < a.pitchCommand() + 1e-6, "seed " + seed + ": less pull with the pack aft");
        }
    }
}
