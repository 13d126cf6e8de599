package app.drachen.core;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.drachen.core.aerodynamics.Balance;
import app.drachen.core.aerodynamics.LiftingSurface;
import app.drachen.core.aerodynamics.NeutralPoint;
import app.drachen.core.aerodynamics.Stall;
import app.drachen.core.aerodynamics.StripModel;
import app.drachen.core.air.Atmosphere;
import app.drachen.core.airframe.MassProperties;
import app.drachen.core.airframe.Part;
import app.drachen.core.airframe.PartKind;
import app.drachen.core.airframe.Planform;
import app.drachen.core.airframe.Weighing;
import app.drachen.core.airframe.Wing;
import app.drachen.core.airframe.WingPanel;
import app.drachen.core.autopilot.StartGains;
import app.drachen.core.bench.BenchCheck;
import app.drachen.core.bench.BenchSession;
import app.drachen.core.bench.HiddenFault;
import app.drachen.core.bench.StandInBoard;
import app.drachen.core.cards.TrialHeight;
import app.drachen.core.clearance.Clearance;
import app.drachen.core.clearance.Situation;
import app.drachen.core.controls.Output;
import app.drachen.core.controls.Surface;
import app.drachen.core.demo.DemoField;
import app.drachen.core.flight.Aircraft;
import app.drachen.core.flight.AircraftSheet;
import app.drachen.core.flight.Trim;
import app.drachen.core.modes.HomeProfile;
import app.drachen.core.modes.Turn;
import app.drachen.core.setup.Facet;
import app.drachen.core.setup.Gains;
import app.drachen.core.setup.Setup;
import app.drachen.core.stages.Kits;
import app.drachen.core.units.UnitSystem;
import app.drachen.core.working.Finding.State;
import app.drachen.core.working.Working;
import java.util.ArrayList;
import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.LongRange;

/** What must hold for any plausible aircraft. */
class PlausibleAircraftTest {
    private static final double RHO = Atmosphere.SEA_LEVEL_DENSITY;

    @Property(tries = 40, seed = "1")
    void forcesAreFiniteAtAnyAttitudeAndSpeed(
            @ForAll @LongRange(min = 0, max = 1_000) long seed,
            @ForAll @DoubleRange(min = -40, max = 40) double u,
            @ForAll @DoubleRange(min = -20, max = 20) double v,
            @ForAll @DoubleRange(min = -30, max = 30) double w) {
        Setup setup = PlausibleAircraft.of(seed);
        StripModel strips = new StripModel(setup);
        double[] deflections = new double[setup.controls().outputs().size()];
        java.util.Arrays.fill(deflections, 0.4);
        strips.compute(u, v, w, 3, -2, 1, RHO, deflections);
        double sum = strips.forceX()
                + strips.forceY()
                + strips.forceZ()
                + strips.momentX()
                + strips.momentY()
                + strips.momentZ();
        assertTrue(Double.isFinite(sum));
        // no force is larger than the whole surface could bear at a coefficient of 3
        double most = 0.5
                * RHO
                * (Math.pow(Math.abs(u) + 4, 2) + Math.pow(Math.abs(v) + 4, 2) + Math.pow(Math.abs(w) + 4, 2))
                * 3
                * setup.planform().area()
                * 2;
        assertTrue(Math.abs(strips.forceZ()) < most);
    }

    @Property(tries = 40, seed = "2")
    void aMirroredMotionFeelsMirroredForces(
            @ForAll @LongRange(min = 0, max = 1_000) long seed,
            @ForAll @DoubleRange(min = -6, max = 6) double v,
            @ForAll @DoubleRange(min = -4, max = 4) double w,
            @ForAll @DoubleRange(min = -2, max = 2) double p,
            @ForAll @DoubleRange(min = -2, max = 2) double r) {
        Setup setup = PlausibleAircraft.of(seed);
        StripModel strips = new StripModel(setup);
        double[] still = new double[setup.controls().outputs().size()];
        strips.compute(14, v, w, p, 0.3, r, RHO, still);
        double[] one = {
            strips.forceX(), strips.forceY(), strips.forceZ(), strips.momentX(), strips.momentY(), strips.momentZ()
        };
        strips.compute(14, -v, w, -p, 0.3, -r, RHO, still);
        double[] other = {
            strips.forceX(), -strips.forceY(), strips.forceZ(), -strips.momentX(), strips.momentY(), -strips.momentZ()
        };
        for (int i = 0; i < 6; i++) {
            assertEquals(one[i], other[i], 1e-8 * (1 + Math.abs(one[i])), "component " + i);
        }
    }

    @Property(tries = 20, seed = "3")
    void aGliderNeverGainsEnergyAndASymmetricOneStaysInItsPlane(@ForAll @LongRange(min = 0, max = 1_000) long seed) {
        Setup setup = PlausibleAircraft.of(seed);
        MassProperties m = setup.massProperties();
        Aircraft a = new Aircraft(setup);
        double[] pulses = setup.controls().outputs().stream()
                .mapToDouble(o -> o.surface().equals(Surface.MOTOR) ? o.lowMicros() : o.pulse(0))
                .toArray();
        a.place(0, 0, 500, 0, -0.05, 0, 15);
        a.settle(pulses, RHO, 15);
        double last = Double.POSITIVE_INFINITY;
        for (int i = 0; i < 2_000; i++) {
            a.step(0.005, pulses, 0, 0, 0, RHO);
            double q = a.pitchRate();
            double energy = m.mass() * (0.5 * a.airspeed() * a.airspeed() + Atmosphere.GRAVITY * a.height())
                    + 0.5 * m.pitchInertia() * q * q;
            assertTrue(energy < last + 1e-3 * m.mass() * Atmosphere.GRAVITY, "at " + i * 0.005 + " s");
            last = energy;
            // over the top of a loop the roll angle reads 180°
            assertEquals(0, Math.sin(a.roll()), 1e-6);
            assertEquals(0, a.east(), 1e-5);
        }
    }

    @Property(tries = 12, seed = "4")
    void aMirroredStartFliesAMirroredPath(
            @ForAll @LongRange(min = 0, max = 1_000) long seed,
            @ForAll @DoubleRange(min = 0.05, max = 0.5) double bank) {
        Setup setup = PlausibleAircraft.of(seed);
        Aircraft right = glider(setup, bank);
        Aircraft left = glider(setup, -bank);
        assertEquals(right.east(), -left.east(), 1e-4 * (1 + Math.abs(right.east())));
        assertEquals(right.height(), left.height(), 1e-4);
        assertEquals(right.roll(), -left.roll(), 1e-4);
    }

    private static Aircraft glider(Setup setup, double bank) {
        Aircraft a = new Aircraft(setup);
        double[] pulses = setup.controls().outputs().stream()
                .mapToDouble(o -> o.surface().equals(Surface.MOTOR) ? o.lowMicros() : o.pulse(0))
                .toArray();
        a.place(0, 0, 300, bank, 0, 0, 14);
        a.settle(pulses, RHO, 14);
        for (int i = 0; i < 1_000; i++) {
            a.step(0.005, pulses, 0, 0, 0, RHO);
        }
        return a;
    }

    @Property(tries = 30, seed = "5")
    void halvingTheStepChangesAShortGlideByMillimetres(@ForAll @LongRange(min = 0, max = 1_000) long seed) {
        Setup setup = PlausibleAircraft.of(seed);
        double[] coarse = after(setup, 0.005, 400);
        double[] fine = after(setup, 0.0025, 800);
        // servos and shaft stand still; the midpoint rule is of second order
        assertEquals(fine[0], coarse[0], 0.01);
        assertEquals(fine[1], coarse[1], 0.01);
    }

    private static double[] after(Setup setup, double step, int steps) {
        Aircraft a = new Aircraft(setup);
        double[] pulses = setup.controls().outputs().stream()
                .mapToDouble(o -> o.surface().equals(Surface.MOTOR) ? o.lowMicros() : o.pulse(0))
                .toArray();
        a.place(0, 0, 300, 0.2, 0, 0, 14);
        a.settle(pulses, RHO, 14);
        for (int i = 0; i < steps; i++) {
            a.step(step, pulses, 0, 0, 0, RHO);
        }
        return new double[] {a.north(), a.height()};
    }

    @Property(tries = 40, seed = "6")
    void planformsKeepTheirInequalitiesAndScale(
            @ForAll @LongRange(min = 0, max = 1_000) long seed, @ForAll @DoubleRange(min = 0.5, max = 1.8) double k) {
        Wing wing = PlausibleAircraft.of(seed).airframe().wing();
        Planform p = Planform.of(wing);
        double root = wing.panels().get(0).rootChord();
        double tip = wing.panels().get(wing.panels().size() - 1).tipChord();
        assertTrue(p.meanChord() <= root + 1e-12 && p.meanChord() >= tip - 1e-12);
        assertTrue(p.meanChordAt() > 0 && p.meanChordAt() < p.span() / 4 + 1e-9);
        List<WingPanel> scaled = new ArrayList<>();
        for (WingPanel q : wing.panels()) {
            scaled.add(new WingPanel(
                    k * q.rootChord(), k * q.tipChord(), k * q.length(), q.sweep(), q.dihedral(), q.twist()));
        }
        Planform large = Planform.of(new Wing(0, 0, scaled, wing.section(), 0, 0, wing.flaps()));
        assertEquals(k * k * p.area(), large.area(), 1e-9);
        assertEquals(p.aspectRatio(), large.aspectRatio(), 1e-9);
        assertEquals(LiftingSurface.slope(p), LiftingSurface.slope(large), 1e-9);
        assertTrue(LiftingSurface.slope(p) < 2 * Math.PI);
    }

    @Property(tries = 40, seed = "7")
    void neutralPointsLieInTheirBandBehindTheQuarterChordOfTailedAircraft(
            @ForAll @LongRange(min = 0, max = 1_000) long seed) {
        Setup setup = PlausibleAircraft.of(seed);
        NeutralPoint n = NeutralPoint.of(setup.airframe());
        assertTrue(n.low() <= n.share() && n.share() <= n.high());
        assertTrue(n.downwash() >= 0 && n.downwash() < 1);
        if (n.tailVolume() > 0) {
            assertTrue(n.share() > 0.25 && n.share() < 0.8, "share " + n.share());
        }
        assertEquals(0.12, Balance.of(setup).margin(), 0.03);
    }

    @Property(tries = 40, seed = "8")
    void ballastAtTheCentreMovesNothingAndHeavierStallsFasterByTheRoot(
            @ForAll @LongRange(min = 0, max = 1_000) long seed, @ForAll @DoubleRange(min = 0.01, max = 1) double mass) {
        Setup setup = PlausibleAircraft.of(seed);
        MassProperties before = setup.massProperties();
        List<Part> parts = new ArrayList<>(setup.parts());
        parts.add(new Part("lead", PartKind.BALLAST, mass, before.centre()));
        Setup heavy = setup.withParts(parts);
        MassProperties after = heavy.massProperties();
        assertEquals(before.centre().aft(), after.centre().aft(), 1e-9);
        assertEquals(before.rollInertia(), after.rollInertia(), 1e-9);
        double ratio = Stall.of(heavy, RHO).speed() / Stall.of(setup, RHO).speed();
        assertEquals(Math.sqrt(after.mass() / before.mass()), ratio, 1e-9);
        assertTrue(after.yawInertia() < after.rollInertia() + after.pitchInertia() + 1e-12, "a body cannot be flatter");
    }

    @Property(tries = 40, seed = "9")
    void everyFigureOfTheSheetShowsItsWorking(@ForAll @LongRange(min = 0, max = 1_000) long seed) {
        for (Working working : AircraftSheet.of(PlausibleAircraft.of(seed), RHO)) {
            assertTrue(Double.isFinite(working.value()), working.name());
            for (UnitSystem units : UnitSystem.values()) {
                String text = working.explain(units);
                assertTrue(text.contains(working.formula()) && text.contains("Source: "), text);
            }
            assertFalse(working.inputs().isEmpty(), working.name());
            working.spread()
                    .ifPresent(
                            s -> assertTrue(s.low() <= working.value() + 1e-9 && working.value() <= s.high() + 1e-9));
        }
    }

    @Property(tries = 25, seed = "10")
    void rulesAnswerForEveryAircraftAndSayWhatToDo(@ForAll @LongRange(min = 0, max = 1_000) long seed) {
        Situation situation = Situation.of(PlausibleAircraft.of(seed)).on(DemoField.deichwiese());
        Clearance clearance = Kits.clearance(situation);
        clearance.rulings().forEach(r -> {
            assertTrue(
                    r.finding().state() == State.GOOD || !r.finding().detail().isBlank(),
                    r.finding().id());
            r.remedies().forEach(remedy -> assertFalse(remedy.label().isBlank()));
        });
        assertTrue(clearance.next().isPresent(), "nothing is proven yet");
        assertFalse(clearance.why().isBlank());
    }

    @Property(tries = 15, seed = "11")
    void remediesMendTheirOwnFinding(@ForAll @LongRange(min = 0, max = 1_000) long seed) {
        Setup setup = PlausibleAircraft.of(seed);
        Situation situation = Situation.of(setup).on(DemoField.deichwiese());
        for (var ruling : Kits.clearance(situation).rulings()) {
            for (var remedy : ruling.remedies()) {
                if (remedy instanceof app.drachen.core.clearance.Remedy.Change change
                        && ruling.finding().state() == State.STOP) {
                    Setup mended = change.change().apply(setup);
                    State now = Kits.clearance(situation.with(mended)).rulings().stream()
                            .filter(r ->
                                    r.finding().id().equals(ruling.finding().id()))
                            .findFirst()
                            .orElseThrow()
                            .finding()
                            .state();
                    assertTrue(now != State.STOP, ruling.finding().title() + " by " + remedy.label());
                }
            }
        }
    }

    @Property(tries = 25, seed = "12")
    void soundMixersPassTheBenchAndTurnedServosDoNot(@ForAll @LongRange(min = 0, max = 1_000) long seed) {
        Setup setup = PlausibleAircraft.of(seed);
        Setup tuned = setup.withGains(StartGains.of(setup));
        for (HiddenFault fault : List.of(HiddenFault.NONE, HiddenFault.TURNED_SERVO)) {
            StandInBoard board = new StandInBoard(tuned, fault);
            BenchSession session =
                    BenchSession.of(BenchCheck.STICK_TO_SURFACE, BenchCheck.STICK_TO_SURFACE.questions(tuned));
            for (int i = 0; i < session.questions().size(); i++) {
                session = session.answered(i, board.answer(session.questions().get(i)));
            }
            assertEquals(fault == HiddenFault.NONE, session.wrong().isEmpty());
        }
    }

    @Property(tries = 40, seed = "13")
    void pulsesNeverLeaveTheTravel(
            @ForAll @LongRange(min = 0, max = 1_000) long seed, @ForAll @DoubleRange(min = -3, max = 3) double mixed) {
        for (Output output : PlausibleAircraft.of(seed).controls().outputs()) {
            double pulse = output.pulse(mixed);
            assertTrue(pulse >= output.lowMicros() && pulse <= output.highMicros());
            assertTrue(Math.abs(output.deflection(pulse)) <= Math.PI / 2);
        }
    }

    @Property(tries = 25, seed = "14")
    void levelTrimBalancesAndFirstGainsAreAllowed(@ForAll @LongRange(min = 0, max = 1_000) long seed) {
        Setup setup = PlausibleAircraft.of(seed);
        Gains gains = StartGains.of(setup);
        assertTrue(gains.roll().rate() > 0 && gains.pitch().forward() >= 0);
        double speed = 1.6 * Stall.of(setup, RHO).speed();
        if (Trim.level(setup, speed, RHO) instanceof Trim.Result.Trimmed t) {
            assertTrue(t.power() > 0 && t.power() <= 1 && t.current() > 0);
            assertTrue(Math.abs(t.pitchCommand()) <= 1 && Math.abs(t.alpha()) < 0.36);
        }
        double height = TrialHeight.of(Stall.of(setup, RHO)).value();
        assertTrue(height >= 25 && height <= 150, "trial height " + height);
    }

    @Property(tries = 60, seed = "15")
    void turnsCirclesAndWaysHomeKeepTheirOrder(
            @ForAll @DoubleRange(min = 5, max = 40) double speed,
            @ForAll @DoubleRange(min = 0.1, max = 1.2) double bank,
            @ForAll @DoubleRange(min = 0, max = 15) double wind,
            @ForAll @DoubleRange(min = 10, max = 150) double start) {
        Turn turn = new Turn(speed, bank);
        assertTrue(turn.leastCircle(wind) >= turn.radius() - 1e-9);
        assertEquals(speed, turn.rate() * turn.radius(), 1e-9, "V = ω·R");
        assertEquals(1, Math.cos(bank) * turn.loadFactor(), 1e-12);
        for (boolean first : new boolean[] {true, false}) {
            HomeProfile home = new HomeProfile(80, 50, first);
            List<HomeProfile.Corner> way = home.wayHome(900, start, 2.5, speed);
            for (double d = 0; d <= 900; d += 30) {
                double height = HomeProfile.heightAt(way, d);
                assertTrue(height >= Math.min(start, 80) - 1e-9 && height <= Math.max(start, 80) + 1e-9);
            }
        }
    }

    @Property(tries = 60, seed = "16")
    void aWeighingLiesBetweenItsSupports(
            @ForAll @DoubleRange(min = 0.05, max = 5) double front,
            @ForAll @DoubleRange(min = 0.05, max = 5) double rear,
            @ForAll @DoubleRange(min = 0, max = 0.5) double at,
            @ForAll @DoubleRange(min = 0.05, max = 1) double apart) {
        Weighing weighing = new Weighing(front, at, rear, at + apart);
        assertTrue(weighing.centre() >= at && weighing.centre() <= at + apart);
        assertTrue(weighing.spread() > 0 && weighing.spread() < 0.03);
    }

    @Property(tries = 30, seed = "17")
    void fingerprintsAreStableAndTellAircraftApart(@ForAll @LongRange(min = 0, max = 1_000) long seed) {
        Setup one = PlausibleAircraft.of(seed);
        assertEquals(List.of(), Facet.differing(one, PlausibleAircraft.of(seed)));
        assertTrue(Facet.differing(one, PlausibleAircraft.of(seed + 1_001)).contains(Facet.AIRFRAME));
        for (Facet facet : Facet.values()) {
            assertEquals(16, facet.fingerprint(one).length());
        }
    }
}
