package app.drachen.core.flight;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertInstanceOf;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.drachen.core.PlausibleAircraft;
import app.drachen.core.aerodynamics.AirForces;
import app.drachen.core.aerodynamics.Balance;
import app.drachen.core.aerodynamics.ModelError;
import app.drachen.core.airframe.MassProperties;
import app.drachen.core.airframe.Position;
import app.drachen.core.demo.DemoAircraft;
import app.drachen.core.flight.NaturalMotion.Kind;
import app.drachen.core.math.Eigenvalues;
import app.drachen.core.math.Eigenvalues.Root;
import app.drachen.core.setup.Setup;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.DoubleStream;
import org.junit.jupiter.api.Test;

/** Published motions come out of the equations of motion, and those of the demo aircraft are what theory expects. */
class NaturalMotionTest {
    private static final double G = 9.80665;
    private static final double FOOT = 0.3048;

    /** Forces by constant derivatives about level flight at a speed; what a textbook tabulates. */
    private static final class Derivatives implements AirForces {
        private final double[] along;
        private final double[] across;
        private final MassProperties mass;
        private final double speed;
        private final double[] force = new double[6];

        /**
         * Derivatives per mass and inertia.
         *
         * @param along Xu, Xw, Zu, Zw, Mu, Mw, Mq, Mẇ
         * @param across Yv, Yp, Yr, Lv, Lp, Lr, Nv, Np, Nr
         */
        Derivatives(double[] along, double[] across, MassProperties mass, double speed) {
            this.along = along;
            this.across = across;
            this.mass = mass;
            this.speed = speed;
        }

        @Override
        public void compute(
                double u, double v, double w, double p, double q, double r, double density, double[] deflections) {
            double du = u - speed;
            double[] a = along;
            double z = a[2] * du + a[3] * w;
            // ẇ of the linear equations: the force upwards and what turning carries round
            double wRate = z + speed * q;
            force[0] = mass.mass() * (a[0] * du + a[1] * w);
            force[2] = mass.mass() * (z - G);
            force[4] = mass.pitchInertia() * (a[4] * du + a[5] * w + a[6] * q + a[7] * wRate);
            double[] c = across;
            force[1] = mass.mass() * (c[0] * v + c[1] * p + c[2] * r);
            force[3] = mass.rollInertia() * (c[3] * v + c[4] * p + c[5] * r);
            force[5] = mass.yawInertia() * (c[6] * v + c[7] * p + c[8] * r);
        }

        @Override
        public double forceX() {
            return force[0];
        }

        @Override
        public double forceY() {
            return force[1];
        }

        @Override
        public double forceZ() {
            return force[2];
        }

        @Override
        public double momentX() {
            return force[3];
        }

        @Override
        public double momentY() {
            return force[4];
        }

        @Override
        public double momentZ() {
            return force[5];
        }
    }

    private static Map<Kind, NaturalMotion> byKind(List<NaturalMotion> motions) {
        return motions.stream()
                .collect(Collectors.toMap(NaturalMotion::kind, m -> m, (a, b) -> a, () -> new EnumMap<>(Kind.class)));
    }

    /**
     * R. C. Nelson, Flight Stability and Automatic Control: the NAVION at 176 ft/s at sea level. Dimensional derivatives
     * and eigenvalues quoted from memory (examples 4.3 and 5.4): short period −2.51 ± 2.59i, phugoid −0.017 ± 0.213i,
     * Dutch roll −0.487 ± 2.335i, roll −8.435, spiral −0.00877.
     */
    @Test
    void theNavionMovesAsInNelsonsTextbook() {
        double speed = 176 * FOOT;
        MassProperties mass = new MassProperties(1_247, new Position(2, 0, 0), 1_421, 4_067, 4_786, 0);
        double perFoot = 1 / FOOT;
        Derivatives air = new Derivatives(
                new double[] {-0.045, 0.036, -0.369, -2.02, 0, -0.05 * perFoot, -2.05, -0.0051 * perFoot},
                new double[] {-0.254, 0, 0, -16.02 / speed, -8.40, 2.19, 4.49 / speed, -0.35, -0.76},
                mass,
                speed);
        Setup any = DemoAircraft.seeschwalbe();
        Aircraft navion = new Aircraft(any.withParts(List.of(any.parts().get(0))), air, mass);
        var motions = byKind(NaturalMotion.of(Linearised.about(navion, speed, 0, 1.225)));
        assertEquals(5, motions.size());
        expect(motions.get(Kind.SHORT_PERIOD), -2.51, 2.59, 0.02);
        expect(motions.get(Kind.PHUGOID), -0.017, 0.213, 0.02);
        expect(motions.get(Kind.DUTCH_ROLL), -0.487, 2.335, 0.02);
        expect(motions.get(Kind.ROLL), -8.435, 0, 0.01);
        expect(motions.get(Kind.SPIRAL), -0.00877, 0, 0.12);
    }

    private static void expect(NaturalMotion motion, double real, double imaginary, double share) {
        double size = Math.hypot(real, imaginary);
        assertEquals(real, motion.root().real(), share * size, motion.kind() + ": " + motion.root());
        assertEquals(imaginary, motion.root().imaginary(), share * size, motion.kind() + ": " + motion.root());
    }

    private static Feel.Found feel(Setup setup) {
        return assertInstanceOf(
                Feel.Found.class, Feel.of(setup, setup.modes().limits().cruiseSpeed(), 1.225), setup.name());
    }

    @Test
    void soundAircraftBehaveAsTheoryExpects() {
        for (Setup setup : List.of(DemoAircraft.rochen(), DemoAircraft.strandlaeufer(), DemoAircraft.seeschwalbe())) {
            Feel.Found feel = feel(setup);
            var motions = byKind(feel.motions());
            for (Kind kind : List.of(Kind.SHORT_PERIOD, Kind.PHUGOID, Kind.DUTCH_ROLL, Kind.ROLL, Kind.SPIRAL)) {
                assertTrue(motions.containsKey(kind), setup.name() + " has no " + kind + ": " + feel.motions());
                assertFalse(motions.get(kind).words().isBlank());
                assertTrue(motions.get(kind).working().value() > 0);
            }
            assertFalse(motions.get(Kind.SHORT_PERIOD).grows(), setup.name());
            assertFalse(motions.get(Kind.ROLL).grows(), setup.name());
            // Etkin and Reid 1996, section 6.3: with the fast motion settled, |λ|² = g(Zu·Mw − Mu·Zw)/(Zw·Mq − u·Mw);
            // Lanchester's √2·g/V is its limit for an aircraft that is far more stable than damped in pitch
            double alpha = assertInstanceOf(Trim.Result.Trimmed.class, Trim.level(setup, feel.speed(), 1.225))
                    .alpha();
            double[][] a = linear(setup, feel.speed()).along();
            double stiff = a[1][1] * a[2][2] - a[1][2] * a[2][1];
            double slow = G * Math.cos(alpha) * (a[1][0] * a[2][1] - a[2][0] * a[1][1]) / stiff;
            double phugoid = motions.get(Kind.PHUGOID).root().size();
            assertEquals(1, phugoid / Math.sqrt(slow), 0.25, setup.name() + ": " + phugoid);
            assertTrue(phugoid < 1.2 * Math.sqrt(2) * G / feel.speed(), "no faster than Lanchester's");
        }
    }

    private static Linearised linear(Setup setup, double speed) {
        var trim = assertInstanceOf(Trim.Result.Trimmed.class, Trim.level(setup, speed, 1.225));
        return Linearised.of(setup, ModelError.NONE, trim, speed, 1.225);
    }

    @Test
    void aBumpInTheFullEquationsFollowsTheLinearOnes() {
        Setup setup = DemoAircraft.seeschwalbe();
        double speed = setup.modes().limits().cruiseSpeed();
        var trim = assertInstanceOf(Trim.Result.Trimmed.class, Trim.level(setup, speed, 1.225));
        double[] pulses = setup.controls().outputs().stream()
                .mapToDouble(o -> o.pulse(o.mix().mix(0, trim.pitchCommand(), 0, trim.power())))
                .toArray();
        double start = 0.1;
        double[] disturbed = pitchRates(setup, pulses, trim.alpha(), speed, start);
        double[] still = pitchRates(setup, pulses, trim.alpha(), speed, 0);
        double[][] a = linear(setup, speed).along();
        double[] x = {0, 0, start, 0};
        // the linear equations alone, in steps of a tenth of the model's; within 5 % of the start over a second
        for (int i = 0; i < disturbed.length; i++) {
            assertEquals(x[2], disturbed[i] - still[i], 0.05 * start, "after " + i * 0.005 + " s");
            for (int k = 0; k < 10; k++) {
                double[] rate = new double[4];
                for (int r = 0; r < 4; r++) {
                    for (int c = 0; c < 4; c++) {
                        rate[r] += a[r][c] * x[c];
                    }
                }
                for (int r = 0; r < 4; r++) {
                    x[r] += 0.0005 * rate[r];
                }
            }
        }
    }

    private static double[] pitchRates(Setup setup, double[] pulses, double alpha, double speed, double rate) {
        Aircraft a = new Aircraft(setup);
        a.place(0, 0, 100, 0, alpha, 0, speed);
        a.move(speed * Math.cos(alpha), 0, speed * Math.sin(alpha), 0, rate, 0);
        a.settle(pulses, 1.225, speed);
        double[] rates = new double[200];
        for (int i = 0; i < rates.length; i++) {
            rates[i] = a.pitchRate();
            a.step(0.005, pulses, 0, 0, 0, 1.225);
        }
        return rates;
    }

    @Test
    void anAftCentreOfGravityTurnsThePitchFromSwingingToRunningAway() {
        Setup setup = DemoAircraft.seeschwalbe();
        double last = Double.NEGATIVE_INFINITY;
        boolean diverged = false;
        for (int i = 0; i <= 8; i++) {
            double aft = 0.02 * i;
            Setup moved = setup.withPart(
                    "pack",
                    p -> p.at(new Position(
                            p.position().aft() + 4 * aft,
                            p.position().right(),
                            p.position().up())));
            double margin = Balance.of(moved).marginWorking().value();
            Feel feel = Feel.of(moved, setup.modes().limits().cruiseSpeed(), 1.225);
            if (feel instanceof Feel.Found found) {
                double worst = found.motions().stream()
                        .filter(m -> m.kind() == Kind.SHORT_PERIOD || m.kind() == Kind.PHUGOID)
                        .mapToDouble(m -> m.root().real())
                        .max()
                        .orElseThrow();
                if (margin < -0.12) {
                    assertTrue(
                            worst > 0.3,
                            "well behind the neutral point, slipstream and all, it runs away: margin " + margin + ", "
                                    + worst);
                    diverged = true;
                } else if (margin > 0.02) {
                    assertTrue(worst < 0.2, "before it, it does not: margin " + margin + ", " + worst);
                }
                last = worst;
            }
        }
        assertTrue(diverged, "the pack reaches far enough back; last " + last);
    }

    @Test
    void rollDiesAwayAsTheRollDampingSays() {
        for (Setup setup : List.of(DemoAircraft.strandlaeufer(), DemoAircraft.seeschwalbe())) {
            double speed = setup.modes().limits().cruiseSpeed();
            Aircraft a = new Aircraft(setup);
            double[] pulses = setup.controls().outputs().stream()
                    .mapToDouble(o -> o.pulse(0))
                    .toArray();
            a.place(0, 0, 100, 0, 0.03, 0, speed);
            a.settle(pulses, 1.225, speed);
            a.move(speed, 0, 0.03 * speed, 0.2, 0, 0);
            double with = a.accelerations(0, 0, 0, 1.225)[3];
            a.move(speed, 0, 0.03 * speed, 0, 0, 0);
            double without = a.accelerations(0, 0, 0, 1.225)[3];
            double damping = (with - without) / 0.2;
            double root = byKind(feel(setup).motions()).get(Kind.ROLL).root().real();
            assertEquals(1, root / damping, 0.2, setup.name() + ": " + root + " against " + damping);
        }
    }

    @Test
    void everyMotionShowsItsBandAndWhatTheDrawingCannotDecide() {
        for (Setup setup : List.of(DemoAircraft.rochen(), DemoAircraft.strandlaeufer(), DemoAircraft.seeschwalbe())) {
            for (NaturalMotion motion : feel(setup).motions()) {
                assertTrue(motion.others().size() >= 4, setup.name() + " " + motion.kind());
                var band = motion.working().spread().orElseThrow();
                assertTrue(band.low() < band.high(), setup.name() + " " + motion.kind());
                assertTrue(band.low() <= motion.working().value()
                        && motion.working().value() <= band.high());
            }
        }
        NaturalMotion torn = new NaturalMotion(
                Kind.SPIRAL, new Eigenvalues.Root(0.05, 0), 14, List.of(new Eigenvalues.Root(-0.02, 0)));
        assertTrue(torn.words().endsWith("rule out the opposite."), torn.words());
        assertTrue(torn.working().spread().isEmpty(), "there is no band across the sign");
    }

    @Test
    void eigenvaluesOfKnownMatrices() {
        assertEquals(
                List.of(new Eigenvalues.Root(0, 2)),
                Eigenvalues.of(new double[][] {{0, 4}, {-1, 0}}).stream()
                        .map(r -> new Eigenvalues.Root(Math.rint(r.real()), Math.rint(r.imaginary())))
                        .toList());
        List<Eigenvalues.Root> triangle = Eigenvalues.of(new double[][] {{-1, 5, 7}, {0, 3, 2}, {0, 0, -2}});
        assertEquals(3, triangle.get(0).real(), 1e-9);
        assertEquals(-2, triangle.get(1).real(), 1e-9);
        assertEquals(-1, triangle.get(2).real(), 1e-9);
    }

    @Test
    void whatCannotFlyLevelSaysWhy() {
        Feel none = Feel.of(DemoAircraft.rochen(), 3, 1.225);
        assertTrue(assertInstanceOf(Feel.None.class, none).reason().startsWith("No level flight"));
    }

    /** "0.8 s" and not "0.795 s": the band says how much is known; without one, a twentieth. */
    @Test
    void timesAreSpokenAsTheirBandAllows() {
        assertEquals(
                "0.8\u00a0s",
                NaturalMotion.spoken(0.795, DoubleStream.of(0.70, 0.92).summaryStatistics()));
        assertEquals(
                "0.80\u00a0s",
                NaturalMotion.spoken(0.795, DoubleStream.of(0.78, 0.80).summaryStatistics()));
        assertEquals(
                "12\u00a0s", NaturalMotion.spoken(12.3, DoubleStream.of(9, 16).summaryStatistics()));
        assertEquals(
                "0.03\u00a0s",
                NaturalMotion.spoken(0.034, DoubleStream.of(0.01, 0.08).summaryStatistics()));
        assertEquals("5\u00a0s", NaturalMotion.spoken(5.02, DoubleStream.empty().summaryStatistics()));
    }

    /** Between two speeds that are hardly apart no root jumps, whatever the aircraft. */
    @Test
    void rootsGoOnWithoutAJumpOverTheSpeeds() {
        int compared = 0;
        for (int seed = 0; seed < 8; seed++) {
            Setup setup = PlausibleAircraft.of(seed);
            double cruise = setup.modes().limits().cruiseSpeed();
            List<Root> before = List.of();
            for (double speed = 0.95 * cruise; speed < 1.25 * cruise; speed *= 1.01) {
                if (!(Trim.level(setup, speed, 1.225) instanceof Trim.Result.Trimmed trim)) {
                    before = List.of();
                    continue;
                }
                Linearised linear = Linearised.of(setup, ModelError.NONE, trim, speed, 1.225);
                List<Root> now = new ArrayList<>(Eigenvalues.of(linear.along()));
                now.addAll(Eigenvalues.of(linear.across()));
                for (Root root : before) {
                    // two roots that are about to meet or to part go quickly, as a square root does
                    boolean pair = root.imaginary() != 0 && 2 * Math.abs(root.imaginary()) < 0.3;
                    if (pair || before.stream().anyMatch(o -> o != root && apart(o, root) < 0.3)) {
                        continue;
                    }
                    double nearest =
                            now.stream().mapToDouble(r -> apart(r, root)).min().orElseThrow();
                    assertTrue(nearest < 0.06 * (1 + root.size()), "seed " + seed + " at " + speed + ": " + root + now);
                    compared++;
                }
                before = now;
            }
        }
        assertTrue(compared > 500, compared + " roots");
    }

    private static double apart(Root one, Root other) {
        return Math.hypot(one.real() - other.real(), one.imaginary() - other.imaginary());
    }
}
