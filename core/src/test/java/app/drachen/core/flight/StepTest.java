package app.drachen.core.flight;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertInstanceOf;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.drachen.core.aerodynamics.AirForces;
import app.drachen.core.aerodynamics.StripModel;
import app.drachen.core.airframe.MassProperties;
import app.drachen.core.demo.DemoAircraft;
import app.drachen.core.math.Eigenvalues;
import app.drachen.core.math.NoiseSource;
import app.drachen.core.rehearsal.Rehearsal;
import app.drachen.core.setup.Setup;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** How true a step of the model is: against much finer ones, and against solutions that are known. */
class StepTest {
    private static final double DENSITY = 1.2;
    private static final double FRAME = 0.02;

    /** Air that turns back a roll, and whose tail meets what it is told. */
    private static final class Air implements AirForces {
        private double perRate;
        private double way;
        private double shed;
        private double met = Double.NaN;
        private double moment;

        @Override
        public void compute(
                double u, double v, double w, double p, double q, double r, double density, double[] deflections) {
            moment = -perRate * density * Math.sqrt(u * u + v * v + w * w) * p;
        }

        @Override
        public double downwash() {
            return shed;
        }

        @Override
        public double downwashWay() {
            return way;
        }

        @Override
        public void tailMeets(double angle) {
            met = angle;
        }

        @Override
        public double forceX() {
            return 0;
        }

        @Override
        public double forceY() {
            return 0;
        }

        @Override
        public double forceZ() {
            return 0;
        }

        @Override
        public double momentX() {
            return moment;
        }

        @Override
        public double momentY() {
            return 0;
        }

        @Override
        public double momentZ() {
            return 0;
        }
    }

    private static MassProperties inertias(MassProperties of, double times) {
        return new MassProperties(
                of.mass(),
                of.centre(),
                of.rollInertia() * times,
                of.pitchInertia() * times,
                of.yawInertia() * times,
                of.productInertia() * times);
    }

    /** Eight seconds by hand: full doublets of roll and pitch, power up and off, a wind along straight lines. */
    private static double[][] flown(Setup setup, double step, double inertia) {
        double speed = setup.modes().limits().cruiseSpeed();
        var trim = assertInstanceOf(Trim.Result.Trimmed.class, Trim.level(setup, speed, DENSITY));
        Aircraft a = new Aircraft(setup, new StripModel(setup), inertias(setup.massProperties(), inertia));
        a.smoothServos();
        var outputs = setup.controls().outputs();
        double[] pulses = new double[outputs.size()];
        a.place(0, 0, 100, 0, trim.alpha(), 0, speed);
        for (int i = 0; i < pulses.length; i++) {
            pulses[i] = outputs.get(i).pulse(outputs.get(i).mix().mix(0, trim.pitchCommand(), 0, trim.power()));
        }
        a.settle(pulses, DENSITY, speed);
        a.accelerations(0, 0, 0, DENSITY);
        NoiseSource noise = new NoiseSource(4);
        int steps = (int) Math.round(FRAME / step);
        double[] from = new double[4];
        double[][] rows = new double[400][];
        for (int frame = 0; frame < rows.length; frame++) {
            double time = frame * FRAME;
            double roll = time < 1 ? 0 : time < 1.6 ? 0.7 : time < 2.2 ? -0.7 : 0;
            double pitch = trim.pitchCommand() + (time < 3.5 ? 0 : time < 4 ? 0.3 : time < 4.5 ? -0.3 : 0);
            double power = time < 5.5 ? trim.power() : time < 6.5 ? 1 : 0;
            for (int i = 0; i < pulses.length; i++) {
                pulses[i] = outputs.get(i).pulse(outputs.get(i).mix().mix(roll, pitch, 0, power));
            }
            double[] to = new double[4];
            for (int k = 0; k < 4; k++) {
                to[k] = 0.97 * from[k] + (k == 3 ? 0.02 : 0.1) * noise.gaussian();
            }
            for (int k = 0; k < steps; k++) {
                double share = (double) k / steps;
                a.gust(from[3] + share * (to[3] - from[3]));
                a.step(
                        step,
                        pulses,
                        from[0] + share * (to[0] - from[0]),
                        from[1] + share * (to[1] - from[1]),
                        from[2] + share * (to[2] - from[2]),
                        DENSITY);
            }
            from = to;
            rows[frame] = new double[] {
                Math.toDegrees(a.rollRate()),
                Math.toDegrees(a.pitchRate()),
                Math.toDegrees(a.yawRate()),
                Math.toDegrees(a.roll()),
                Math.toDegrees(a.pitch()),
                a.north(),
                a.east(),
                a.height()
            };
        }
        return rows;
    }

    private static double[] apart(double[][] a, double[][] b) {
        double[] apart = new double[a[0].length];
        for (int row = 0; row < a.length; row++) {
            for (int k = 0; k < apart.length; k++) {
                apart[k] += (a[row][k] - b[row][k]) * (a[row][k] - b[row][k]) / a.length;
            }
        }
        for (int k = 0; k < apart.length; k++) {
            apart[k] = Math.sqrt(apart[k]);
        }
        return apart;
    }

    @ParameterizedTest
    @ValueSource(strings = {"Seeschwalbe", "Strandläufer", "Rochen"})
    void theStepOfARehearsalIsTrueAndItsErrorIsOfSecondOrder(String name) {
        Setup setup = name.equals("Seeschwalbe")
                ? DemoAircraft.seeschwalbe()
                : name.equals("Rochen") ? DemoAircraft.rochen() : DemoAircraft.strandlaeufer();
        double[][] fine = flown(setup, Rehearsal.STEP / 64, 1);
        double[] whole = apart(flown(setup, Rehearsal.STEP, 1), fine);
        double[] half = apart(flown(setup, Rehearsal.STEP / 2, 1), fine);
        // °/s, °, m; over a flight that rolls by 60 °/s and more
        double[] most = {0.4, 0.4, 0.1, 0.15, 0.06, 0.03, 0.03, 0.03};
        for (int k = 0; k < most.length; k++) {
            assertTrue(whole[k] < most[k], k + " misses by " + whole[k]);
        }
        assertTrue(whole[0] > 3 * half[0], "roll rate: " + whole[0] + " and halved " + half[0]);
        assertTrue(whole[1] > 3 * half[1], "pitch rate: " + whole[1] + " and halved " + half[1]);
    }

    @Test
    void anAircraftThatAnswersTooFastForTheStepIsFlownInSmallerOnes() {
        // its motion would die away within 3 ms: a step of 10 ms of this order lets it grow without end
        double[][] coarse = flown(DemoAircraft.seeschwalbe(), Rehearsal.STEP, 0.05);
        double[][] fine = flown(DemoAircraft.seeschwalbe(), Rehearsal.STEP / 64, 0.05);
        double[] apart = apart(coarse, fine);
        assertTrue(apart[0] < 1.5 && apart[1] < 1.5, "rates: " + apart[0] + ", " + apart[1]);
        assertTrue(apart[3] < 1 && apart[4] < 1, "angles: " + apart[3] + ", " + apart[4]);
    }

    // λ = damping over inertia, times airspeed and density
    @ParameterizedTest
    @CsvSource({
        "0.01, 15, 1.2,  5, 1", "0.01, 15, 1.2, 29, 1", "0.01, 15, 1.2, 31, 2",
        "0.01, 30, 1.2, 31, 3", "0.01, 30, 0.6, 31, 2", "0.02, 15, 1.2, 31, 3",
        "0.01,  0, 1.2, 31, 1", "0.01, 15, 1.2, 0, 1", "0.01, 15, 1.2, 1e9, 64",
    })
    void aStepIsCutByDampingOverInertia(double step, double airspeed, double density, double lambda, int pieces) {
        MassProperties mass = DemoAircraft.seeschwalbe().massProperties();
        double ix = mass.rollInertia() - mass.productInertia() * mass.productInertia() / mass.yawInertia();
        Air air = new Air();
        air.perRate = lambda * ix / (15 * 1.2);
        assertEquals(pieces, new Pace(air, new BodyMotion(mass), 4).pieces(step, airspeed, density));
    }

    @Test
    void theLargestEigenvalueIsThatOfTheLibrary() {
        NoiseSource noise = new NoiseSource(11);
        for (int n = 0; n < 100; n++) {
            double[][] matrix = new double[6][6];
            for (double[] row : matrix) {
                for (int j = 0; j < 6; j++) {
                    row[j] = Math.exp(2 * noise.gaussian()) * noise.gaussian();
                }
            }
            double size = Eigenvalues.of(matrix).get(0).size();
            assertEquals(size, Pace.largest(matrix), 0.05 * size);
        }
        assertEquals(0, Pace.largest(new double[3][3]));
    }

    @Test
    void aLoadOnAStraightLineGoesOnExactlyWhateverTheSteps() {
        Onward onward = new Onward();
        double time = 0;
        double[] steps = {0.01, 0.002, 0.005, 0.01};
        for (int n = 0; n < steps.length; n++) {
            double[] load = {3 + 7 * time, -time, 0, 1, 2, 100 * time};
            onward.follow(steps[n], load);
            onward.toTheEnd(load);
            double known = n == 0 ? time : time + steps[n];
            assertEquals(3 + 7 * known, load[0], 1e-12);
            assertEquals(100 * known, load[5], 1e-12);
            time += steps[n];
        }
        onward.begin();
        onward.follow(0.01, new double[] {50, 0, 0, 0, 0, 0});
        assertEquals(0, onward.change()[0], "what was before a new beginning is forgotten");
    }

    @ParameterizedTest
    @ValueSource(doubles = {0.01, 0.005, 0.0025})
    void theTailMeetsWhatLeftTheWingAsTheExactLagHasIt(double step) {
        // a first-order lag of sin ωt: (sin ωt − ωτ·cos ωt + ωτ·e^(−t/τ))/(1 + ω²τ²)
        double omega = 8;
        double tau = 0.06;
        double x = omega * tau;
        Air air = new Air();
        air.way = tau * 15;
        Wake wake = new Wake(air);
        for (int n = 0; n * step < 2; n++) {
            double time = n * step;
            air.shed = Math.sin(omega * time);
            wake.meet();
            double exact =
                    (Math.sin(omega * time) - x * Math.cos(omega * time) + x * Math.exp(-time / tau)) / (1 + x * x);
            // what the first step misses, as it knows none before it, dies away
            double first = x * step * Math.exp(-time / tau);
            if (n == 0) {
                assertTrue(Double.isNaN(air.met), "at first the tail meets all that the wing sheds");
            } else {
                assertEquals(exact, air.met, 0.45 * omega * step * omega * step + 10 * first, "at " + time);
            }
            wake.follow(step, 15);
        }
    }
}
