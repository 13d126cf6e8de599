package app.drachen.desktop.screen;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNull;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.Callable;
import java.util.concurrent.atomic.AtomicReference;
import javafx.event.Event;
import javafx.scene.Node;
import javafx.scene.Scene;
import javafx.scene.control.Button;
import javafx.scene.control.Tooltip;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseButton;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.StackPane;
import javafx.stage.Stage;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxToolkit;
import org.testfx.util.WaitForAsyncUtils;

/** Tips are there when the pointer comes, say what holds then, and are told to screen readers before. */
class TipsTest {
    @BeforeAll
    static void toolkit() throws Exception {
        FxToolkit.registerPrimaryStage();
    }

    private static <T> T ask(Callable<T> question) throws Exception {
        return WaitForAsyncUtils.asyncFx(question).get();
    }

    /** What the toolkit shows over a node. */
    private static Tooltip shown(Node node) {
        return (Tooltip) node.getProperties().get("javafx.scene.control.Tooltip");
    }

    private static void comes(Node node) {
        Event.fireEvent(
                node,
                new MouseEvent(
                        MouseEvent.MOUSE_ENTERED,
                        1,
                        1,
                        1,
                        1,
                        MouseButton.NONE,
                        0,
                        false,
                        false,
                        false,
                        false,
                        false,
                        false,
                        false,
                        false,
                        false,
                        false,
                        null));
    }

    private static Button button() {
        Button button = new Button("Weigh it");
        new Scene(new StackPane(button));
        return button;
    }

    @Test
    void aTipIsMadeWhenThePointerComesAndOnce() throws Exception {
        ask(() -> {
            Button button = button();
            Tips.say(button, "Weigh it  B");
            assertNull(shown(button), "nothing is made before");
            assertEquals("Weigh it  B", button.getAccessibleHelp());
            comes(button);
            Tooltip made = shown(button);
            assertEquals("Weigh it  B", made.getText());
            comes(button);
            assertEquals(made, shown(button));
            return true;
        });
    }

    @Test
    void newWordsTakeThePlaceOfOldOnes() throws Exception {
        ask(() -> {
            Button button = button();
            Tips.say(button, "Build: open");
            comes(button);
            Tips.say(button, "Build: proven");
            assertEquals("Build: proven", button.getAccessibleHelp());
            comes(button);
            assertEquals("Build: proven", shown(button).getText());
            return true;
        });
    }

    @Test
    void wordsMayBeAskedForWhenThePointerComes() throws Exception {
        ask(() -> {
            AtomicReference<String> words = new AtomicReference<>("not weighed");
            Button button = button();
            Tips.say(button, words::get);
            words.set("1.24 kg");
            comes(button);
            assertEquals("1.24 kg", shown(button).getText());
            words.set("1.25 kg");
            comes(button);
            assertEquals("1.25 kg", shown(button).getText());
            return true;
        });
    }

    /** What somebody else tells screen readers stays. */
    @Test
    void otherHelpIsLeftAlone() throws Exception {
        ask(() -> {
            Button button = button();
            button.setAccessibleHelp("not entered");
            Tips.say(button, "Front reading");
            assertEquals("not entered", button.getAccessibleHelp());
            return true;
        });
    }

    /** A tip that shows when a panel is to be closed goes with it, instead of taking the key for itself. */
    @Test
    void escapeIsHeardWhileATipShows() throws Exception {
        Stage stage = FxToolkit.registerStage(Stage::new);
        try {
            ask(() -> {
                Button button = button();
                List<KeyCode> heard = new ArrayList<>();
                button.getScene().addEventFilter(KeyEvent.KEY_PRESSED, e -> heard.add(e.getCode()));
                stage.setScene(button.getScene());
                stage.show();
                Tips.say(button, "Weigh it  B");
                comes(button);
                shown(button).show(stage);
                assertTrue(shown(button).isShowing());
                Event.fireEvent(
                        button, new KeyEvent(KeyEvent.KEY_PRESSED, "", "", KeyCode.ESCAPE, false, false, false, false));
                assertEquals(List.of(KeyCode.ESCAPE), heard);
                assertFalse(shown(button).isShowing());
                return true;
            });
        } finally {
            ask(() -> {
                stage.close();
                return true;
            });
        }
    }
}
