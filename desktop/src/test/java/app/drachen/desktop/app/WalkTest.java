package app.drachen.desktop.app;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.drachen.core.clearance.ProofKind;
import app.drachen.core.clearance.Stage;
import app.drachen.core.clearance.StageState;
import app.drachen.core.units.UnitSystem;
import app.drachen.desktop.stage.build.BuildDrawing;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import javafx.util.Duration;
import org.junit.jupiter.api.Test;
import org.testfx.util.WaitForAsyncUtils;

/** A pilot's walk through the demo, by keyboard, in a real window. */
class WalkTest extends WindowTest {
    @Test
    void theFlyingWingIsMendedStageByStageAndClearedForItsFirstFlight() throws Exception {
        // the shelf: Rochen stands first and may not fly
        assertTrue(node("hangar") != null && node("card-2") != null, "three aircraft on the shelf");
        press(KeyCode.ENTER);
        until(() -> session.isOpen() && Shown.lookup(scene, "#throws") != null);
        assertEquals("Rochen", ask(() -> session.setup().name()));
        assertEquals("bench power, prop off", clearance());
        assertEquals(StageState.STOPPED, state(Stage.THROWS));
        // Throws: choose the right elevon, turn it round, carry the trims
        press(KeyCode.D);
        press(KeyCode.PERIOD);
        press(KeyCode.R);
        assertTrue(ask(() -> session.setup().controls().outputs().get(1).reversed()));
        press(KeyCode.T);
        assertEquals(0.0, ask(() -> session.setup().controls().trims().largest()));
        assertEquals(StageState.OPEN, worst(Stage.THROWS), "mended; ends and throws are still to be measured");
        // Modes: the widest margin
        press(KeyCode.CONTROL, KeyCode.RIGHT);
        assertEquals(StageState.STOPPED, state(Stage.MODES));
        press(KeyCode.S);
        assertEquals(0.82, ask(() -> session.setup().modes().selector().weight()), 0.03);
        // Bench: propeller off, then both checks, and every other card, on the stand-in board
        press(KeyCode.CONTROL, KeyCode.RIGHT);
        press(KeyCode.CONTROL, KeyCode.RIGHT);
        until(() -> Shown.lookup(scene, "#bench") != null);
        press(KeyCode.SPACE);
        assertEquals(StageState.OPEN, worst(Stage.BENCH), "nothing runs while the propeller is on");
        press(KeyCode.X);
        press(KeyCode.SPACE);
        press(KeyCode.DIGIT2);
        press(KeyCode.SPACE);
        assertEquals(StageState.OPEN, worst(Stage.BENCH), "there are more cards");
        press(KeyCode.A);
        assertEquals(StageState.PROVEN, state(Stage.BENCH));
        assertEquals(StageState.PROVEN, state(Stage.THROWS));
        assertEquals(StageState.PROVEN, state(Stage.MODES));
        // Maiden: too much wind; the evening is calmer
        press(KeyCode.CONTROL, KeyCode.RIGHT);
        until(() -> Shown.lookup(scene, "#maiden") != null);
        assertEquals(StageState.STOPPED, state(Stage.MAIDEN));
        type("field-wind", "2");
        type("field-gusts", "3");
        assertEquals(2.0, ask(() -> session.field().orElseThrow().wind()));
        act(() -> Shown.lookup(scene, "#maiden").requestFocus());
        press(KeyCode.M);
        until(() -> session.situation().proof(ProofKind.REHEARSAL).isPresent());
        assertEquals("first flight, Manual · on paper", clearance());
        fly();
        // Debrief: accept the trims; what goes stale is said before
        press(KeyCode.ENTER);
        until(() -> Shown.lookup(scene, "#debrief") != null);
        until(() -> Shown.lookup(scene, "#trims").lookupAll(".label").stream()
                .anyMatch(n -> ((Label) n).getText().contains("makes stale: rehearsal of the first flight")));
        int before = ask(() -> session.revision().number());
        press(KeyCode.A);
        assertEquals(before + 1, ask(() -> session.revision().number()));
        assertEquals(StageState.PROVEN, state(Stage.BENCH), "the senses stay proven");
        press(KeyCode.ESCAPE);
        until(() -> Shown.lookup(scene, "#maiden") != null);
        // again, and the sentence at the kite changes
        fly();
        assertEquals("bench power, prop off", clearance(), "one flight proves nothing");
        act(() -> Shown.lookup(scene, "#maiden").requestFocus());
        press(KeyCode.M);
        until(() -> "first flight, Manual · on paper".equals(clearance()));
        // undo makes the old state of things come back, redo the new one
        press(KeyCode.CONTROL, KeyCode.Z);
        assertEquals(before, ask(() -> session.revision().number()));
        assertEquals("first flight, Manual · on paper", clearance(), "by the rehearsals it had itself");
        press(KeyCode.CONTROL, KeyCode.Z);
        assertEquals("bench power, prop off", clearance());
        press(KeyCode.CONTROL, KeyCode.Y);
        press(KeyCode.CONTROL, KeyCode.Y);
        assertEquals("first flight, Manual · on paper", clearance());
    }

    private StageState worst(Stage stage) throws Exception {
        return state(stage) == StageState.STALE ? StageState.OPEN : state(stage);
    }

    private void fly() throws Exception {
        int flown = ask(() -> session.aircraft().flights().size());
        WaitForAsyncUtils.asyncFx(() -> Shown.lookup(scene, "#maiden").requestFocus())
                .get();
        press(KeyCode.END);
        until(() -> session.aircraft().flights().size() > flown);
    }

    @Test
    void aWrongEntryIsMarkedToldAndChangesNothing() throws Exception {
        press(KeyCode.RIGHT);
        press(KeyCode.ENTER);
        // it opens where it is stopped first
        until(() -> Shown.lookup(scene, "#harness") != null);
        press(KeyCode.CONTROL, KeyCode.LEFT);
        until(() -> Shown.lookup(scene, "#build") != null);
        int before = ask(() -> session.revision().number());
        type("field-mass", "heavy");
        assertEquals(before, ask(() -> session.revision().number()));
        assertTrue(ask(() -> Shown.lookup(scene, "#notice").isVisible()));
        type("field-mass", "-5");
        assertEquals(before, ask(() -> session.revision().number()));
        type("field-mass", "0.25 kg");
        assertEquals(before + 1, ask(() -> session.revision().number()));
        assertEquals(0.25, ask(() -> session.setup().packPart().orElseThrow().mass()));
        assertEquals("field-mass", ask(() -> scene.getFocusOwner().getId()), "the keyboard stays where it was");
    }

    @Test
    void partsMoveByKeyAndMouseAndOneRunOfKeysIsOneRevision() throws Exception {
        press(KeyCode.RIGHT);
        press(KeyCode.ENTER);
        // it opens where it is stopped first
        until(() -> Shown.lookup(scene, "#harness") != null);
        press(KeyCode.CONTROL, KeyCode.LEFT);
        until(() -> Shown.lookup(scene, "#build") != null
                && Shown.lookup(scene, "#build-drawing").getBoundsInLocal().getWidth() > 100);
        double aft =
                ask(() -> session.setup().packPart().orElseThrow().position().aft());
        int before = ask(() -> session.revision().number());
        // a slow machine's keys come late: the run is ended by the test, not by its clock
        BuildDrawing drawing = (BuildDrawing) node("build-drawing");
        act(() -> drawing.restFor(Duration.hours(1)));
        for (int i = 0; i < 4; i++) {
            press(KeyCode.SHIFT, KeyCode.UP);
        }
        assertEquals(before, ask(() -> session.revision().number()), "the run is not over");
        act(() -> drawing.restFor(Duration.millis(1)));
        until(() -> session.revision().number() == before + 1);
        assertEquals(
                aft - 0.04,
                ask(() -> session.setup().packPart().orElseThrow().position().aft()),
                1e-9);
        press(KeyCode.CONTROL, KeyCode.ENTER);
        assertEquals(StageState.STALE, state(Stage.BUILD), "slid into the window, the weighing is still the old one");
        press(KeyCode.A);
        assertEquals(StageState.PROVEN, state(Stage.BUILD));
    }

    @Test
    void keysFindAndUnits() throws Exception {
        press(KeyCode.ENTER);
        until(() -> session.isOpen());
        press(KeyCode.F1);
        until(() -> Shown.lookup(scene, "#keys") != null);
        press(KeyCode.ESCAPE);
        until(() -> Shown.lookup(scene, "#keys") == null);
        press(KeyCode.CONTROL, KeyCode.K);
        until(() -> Shown.lookup(scene, "#find") != null);
        write("bench");
        press(KeyCode.ENTER);
        until(() -> session.stage() == Stage.BENCH);
        press(KeyCode.CONTROL, KeyCode.U);
        assertEquals(UnitSystem.IMPERIAL, ask(() -> session.units()));
        press(KeyCode.CONTROL, KeyCode.LEFT);
        until(() -> Shown.lookup(scene, "#signals") != null);
        assertEquals(Stage.SIGNALS, ask(() -> session.stage()));
        press(KeyCode.CONTROL, KeyCode.H);
        until(() -> Shown.lookup(scene, "#hangar") != null);
    }

    @Test
    void theLineCanBeReadAloudAndWalkedByArrows() throws Exception {
        press(KeyCode.ENTER);
        until(() -> session.isOpen());
        assertEquals(
                "Throws, stopped", ask(() -> Shown.lookup(scene, "#bow-throws").getAccessibleText()));
        assertEquals(
                "Build, proven", ask(() -> Shown.lookup(scene, "#bow-build").getAccessibleText()));
        WaitForAsyncUtils.asyncFx(() -> Shown.lookup(scene, "#bow-throws").requestFocus())
                .get();
        press(KeyCode.RIGHT);
        assertEquals("bow-modes", ask(() -> scene.getFocusOwner().getId()));
        press(KeyCode.ENTER);
        until(() -> session.stage() == Stage.MODES);
    }
}
