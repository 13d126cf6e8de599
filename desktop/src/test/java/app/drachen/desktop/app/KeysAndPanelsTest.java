package app.drachen.desktop.app;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertSame;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.drachen.desktop.widget.Action;
import app.drachen.desktop.widget.LightBox;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.Callable;
import javafx.event.Event;
import javafx.scene.Node;
import javafx.scene.Scene;
import javafx.scene.control.Button;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxToolkit;
import org.testfx.util.WaitForAsyncUtils;

/** Which keys come to the place, which belong to what has the keyboard, and panels that hold it. */
class KeysAndPanelsTest {
    private final List<String> done = new ArrayList<>();
    private final TextField text = new TextField();
    private final Button button = new Button("press");
    private final Button plain = new Button("plain");
    private final LightBox<String> choice = new LightBox<>();
    private final HBox row = new HBox();
    private StackPane root;
    private Scene scene;

    @BeforeEach
    void window() throws Exception {
        FxToolkit.registerPrimaryStage();
        ask(() -> {
            row.getStyleClass().add("item");
            row.setFocusTraversable(true);
            root = new StackPane(new VBox(text, button, plain, choice, row));
            root.setFocusTraversable(true);
            new KeyRouter(
                            root,
                            () -> List.of(
                                    action("B"),
                                    action("Enter"),
                                    action("Left"),
                                    action("F1"),
                                    action("Ctrl+Z"),
                                    action("Ctrl+C")))
                    .listen();
            scene = new Scene(root, 400, 300);
            return true;
        });
    }

    private Action action(String key) {
        return Action.of("does " + key, key, () -> done.add(key));
    }

    private static <T> T ask(Callable<T> question) throws Exception {
        return WaitForAsyncUtils.asyncFx(question).get();
    }

    /** Presses with the keyboard on a node, and the letter that follows; what was done. */
    private List<String> press(Node on, KeyCode code, boolean control) throws Exception {
        ask(() -> {
            done.clear();
            on.requestFocus();
            return true;
        });
        return ask(() -> {
            Node focus = scene.getFocusOwner();
            Event.fireEvent(focus, new KeyEvent(KeyEvent.KEY_PRESSED, "", "", code, false, control, false, false));
            if (code.isLetterKey() && !control) {
                Node now = scene.getFocusOwner();
                Event.fireEvent(
                        now,
                        new KeyEvent(
                                KeyEvent.KEY_TYPED,
                                code.getName().toLowerCase(),
                                "",
                                KeyCode.UNDEFINED,
                                false,
                                false,
                                false,
                                false));
            }
            return List.copyOf(done);
        });
    }

    @Test
    void keysComeToThePlaceUnlessTheyBelongToWhatHasTheKeyboard() throws Exception {
        assertEquals(List.of("B"), press(root, KeyCode.B, false));
        assertEquals(List.of("B"), press(button, KeyCode.B, false), "a button needs no letters");
        assertEquals(List.of(), press(text, KeyCode.B, false), "a field does");
        assertEquals(List.of(), press(choice, KeyCode.B, false));
        assertEquals(List.of("F1"), press(text, KeyCode.F1, false), "nobody types F1");
        assertEquals(List.of("Ctrl+Z"), press(text, KeyCode.Z, true));
        assertEquals(List.of(), press(text, KeyCode.C, true), "a field copies its own text");
        assertEquals(List.of("Ctrl+C"), press(button, KeyCode.C, true));
        assertEquals(List.of(), press(button, KeyCode.ENTER, false), "Enter presses the button");
        assertEquals(List.of(), press(row, KeyCode.LEFT, false), "rows have arrows of their own");
        assertEquals(List.of("Left"), press(root, KeyCode.LEFT, false));
        assertEquals(List.of(), press(root, KeyCode.X, false), "a key without an action");
    }

    /** The letter that opened a field is not its first letter; the next one is. */
    @Test
    void theLetterOfAKeyThatDidSomethingIsNotTypedToo() throws Exception {
        ask(() -> {
            new KeyRouter(root, () -> List.of(Action.of("notes", "N", text::requestFocus))).listen();
            return true;
        });
        press(root, KeyCode.N, false);
        assertSame(text, ask(scene::getFocusOwner));
        assertEquals("", ask(text::getText));
    }

    /** Without anything that has the keyboard, the window's content gets it. */
    @Test
    void theKeyboardIsNeverLost() throws Exception {
        ask(() -> {
            text.requestFocus();
            ((VBox) root.getChildren().get(0)).getChildren().clear();
            return true;
        });
        WaitForAsyncUtils.waitForFxEvents();
        assertTrue(ask(() -> scene.getFocusOwner() != null));
        assertEquals(List.of("B"), press(root, KeyCode.B, false));
    }

    private Overlay overlay(String id, Node... content) {
        return new Overlay(root, id, new HBox(content));
    }

    @Test
    void aPanelHoldsTheKeyboardAndGivesItBack() throws Exception {
        TextField inside = new TextField();
        ask(() -> {
            text.requestFocus();
            overlay("panel", inside).open(inside);
            return true;
        });
        assertSame(inside, ask(scene::getFocusOwner));
        assertEquals(List.of(), press(inside, KeyCode.F1, false), "keys of the place are covered");
        // Tab or a click beside it would lead out
        ask(() -> {
            plain.requestFocus();
            return true;
        });
        WaitForAsyncUtils.waitForFxEvents();
        assertSame(inside, ask(scene::getFocusOwner), "the keyboard comes back into the panel");
        press(inside, KeyCode.ESCAPE, false);
        assertFalse(ask(() -> root.getChildren().stream().anyMatch(n -> "panel".equals(n.getId()))));
        assertSame(text, ask(scene::getFocusOwner), "what had it before has it again");
        assertEquals(List.of("F1"), press(text, KeyCode.F1, false));
    }

    @Test
    void ofTwoPanelsTheUpperOneHoldsAndClosesFirst() throws Exception {
        Button lower = new Button("lower");
        Button upper = new Button("upper");
        List<String> closed = new ArrayList<>();
        ask(() -> {
            Overlay below = overlay("below", lower);
            below.whenClosedByEscape(() -> closed.add("below"));
            below.open(lower);
            Overlay above = overlay("above", upper);
            above.whenClosedByEscape(() -> closed.add("above"));
            above.open(upper);
            return true;
        });
        WaitForAsyncUtils.waitForFxEvents();
        assertSame(upper, ask(scene::getFocusOwner));
        press(upper, KeyCode.ESCAPE, false);
        assertEquals(List.of("above"), closed);
        assertSame(lower, ask(scene::getFocusOwner));
        press(lower, KeyCode.ESCAPE, false);
        assertEquals(List.of("above", "below"), closed);
    }

    /** A panel that is opened again lies there once. */
    @Test
    void aPanelIsThereOnce() throws Exception {
        Button inside = new Button("inside");
        ask(() -> {
            Overlay panel = overlay("panel", inside);
            panel.open(inside);
            panel.open(inside);
            return true;
        });
        assertEquals(1, ask(() -> root.getChildren().stream()
                .filter(n -> "panel".equals(n.getId()))
                .count()));
    }
}
