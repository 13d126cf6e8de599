package app.drachen.core.stages.signals;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.drachen.core.clearance.Proof;
import app.drachen.core.clearance.Proof.Evidence;
import app.drachen.core.demo.DemoAircraft;
import app.drachen.core.demo.DemoSignals;
import app.drachen.core.setup.Setup;
import app.drachen.core.signals.Scales;
import app.drachen.core.stages.signals.Experiment.Outcome;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Experiments against planted truth, and the examples of the catalogue. */
class ExperimentsTest {
    private static final Setup FLAWED = DemoSignals.flawed(DemoAircraft.seeschwalbe());

    private static Outcome run(Experiment experiment, Map<String, Double> values) {
        return experiment.outcome(FLAWED, values, Optional.empty());
    }

    /** A sensor 12 % low, two charges of different size with 1 % of noise: the factor comes out within its spread. */
    @Test
    void theCurrentSensorIsFoundLow() {
        Random random = new Random(3);
        for (int i = 0; i < 50; i++) {
            double truth = 0.85 + 0.3 * random.nextDouble();
            Optional<Proof> before = Optional.empty();
            Outcome last = null;
            for (double back : new double[] {1_460 * 3.6, 2_720 * 3.6}) {
                double shown = back * truth * (1 + 0.008 * (2 * random.nextDouble() - 1));
                last = Experiment.CURRENT.outcome(FLAWED, Map.of("shown", shown, "back", back), before);
                before = Optional.of(
                        Proof.gained(Experiment.CURRENT.proof(), FLAWED, 1, 5, Evidence.REAL, true, "", last.kept()));
            }
            var factor = last.workings().get(0);
            var spread = factor.spread().orElseThrow();
            assertTrue(spread.low() <= 1 / truth && 1 / truth <= spread.high(), factor + " for " + 1 / truth);
            double off = Math.abs(truth - 1);
            if (off < 0.04 || off > 0.06) {
                assertEquals(off < 0.05, last.near(), last.note());
            }
            // with the factor taken it shows what was put back
            Scales taken = last.into().apply(FLAWED.signals().scales());
            assertEquals(0, ChargeBack.of(last.kept()).last(2).off(taken.current()), 1e-9);
        }
        Outcome one = run(Experiment.CURRENT, Map.of("shown", 1_320 * 3.6, "back", 1_460 * 3.6));
        assertEquals(1.106, one.workings().get(0).value(), 5e-4, "the example of the catalogue");
        assertThrows(
                IllegalArgumentException.class, () -> run(Experiment.CURRENT, Map.of("shown", 100.0, "back", 5_000.0)));
    }

    /** Ground speeds made from an airspeed and a wind give both back, from three legs and from four with noise. */
    @ParameterizedTest
    @CsvSource({"14, 5, 1.1, 3, 0", "14, 0, 0, 3, 0", "18, 9, 4, 3, 0", "14, 5, 2, 4, 0.2"})
    void airspeedComesOutOfGroundSpeeds(double speed, double wind, double from, int legs, double noise) {
        Random random = new Random(2);
        Map<String, Double> values = new HashMap<>();
        values.put("shown", 13.4);
        for (int i = 1; i <= legs; i++) {
            double heading = 0.4 + 2 * Math.PI * i / legs;
            double n = speed * Math.cos(heading) - wind * Math.cos(from);
            double e = speed * Math.sin(heading) - wind * Math.sin(from);
            values.put("course" + i, Math.atan2(e, n));
            values.put("speed" + i, Math.hypot(n, e) + noise * (2 * random.nextDouble() - 1));
        }
        Outcome out = run(Experiment.AIRSPEED, values);
        assertEquals(speed, out.workings().get(1).value(), noise == 0 ? 1e-9 : 0.25);
        assertEquals(wind, out.workings().get(2).value(), noise == 0 ? 1e-9 : 0.3);
        assertEquals(
                Math.pow(out.workings().get(1).value() / 13.4, 2),
                out.workings().get(0).value(),
                1e-9);
        assertEquals(Math.abs(13.4 / speed - 1) <= 0.08, out.near());
    }

    @Test
    void whatSaysNothingIsRefused() {
        Map<String, Double> alike = new HashMap<>(Map.of("shown", 13.4, "course1", 1.0, "speed1", 14.0));
        alike.putAll(Map.of("course2", 1.0, "speed2", 14.0, "course3", 1.0, "speed3", 14.0));
        assertTrue(assertThrows(IllegalArgumentException.class, () -> run(Experiment.AIRSPEED, alike))
                .getMessage()
                .contains("too much alike"));
        assertTrue(assertThrows(IllegalArgumentException.class, () -> run(Experiment.VOLTS, Map.of("shown", 12.0)))
                .getMessage()
                .contains("volts at the meter"));
        assertThrows(IllegalArgumentException.class, () -> run(Experiment.HEIGHT, Map.of("shown", 3.0, "known", 4.0)));
        assertThrows(
                IllegalArgumentException.class,
                () -> run(
                        Experiment.ROTATION, Map.of("electrical", 1_120.0, "turns", 9_600 * 2 * Math.PI / 60 / 1.06)));
    }

    @Test
    void theOthersGiveTheExamplesOfTheCatalogue() {
        Outcome poles = run(Experiment.ROTATION, Map.of("electrical", 1_120.0, "turns", 9_600 * 2 * Math.PI / 60));
        assertEquals(7, poles.workings().get(0).value());
        assertEquals(7, poles.into().apply(Scales.NONE).polePairs());
        Outcome strength = run(
                Experiment.STRENGTH,
                Map.of("shown1", 1.0, "level1", -45.0, "shown2", 0.22, "level2", -101.0, "loss", -104.0));
        assertEquals(0.32, strength.workings().get(0).value(), 0.005);
        Outcome volts = run(Experiment.VOLTS, Map.of("shown", 11.2, "meter", 11.63));
        assertEquals(1.0384, volts.into().apply(Scales.NONE).volts(), 1e-4);
        assertFalse(volts.near());
        Outcome height = run(Experiment.HEIGHT, Map.of("shown", 30.3, "known", 31.0));
        assertTrue(height.near());
        assertEquals(31 / 30.3, height.into().apply(Scales.NONE).height(), 1e-12);
    }
}
