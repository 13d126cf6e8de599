package app.drachen.desk.flight;

import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.drachen.core.air.Field;
import app.drachen.core.cards.CardPlans;
import app.drachen.core.clearance.Clearance;
import app.drachen.core.clearance.Situation;
import app.drachen.core.controls.Output;
import app.drachen.core.controls.Surface;
import app.drachen.core.demo.DemoAircraft;
import app.drachen.core.demo.DemoField;
import app.drachen.core.rehearsal.RehearsalPlan;
import app.drachen.core.rehearsal.Scatter;
import app.drachen.core.setup.Setup;
import app.drachen.core.stages.Kits;
import org.junit.jupiter.api.Test;

/** The cause that is named is the one that was planted; what was tried in vain is said too. */
class CauseTest {
    private static final Field FIELD = DemoField.evening();

    private static String cause(Setup setup) {
        RehearsalPlan plan = new RehearsalPlan(
                setup, CardPlans.byId("first-flight").orElseThrow().forAircraft(setup, FIELD), FIELD, 1);
        Scatter.Flight lost = Scatter.fly(plan, 0);
        assertFalse(lost.outcome().whole(), "planted well");
        Clearance clearance = Kits.clearance(Situation.of(setup).on(FIELD));
        return Cause.of(plan, lost, clearance);
    }

    @Test
    void aTurnedServoIsTurnedBackAndTheThrowIsNotBlamed() {
        Setup sound = DemoAircraft.seeschwalbe();
        Setup turned = sound.withControls(sound.controls()
                .change(Surface.LEFT_AILERON, Output::turnedRound)
                .change(Surface.RIGHT_AILERON, Output::turnedRound));
        String said = cause(turned);
        assertTrue(said.contains("First lost, flight 0: "), said);
        // one of two is not enough
        assertTrue(said.contains("lost too with: ") && said.contains("still air"), said);
        Setup one = sound.withControls(sound.controls().change(Surface.ELEVATOR, Output::turnedRound));
        String elevator = cause(one);
        assertTrue(elevator.contains("came down whole with: Turn elevator round; not with: "), elevator);
        assertTrue(elevator.split("not with")[1].contains("a throw of"), elevator);
    }

    @Test
    void aPackFarAftIsSlidBack() {
        Setup sound = DemoAircraft.strandlaeufer();
        Setup aft = sound.withPart(
                "pack",
                p -> p.at(new app.drachen.core.airframe.Position(
                        p.position().aft() + 0.38,
                        p.position().right(),
                        p.position().up())));
        String said = cause(aft);
        assertTrue(said.contains("came down whole with: Slide the pack"), said);
    }
}
