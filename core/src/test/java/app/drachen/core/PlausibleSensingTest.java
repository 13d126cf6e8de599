package app.drachen.core;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.drachen.core.aerodynamics.Stall;
import app.drachen.core.autopilot.Autopilot;
import app.drachen.core.autopilot.StartGains;
import app.drachen.core.autopilot.Sticks;
import app.drachen.core.flight.Aircraft;
import app.drachen.core.flight.Trim;
import app.drachen.core.math.NoiseSource;
import app.drachen.core.math.Statistics;
import app.drachen.core.modes.FlightMode;
import app.drachen.core.sensing.Sensed;
import app.drachen.core.setup.BoardMount;
import app.drachen.core.setup.Setup;
import net.jqwik.api.Assume;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.LongRange;

/** What any board believes of any plausible aircraft. */
class PlausibleSensingTest {
    private static final double RHO = 1.2;
    private static final double STEP = 0.01;

    @Property(tries = 20, seed = "91")
    void anyBoardKnowsItsFlightWellEnough(
            @ForAll @LongRange(min = 0, max = 1_000) long seed,
            @ForAll @LongRange(min = 0, max = 1_000) long board,
            @ForAll @DoubleRange(min = -5, max = 5) double windEast) {
        Setup raw = PlausibleAircraft.of(seed);
        double speed = raw.modes().limits().cruiseSpeed();
        Trim.Result level = Trim.level(raw, speed, RHO);
        Assume.that(level instanceof Trim.Result.Trimmed t && t.power() > 0.25 && t.power() < 0.67);
        Trim.Result.Trimmed trim = (Trim.Result.Trimmed) level;
        // a wing that circles near its stall departs sooner or later, and then no filter follows
        Assume.that(speed > 1.5 * Stall.of(raw, RHO).speed());
        Setup setup = raw.withGains(StartGains.of(raw));
        Aircraft aircraft = new Aircraft(setup);
        Autopilot autopilot = new Autopilot(setup, trim.power());
        Sensed sensed = new Sensed(setup.mount(), new NoiseSource(board));
        double[] pulses = setup.controls().outputs().stream()
                .mapToDouble(o -> o.pulse(o.mix().mix(0, trim.pitchCommand(), 0, trim.power())))
                .toArray();
        aircraft.place(0, 0, 120, 0, trim.alpha(), 0, speed);
        aircraft.settle(pulses, RHO, speed);
        aircraft.accelerations(0, windEast, 0, RHO);
        double worstTilt = 0;
        double worstHeading = 0;
        for (int i = 0; i < 4_000; i++) {
            sensed.read(aircraft, STEP);
            autopilot.update(STEP, FlightMode.CIRCLE, new Sticks(0, 0, 0, trim.power()), sensed);
            autopilot.mix(pulses);
            aircraft.step(STEP / 2, pulses, 0, windEast, 0, RHO);
            aircraft.step(STEP / 2, pulses, 0, windEast, 0, RHO);
            double roll = Math.abs(Statistics.wrap(sensed.roll() - aircraft.roll()));
            double pitch = Math.abs(sensed.pitch() - aircraft.pitch());
            worstTilt = Math.max(worstTilt, Math.max(roll, pitch));
            worstHeading = Math.max(worstHeading, Math.abs(Statistics.wrap(sensed.heading() - aircraft.heading())));
        }
        // three standard deviations of the biases, 1.5° by the accelerometer, and what slips in a turn: 6.6° seen; 9°
        // of
        // compass
        assertTrue(worstTilt < Math.toRadians(7), "seed " + seed + ", " + board + ": " + Math.toDegrees(worstTilt));
        assertTrue(worstHeading < Math.toRadians(18), "seed " + seed + ": " + Math.toDegrees(worstHeading));
        assertEquals(aircraft.height(), sensed.height(), 3, "seed " + seed);
        assertTrue(Math.hypot(sensed.north() - aircraft.north(), sensed.east() - aircraft.east()) < 6);
        assertTrue(sensed.positionGood() && sensed.airspeedGood(), "nothing was wrong with it");
    }

    @Property(tries = 20, seed = "92")
    void aBoardThatIsToldHowItSitsBelievesTheTruth(
            @ForAll @IntRange(min = 0, max = 3) int turns,
            @ForAll @DoubleRange(min = -1, max = 1) double roll,
            @ForAll @DoubleRange(min = -1, max = 1) double pitch) {
        Sensed told = Sensed.exact(new BoardMount(turns, turns, 0, 0));
        Aircraft aircraft = new Aircraft(PlausibleAircraft.of(3));
        aircraft.place(0, 0, 50, roll, pitch, 0.5, 14);
        aircraft.accelerations(0, 0, 0, RHO);
        told.read(aircraft, STEP);
        assertEquals(roll, told.roll(), 1e-9);
        assertEquals(pitch, told.pitch(), 1e-9);
        assertEquals(0.5, told.heading(), 1e-9);
    }
}
