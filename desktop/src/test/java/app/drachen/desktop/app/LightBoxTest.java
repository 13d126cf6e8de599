package app.drachen.desktop.app;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.drachen.desktop.widget.LightBox;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.control.ComboBox;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** A box whose list is made late looks and answers as the toolkit's. */
class LightBoxTest extends SmallWindow {
    private static final List<String> WORDS =
            List.of("Level", "a rather long name of something", "Hold", "a width of öäü µs");

    private final LightBox<String> light = new LightBox<>();
    private final ComboBox<String> heavy = new ComboBox<>();
    private final List<String> taken = new ArrayList<>();

    @BeforeEach
    void show() throws Exception {
        for (ComboBox<String> box : List.of(light, heavy)) {
            box.getItems().setAll(WORDS);
            box.setValue("Level");
            box.setOnAction(e -> taken.add(box.getValue()));
        }
        show(new TextField(), light, heavy);
    }

    private static int nodes(Node node) {
        return node instanceof Parent parent
                ? 1
                        + parent.getChildrenUnmodifiable().stream()
                                .mapToInt(LightBoxTest::nodes)
                                .sum()
                : 1;
    }

    @Test
    void itIsAsLargeBeforeAsAfterThePilotComesToIt() throws Exception {
        double[] before = ask(() -> new double[] {light.getWidth(), light.getHeight(), nodes(light)});
        assertEquals(ask(heavy::getWidth), before[0], 1);
        assertEquals(ask(heavy::getHeight), before[1], 0.01);
        assertTrue(before[2] <= 6, "few nodes: " + before[2]);
        focus(light);
        assertTrue(ask(() -> nodes(light)) <= 6, "to have the keyboard it needs no list");
        robot.push(KeyCode.UP);
        until(() -> nodes(light) > 6);
        focus(light);
        assertEquals(before[0], ask(light::getWidth), 1);
        assertEquals(before[1], ask(light::getHeight), 0.01);
        assertEquals(ask(() -> nodes(heavy)), ask(() -> nodes(light)), "nothing of the light one is left");
    }

    @Test
    void theFirstPressOpensItsListAndAWordIsTaken() throws Exception {
        robot.clickOn(light);
        until(light::isShowing);
        robot.push(KeyCode.DOWN);
        robot.push(KeyCode.DOWN);
        robot.push(KeyCode.ENTER);
        until(() -> !light.isShowing());
        assertEquals("Hold", ask(light::getValue));
        assertEquals("Hold", taken.get(taken.size() - 1));
    }

    @Test
    void aFirstPressOnItsArrowOpensItToo() throws Exception {
        robot.clickOn(ask(() -> light.localToScreen(light.getWidth() - 8, light.getHeight() / 2)));
        until(light::isShowing);
        robot.push(KeyCode.ESCAPE);
        until(() -> !light.isShowing());
        assertEquals(List.of(), taken);
    }

    @Test
    void oneThatHasTheKeyboardBeforeItIsStyledTakesKeys() throws Exception {
        LightBox<String> late = new LightBox<>();
        ask(() -> {
            late.getItems().setAll(WORDS);
            late.setValue("Level");
            root.getChildren().add(late);
            late.requestFocus();
            return true;
        });
        until(() -> late.getSkin() != null);
        robot.push(KeyCode.DOWN);
        until(() -> late.getValue().equals(WORDS.get(1)));
    }

    @Test
    void itCanBeOpenedByTheProgram() throws Exception {
        ask(() -> {
            light.show();
            return true;
        });
        until(() -> light.lookup(".list-view") != null || light.isShowing());
        ask(() -> {
            light.hide();
            return true;
        });
        assertEquals(List.of(), taken);
    }

    @Test
    void aNameCanBeTypedInOneThatTakesNames() throws Exception {
        ask(() -> {
            light.setEditable(true);
            root.applyCss();
            root.layout();
            return true;
        });
        assertEquals("Level", word());
        double high = ask(light::getHeight);
        robot.clickOn(light);
        robot.push(KeyCode.END).push(KeyCode.X).push(KeyCode.ENTER);
        until(() -> "Levelx".equals(light.getValue()));
        assertEquals(high, ask(light::getHeight), 1);
    }

    /** The same keys on both, one after the other. */
    @Test
    void itsKeysAreThoseOfTheToolkit() throws Exception {
        List<List<String>> said = new ArrayList<>();
        for (ComboBox<String> box : List.of(light, heavy)) {
            taken.clear();
            focus(box);
            robot.push(KeyCode.DOWN);
            robot.push(KeyCode.DOWN);
            robot.push(KeyCode.UP);
            until(() -> taken.size() == 3);
            said.add(List.copyOf(taken));
        }
        assertEquals(said.get(1), said.get(0));
    }

    @Test
    void itSaysWhatTheProgramPuts() throws Exception {
        ask(() -> {
            light.setValue("Hold");
            return true;
        });
        assertEquals("Hold", word());
        ask(() -> {
            light.setPromptText("none yet");
            light.setValue(null);
            return true;
        });
        assertEquals("none yet", word());
        assertEquals(Arrays.asList("Hold", null), taken, "and tells it, as the toolkit's does");
    }

    private String word() throws Exception {
        return ask(() -> ((javafx.scene.control.ListCell<?>) light.lookup(".list-cell")).getText());
    }
}
