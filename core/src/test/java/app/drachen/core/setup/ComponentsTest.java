package app.drachen.core.setup;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.drachen.core.demo.DemoAircraft;
import app.drachen.core.draft.NewAircraft;
import app.drachen.core.setup.Components.Component;
import app.drachen.core.setup.Components.Difference;
import app.drachen.core.setup.Components.Row;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class ComponentsTest {
    private static final List<Setup> ALL = List.of(
            DemoAircraft.rochen(),
            DemoAircraft.strandlaeufer(),
            DemoAircraft.seeschwalbe(),
            NewAircraft.of(NewAircraft.Kind.NOTHING, "n"));

    /** Each number, moved a little, is the only thing that differs, and moved back nothing does; or it is refused in words. */
    @Test
    void everyNumberIsReachedByItsPathAndNothingElseMoves() {
        int moved = 0;
        for (Setup setup : ALL) {
            for (Component c : Components.of(setup)) {
                if (c.value() instanceof Double number) {
                    double other = number + Math.max(1e-4, Math.abs(number) * 1e-4);
                    Setup changed;
                    try {
                        changed = Components.with(setup, c.path(), other);
                    } catch (IllegalArgumentException e) {
                        assertTrue(e.getMessage().length() > 10, c.path());
                        continue;
                    }
                    List<Difference> found = Components.between(setup, changed);
                    assertEquals(1, found.size(), c.path());
                    assertEquals(c.path(), found.get(0).component().path());
                    assertEquals(Optional.of(number), found.get(0).before());
                    assertEquals(setup, Components.with(changed, c.path(), number));
                    moved++;
                }
            }
        }
        assertTrue(moved > 600, "most can be moved: " + moved);
    }

    @Test
    void everyListTakesOneMoreAndGivesItAway() {
        for (Setup setup : ALL) {
            for (Row row : Components.rows(setup)) {
                Setup more = Components.added(setup, row.path());
                assertTrue(
                        Components.rows(more).stream()
                                .anyMatch(r -> r.path().equals(row.path()) && r.size() == row.size() + 1),
                        row.path());
                assertTrue(
                        Components.between(setup, more).stream()
                                .allMatch(d -> d.before().isEmpty()),
                        row.path());
                assertEquals(setup, Components.removed(more, row.path(), row.size()), row.path());
            }
        }
    }

    /** A difference is told by the name of the part, wherever it stands in the list. */
    @Test
    void whatIsTakenAwayIsGoneAndNothingElseSeemsMoved() {
        Setup setup = DemoAircraft.strandlaeufer();
        List<Difference> gone = Components.between(setup, Components.removed(setup, "build.parts", 0));
        String first = setup.parts().get(0).name();
        assertTrue(
                gone.stream()
                        .allMatch(d ->
                                d.after().isEmpty() && d.component().place().contains(first)),
                gone.toString());
        assertEquals(List.of(), Components.between(setup, setup));
    }

    @Test
    void whatIsNotThereAnyMoreIsSaid() {
        Setup setup = DemoAircraft.strandlaeufer();
        for (String path : List.of("build.parts[99].mass", "build.airframe.tail.fin.sweep", "build.nothing")) {
            IllegalArgumentException e =
                    assertThrows(IllegalArgumentException.class, () -> Components.with(setup, path, 1.0));
            assertEquals("That is not there any more; look again.", e.getMessage());
        }
        assertThrows(IllegalArgumentException.class, () -> Components.removed(setup, "build.parts", 99));
        assertThrows(
                IllegalArgumentException.class,
                () -> Components.with(setup, "build.airframe.wing.incidence", 3.0),
                "what the record refuses");
    }
}
