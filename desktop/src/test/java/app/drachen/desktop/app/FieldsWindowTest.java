package app.drachen.desktop.app;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.drachen.core.clearance.Stage;
import app.drachen.core.setup.Setup;
import java.util.List;
import java.util.Locale;
import javafx.css.PseudoClass;
import javafx.scene.Node;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.stage.Window;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** Every figure that stands on a screen, typed into: nonsense, the same again, and another. */
class FieldsWindowTest extends WindowTest {
    private static final int MOST = 4;
    private static final PseudoClass WRONG = PseudoClass.getPseudoClass("wrong");

    /** Fields of all windows that hold a number now, in the order in which they stand. */
    private List<String> fields(String named) throws Exception {
        return ask(() -> Window.getWindows().stream()
                .filter(w -> w.getScene() != null && w.isShowing())
                .flatMap(w -> Shown.all(w.getScene(), ".text-field").stream())
                .filter(n -> n.getId() != null && n.getId().matches(named))
                .filter(n -> !n.isDisabled() && shown(n) && n instanceof TextField f && f.isEditable())
                .filter(n -> ((TextField) n).getText().matches("-?[0-9.]+"))
                .map(Node::getId)
                .distinct()
                .toList());
    }

    private static boolean shown(Node node) {
        for (Node at = node; at != null; at = at.getParent()) {
            if (!at.isVisible()) {
                return false;
            }
        }
        return true;
    }

    private TextField field(String id) throws Exception {
        return (TextField) there(id);
    }

    private String text(String id) throws Exception {
        TextField field = field(id);
        return ask(field::getText);
    }

    private boolean wrong(String id) throws Exception {
        TextField field = field(id);
        return ask(() -> field.getPseudoClassStates().contains(WRONG));
    }

    /** Types and takes; what was told before is out of the way. */
    private void take(String id, String text) throws Exception {
        act(() -> Shown.lookup(scene, "#notice").setVisible(false));
        enter(id, text);
    }

    /** Without printing whole aircraft. */
    private void same(Setup before, String id) throws Exception {
        assertTrue(setup().equals(before), id);
    }

    private Setup setup() throws Exception {
        return ask(() -> session.setup());
    }

    private int revision() throws Exception {
        return ask(() -> session.revision().number());
    }

    @ParameterizedTest
    @EnumSource(names = {"BUILD", "THROWS", "MODES", "MAIDEN"})
    void theFieldsOfAScreen(Stage stage) throws Exception {
        open("Seeschwalbe", stage);
        List<String> there = fields("field-.*");
        assertFalse(there.isEmpty(), "nothing to type into");
        walk(there, stage.label());
    }

    @ParameterizedTest
    @CsvSource({
        "THROWS, F",
        "THROWS, L",
        "MODES, E",
        "SIGNALS, W",
        "SIGNALS, C",
        "SIGNALS, A",
        "HARNESS, E",
        "HARNESS, G",
        "HARNESS, J"
    })
    void theFieldsOfAPanel(Stage stage, KeyCode key) throws Exception {
        open("Seeschwalbe", stage);
        act(() ->
                Shown.lookup(scene, "#" + stage.name().toLowerCase(Locale.ROOT)).requestFocus());
        press(key);
        List<String> there = fields("(form|radio)-(?!software|version|serial).*");
        assertFalse(there.isEmpty(), "nothing to type into");
        walk(there, stage.label() + ", " + key);
        press(KeyCode.ESCAPE);
    }

    private void walk(List<String> ids, String where) throws Exception {
        int taken = 0;
        int others = 0;
        // a form of forty has many of a kind; some of them, from its first to its last
        int most = Math.min(MOST, ids.size());
        for (int i = 0; i < most; i++) {
            String id = ids.get(i * (ids.size() - 1) / Math.max(1, most - 1));
            Setup before = setup();
            int revision = revision();
            String was = text(id);
            take(id, "abc");
            same(before, id);
            assertEquals(revision, revision(), id);
            assertFalse(notice().isBlank(), id + " says nothing of “abc”");
            assertTrue(wrong(id), id + " is not marked");
            take(id, was);
            assertEquals(revision, revision(), id + " makes a revision of nothing");
            assertFalse(wrong(id), id + " stays marked when the old value is back");
            String other = was.contains(".")
                    ? String.format(Locale.ROOT, "%.3f", 1.04 * Double.parseDouble(was) + 0.02)
                    : String.valueOf(Long.parseLong(was) + 1);
            take(id, other);
            if (setup().equals(before)) {
                // wind, readings and the like are not the aircraft's; a refusal is told and marked
                boolean kept = !wrong(id) && !text(id).equals(was);
                assertTrue(kept || !notice().isBlank(), id + " takes " + other + " for " + was + " and says nothing");
                assertEquals(revision, revision(), id);
                others++;
                take(id, was);
            } else {
                // what was undone keeps its number
                assertTrue(revision() > revision, id);
                act(session::undo);
                same(before, id + " is not undone");
                assertEquals(was, text(id), id + " does not show what undo brought back");
                taken++;
            }
        }
        System.out.println("  " + where + ": " + taken + " taken and undone, " + others + " others");
    }
}
