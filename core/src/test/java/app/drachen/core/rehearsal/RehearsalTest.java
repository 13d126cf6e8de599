package app.drachen.core.rehearsal;

import static org.junit.jupiter.api.Assertions.assertArrayEquals;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertInstanceOf;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.drachen.core.air.Field;
import app.drachen.core.airframe.PartKind;
import app.drachen.core.airframe.Position;
import app.drachen.core.cards.CardPlans;
import app.drachen.core.cards.Verdict;
import app.drachen.core.controls.Axis;
import app.drachen.core.controls.ControlSetup;
import app.drachen.core.controls.Output;
import app.drachen.core.controls.RadioTrims;
import app.drachen.core.controls.Rates;
import app.drachen.core.controls.Surface;
import app.drachen.core.debrief.Debrief;
import app.drachen.core.debrief.TrimNeeded;
import app.drachen.core.demo.DemoAircraft;
import app.drachen.core.demo.DemoField;
import app.drachen.core.flight.Trim;
import app.drachen.core.log.FlightLog;
import app.drachen.core.log.LogColumn;
import app.drachen.core.math.Statistics;
import app.drachen.core.modes.FlightMode;
import app.drachen.core.setup.BoardMount;
import app.drachen.core.setup.Setup;
import app.drachen.core.working.Finding.State;
import java.util.List;
import java.util.function.ToDoubleFunction;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** What must be seen in the model, from physics. */
class RehearsalTest {
    private static final Field EVENING = DemoField.evening();

    private static Rehearsal flown(Setup setup, String card, Field field, long seed) {
        Rehearsal rehearsal = new Rehearsal(
                new RehearsalPlan(setup, CardPlans.byId(card).orElseThrow().forAircraft(setup, field), field, seed));
        rehearsal.finish();
        return rehearsal;
    }

    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4})
    void soundAircraftFlyTheirFirstCardAndLand(long seed) {
        for (Setup setup : List.of(DemoAircraft.rochen(), DemoAircraft.strandlaeufer(), DemoAircraft.seeschwalbe())) {
            Rehearsal flight = flown(setup, "first-flight", EVENING, seed);
            assertInstanceOf(
                    Outcome.Landed.class,
                    flight.outcome().orElseThrow(),
                    setup.name() + " " + flight.outcome().get().sentence());
            Debrief debrief = Debrief.of(flight.log(), setup, EVENING.density());
            assertTrue(debrief.flight().stall().isPresent(), setup.name() + " shows its stall");
            assertEquals(2, debrief.flight().levels().size(), setup.name());
            // the stall flown lies at the stall computed, within a tenth beyond its band
            double stall = debrief.flight().stall().get().speed();
            var expected = debrief.flight().expectedStall().orElseThrow();
            assertTrue(
                    stall > 0.9 * expected.low() && stall < 1.15 * expected.high(),
                    setup.name() + " stalls at " + stall);
        }
    }

    @ParameterizedTest
    @ValueSource(longs = {1, 5, 9})
    void aTurnedServoIsLostWithinSeconds(long seed) {
        Rehearsal flight = flown(DemoAircraft.rochenOnTheBench(), "first-flight", EVENING, seed);
        var crash = assertInstanceOf(Outcome.Crashed.class, flight.outcome().orElseThrow());
        assertTrue(crash.time() < 6, crash.sentence());
        Setup tail = DemoAircraft.seeschwalbe();
        Setup turned = tail.withControls(tail.controls().change(Surface.ELEVATOR, Output::turnedRound));
        assertInstanceOf(
                Outcome.Crashed.class,
                flown(turned, "first-flight", EVENING, seed).outcome().orElseThrow());
    }

    @Test
    void aBoardMountedBackwardsShowsInLevelAndNotInManual() {
        Setup backwards = DemoAircraft.seeschwalbe().withMount(new BoardMount(2, 0, 0, 0));
        Rehearsal flight = flown(backwards, "first-flight", EVENING, 2);
        FlightLog log = flight.log();
        int row = 0;
        while (row < log.rows() && log.value(LogColumn.MODE, row) == FlightMode.MANUAL.ordinal()) {
            row++;
        }
        // Manual flew through climb, trim and stall; Level then rolled away instead of levelling
        assertTrue(row < log.rows() && log.time(row) > 60, "Level was reached");
        double most = 0;
        for (int i = row; i < log.rows() && log.value(LogColumn.MODE, i) == FlightMode.LEVEL.ordinal(); i++) {
            most = Math.max(most, Math.abs(log.value(LogColumn.ROLL, i)));
        }
        assertTrue(most > Math.toRadians(60), "rolled to " + Math.toDegrees(most));
    }

    @Test
    void centreOfGravityActsOnTrimAndStability() {
        Setup sound = DemoAircraft.strandlaeufer();
        // commands needed between slow and fast flight shrink as the CG goes aft, and turn round behind
        // the neutral point
        double noseHeavy = pitchRange(withPack(sound, 0.11));
        double normal = pitchRange(sound);
        double aft = pitchRange(withPack(sound, 0.24));
        assertTrue(noseHeavy > normal && normal > aft, noseHeavy + " " + normal + " " + aft);
        assertTrue(normal > 0);
        assertTrue(pitchRange(withPack(sound, 0.40)) < 0, "behind the neutral point the stick works backwards");
        assertInstanceOf(
                Outcome.Crashed.class,
                flown(withPack(sound, 0.54), "first-flight", EVENING, 1)
                        .outcome()
                        .orElseThrow());
    }

    private static Setup withPack(Setup setup, double aft) {
        return setup.withPart("pack", p -> p.at(new Position(aft, 0, 0)));
    }

    private static double pitchRange(Setup setup) {
        var slow = assertInstanceOf(Trim.Result.Trimmed.class, Trim.level(setup, 12, 1.225));
        var fast = assertInstanceOf(Trim.Result.Trimmed.class, Trim.level(setup, 17, 1.225));
        return slow.pitchCommand() - fast.pitchCommand();
    }

    @Test
    void acceptingTheTrimsLeavesNothingToTrim() {
        Setup before = DemoAircraft.rochen();
        var trim = trimWanted(before, 1);
        assertTrue(Math.abs(trim.of(Axis.PITCH)) > 0.03, "the demo wing wants pitch trim");
        Setup after = before.withControls(trim.accepted(before.controls()));
        // one flight's gusts leave 0.01 either way, so the same gusts are flown with the trim and without it
        for (Axis axis : List.of(Axis.ROLL, Axis.PITCH)) {
            double left = 0;
            for (int seed = 2; seed < 7; seed++) {
                double without = trimWanted(before, seed).of(axis);
                left += (trimWanted(after, seed).of(axis) - (without - trim.of(axis))) / 5;
            }
            assertEquals(0, left, 0.004, axis.toString());
        }
    }

    /** What one flight says is right within its band: that holds the mean of many flights nearly always, and is narrow. */
    @Test
    void theBandOfOneFlightsTrimHoldsWhatManyFlightsSay() {
        List<TrimNeeded> trims = IntStream.range(1, 16)
                .mapToObj(seed -> trimWanted(DemoAircraft.rochen(), seed))
                .toList();
        for (Axis axis : List.of(Axis.ROLL, Axis.PITCH)) {
            double mean = trims.stream().mapToDouble(t -> t.of(axis)).average().orElseThrow();
            ToDoubleFunction<TrimNeeded> band = axis == Axis.ROLL ? TrimNeeded::rollSpread : TrimNeeded::pitchSpread;
            long inside = trims.stream()
                    .filter(t -> Math.abs(t.of(axis) - mean) <= band.applyAsDouble(t))
                    .count();
            assertTrue(inside >= 13, axis + ": " + inside + " of 15 bands hold " + mean);
            assertTrue(trims.stream().mapToDouble(band).average().orElseThrow() < 0.02, axis + ": bands are narrow");
        }
    }

    private static TrimNeeded trimWanted(Setup setup, int seed) {
        return Debrief.of(flown(setup, "first-flight", EVENING, seed).log(), setup, EVENING.density())
                .flight()
                .trim()
                .orElseThrow();
    }

    @Test
    void tooHighAHeightGainPorpoisesInHoldAndNotInLevel() {
        Setup porpoising = DemoAircraft.seeschwalbePorpoising();
        var findings = Debrief.of(
                        flown(porpoising, "hold", DemoField.deichwiese(), 5).log(), porpoising, 1.2)
                .findings();
        var swing = findings.stream()
                .filter(f -> f.id().equals("TUNE-R10"))
                .findFirst()
                .orElseThrow();
        assertEquals(State.STOP, swing.state());
        assertEquals("Porpoising in Hold, not in Level", swing.title());
        Setup sound = DemoAircraft.seeschwalbe();
        var calm = Debrief.of(flown(sound, "hold", DemoField.deichwiese(), 5).log(), sound, 1.2)
                .findings();
        assertEquals(
                State.GOOD,
                calm.stream()
                        .filter(f -> f.id().equals("TUNE-R10"))
                        .findFirst()
                        .orElseThrow()
                        .state());
    }

    @Test
    void radioTrimLeftInMakesHoldTurn() {
        Setup sound = DemoAircraft.seeschwalbe();
        Setup trimmed = sound.withControls(sound.controls().withTrims(new RadioTrims(0.10, 0, 0)));
        Rehearsal flight = flown(trimmed, "hold", EVENING, 3);
        // HOMING-A1: 10 % of 35° is 3.5° of bank, at 14 m/s 2.4 °/s of turn
        double rate = meanTurn(flight.log());
        assertEquals(2.4, Math.toDegrees(rate), 0.8);
        assertEquals(0, Math.toDegrees(meanTurn(flown(sound, "hold", EVENING, 3).log())), 0.4);
    }

    private static double meanTurn(FlightLog log) {
        double sum = 0;
        double start = Double.NaN;
        double end = 0;
        for (int i = 1; i < log.rows(); i++) {
            if (log.value(LogColumn.MODE, i) == FlightMode.HOLD.ordinal()
                    && log.value(LogColumn.MODE, i - 1) == FlightMode.HOLD.ordinal()) {
                start = Double.isNaN(start) ? log.time(i) : start;
                end = log.time(i);
                sum += Statistics.wrap(log.value(LogColumn.COURSE, i) - log.value(LogColumn.COURSE, i - 1));
            }
        }
        return sum / (end - start);
    }

    @Test
    void chosenModesHoldCircleAndGoHome() {
        Setup setup = DemoAircraft.seeschwalbe();
        Rehearsal flight = new Rehearsal(new RehearsalPlan(
                setup, CardPlans.byId("first-flight").orElseThrow().forAircraft(setup, EVENING), EVENING, 4));
        flight.advance(40);
        flight.choose(FlightMode.CIRCLE);
        flight.advance(90);
        double north = flight.aircraft().north();
        double east = flight.aircraft().east();
        FlightLog log = flight.log();
        double centreNorth = Statistics.mean(log.values(LogColumn.NORTH), log.rows() - 2_400, log.rows());
        double centreEast = Statistics.mean(log.values(LogColumn.EAST), log.rows() - 2_400, log.rows());
        double radius = setup.modes().home().circleRadius();
        assertEquals(radius, Math.hypot(north - centreNorth, east - centreEast), 0.15 * radius);
        flight.choose(FlightMode.HOME);
        flight.advance(100);
        assertEquals(
                radius, Math.hypot(flight.aircraft().north(), flight.aircraft().east()), 0.2 * radius);
        assertEquals(setup.modes().home().height(), flight.aircraft().height(), 6);
        flight.choose(FlightMode.MANUAL);
        flight.breakOff();
        flight.finish();
        assertInstanceOf(Outcome.Landed.class, flight.outcome().orElseThrow());
    }

    @Test
    void theSameSeedFliesTheSameBits() {
        FlightLog a = flown(DemoAircraft.rochen(), "first-flight", DemoField.deichwiese(), 12)
                .log();
        FlightLog b = flown(DemoAircraft.rochen(), "first-flight", DemoField.deichwiese(), 12)
                .log();
        FlightLog c = flown(DemoAircraft.rochen(), "first-flight", DemoField.deichwiese(), 13)
                .log();
        for (LogColumn column : a.columns()) {
            assertArrayEquals(a.values(column), b.values(column), column.id());
        }
        assertTrue(a.rows() != c.rows() || a.value(LogColumn.NORTH, 500) != c.value(LogColumn.NORTH, 500));
    }

    @Test
    void howTheFlightIsCutIntoCallsChangesNothing() {
        Setup setup = DemoAircraft.strandlaeufer();
        var card = CardPlans.byId("first-flight").orElseThrow().forAircraft(setup, EVENING);
        Rehearsal whole = new Rehearsal(new RehearsalPlan(setup, card, EVENING, 8));
        Rehearsal pieces = new Rehearsal(new RehearsalPlan(setup, card, EVENING, 8));
        whole.advance(30);
        for (int i = 0; i < 300; i++) {
            pieces.advance(0.1);
        }
        assertEquals(whole.aircraft().north(), pieces.aircraft().north());
        assertEquals(whole.aircraft().height(), pieces.aircraft().height());
        // a window asks 60 times a second, which is no whole number of steps
        Rehearsal frames = new Rehearsal(new RehearsalPlan(setup, card, EVENING, 8));
        for (int i = 1; i <= 600; i++) {
            frames.advance(1 / 60.0);
            assertEquals(i / 60.0, frames.time(), Rehearsal.STEP);
        }
    }

    @Test
    void aThrowBelowStallSpeedSinksAndIsSaidSo() {
        Setup heavy =
                DemoAircraft.seeschwalbe().withPart("pack", p -> p.withMass(2.4).at(new Position(0.36, 0, 0)));
        Field calm = EVENING.withWind(0, 0, 0);
        Rehearsal flight = flown(heavy, "first-flight", calm, 1);
        var crash = assertInstanceOf(Outcome.Crashed.class, flight.outcome().orElseThrow());
        assertTrue(crash.sentence().contains("below stall speed"), crash.sentence());
    }

    @Test
    void whatCannotFlyIsRefusedWithTheReason() {
        Setup setup = DemoAircraft.rochen();
        Setup noMotor = setup.withParts(
                setup.parts().stream().filter(p -> p.kind() != PartKind.MOTOR).toList());
        Setup noSurface = setup.withControls(new ControlSetup(List.of(), RadioTrims.NONE, new Rates(1, 1, 1, 0)));
        for (Setup bad : List.of(noMotor, noSurface)) {
            String told = assertThrows(IllegalArgumentException.class, () -> flown(bad, "first-flight", EVENING, 1))
                    .getMessage();
            assertTrue(told.startsWith("Rochen has no"), told);
        }
    }

    @Test
    void everyCardStatesItsLimitsWithSourceAndStepsInOrder() {
        for (var plan : CardPlans.all()) {
            var card = plan.forAircraft(DemoAircraft.rochen(), EVENING);
            for (int i = 0; i < card.steps().size(); i++) {
                assertEquals(i + 1, card.steps().get(i).number());
            }
            assertTrue(card.limits().stream()
                    .noneMatch(l -> l.working().source().text().isBlank()));
            assertTrue(card.breakOff().size() >= 2 && !card.cautions().isEmpty(), plan.id());
            assertTrue(card.trialHeight() <= EVENING.heightLimit().orElseThrow().height());
        }
        var card = CardPlans.all().get(0).forAircraft(DemoAircraft.rochen(), EVENING);
        Rehearsal crash = flown(DemoAircraft.rochenOnTheBench(), "first-flight", EVENING, 1);
        var debrief = Debrief.of(crash.log(), DemoAircraft.rochenOnTheBench(), 1.2);
        assertTrue(Verdict.of(card, debrief.flight()).stream().anyMatch(v -> !v.passed() && !v.failed()));
    }
}
