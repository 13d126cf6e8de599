package app.drachen.core.aerodynamics;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.drachen.core.airframe.Airframe;
import app.drachen.core.airframe.Body;
import app.drachen.core.airframe.Flap;
import app.drachen.core.airframe.Planform;
import app.drachen.core.airframe.Section;
import app.drachen.core.airframe.Tail;
import app.drachen.core.airframe.TailPanel;
import app.drachen.core.airframe.Wing;
import app.drachen.core.airframe.WingPanel;
import app.drachen.core.demo.DemoAircraft;
import app.drachen.core.setup.Setup;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class AerodynamicsTest {
    private static final Section SECTION = new Section(-0.04, 1.1 / 0.9, 0.1, -0.05, 0.012);

    /** The worked example aircraft: span 1.50 m, chords 0.22/0.16 m, mid-chord unswept. */
    private static Wing exampleWing() {
        double sweep = Math.atan(0.03 / 0.75);
        return new Wing(
                0.25,
                0,
                List.of(new WingPanel(0.22, 0.16, 0.75, sweep, 0, 0)),
                SECTION,
                0,
                0,
                List.of(Flap.aileron(0.35 / 0.75, 0.70 / 0.75, 0.25)));
    }

    private static Airframe example() {
        // tailplane 0.042 m², span 0.42 m, arm 0.60 m: chord 0.10 m
        double quarter = Planform.of(exampleWing()).quarterStation();
        TailPanel plane = new TailPanel(quarter + 0.60 - 0.025, 0, 0, 0.10, 0.10, 0.21, 0, 0, 0.35);
        TailPanel fin = new TailPanel(quarter + 0.58 - 0.0354, 0, 0, 0.1414, 0.1414, 0.1414, 0, 0, 0.4);
        return new Airframe(
                exampleWing(), new Tail.Conventional(plane, fin), new Body(0.02, 0.005, 0.005, 0), 0.4, 0.05, 0.1);
    }

    @Test
    void workedExampleOfPlanformSlopesAndDownwash() {
        // recomputed by hand from the formulas: S 0.285 m², A 7.89, c̄ 191.6 mm at y 355 mm, a 4.89 and
        // 3.97 1/rad, dε/dα 0.348, far field 0.394
        Planform p = Planform.of(exampleWing());
        assertEquals(0.285, p.area(), 1e-9);
        assertEquals(7.89, p.aspectRatio(), 0.01);
        assertEquals(0.1916, p.meanChord(), 0.0001);
        assertEquals(0.355, p.meanChordAt(), 0.001);
        assertEquals(4.89, LiftingSurface.slope(p), 0.01);
        assertEquals(3.97, LiftingSurface.slope(4.2, 0), 0.01);
        assertEquals(0.348, LiftingSurface.downwash(p, 0.60, 0), 0.003);
        assertEquals(0.394, LiftingSurface.farDownwash(p), 0.002);
    }

    @Test
    void workedExampleOfNeutralPointVolumesAndStall() {
        NeutralPoint neutral = NeutralPoint.of(example());
        assertEquals(0.462, neutral.tailVolume(), 0.002);
        // by hand: h_n 45 to 47 % of c̄ between the two downwash bounds, η_t 0.95, no body
        assertTrue(neutral.share() > 0.45 && neutral.share() < 0.475, "share " + neutral.share());
        assertTrue(neutral.low() < neutral.share() && neutral.share() < neutral.high());
        // BUILD-A8 by hand: 1.40 kg, 0.285 m², CLmax 1.1: 8.46 m/s
        assertEquals(8.46, new Stall(1.40, 0.285, 1.225, 1.1, 0.1).speed(), 0.01);
    }

    // an independent method: a vortex lattice; the slope formula lies up to 8 % above lifting surfaces, the
    // quarter point of c̄ to about 3 % of c̄ on moderate sweep
    @ParameterizedTest
    @CsvSource({"0.20, 0.20, 0.60, 0", "0.22, 0.12, 0.75, 0.05", "0.30, 0.17, 0.54, 0.5"})
    void slopeAndCentreAgreeWithAVortexLattice(double root, double tip, double length, double sweep) {
        Wing wing = new Wing(0, 0, List.of(new WingPanel(root, tip, length, sweep, 0, 0)), SECTION, 0, 0, List.of());
        Planform p = Planform.of(wing);
        VortexLattice lattice = new VortexLattice(wing, 40);
        assertEquals(1, LiftingSurface.slope(p) / lattice.slope(), 0.08);
        assertEquals(lattice.centre(), p.quarterStation(), 0.03 * p.meanChord());
    }

    @Test
    void theLatticeItselfGivesTheTextbookWing() {
        // Bertin and Smith, worked example: aspect ratio 5, 45° of sweep, four panels a side, 3.443 1/rad
        // (value from memory)
        Wing swept = new Wing(
                0, 0, List.of(new WingPanel(0.2, 0.2, 0.5, Math.toRadians(45), 0, 0)), SECTION, 0, 0, List.of());
        assertEquals(3.443, new VortexLattice(swept, 4).slope(), 0.01);
    }

    @Test
    void flapTheoryAtItsEnds() {
        // Glauert 1927: the whole chord as flap is an all-moving surface; none does nothing. A quarter
        // of
        // the chord: θ = 120°, τ = 1 − (2π/3 − sin 120°)/π = 0.6090
        assertEquals(1, LiftingSurface.flapEffectiveness(1), 1e-12);
        assertEquals(0, LiftingSurface.flapEffectiveness(0), 1e-12);
        assertEquals(0.6090, LiftingSurface.flapEffectiveness(0.25), 0.0001);
    }

    @Test
    void aVTailSharesByTheSquaresOfItsDihedral() {
        // Purser and Campbell, NACA 823: pitch cos², yaw K·sin²; at 45° each from half of the true area, K between 0.5
        // and 0.7
        TailPanel panel = new TailPanel(1, 0, 0, 0.1, 0.1, 0.3, 0, 0, 0.3);
        Tail.Vee vee = new Tail.Vee(panel, Math.toRadians(45), false);
        TailShares shares = TailShares.of(vee);
        assertEquals(0.03, shares.pitchArea(), 1e-12);
        assertEquals(VeePair.apart(vee) * 0.03, shares.yawArea(), 1e-12);
        assertEquals(0.6, VeePair.apart(vee), 0.1);
    }

    @Test
    void tipFinsActWhereTheirAreaLies() {
        // statics: 0.02 m² at 0.4 m and 0.01 m² at 0.7 m act at 0.5 m, on both tips
        TailPanel large = new TailPanel(0.375, 0, 0, 0.1, 0.1, 0.2, 0, 0, 0.3);
        TailPanel small = new TailPanel(0.675, 0, 0, 0.1, 0.1, 0.1, 0, 0, 0.3);
        TailShares shares = TailShares.of(new Tail.None(List.of(large, small)));
        assertEquals(0.06, shares.yawArea(), 1e-12);
        assertEquals(0.5, shares.yawStation(), 1e-12);
        assertEquals(0, shares.pitchArea());
        assertEquals(0, TailShares.of(new Tail.None(List.of())).yawStation(), "no fins, no station");
    }

    @Test
    void slidingThePackPutsTheCentreWhereItShouldBe() {
        Setup heavy = DemoAircraft.strandlaeuferNewPack();
        Balance before = Balance.of(heavy);
        assertTrue(before.outside() > 0.005, "the demo's new pack lies too far aft");
        double slide = before.packSlide().orElseThrow().value();
        Setup moved = heavy.withPart(
                "pack",
                p -> p.at(new app.drachen.core.airframe.Position(
                        p.position().aft() + slide,
                        p.position().right(),
                        p.position().up())));
        // statics is linear, so one slide hits the aim
        assertEquals(before.aim(), Balance.of(moved).mass().centre().aft(), 1e-9);
        assertEquals(0, Balance.of(moved).outside(), 1e-9);
    }

    @Test
    void stripsAgreeWithTheFormulasTheyComeFrom() {
        Setup setup = DemoAircraft.seeschwalbe();
        StripModel strips = new StripModel(setup);
        double[] still = new double[setup.controls().outputs().size()];
        double v = 15;
        double q = 0.5 * 1.225 * v * v;
        double s = setup.planform().area();
        double lift0 = force(strips, v, 0.02, still);
        double lift1 = force(strips, v, 0.04, still);
        NeutralPoint neutral = NeutralPoint.of(setup.airframe());
        TailShares tail = TailShares.of(setup.airframe().tail());
        double formula =
                neutral.wingSlope() + neutral.tailSlope() * 0.95 * tail.pitchArea() / s * (1 - neutral.downwash());
        // dihedral, washout and the tilt of lift take a few percent
        assertEquals(formula, (lift1 - lift0) / (q * s * 0.02), 0.05 * formula);
        // C_mα/C_Lα is the static margin about the CG
        strips.compute(v * Math.cos(0.02), 0, v * Math.sin(0.02), 0, 0, 0, 1.225, still);
        double m0 = strips.momentY();
        strips.compute(v * Math.cos(0.04), 0, v * Math.sin(0.04), 0, 0, 0, 1.225, still);
        double margin =
                -(strips.momentY() - m0) / (lift1 - lift0) / setup.planform().meanChord();
        double flown =
                (Balance.of(setup).mass().centre().aft() - setup.planform().meanChordLeadingEdge())
                                / setup.planform().meanChord()
                        + margin;
        assertTrue(neutral.low() < flown && flown < neutral.high(), neutral + " but flown " + flown);
        // roll damping of the whole against a lattice of the wing, to which the tail adds a few percent
        double lattice = new VortexLattice(setup.airframe().wing(), 40).damping();
        assertEquals(1, ControlPower.rollDamping(setup) / lattice, 0.06);
    }

    private static double force(StripModel strips, double v, double alpha, double[] deflections) {
        strips.compute(v * Math.cos(alpha), 0, v * Math.sin(alpha), 0, 0, 0, 1.225, deflections);
        return -strips.forceZ() * Math.cos(alpha) + strips.forceX() * Math.sin(alpha);
    }

    @Test
    void aSymmetricAircraftFeelsNoSideForceAndMirrorsItself() {
        Setup setup = DemoAircraft.seeschwalbe();
        StripModel strips = new StripModel(setup);
        double[] still = new double[setup.controls().outputs().size()];
        strips.compute(15, 0, 1, 0, 0, 0, 1.225, still);
        assertEquals(0, strips.forceY(), 1e-9);
        assertEquals(0, strips.momentX(), 1e-9);
        strips.compute(15, 2, 1, 0.3, 0.1, 0.2, 1.225, still);
        double roll = strips.momentX();
        double pitch = strips.momentY();
        double yaw = strips.momentZ();
        strips.compute(15, -2, 1, -0.3, 0.1, -0.2, 1.225, still);
        assertEquals(-roll, strips.momentX(), 1e-9);
        assertEquals(pitch, strips.momentY(), 1e-9);
        assertEquals(-yaw, strips.momentZ(), 1e-9);
    }

    @Test
    void liftPeaksNearTheSectionMaximumAndHasNoJump() {
        Setup setup = DemoAircraft.seeschwalbe();
        StripModel strips = new StripModel(setup);
        double[] still = new double[setup.controls().outputs().size()];
        double v = 12;
        double q = 0.5 * 1.225 * v * v * setup.planform().area();
        double most = 0;
        double last = force(strips, v, -0.3, still);
        for (double alpha = -0.3; alpha < 1.5; alpha += 0.002) {
            double lift = force(strips, v, alpha, still);
            assertTrue(Math.abs(lift - last) / q < 0.05, "jump at " + alpha);
            most = Math.max(most, lift / q);
            last = lift;
        }
        // wing CLmax by Raymer's 0.9·c_lmax·cos Λ, the tail adds or takes up to a tenth
        assertEquals(Stall.of(setup, 1.225).lift(), most, 0.13);
    }
}
