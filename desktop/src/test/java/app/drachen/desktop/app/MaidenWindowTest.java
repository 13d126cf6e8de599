package app.drachen.desktop.app;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertSame;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.drachen.core.cards.CardPlan;
import app.drachen.core.cards.CardPlans;
import app.drachen.core.clearance.ProofKind;
import app.drachen.core.clearance.Stage;
import app.drachen.core.setup.Gains;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.Labeled;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;

/** Cards, mistakes, many flights and what the helpers found, in the Maiden window. */
class MaidenWindowTest extends WindowTest {
    private List<String> texts(String id) throws Exception {
        return ask(() -> Shown.lookup(scene, "#" + id).lookupAll(".label").stream()
                .map(n -> ((Labeled) n).getText())
                .toList());
    }

    private String said() throws Exception {
        return ask(() -> ((Label) Shown.lookup(scene, "#rehearsal-state")).getText());
    }

    private void focus() throws Exception {
        act(() -> Shown.lookup(scene, "#maiden").requestFocus());
    }

    private int chosen(String id) throws Exception {
        return ask(() -> ((ComboBox<?>) Shown.lookup(scene, "#" + id))
                .getSelectionModel()
                .getSelectedIndex());
    }

    @Test
    void cardsAndMistakesAreChosenByKeyAndByMouseAndComeRound() throws Exception {
        open("Seeschwalbe", Stage.MAIDEN);
        focus();
        press(KeyCode.C);
        press(KeyCode.C);
        press(KeyCode.C);
        assertEquals(3, chosen("flight-card"));
        assertTrue(texts("maiden").contains("Autotune, roll"), "the steps are those of the card");
        for (int i = 3; i < CardPlans.all().size(); i++) {
            press(KeyCode.C);
        }
        assertEquals(0, chosen("flight-card"));
        press(KeyCode.X);
        assertEquals(1, chosen("flight-mistake"));
        act(() -> ((ComboBox<?>) Shown.lookup(scene, "#flight-card"))
                .getSelectionModel()
                .select(6));
        assertTrue(texts("maiden").contains("Mission, one lap"));
        until(() -> session.situation().plan().map(CardPlan::id).equals(Optional.of("mission")));
        assertTrue(
                texts("ledger").stream().anyMatch(t -> t.contains("Planned: M7")),
                texts("ledger").toString());
        assertEquals(1, chosen("flight-mistake"), "what is kept leaves the other choice alone");
        open("Strandläufer", Stage.MAIDEN);
        assertEquals(0, chosen("flight-card"), "a plan is one aircraft's");
        open("Seeschwalbe", Stage.MAIDEN);
        assertEquals(6, chosen("flight-card"));
    }

    @Test
    void aFlightWithAMistakeOnPurposeProvesNothing() throws Exception {
        open("Seeschwalbe", Stage.MAIDEN);
        focus();
        press(KeyCode.X);
        int proofs = ask(() -> session.situation().proofs().size());
        press(KeyCode.END);
        until(() -> said().contains("Enter reads"));
        until(() -> hangar.logbook().flights(session.aircraft().id()).stream()
                .anyMatch(f -> f.outcome().startsWith("With a mistake on purpose: ")));
        assertEquals(proofs, ask(() -> session.situation().proofs().size()));
        assertTrue(ask(() ->
                session.situation().proof(ProofKind.REHEARSAL).orElseThrow().passed()));
    }

    @Test
    void manyFlightsShowSharesAndWhereTheyEndedAndCanBeStopped() throws Exception {
        open("Seeschwalbe", Stage.MAIDEN);
        focus();
        press(KeyCode.M);
        until(() -> said().contains("Esc stops"));
        press(KeyCode.ESCAPE);
        until(() -> !Shown.lookup(scene, "#many-flights").isVisible() && !said().contains("Esc stops"));
        press(KeyCode.M);
        until(() -> Shown.lookup(scene, "#many-flights").isVisible());
        List<String> shown = texts("many-flights");
        assertTrue(shown.contains("Came down whole") && shown.contains("Stall speed"), shown.toString());
        assertTrue(shown.stream().anyMatch(t -> t.startsWith("Flown 40 times")));
        Node rows = ask(() -> Shown.lookup(scene, "#many-flights .scroll-pane"));
        act(session::refresh);
        assertSame(rows, ask(() -> Shown.lookup(scene, "#many-flights .scroll-pane")), "it is not made anew");
        // the next flight takes the strips back
        press(KeyCode.END);
        until(() -> !Shown.lookup(scene, "#many-flights").isVisible());
        until(() -> said().contains("from home"));
    }

    @Test
    void whatAutotuneFoundIsTakenOverOnlyWhenAsked() throws Exception {
        open("Seeschwalbe", Stage.MAIDEN);
        focus();
        press(KeyCode.T);
        assertTrue(notice().contains("Nothing to take over"), notice());
        press(KeyCode.C);
        press(KeyCode.C);
        press(KeyCode.C);
        Gains before = ask(() -> session.setup().gains());
        press(KeyCode.END);
        until(() -> said().contains("T takes over"));
        assertEquals(before, ask(() -> session.setup().gains()));
        press(KeyCode.T);
        Gains after = ask(() -> session.setup().gains());
        assertNotEquals(before.roll(), after.roll());
        assertEquals(before.heightGain(), after.heightGain());
        press(KeyCode.CONTROL, KeyCode.Z);
        assertEquals(before, ask(() -> session.setup().gains()));
        assertFalse(said().isEmpty());
    }

    @Test
    void theKnobTurnsTheGainsOfTheFlightAndBreakingOffLands() throws Exception {
        open("Seeschwalbe", Stage.MAIDEN);
        focus();
        press(KeyCode.G);
        assertTrue(notice().contains("Nothing is flying"), notice());
        press(KeyCode.SPACE);
        until(() -> said().startsWith("Manual"));
        press(KeyCode.G);
        assertTrue(notice().contains("Gain knob at 150"), notice());
        until(() -> said().contains("gain knob 150"));
        press(KeyCode.G);
        press(KeyCode.G);
        assertTrue(notice().contains("Gain knob at 50"), notice());
        press(KeyCode.B);
        assertTrue(notice().contains("the pilot lands"), notice());
        press(KeyCode.SPACE);
        until(() -> said().contains("held"));
        press(KeyCode.END);
        until(() -> said().contains("Enter reads"));
    }

    @Test
    void whatHappenedOnTheWayStandsInTheLedger() throws Exception {
        open("Seeschwalbe", Stage.MAIDEN);
        focus();
        act(() -> {
            ((ComboBox<?>) Shown.lookup(scene, "#flight-card"))
                    .getSelectionModel()
                    .select(5);
            ((ComboBox<?>) Shown.lookup(scene, "#flight-mistake"))
                    .getSelectionModel()
                    .select(16);
        });
        press(KeyCode.END);
        until(() -> Shown.all(scene, ".label").stream()
                .anyMatch(n -> n instanceof Label l && l.getText().equals("No link: it flies Home by itself")));
        assertFalse(
                ask(() -> Shown.all(scene, ".label").stream()
                        .anyMatch(n -> n instanceof Label l && l.getText().equals("Not shown yet."))),
                "what the card wants to see was seen");
    }

    /** Obstacles are entered in the window; that nothing stands there has to be said. */
    @Test
    void whatStandsOnTheWayHomeIsEnteredHere() throws Exception {
        open("Seeschwalbe", Stage.MAIDEN);
        until(() -> Shown.lookup(scene, "#maiden") != null);
        fire("field-obstacles");
        for (int i = 0; i < 2; i++) {
            int left = 1 - i;
            fire("field-obstacle-gone-0");
            until(() -> session.field().orElseThrow().obstacles().size() == left);
        }
        assertFalse(session.field().orElseThrow().surveyed(), "what was taken off the list says nothing");
        fire("field-no-obstacles");
        until(() -> session.field().orElseThrow().surveyed());
        fire("field-obstacle");
        until(() -> session.field().orElseThrow().obstacles().size() == 1);
        until(() -> anywhere("obstacle-name-0").isPresent());
        act(() -> {
            TextField name = (TextField) anywhere("obstacle-name-0").orElseThrow();
            name.setText("silo");
            name.fireEvent(new javafx.event.ActionEvent());
        });
        until(() -> session.field().orElseThrow().obstacles().get(0).name().equals("silo"));
        // the ground about the field from a grid; one that does not hold home is told, and nothing changes
        Path grid = folder.resolve("land.asc");
        Files.writeString(
                grid,
                "ncols 80\nnrows 80\nxllcorner 5000\nyllcorner 9000\ncellsize 50\n"
                        + ("3 ".repeat(40) + "12 ".repeat(40) + "\n").repeat(80));
        dialogs.toOpen.push(List.of(grid));
        dialogs.toOpen.push(List.of(grid));
        until(() -> anywhere("field-ground").isPresent());
        act(() -> ((javafx.scene.control.Button) anywhere("field-ground").orElseThrow()).fire());
        until(() -> notice().contains("home is not in the grid"));
        act(() -> ((TextField) anywhere("ground-home").orElseThrow()).setText("6900 11000"));
        act(() -> ((javafx.scene.control.Button) anywhere("field-ground").orElseThrow()).fire());
        until(() -> session.field().orElseThrow().ground().isPresent());
        assertEquals(
                9, session.field().orElseThrow().ground().orElseThrow().tops().get(3), 1e-9);
        robot.push(KeyCode.ESCAPE);
    }
}
