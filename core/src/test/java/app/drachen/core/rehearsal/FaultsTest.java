package app.drachen.core.rehearsal;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertInstanceOf;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.drachen.core.air.Field;
import app.drachen.core.bench.HiddenFault;
import app.drachen.core.cards.Card;
import app.drachen.core.cards.CardPlans;
import app.drachen.core.cards.PassLimit.Measure;
import app.drachen.core.cards.Verdict;
import app.drachen.core.controls.Linkage;
import app.drachen.core.debrief.Debrief;
import app.drachen.core.demo.DemoAircraft;
import app.drachen.core.demo.DemoField;
import app.drachen.core.flight.Aircraft;
import app.drachen.core.log.FlightLog;
import app.drachen.core.log.LogColumn;
import app.drachen.core.propulsion.Pack;
import app.drachen.core.propulsion.Propulsion;
import app.drachen.core.setup.Setup;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** Mistakes and weather act in the model as they would outside. */
class FaultsTest {
    private static final Field EVENING = DemoField.evening();

    private static Card card(Setup setup, Field field) {
        return CardPlans.byId("first-flight").orElseThrow().forAircraft(setup, field);
    }

    private static Rehearsal fly(Setup setup, Field field, long seed) {
        Rehearsal flight = new Rehearsal(new RehearsalPlan(setup, card(setup, field), field, seed));
        flight.finish();
        return flight;
    }

    @ParameterizedTest
    @EnumSource(
            value = HiddenFault.class,
            names = {"TURNED_SERVO", "SWAPPED_CHANNELS"})
    void faultsTheBenchWouldFindAreLostInTheAir(HiddenFault fault) {
        Setup real = fault.hiddenIn(DemoAircraft.rochen());
        assertInstanceOf(Outcome.Crashed.class, fly(real, EVENING, 1).outcome().orElseThrow());
    }

    @Test
    void aDoubleMixLeavesHalfTheControlAndSpoilsTheFlight() {
        Setup real = HiddenFault.DOUBLE_MIX.hiddenIn(DemoAircraft.rochen());
        Rehearsal flight = fly(real, EVENING, 1);
        boolean passed = flight.outcome().orElseThrow().whole()
                && Verdict.of(
                                card(real, EVENING),
                                Debrief.of(flight.log(), real, EVENING.density())
                                        .flight())
                        .stream()
                        .allMatch(Verdict::passed);
        assertFalse(passed);
    }

    @Test
    void torqueRollsTheAircraftToTheLeftAtFullPower() {
        Setup setup = DemoAircraft.seeschwalbe();
        assertTrue(bankAfter(setup, 1.0) < bankAfter(setup, 0.0) - Math.toRadians(1));
        // with the right thrust taken away and no power there is nothing to roll it
        assertEquals(0, bankAfter(setup, 0.0), Math.toRadians(0.2));
    }

    private static double[] atPower(Setup setup, double power) {
        return setup.controls().outputs().stream()
                .mapToDouble(o -> o.pulse(o.mix().mix(0, 0, 0, power)))
                .toArray();
    }

    private static double bankAfter(Setup setup, double power) {
        Aircraft a = new Aircraft(setup);
        double[] pulses = atPower(setup, power);
        a.place(0, 0, 200, 0, 0, 0, 14);
        a.settle(pulses, 1.2, 14);
        for (int i = 0; i < 200; i++) {
            a.step(0.005, pulses, 0, 0, 0, 1.2);
        }
        return a.roll();
    }

    @Test
    void aHighPusherPitchesDownWithPowerAndDownThrustPitchesItUp() {
        Setup setup = DemoAircraft.strandlaeufer();
        // the pusher's motor sits above the body: power pushes the nose down
        assertTrue(pitchAcceleration(setup, 1) < pitchAcceleration(setup, 0));
        Propulsion p = setup.propulsion();
        Setup tilted =
                setup.withPropulsion(p.withDrives(List.of(p.drives().get(0).withDownThrust(Math.toRadians(6)))));
        // behind the CG a thrust that also points down pushes the tail down and the nose up
        assertTrue(pitchAcceleration(tilted, 1) > pitchAcceleration(setup, 1) + 0.1);
        assertEquals(pitchAcceleration(setup, 0), pitchAcceleration(tilted, 0), 0.1, "only power shows the tilt");
    }

    private static double pitchAcceleration(Setup setup, double power) {
        Aircraft a = new Aircraft(setup);
        double[] pulses = atPower(setup, power);
        a.place(0, 0, 200, 0, 0.02, 0, 15);
        a.settle(pulses, 1.2, 15);
        return a.accelerations(0, 0, 0, 1.2)[4];
    }

    @Test
    void aSmallPackIsUsedUpFasterAndVoltsSagUnderLoad() {
        Setup setup = DemoAircraft.seeschwalbe();
        Setup small = setup.withPropulsion(setup.propulsion().withPack(new Pack("4S 0.5 Ah", 4, 500 * 3.6, 0.05)));
        FlightLog log = fly(small, EVENING, 2).log();
        double used = Debrief.usedShare(log, java.util.Optional.of(small)).orElseThrow();
        double usual = Debrief.usedShare(fly(setup, EVENING, 2).log(), java.util.Optional.of(setup))
                .orElseThrow();
        assertTrue(used > 5 * usual, used + " against " + usual);
        double resting = small.propulsion().pack().restingVolts(0);
        assertTrue(log.value(LogColumn.VOLTS, 10) < resting - 0.05, "sags at full power");
        for (int i = 1; i < log.rows(); i++) {
            assertTrue(log.value(LogColumn.CHARGE, i) >= log.value(LogColumn.CHARGE, i - 1), "charge only grows");
        }
    }

    // the drift of a hands-off aircraft in steady wind is the wind
    @ParameterizedTest
    @CsvSource({"0, 5", "90, 5", "250, 8"})
    void windCarriesTheAircraftAwayFromWhereItBlows(double from, double speed) {
        Setup setup = DemoAircraft.seeschwalbe();
        double windNorth = -speed * Math.cos(Math.toRadians(from));
        double windEast = -speed * Math.sin(Math.toRadians(from));
        double[] pulses =
                setup.controls().outputs().stream().mapToDouble(o -> o.pulse(0)).toArray();
        double[] calm = endOf(setup, pulses, 0, 0);
        double[] windy = endOf(setup, pulses, windNorth, windEast);
        // the same motion through the air, seen from a ground that moves under it for 4 s
        assertEquals(4 * windNorth, windy[0] - calm[0], 0.02);
        assertEquals(4 * windEast, windy[1] - calm[1], 0.02);
    }

    private static double[] endOf(Setup setup, double[] pulses, double windNorth, double windEast) {
        Aircraft a = new Aircraft(setup);
        a.place(0, 0, 200, 0, 0, 0, 0);
        a.move(14 + windNorth, windEast, 0, 0, 0, 0);
        a.settle(pulses, 1.2, 14);
        for (int i = 0; i < 800; i++) {
            a.step(0.005, pulses, windNorth, windEast, 0, 1.2);
        }
        return new double[] {a.north(), a.east()};
    }

    @Test
    void centresThatDoNotMatchTheNeutralsMustBeTrimmedOut() {
        Setup sound = DemoAircraft.seeschwalbe();
        double before = trim(sound, Measure.PITCH_TRIM);
        // the elevator's clevis turned by 30 µs: the trim needed moves by 30/500
        Setup shifted = sound.withControls(sound.controls()
                .change(app.drachen.core.controls.Surface.ELEVATOR, o -> o.withNeutral(o.neutralMicros() + 30)));
        assertEquals(-30.0 / 500, trim(shifted, Measure.PITCH_TRIM) - before, 0.012);
    }

    private static double trim(Setup setup, Measure measure) {
        Rehearsal flight = fly(setup, EVENING, 3);
        Map<Measure, Verdict> verdicts =
                Verdict.of(
                                card(setup, EVENING),
                                Debrief.of(flight.log(), setup, EVENING.density())
                                        .flight())
                        .stream()
                        .collect(Collectors.toMap(v -> v.limit().id(), Function.identity()));
        return verdicts.get(measure).measured().orElseThrow();
    }

    @Test
    void limitsAreJudgedOnBothSidesAndMissingIsNeither() {
        Setup setup = DemoAircraft.seeschwalbe();
        Rehearsal flight = fly(setup, EVENING, 1);
        List<Verdict> verdicts = Verdict.of(
                card(setup, EVENING),
                Debrief.of(flight.log(), setup, EVENING.density()).flight());
        for (Verdict v : verdicts) {
            assertTrue(v.measured().isPresent(), v.limit().id() + " was flown");
            assertTrue(v.passed() != v.failed());
            Verdict none = new Verdict(v.limit(), java.util.Optional.empty());
            assertFalse(none.passed() || none.failed());
            assertFalse(v.limit().passes(Double.NaN));
            if (Double.isFinite(v.limit().most())) {
                assertTrue(v.limit().passes(v.limit().most()));
                assertFalse(v.limit().passes(v.limit().most() + 1e-6));
            }
        }
    }

    @Test
    void aShorterServoArmTakesAwayControl() {
        Setup setup = DemoAircraft.seeschwalbe();
        Setup weak = setup.withControls(setup.controls()
                .change(
                        app.drachen.core.controls.Surface.LEFT_AILERON,
                        o -> o.withLinkage(new Linkage(
                                0.004,
                                0.018,
                                o.linkage().servoAngle(),
                                o.linkage().longerPulseDown()))));
        var full = app.drachen.core.aerodynamics.ControlPower.rollRate(setup, 14);
        var less = app.drachen.core.aerodynamics.ControlPower.rollRate(weak, 14);
        assertTrue(less.value() < full.value());
        assertTrue(full.spread().orElseThrow().low() < full.value());
    }

    // Coulomb: v²/(2·μ·g) with μ = 0.5
    @ParameterizedTest
    @CsvSource({"6, 0", "11, 1.2", "3, -2.5"})
    void anAircraftSlidesAsFarAsFrictionLetsIt(double speed, double heading) {
        Aircraft a = new Aircraft(DemoAircraft.seeschwalbe());
        a.place(3, 4, 0, 0.1, 0.05, heading, speed);
        int steps = 0;
        while (a.slide(0.005)) {
            steps++;
        }
        double way = Math.hypot(a.north() - 3, a.east() - 4);
        assertTrue(Math.abs(way - speed * speed / (2 * 0.5 * 9.80665)) < 0.05, way + " m");
        assertTrue(Math.abs(steps * 0.005 - speed / (0.5 * 9.80665)) < 0.01);
        assertTrue(Math.abs(Math.atan2(a.east() - 4, a.north() - 3) - heading) < 1e-6, "along its way");
        assertTrue(a.height() == 0 && a.roll() == 0 && Math.abs(a.velocityNorth()) < 1e-12);
    }
}
