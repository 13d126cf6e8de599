package app.drachen.core.autopilot;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.drachen.core.demo.DemoAircraft;
import app.drachen.core.flight.Aircraft;
import app.drachen.core.flight.Trim;
import app.drachen.core.math.NoiseSource;
import app.drachen.core.modes.FlightMode;
import app.drachen.core.sensing.Sensed;
import app.drachen.core.setup.Setup;
import java.lang.management.ManagementFactory;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** The autopilot's inner parts, each alone or with an aircraft under it. */
class AutopilotTest {
    private static final double STEP = 0.005;
    private static final Setup SETUP = DemoAircraft.seeschwalbe();
    private static final double SPEED = SETUP.modes().limits().cruiseSpeed();

    private Aircraft aircraft;
    private Autopilot autopilot;
    private Sensed sensed;
    private double[] pulses;

    @BeforeEach
    void prepare() {
        Trim.Result.Trimmed trim = (Trim.Result.Trimmed) Trim.level(SETUP, SPEED, 1.2);
        aircraft = new Aircraft(SETUP);
        autopilot = new Autopilot(SETUP, trim.power());
        sensed = new Sensed(SETUP.mount(), new NoiseSource(4));
        pulses = SETUP.controls().outputs().stream()
                .mapToDouble(o -> o.pulse(o.mix().mix(0, trim.pitchCommand(), 0, trim.power())))
                .toArray();
        aircraft.place(0, 0, 100, 0, trim.alpha(), 0, SPEED);
        aircraft.settle(pulses, 1.2, SPEED);
        aircraft.accelerations(0, 0, 0, 1.2);
    }

    private void fly(double seconds, FlightMode mode, Sticks sticks) {
        for (int i = 0; i < seconds / STEP; i++) {
            sensed.read(aircraft, STEP);
            autopilot.update(STEP, mode, sticks, sensed);
            autopilot.mix(pulses);
            aircraft.step(STEP, pulses, 0, 0, 0, 1.2);
        }
    }

    private static Sticks sticks(double roll, double power) {
        return new Sticks(roll, 0, 0, power);
    }

    @Test
    void rateKeepsTheAttitudeWhereItIsLetGo() {
        fly(2, FlightMode.RATE, sticks(0, 0.5));
        fly(0.5, FlightMode.RATE, sticks(0.4, 0.5));
        double left = aircraft.roll();
        fly(3, FlightMode.RATE, sticks(0, 0.5));
        // 2.5 rad/s per full stick: half a second of 0.4 is 29°
        assertEquals(Math.toRadians(29), left, Math.toRadians(9));
        assertEquals(Math.toRadians(29), aircraft.roll(), Math.toRadians(5));
    }

    @Test
    void theGainKnobActsOnTheRateGainsAndOnNothingInManual() {
        Loops loops = new Loops(SETUP.modes().limits(), SETUP.gains());
        sensed.read(aircraft, STEP);
        loops.attitude(STEP, 0, sensed.pitch(), 0, sensed);
        double forward = SETUP.gains().roll().forward() * loops.rollAsked();
        double once = loops.rollCommand - forward;
        loops.forget();
        loops.knob(3);
        loops.attitude(STEP, 0, sensed.pitch(), 0, sensed);
        double thrice = loops.rollCommand - forward;
        var gains = SETUP.gains().roll();
        double learned = gains.integral() * STEP;
        assertEquals(
                (3 * gains.rate() + learned) / (gains.rate() + learned),
                thrice / once,
                0.005,
                "of the part that comes from the error of rate, not of what was learned");
        autopilot.knob(4);
        fly(1, FlightMode.MANUAL, sticks(0.2, 0.5));
        assertEquals(
                SETUP.controls().rates().shape(0.2, SETUP.controls().rates().roll()), autopilot.rollCommand(), 1e-12);
    }

    @Test
    void theLinkIsMissedAfterItsDelayAndComesBackAfterItsOwn() {
        fly(3, FlightMode.HOLD, sticks(0, 0.4));
        autopilot.link(false);
        fly(1.4, FlightMode.HOLD, sticks(0, 0.4));
        assertEquals(FlightMode.HOLD, autopilot.mode());
        fly(0.2, FlightMode.HOLD, sticks(0, 0.4));
        assertEquals(FlightMode.HOME, autopilot.mode());
        assertTrue(autopilot.linkLost());
        autopilot.link(true);
        fly(1.9, FlightMode.HOLD, sticks(0, 0.4));
        assertEquals(FlightMode.HOME, autopilot.mode());
        fly(0.2, FlightMode.HOLD, sticks(0, 0.4));
        assertEquals(FlightMode.HOLD, autopilot.mode());
    }

    @Test
    void withoutLinkAndPositionItGlidesDownInATurnWithoutPower() {
        fly(20, FlightMode.HOLD, sticks(0, 0.4));
        autopilot.link(false);
        sensed.fixLost(true);
        fly(15, FlightMode.HOLD, sticks(0, 0.4));
        assertEquals(0, autopilot.powerCommand(), 1e-12);
        assertTrue(aircraft.climb() < -0.3, "sinks " + aircraft.climb());
        assertEquals(15, Math.toDegrees(aircraft.roll()), 5);
        assertEquals(SPEED, aircraft.airspeed(), 2.5);
    }

    @Test
    void holdAnswersTheSticksAsDemands() {
        fly(10, FlightMode.HOLD, sticks(0, 0.375));
        double height = aircraft.height();
        for (int i = 0; i < 4; i++) {
            fly(1, FlightMode.HOLD, new Sticks(0, 1, 0, 0.375));
        }
        fly(10, FlightMode.HOLD, sticks(0, 0.375));
        // a full stick climbs at the set rate
        assertEquals(height + 4 * SETUP.modes().limits().climbRate(), aircraft.height(), 2);
        fly(25, FlightMode.HOLD, sticks(0, 1));
        // full power stick asks for top speed; the board's pitot may be wrong by some percent
        assertEquals(SETUP.modes().limits().topSpeed(), aircraft.airspeed(), 1.6);
    }

    @Test
    void anAnswerOfFirstOrderIsFoundAgainFromNoisySamples() {
        RateFit fit = new RateFit();
        NoiseSource noise = new NoiseSource(2);
        double rate = 0;
        double[] late = new double[6];
        for (int i = 0; i < 3_000; i++) {
            double command = i / 60 % 2 == 0 ? 0.3 : -0.3;
            late[i % 6] = command;
            rate += (1 - Math.exp(-RateFit.PERIOD / 0.12)) * (5 * late[(i + 1) % 6] - rate);
            fit.add(command, rate + 0.05 * noise.gaussian(), 1);
        }
        RateFit.Answer answer = fit.answer().orElseThrow();
        assertEquals(5, answer.gain(), 0.1);
        assertEquals(0.12, answer.time(), 1e-12, "that of the list");
        assertTrue(answer.fit() > 0.98, "explains " + answer.fit());
    }

    @Test
    void noiseAloneIsNoAnswerToTuneBy() {
        RateFit fit = new RateFit();
        NoiseSource noise = new NoiseSource(8);
        for (int i = 0; i < 3_000; i++) {
            fit.add(i / 60 % 2 == 0 ? 0.3 : -0.3, 0.4 * noise.gaussian(), 1);
        }
        assertTrue(fit.answer().map(a -> a.fit() < 0.05).orElse(true));
    }

    /** A step of aircraft, sensors and autopilot makes no garbage. */
    @Test
    void aStepAllocatesNothing() {
        fly(30, FlightMode.HOLD, sticks(0.1, 0.4));
        var threads = (com.sun.management.ThreadMXBean) ManagementFactory.getThreadMXBean();
        long id = Thread.currentThread().getId();
        Sticks sticks = sticks(0, 0.4);
        fly(5, FlightMode.CIRCLE, sticks);
        long before = threads.getThreadAllocatedBytes(id);
        fly(100, FlightMode.CIRCLE, sticks);
        long bytes = threads.getThreadAllocatedBytes(id) - before;
        // 20 000 steps; the counter itself and compiling may cost a little
        assertTrue(bytes < 20_000, bytes + " bytes in 20 000 steps");
    }
}
