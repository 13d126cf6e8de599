package app.drachen.core.flight;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertInstanceOf;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.drachen.core.air.Field;
import app.drachen.core.airframe.MassProperties;
import app.drachen.core.demo.DemoAircraft;
import app.drachen.core.demo.DemoField;
import app.drachen.core.math.NoiseSource;
import app.drachen.core.sensing.Sensed;
import app.drachen.core.setup.BoardMount;
import app.drachen.core.setup.Setup;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class FlightTest {
    private static double[] neutral(Setup setup) {
        return setup.controls().outputs().stream().mapToDouble(o -> o.pulse(0)).toArray();
    }

    @Test
    void aFreeBodyWithoutAirKeepsItsMomentumAndEnergy() {
        Setup setup = DemoAircraft.seeschwalbe();
        MassProperties m = setup.massProperties();
        Aircraft body = new Aircraft(setup);
        body.place(0, 0, 1_000, 0.3, 0.2, 0.1, 0);
        body.move(0, 0, 0, 2.0, 1.5, 1.6);
        double[] pulses = neutral(setup);
        double energy = energy(m, body);
        double momentum = momentum(m, body);
        for (int i = 0; i < 12_000; i++) {
            body.step(0.005, pulses, 0, 0, 0, 1e-12);
        }
        // closed form; 3 rad/s for a minute at 5 ms
        assertEquals(1, energy(m, body) / energy, 1e-6);
        assertEquals(1, momentum(m, body) / momentum, 1e-6);
        // and it falls as a stone does: ½·g·t² in a minute
        assertEquals(-0.5 * 9.80665 * 60 * 60, body.height() - 1_000, 2);
    }

    private static double energy(MassProperties m, Aircraft a) {
        double p = a.rollRate();
        double q = a.pitchRate();
        double r = a.yawRate();
        return 0.5 * (m.rollInertia() * p * p + m.pitchInertia() * q * q + m.yawInertia() * r * r)
                - m.productInertia() * p * r;
    }

    private static double momentum(MassProperties m, Aircraft a) {
        double hx = m.rollInertia() * a.rollRate() - m.productInertia() * a.yawRate();
        double hy = m.pitchInertia() * a.pitchRate();
        double hz = m.yawInertia() * a.yawRate() - m.productInertia() * a.rollRate();
        return Math.sqrt(hx * hx + hy * hy + hz * hz);
    }

    @Test
    void trimmedFlightStaysTrimmed() {
        Setup setup = DemoAircraft.seeschwalbe();
        double speed = setup.modes().limits().cruiseSpeed();
        var trim = assertInstanceOf(Trim.Result.Trimmed.class, Trim.level(setup, speed, 1.225));
        Aircraft a = new Aircraft(setup);
        double[] pulses = setup.controls().outputs().stream()
                .mapToDouble(o -> o.pulse(o.mix().mix(0, trim.pitchCommand(), 0, trim.power())))
                .toArray();
        a.place(0, 0, 100, 0, trim.alpha(), 0, speed);
        a.move(speed * Math.cos(trim.alpha()), 0, speed * Math.sin(trim.alpha()), 0, 0, 0);
        a.settle(pulses, 1.225, speed);
        for (int i = 0; i < 400; i++) {
            a.step(0.005, pulses, 0, 0, 0, 1.225);
        }
        // two seconds later the torque has begun to bank it, but speed and height stand
        assertEquals(speed, a.airspeed(), 0.3);
        assertEquals(100, a.height(), 0.5);
        assertEquals(1, a.loadFactor(), 0.05);
    }

    @Test
    void whatCannotFlyLevelIsSaidSo() {
        Setup setup = DemoAircraft.rochen();
        assertInstanceOf(Trim.Result.NotTrimmed.class, Trim.level(setup, 4, 1.225));
        assertInstanceOf(Trim.Result.NotTrimmed.class, Trim.level(setup, 70, 1.225));
    }

    // a board turned by quarter turns sees gravity and rates turned: right wing down looks like nose up on a
    // board whose arrow points right, and like left wing down on one mounted backwards
    @ParameterizedTest
    @CsvSource({"0, 20, 0, 20, 0", "2, 20, 0, -20, 0", "2, 0, 10, 0, -10", "1, 20, 0, 0, -20", "3, 20, 0, 0, 20"})
    void aTurnedBoardSeesTurned(int mounted, double roll, double pitch, double seenRoll, double seenPitch) {
        Sensed sensed = new Sensed(new BoardMount(mounted, 0, 0, 0), new NoiseSource(1));
        sensed.attitude(Math.toRadians(roll), Math.toRadians(pitch), 0);
        assertEquals(seenRoll, Math.toDegrees(sensed.roll()), 1e-9);
        assertEquals(seenPitch, Math.toDegrees(sensed.pitch()), 1e-9);
        Sensed told = new Sensed(new BoardMount(mounted, mounted, 0, 0), new NoiseSource(1));
        told.attitude(Math.toRadians(roll), Math.toRadians(pitch), 0);
        assertEquals(roll, Math.toDegrees(told.roll()), 1e-9);
    }

    @Test
    void windBlowsFromWhereItSaysAndGustsHaveTheirSpread() {
        Field field = DemoField.deichwiese().withWind(6, Math.toRadians(250), 11);
        Gusts gusts = new Gusts(field, new NoiseSource(3));
        double sum = 0;
        double squares = 0;
        int n = 400_000;
        for (int i = 0; i < n; i++) {
            gusts.advance(0.02, 50, 14);
            double along =
                    -(gusts.north(50) * Math.cos(field.windFrom()) + gusts.east(50) * Math.sin(field.windFrom()));
            sum += along;
            squares += along * along;
        }
        double mean = sum / n;
        // 8 000 s hold some 300 independent lengths: 3 standard errors
        assertEquals(field.windAt(50), mean, 0.35);
        // σ = (gust − wind)/2.5 by definition of the model; correlated samples, so 8 %
        assertEquals(2.0, Math.sqrt(squares / n - mean * mean), 0.16);
    }

    @Test
    void noiseIsTheSameEverywhereAndNormal() {
        // first values of SplitMix64 with seed 42 by its published constants: upper 53 bits as a share
        NoiseSource noise = new NoiseSource(42);
        assertEquals(0.7415648787718233, noise.uniform(), 1e-15);
        assertEquals(0.1599103928769201, noise.uniform(), 1e-15);
        double sum = 0;
        double squares = 0;
        for (int i = 0; i < 200_000; i++) {
            double x = noise.gaussian();
            sum += x;
            squares += x * x;
        }
        assertEquals(0, sum / 200_000, 0.01);
        assertEquals(1, squares / 200_000, 0.02);
        assertTrue(noise.uniform() < 1);
    }
}
