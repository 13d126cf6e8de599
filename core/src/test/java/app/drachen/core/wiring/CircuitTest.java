package app.drachen.core.wiring;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.drachen.core.demo.DemoAircraft;
import app.drachen.core.harness.BoardRail;
import app.drachen.core.setup.Setup;
import java.util.List;
import java.util.Random;
import org.hipparchus.linear.Array2DRowRealMatrix;
import org.hipparchus.linear.ArrayRealVector;
import org.hipparchus.linear.QRDecomposition;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;

/** Circuits against closed forms, and against every state of the diodes tried in turn by another decomposition. */
class CircuitTest {
    /** HARNESS-A5: 5.3 V behind 0.15 Ω against 5.0 V behind 0.10 Ω, closed form (5.3 − 5.0)/0.25. */
    @Test
    void twoSourcesOnOneRailExchangeACurrent() {
        Circuit circuit = new Circuit(1);
        circuit.source(0, 5.3, 0.15, false);
        circuit.source(0, 5.0, 0.10, false);
        Circuit.Solved solved = circuit.solve();
        assertEquals(1.2, solved.amps()[0], 1e-9);
        assertEquals(-1.2, solved.amps()[1], 1e-9);
        assertEquals(5.12, solved.volts()[0], 1e-9);
    }

    @Test
    void aDiodeKeepsItFromFlowingBack() {
        Circuit circuit = new Circuit(1);
        circuit.source(0, 5.3, 0.15, false);
        circuit.source(0, 5.0, 0.10, true);
        circuit.load(0, 1);
        assertEquals(0, circuit.solve().amps()[1], 1e-12);
        // 3 A pull the rail below what the second gives, and it takes its share: (5.3/0.15 + 5/0.1 − 3)/(1/0.15 +
        // 1/0.1)
        circuit.load(0, 2);
        assertEquals(
                (5.3 / 0.15 + 5 / 0.1 - 3) / (1 / 0.15 + 1 / 0.1),
                circuit.solve().volts()[0],
                1e-9);
    }

    /** HARNESS-A6: 12.40 and 12.30 V, 30 and 50 mΩ at 12 A share 8.75 and 3.25 A. */
    @Test
    void packsShareACurrent() {
        Circuit circuit = new Circuit(1);
        circuit.source(0, 12.40, 0.030, false);
        circuit.source(0, 12.30, 0.050, false);
        circuit.load(0, 12);
        assertEquals(8.75, circuit.solve().amps()[0], 1e-9);
        assertEquals(3.25, circuit.solve().amps()[1], 1e-9);
    }

    @Test
    void whatNothingFeedsHasNoVolts() {
        Circuit circuit = new Circuit(3);
        circuit.source(0, 5, 0.1, false);
        circuit.diode(1, 0, 0.3, 0.1);
        circuit.wire(1, 2, 0.1);
        circuit.load(2, 1);
        Circuit.Solved solved = circuit.solve();
        assertTrue(solved.fed()[0]);
        assertFalse(solved.fed()[1], "a diode does not feed backward");
        assertEquals(0, solved.volts()[2], 0);
    }

    /** A random net by every state of its diodes: the one that contradicts nothing, by QR instead of LU. */
    @RepeatedTest(60)
    void agreesWithEveryStateOfTheDiodesTried(RepetitionInfo repetition) {
        Random random = new Random(repetition.getCurrentRepetition());
        int nodes = 2 + random.nextInt(3);
        Circuit circuit = new Circuit(nodes);
        double[][] branch = new double[nodes + 4][];
        int laid = 0;
        for (int i = 0; i < nodes; i++) {
            double volts = 4 + 2 * random.nextDouble();
            double ohms = 0.05 + random.nextDouble();
            boolean diode = i > 0 && random.nextBoolean();
            circuit.source(i, volts, ohms, diode);
            branch[laid++] = new double[] {-1, i, volts, ohms, diode ? 1 : 0};
        }
        for (int k = 0; k < 4; k++) {
            int from = random.nextInt(nodes);
            int to = (from + 1 + random.nextInt(nodes - 1)) % nodes;
            double ohms = 0.05 + random.nextDouble();
            circuit.diode(from, to, 0.3, ohms);
            branch[laid++] = new double[] {from, to, -0.3, ohms, 1};
        }
        double[] loads = new double[nodes];
        for (int i = 0; i < nodes; i++) {
            loads[i] = 0.5 * random.nextDouble();
            circuit.load(i, loads[i]);
        }
        double[] expected = byTrying(nodes, branch, loads);
        double[] found = circuit.solve().volts();
        for (int i = 0; i < nodes; i++) {
            assertEquals(expected[i], found[i], 1e-8, "seed " + repetition.getCurrentRepetition());
        }
    }

    private static double[] byTrying(int nodes, double[][] branch, double[] loads) {
        for (int state = 0; state < 1 << branch.length; state++) {
            double[][] m = new double[nodes][nodes];
            double[] right = new double[nodes];
            for (int i = 0; i < nodes; i++) {
                right[i] = -loads[i];
            }
            boolean possible = true;
            for (int b = 0; b < branch.length; b++) {
                boolean on = (state >> b & 1) == 1;
                possible &= on || branch[b][4] == 1;
                if (on) {
                    int from = (int) branch[b][0];
                    int to = (int) branch[b][1];
                    double g = 1 / branch[b][3];
                    m[to][to] += g;
                    right[to] += g * branch[b][2];
                    if (from >= 0) {
                        m[from][from] += g;
                        m[from][to] -= g;
                        m[to][from] -= g;
                        right[from] -= g * branch[b][2];
                    }
                }
            }
            QRDecomposition qr = new QRDecomposition(new Array2DRowRealMatrix(m));
            if (!possible || !qr.getSolver().isNonSingular()) {
                continue;
            }
            double[] v = qr.getSolver().solve(new ArrayRealVector(right)).toArray();
            boolean sound = true;
            for (int b = 0; b < branch.length; b++) {
                double from = branch[b][0] < 0 ? 0 : v[(int) branch[b][0]];
                double drive = from - v[(int) branch[b][1]] + branch[b][2];
                boolean on = (state >> b & 1) == 1;
                sound &= branch[b][4] == 0 || (on ? drive >= -1e-9 : drive <= 1e-9);
            }
            if (sound) {
                return v;
            }
        }
        throw new AssertionError("no state of the diodes is sound");
    }

    /** Without a limit the rail follows u = U − I·R + I·R·e^(−t/RC); at its limit it falls as a straight line. */
    @Test
    void aRailSagsAsAResistorAndACapacitorDo() {
        BoardRail rail = new BoardRail("servos", BoardRail.Feed.OPEN, 5, 0, 0.1, 1, 0, 470e-6, false);
        double[] load = new double[200];
        for (int i = 100; i < 200; i++) {
            load[i] = 3;
        }
        Rails.Feeder strong = new Rails.Feeder("x", 5, 0.1, 0, false, 0);
        RailTrace free = RailTrace.of(rail, List.of(strong), load, 1e-5);
        double t = 50 * 1e-5;
        assertEquals(5 - 0.3 * (1 - Math.exp(-t / (0.1 * 470e-6))), free.volts()[150], 1e-9);
        // 3 A against 1.5 times 1 A: beyond 1.5 A the capacitor pays, so the volts fall by 1.5 A/C
        RailTrace limited = RailTrace.of(rail, List.of(new Rails.Feeder("x", 5, 0.1, 0, false, 1)), load, 1e-5);
        double slope = (limited.volts()[199] - limited.volts()[180]) / (19 * 1e-5);
        assertEquals(-1.5 / 470e-6, slope, 1e-6 / 470e-6);
        assertEquals(limited.volts()[199], limited.lowest(), 0);
    }

    /** What regulators take in is paid by the pack: its current is the sum of what they give, by volts and efficiency. */
    @Test
    void powerInIsPowerOutAndHeat() {
        Setup setup = DemoAircraft.strandlaeufer();
        Rails rails = Rails.of(Wiring.of(setup), Plugged.PACK);
        double raw = rails.rail("pack").orElseThrow().volts();
        double in = rails.rail("pack").orElseThrow().feeders().get(0).amps();
        double out = rails.rail("pack").orElseThrow().mean() * raw;
        for (Rails.Rail rail : rails.rails()) {
            if (rail.rail().feed().regulates()) {
                out += rail.rail().volts() * rail.mean() + rail.heat();
            }
        }
        assertEquals(out, in * raw, 1e-6 * out);
    }

    /** ASTM B258, from memory: gauge 22 is 0.644 mm, gauge 0 8.252 mm; 0.6 m of gauge 22 both ways at 2 A lose 0.127 V. */
    @Test
    void wireByItsGauge() {
        assertEquals(0.644e-3, Wire.diameter(22), 0.5e-6);
        assertEquals(8.252e-3, Wire.diameter(0), 2e-6);
        assertEquals(0.127, 2 * Wire.resistance(22, 0.6), 0.0005);
        int gauge = Wire.gaugeFor(0.6, 2, 0.1);
        assertTrue(2 * Wire.resistance(gauge, 0.6) <= 0.1 && 2 * Wire.resistance(gauge + 2, 0.6) > 0.1);
    }
}
