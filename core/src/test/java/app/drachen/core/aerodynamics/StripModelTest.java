package app.drachen.core.aerodynamics;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.drachen.core.demo.DemoAircraft;
import app.drachen.core.math.NoiseSource;
import app.drachen.core.setup.Setup;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** The quick air is the air that is written down. */
class StripModelTest {
    /** Series of the arc tangent (1e-9 rad) and order of additions; over the force of the wing at its most. */
    private static final double BOUND = 1e-8;

    static Stream<Setup> aircraft() {
        return Stream.of(DemoAircraft.rochen(), DemoAircraft.strandlaeufer(), DemoAircraft.seeschwalbe());
    }

    /** Anywhere: slow and fast, stalled and backwards, turning, with flaps far out and propellers blowing. */
    @ParameterizedTest
    @MethodSource("aircraft")
    void forcesAreThoseOfThePlainWay(Setup setup) {
        NoiseSource noise = new NoiseSource(7);
        int outputs = setup.controls().outputs().size();
        int drives = setup.propulsion().drives().size();
        int separated = 0;
        for (int state = 0; state < 300; state++) {
            ModelError error =
                    new ModelError(0.8 + 0.4 * noise.uniform(), 0.6 + noise.uniform(), 0.7 + 0.6 * noise.uniform());
            boolean wild = state % 3 == 0;
            double[] v = {
                wild ? 40 * noise.uniform() - 12 : 10 + 12 * noise.uniform(),
                (wild ? 6 : 1) * noise.gaussian(),
                (wild ? 8 : 1) * noise.gaussian()
            };
            double[] rates = {2 * noise.gaussian(), noise.gaussian(), noise.gaussian()};
            double density = 0.9 + 0.4 * noise.uniform();
            double[] deflections = IntStream.range(0, outputs)
                    .mapToDouble(k -> 0.3 * noise.gaussian())
                    .toArray();
            double[] thrust = IntStream.range(0, drives)
                    .mapToDouble(k -> 8 * noise.uniform() - 1)
                    .toArray();
            double lag = 0.05 * noise.gaussian();

            double[] plain = new PlainStrips(setup, error).compute(v, rates, density, deflections, thrust, lag);
            StripModel quick = new StripModel(setup, error);
            for (int k = 0; k < drives; k++) {
                quick.propeller(k, thrust[k], density);
            }
            quick.compute(v[0], v[1], v[2], rates[0], rates[1], rates[2], density, deflections);
            quick.tailMeets(quick.downwash() + lag);
            quick.compute(v[0], v[1], v[2], rates[0], rates[1], rates[2], density, deflections);

            double speed = Math.sqrt(v[0] * v[0] + v[1] * v[1] + v[2] * v[2]);
            double pressure = density * (speed * speed + 30) * setup.planform().area();
            double[] got = {
                quick.forceX(), quick.forceY(), quick.forceZ(), quick.momentX(), quick.momentY(), quick.momentZ()
            };
            for (int k = 0; k < 6; k++) {
                assertEquals(plain[k], got[k], BOUND * pressure, setup.name() + ", state " + state + ", " + k);
            }
            assertEquals(plain[6], quick.downwash(), BOUND, "downwash");
            separated += Math.abs(v[2]) > 0.4 * Math.abs(v[0]) ? 1 : 0;
        }
        assertTrue(separated > 30, "stalled states were among them: " + separated);
    }

    /** A fin in air from straight below has flow neither along its chord nor across. */
    @ParameterizedTest
    @MethodSource("aircraft")
    void airFromStraightBelowHasForcesToo(Setup setup) {
        double[] none = new double[setup.controls().outputs().size()];
        double[] still = new double[setup.propulsion().drives().size()];
        double[] plain = new PlainStrips(setup, ModelError.NONE)
                .compute(new double[] {0, 0, 6}, new double[3], 1.2, none, still, 0);
        StripModel quick = new StripModel(setup);
        quick.compute(0, 0, 6, 0, 0, 0, 1.2, none);
        assertEquals(plain[2], quick.forceZ(), 1e-6);
        assertEquals(plain[4], quick.momentY(), 1e-6);
    }

    @Test
    void airThatStandsStillPullsAtNothing() {
        StripModel air = new StripModel(DemoAircraft.seeschwalbe());
        air.compute(
                0,
                0,
                0,
                0,
                0,
                0,
                1.2,
                new double[DemoAircraft.seeschwalbe().controls().outputs().size()]);
        assertEquals(0, air.forceZ());
        assertEquals(0, air.momentY());
    }
}
