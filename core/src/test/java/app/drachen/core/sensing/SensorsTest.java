package app.drachen.core.sensing;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.drachen.core.demo.DemoAircraft;
import app.drachen.core.flight.Aircraft;
import app.drachen.core.math.NoiseSource;
import app.drachen.core.sensing.SensorErrors.Axes;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Sensors with their rates, delays, noise and biases; filters against their step answers in closed form. */
class SensorsTest {
    private static final double STEP = 0.005;

    private static Aircraft still(double roll, double pitch, double heading) {
        Aircraft a = new Aircraft(DemoAircraft.seeschwalbe());
        a.place(10, -20, 60, roll, pitch, heading, 14);
        a.accelerations(0, 0, 0, 1.2);
        return a;
    }

    private static Sensors exact(int turns) {
        return new Sensors(SensorErrors.NONE, new NoiseSource(1), turns);
    }

    @Test
    void slowSensorsAreReadFiftyTimesASecondAndFixesFiveTimes() {
        Aircraft a = still(0, 0, 0);
        Sensors s = exact(0);
        int slow = 0;
        int fixes = 0;
        for (int i = 0; i < 400; i++) {
            s.read(a, STEP);
            slow += s.freshSlow ? 1 : 0;
            fixes += s.freshFix ? 1 : 0;
        }
        assertEquals(100, slow, "2 s");
        assertEquals(9, fixes, "the first sample comes out with the second");
    }

    @Test
    void aFixIsTheSampleOfOnePeriodAgo() {
        Aircraft a = still(0, 0, 0);
        Sensors s = exact(0);
        double[] norths = new double[10];
        int taken = 0;
        for (int i = 0; i < 200; i++) {
            a.place(i, 0, 60, 0, 0, 0, 14);
            s.read(a, STEP);
            if (s.freshFix) {
                assertEquals(norths[taken - 1], s.fixNorth, 1e-12);
            }
            if (s.sampling) {
                norths[taken++] = i;
            }
        }
        assertEquals(5, taken);
        assertEquals(Sensors.FIX_PERIOD / STEP, norths[2] - norths[1], 1e-9);
        s.fixLost(true);
        for (int i = 0; i < 100; i++) {
            s.read(a, STEP);
            assertFalse(s.freshFix);
        }
    }

    // a board turned by quarter turns to the right sees the aircraft's y where its own x is
    @ParameterizedTest
    @CsvSource({"0, 1, 2", "1, 2, -1", "2, -1, -2", "3, -2, 1"})
    void theBoardsAxesAreTurnedAgainstTheAircrafts(int turns, double x, double y) {
        Aircraft a = still(0, 0, 0);
        a.move(14, 0, 0, 1, 2, 3);
        Sensors s = exact(turns);
        s.read(a, STEP);
        assertEquals(x, s.gyro[0], 1e-12);
        assertEquals(y, s.gyro[1], 1e-12);
        assertEquals(3, s.gyro[2], 1e-12);
    }

    @Test
    void biasesAndScalesShowAsTheyAreSaid() {
        SensorErrors wrong = new SensorErrors(
                new Axes(0.01, -0.02, 0.03), new Axes(0.1, 0.2, -0.3), 2, 1.1, Math.toRadians(5), 1.5, 0);
        Aircraft a = still(0, 0, 0);
        a.move(14, 0, 0, 0, 0, 0);
        Sensors s = new Sensors(wrong, new NoiseSource(1), 0);
        Sensors right = exact(0);
        s.read(a, STEP);
        right.read(a, STEP);
        assertEquals(0.01, s.gyro[0] - right.gyro[0], 1e-12);
        assertEquals(-0.3, s.force[2] - right.force[2], 1e-12);
        assertEquals(1.5, s.height - right.height, 1e-12);
        // pitot: √((k·q + z)/q)·V
        double q = 0.5 * 1.225 * right.airspeed * right.airspeed;
        assertEquals(Math.sqrt((1.1 * q + 2) / q) * right.airspeed, s.airspeed, 1e-9);
        // the compass shows too far to the right
        AttitudeFilter filter = new AttitudeFilter();
        filter.start(0, 0, 0);
        for (int i = 0; i < 4_000; i++) {
            filter.compass(s.field, 0.05);
        }
        assertEquals(5, Math.toDegrees(filter.heading()), 0.1);
    }

    @Test
    void boardsDifferByTheSpreadThatIsStated() {
        NoiseSource noise = new NoiseSource(3);
        double gyro = 0;
        double compass = 0;
        int n = 3_000;
        for (int i = 0; i < n; i++) {
            SensorErrors e = SensorErrors.drawn(noise);
            gyro += e.gyro().y() * e.gyro().y();
            compass += e.compass() * e.compass();
        }
        assertEquals(0.003, Math.sqrt(gyro / n), 0.0002);
        assertEquals(3, Math.toDegrees(Math.sqrt(compass / n)), 0.15);
    }

    @Test
    void flickerHasTheStatedSizeAndNothingFlickersInExactSensors() {
        Aircraft a = still(0.2, 0.1, 1);
        Sensors s = new Sensors(new SensorErrors(Axes.ZERO, Axes.ZERO, 0, 1, 0, 0, 1), new NoiseSource(5), 0);
        double sum = 0;
        double squares = 0;
        int n = 40_000;
        for (int i = 0; i < n; i++) {
            s.read(a, STEP);
            sum += s.gyro[0];
            squares += s.gyro[0] * s.gyro[0];
        }
        assertEquals(0, sum / n, 0.0002);
        assertEquals(0.01, Math.sqrt(squares / n), 0.0002);
        Sensors exact = exact(0);
        exact.read(a, STEP);
        double first = exact.force[1];
        exact.read(a, STEP);
        assertEquals(first, exact.force[1]);
        assertNotEquals(0, exact.force[2]);
    }

    @Test
    void aBlockedPitotKeepsItsPressure() {
        Aircraft a = still(0, 0, 0);
        Sensors s = exact(0);
        s.read(a, STEP);
        double before = s.airspeed;
        s.pitotBlocked(true);
        for (int i = 0; i < 8; i++) {
            s.read(a, STEP);
        }
        a.place(0, 0, 60, 0, 0, 0, 22);
        a.accelerations(0, 0, 0, 1.2);
        for (int i = 0; i < 8; i++) {
            s.read(a, STEP);
        }
        assertEquals(before, s.airspeed, 1e-9);
        s.pitotBlocked(false);
        for (int i = 0; i < 8; i++) {
            s.read(a, STEP);
        }
        assertEquals(22, s.airspeed, 0.2);
    }

    // height of a steady climb without lag; of a sudden step by 1 − (1 − t/T)·e^(−t/T) for two poles at 1/T
    @ParameterizedTest
    @ValueSource(doubles = {0.25, 0.5, 1.0, 2.0})
    void theHeightFilterAnswersAsItsPolesSay(double time) {
        HeightFilter step = new HeightFilter();
        HeightFilter ramp = new HeightFilter();
        step.start(0);
        ramp.start(0);
        double dt = 0.001;
        double t = 0;
        for (int i = 0; i < time / dt; i++) {
            t += dt;
            step.carry(dt);
            step.correct(1, dt);
            ramp.carry(dt);
            ramp.correct(2 * t, dt);
        }
        double x = t / 0.5;
        assertEquals(1 - (1 - x) * Math.exp(-x), step.height(), 0.01);
        assertEquals(2 * (1 - (1 + x) * Math.exp(-x)), ramp.climb(), 0.01);
        for (int i = 0; i < 8 / dt; i++) {
            t += dt;
            ramp.carry(dt);
            ramp.correct(2 * t, dt);
        }
        assertEquals(2 * t, ramp.height(), 0.01, "no lag in a steady climb");
    }

    @Test
    void thePlaceFilterTakesLateFixesAtTheirTime() {
        PlaceFilter filter = new PlaceFilter();
        filter.start(50, 10);
        // the truth: started at 0 and moves at 12 m/s; fixes 0.2 s late
        double truth = 0;
        double late = 0;
        filter.mark();
        for (int k = 0; k < 60; k++) {
            double sampled = truth;
            for (int i = 0; i < 40; i++) {
                truth += 12 * STEP;
                filter.carry(0, STEP);
            }
            if (k > 0) {
                filter.correct(late, 12);
            }
            late = truth;
            filter.mark();
            assertTrue(sampled <= truth);
        }
        assertEquals(truth, filter.place(), 0.01);
        assertEquals(12, filter.velocity(), 0.001);
    }
}
