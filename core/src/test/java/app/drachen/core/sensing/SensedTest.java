package app.drachen.core.sensing;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.drachen.core.autopilot.Autopilot;
import app.drachen.core.autopilot.Sticks;
import app.drachen.core.demo.DemoAircraft;
import app.drachen.core.flight.Aircraft;
import app.drachen.core.flight.Trim;
import app.drachen.core.math.NoiseSource;
import app.drachen.core.math.Statistics;
import app.drachen.core.modes.FlightMode;
import app.drachen.core.setup.BoardMount;
import app.drachen.core.setup.Setup;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** What the board believes against what is so, in flights by its own autopilot. */
class SensedTest {
    private static final double STEP = 0.005;
    private static final Setup SETUP = DemoAircraft.seeschwalbe();
    private static final double SPEED = SETUP.modes().limits().cruiseSpeed();

    private Aircraft aircraft;
    private Autopilot autopilot;
    private Sensed sensed;
    private double[] pulses;
    private double windEast;

    @BeforeEach
    void prepare() {
        start(1);
    }

    private void start(long seed) {
        Trim.Result.Trimmed trim = (Trim.Result.Trimmed) Trim.level(SETUP, SPEED, 1.2);
        aircraft = new Aircraft(SETUP);
        autopilot = new Autopilot(SETUP, trim.power());
        sensed = new Sensed(SETUP.mount(), new NoiseSource(seed));
        pulses = SETUP.controls().outputs().stream()
                .mapToDouble(o -> o.pulse(o.mix().mix(0, trim.pitchCommand(), 0, trim.power())))
                .toArray();
        aircraft.place(0, 0, 100, 0, trim.alpha(), 0, SPEED);
        aircraft.settle(pulses, 1.2, SPEED);
        aircraft.accelerations(0, windEast, 0, 1.2);
    }

    private void fly(double seconds, FlightMode mode, double roll) {
        for (int i = 0; i < seconds / STEP; i++) {
            sensed.read(aircraft, STEP);
            autopilot.update(STEP, mode, new Sticks(roll, 0, 0, 0.4), sensed);
            autopilot.mix(pulses);
            aircraft.step(STEP, pulses, 0, windEast, 0, 1.2);
        }
    }

    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6})
    void attitudeHeightAndPlaceAreKnownThroughTurns(long seed) {
        windEast = 3;
        start(seed);
        double roll = 0;
        double pitch = 0;
        double heading = 0;
        double place = 0;
        double height = 0;
        fly(10, FlightMode.HOLD, 0);
        for (int i = 0; i < 60; i++) {
            fly(1, FlightMode.HOLD, i / 10 % 2 == 0 ? 0.8 : -0.5);
            roll = Math.max(roll, Math.abs(sensed.roll() - aircraft.roll()));
            pitch = Math.max(pitch, Math.abs(sensed.pitch() - aircraft.pitch()));
            heading = Math.max(heading, Math.abs(Statistics.wrap(sensed.heading() - aircraft.heading())));
            height = Math.max(height, Math.abs(sensed.height() - aircraft.height()));
            place = Math.max(place, Math.hypot(sensed.north() - aircraft.north(), sensed.east() - aircraft.east()));
        }
        // biases of 0.5° in the accelerometer, 3° in the compass, 0.5 m and 1 m are one standard deviation
        assertTrue(roll < Math.toRadians(4), "roll " + Math.toDegrees(roll));
        assertTrue(pitch < Math.toRadians(4), "pitch " + Math.toDegrees(pitch));
        assertTrue(heading < Math.toRadians(12), "heading " + Math.toDegrees(heading));
        assertTrue(height < 2.5, "height " + height);
        assertTrue(place < 4.5, "place " + place);
        // noise is there at all
        assertTrue(roll > 1e-3 && place > 0.1, "sensors without error: " + roll + ", " + place);
    }

    @ParameterizedTest
    @ValueSource(doubles = {0, 3, 6})
    void theWindIsFound(double wind) {
        windEast = wind;
        start(7);
        fly(90, FlightMode.CIRCLE, 0);
        double offN = sensed.windNorth();
        double offE = sensed.windEast() - wind;
        // 3° of compass at 14 m/s is 0.7 m/s, 2 % and 1.5 Pa of pitot 0.4 m/s
        assertEquals(0, Math.hypot(offN, offE), 2.0, sensed.windNorth() + ", " + sensed.windEast());
    }

    @Test
    void aFixComesLateAndIsStillAtTheRightPlace() {
        fly(20, FlightMode.HOLD, 0);
        // 0.2 s at 14 m/s would be 2.8 m behind
        double along = sensed.north() - aircraft.north();
        assertEquals(0, along, 2.6);
        sensed.fixLost(true);
        fly(1.5, FlightMode.HOLD, 0);
        assertTrue(sensed.positionGood(), "a second old is good enough");
        fly(1.5, FlightMode.HOLD, 0);
        assertFalse(sensed.positionGood());
        sensed.fixLost(false);
        fly(1, FlightMode.HOLD, 0);
        assertTrue(sensed.positionGood());
    }

    @Test
    void aBlockedPitotIsFoundOutWhenTheSpeedChanges() {
        fly(40, FlightMode.HOLD, 0);
        assertTrue(sensed.airspeedGood());
        sensed.pitotBlocked(true);
        // power off and nose down: the speed grows, the pressure in the tube does not
        for (int i = 0; i < 12 / STEP; i++) {
            sensed.read(aircraft, STEP);
            autopilot.update(STEP, FlightMode.LEVEL, new Sticks(0, -0.6, 0, 0.9), sensed);
            autopilot.mix(pulses);
            aircraft.step(STEP, pulses, 0, 0, 0, 1.2);
        }
        assertTrue(aircraft.airspeed() > 1.4 * SPEED, "fast: " + aircraft.airspeed());
        assertFalse(sensed.airspeedGood());
        assertEquals(aircraft.airspeed(), sensed.airspeed(), 0.2 * aircraft.airspeed());
    }

    @Test
    void exactSensorsShowWhatIs() {
        Sensed exact = Sensed.exact(BoardMount.FORWARD);
        aircraft.place(5, 6, 70, 0.3, 0.1, 1, 15);
        exact.read(aircraft, STEP);
        assertEquals(0.3, exact.roll(), 1e-12);
        assertEquals(0.1, exact.pitch(), 1e-12);
        assertEquals(1, exact.heading(), 1e-12);
        assertEquals(70, exact.height(), 1e-12);
        assertEquals(6, exact.east(), 1e-12);
    }
}
