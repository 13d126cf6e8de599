package app.drachen.core.stages.signals;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.drachen.core.air.Field;
import app.drachen.core.calc.Calculation;
import app.drachen.core.calc.Own;
import app.drachen.core.clearance.Remedy;
import app.drachen.core.clearance.Ruling;
import app.drachen.core.clearance.Situation;
import app.drachen.core.demo.DemoAircraft;
import app.drachen.core.demo.DemoField;
import app.drachen.core.demo.DemoSignals;
import app.drachen.core.hearing.GreatestClimb;
import app.drachen.core.hearing.HeightAlarm;
import app.drachen.core.setup.Setup;
import app.drachen.core.signals.Alarm;
import app.drachen.core.signals.SignalsSection;
import app.drachen.core.signals.Value;
import app.drachen.core.stages.Calculations;
import app.drachen.core.stages.Kits;
import app.drachen.core.working.Finding.State;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** What alarms begin with, what ways compare to, and that a pilot who takes every remedy comes to an end. */
class StartsTest {
    private static final Setup SOUND = DemoAircraft.seeschwalbe();
    private static final Field EVENING = DemoField.evening();

    private static State says(Setup setup, String rule) {
        return ruling(Situation.of(setup).on(EVENING), rule).finding().state();
    }

    private static Ruling ruling(Situation situation, String rule) {
        return Kits.rules().stream()
                .filter(r -> r.id().equals(rule))
                .findFirst()
                .orElseThrow()
                .check(situation);
    }

    /** An alarm that was just added has no figure of another unit, and none that its own rule stops. */
    @ParameterizedTest
    @EnumSource(Alarm.Kind.class)
    void anAlarmBeginsSound(Alarm.Kind kind) {
        for (Setup bare : List.of(SOUND, DemoAircraft.rochen(), DemoAircraft.strandlaeufer())) {
            Setup setup = bare.withSignals(bare.signals().withAlarms(List.of()));
            Alarm alarm = AlarmStart.of(setup, Optional.of(EVENING), kind);
            Setup with = setup.withSignals(setup.signals().withAlarm(alarm));
            assertEquals(State.GOOD, says(with, "SIGNALS-R9"), kind + " of " + bare.name());
            assertFalse(alarm.words().isBlank());
        }
        Alarm height = AlarmStart.of(SOUND, Optional.of(EVENING), Alarm.Kind.HEIGHT);
        assertEquals(State.GOOD, says(SOUND.withSignals(SOUND.signals().withAlarm(height)), "SIGNALS-R2"));
        assertEquals(
                100, AlarmStart.of(SOUND, Optional.empty(), Alarm.Kind.HEIGHT).threshold());
    }

    /** The calculator, filled in from the aircraft, and the rule say the same height. */
    @Test
    void calculatorAndRuleAgree() {
        Calculation sum = Calculations.byId("SIGNALS-A2").orElseThrow();
        var values = Own.values(sum, SOUND, Optional.of(EVENING));
        values.put("error", 1.0);
        double calculated = sum.compute(values).get(0).value();
        double ruled = HeightAlarm.of(SOUND, 120).orElseThrow().setAt().value();
        assertEquals(ruled, calculated, 1e-9);
    }

    /** Entered rules; else full power tells, which climbs steeper than Hold is allowed to. */
    @Test
    void theGreatestClimbIsEnteredOrThatOfFullPower() {
        assertEquals(5, GreatestClimb.of(SOUND).value());
        Setup open = SOUND.withSignals(SOUND.signals().withGreatestClimb(Optional.empty()));
        double full = GreatestClimb.of(open).value();
        assertTrue(full > open.modes().limits().climbRate() && full < 15, "climbs at " + full);
        Setup motorless = open.withParts(open.parts().stream()
                .filter(p -> p.kind() != app.drachen.core.airframe.PartKind.MOTOR)
                .toList());
        assertEquals(
                open.modes().limits().climbRate(), GreatestClimb.of(motorless).value());
    }

    /** From nothing, taking what the ledger offers: after some steps only proofs are missing, and no remedy goes in circles. */
    @Test
    void remediesLeadToTheEnd() {
        Setup setup = SOUND.withSignals(
                SignalsSection.EMPTY.withSuppliers(SOUND.signals().suppliers()));
        List<String> taken = new ArrayList<>();
        for (int step = 0; step < 25; step++) {
            Setup now = setup;
            Optional<Remedy.Change> change = Kits.rules().stream()
                    .filter(r -> r.id().startsWith("SIGNALS"))
                    .map(r -> r.check(Situation.of(now).on(EVENING)))
                    .filter(r -> r.finding().state() != State.GOOD)
                    .flatMap(r -> r.remedies().stream())
                    .filter(Remedy.Change.class::isInstance)
                    .map(Remedy.Change.class::cast)
                    .findFirst();
            if (change.isEmpty()) {
                break;
            }
            assertTrue(taken.size() < 12, "it goes in circles: " + taken);
            taken.add(change.get().label());
            setup = change.get().change().apply(setup);
        }
        assertTrue(taken.size() >= 3, taken.toString());
        assertEquals(State.GOOD, says(setup, "SIGNALS-R1"), taken.toString());
        assertEquals(State.GOOD, says(setup, "SIGNALS-R2"));
        assertEquals(State.GOOD, says(setup, "SIGNALS-R5"));
        assertEquals(State.STOP, says(setup, "SIGNALS-R4"), "two points cannot be offered: they must be measured");
        assertTrue(setup.signals().shows(Value.CHARGE));
    }

    /** The demo's faults are mended by what the ledger offers, each by one step. */
    @Test
    void theDemosFaultsHaveRemedies() {
        Setup flawed = DemoSignals.flawed(SOUND);
        for (String rule : List.of("SIGNALS-R1", "SIGNALS-R2", "SIGNALS-R3")) {
            Ruling ruling = ruling(Situation.of(flawed).on(EVENING), rule);
            Remedy.Change change = (Remedy.Change) ruling.remedies().stream()
                    .filter(Remedy.Change.class::isInstance)
                    .findFirst()
                    .orElseThrow();
            assertEquals(State.GOOD, says(change.change().apply(flawed), rule), rule + ": " + change.label());
        }
    }

    @Test
    void waysAreComparedForThisAircraft() {
        List<Schools.Option> speed = Schools.airspeed(SOUND);
        assertEquals(1, speed.stream().filter(Schools.Option::now).count());
        assertTrue(speed.get(1).now(), "no probe, but ground speed: " + speed);
        List<Schools.Option> height = Schools.height(SOUND, Optional.of(120.0));
        assertTrue(height.get(0).now() && height.get(0).figures().contains("HEIGHT 100"), height.toString());
        assertTrue(height.get(1).figures().contains("HEIGHT 91"), "nine metres earlier: " + height);
        assertFalse(Schools.height(SOUND, Optional.empty()).get(0).figures().contains("alarm"));
    }
}
