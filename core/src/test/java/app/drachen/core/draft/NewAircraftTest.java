package app.drachen.core.draft;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.drachen.core.aerodynamics.Balance;
import app.drachen.core.cards.CardPlans;
import app.drachen.core.demo.DemoField;
import app.drachen.core.rehearsal.Rehearsal;
import app.drachen.core.rehearsal.RehearsalPlan;
import app.drachen.core.setup.Setup;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class NewAircraftTest {
    @ParameterizedTest
    @EnumSource(NewAircraft.Kind.class)
    void aKindStartsBalancedAndFlies(NewAircraft.Kind kind) {
        Setup setup = NewAircraft.of(kind, "Neu");
        assertEquals("Neu", setup.name());
        assertFalse(setup.controls().surfaces().isEmpty());
        assertTrue(setup.modes().selector().givesWhatIsWanted());
        if (kind == NewAircraft.Kind.NOTHING) {
            assertTrue(setup.parts().isEmpty());
            return;
        }
        Balance balance = Balance.of(setup);
        assertEquals(0, balance.outside(), 1e-9, "the CG lies in its window");
        assertTrue(setup.packPart().orElseThrow().position().aft() > -0.05, "the pack has room in front");
        var card = CardPlans.byId("first-flight").orElseThrow().forAircraft(setup, DemoField.evening());
        Rehearsal flight = new Rehearsal(new RehearsalPlan(setup, card, DemoField.evening(), 4));
        flight.finish();
        assertTrue(
                flight.outcome().orElseThrow().whole(),
                flight.outcome().orElseThrow().sentence());
    }
}
