package app.drachen.desktop.app;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.drachen.core.units.Quantity;
import app.drachen.core.units.UnitSystem;
import app.drachen.desktop.widget.QuantityField;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import javafx.geometry.Point2D;
import javafx.scene.control.Button;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import javafx.scene.layout.HBox;
import javafx.scene.text.Text;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** A field for a number, which gets its caret late, looks and answers as the toolkit's. */
class LightFieldTest extends SmallWindow {
    private final List<Double> taken = new ArrayList<>();
    private final QuantityField quantity =
            new QuantityField("Pulse", Quantity.PULSE, sentence -> {}, x -> taken.add(x));
    private final TextField field = quantity.field();
    private final TextField heavy = new TextField("1500");
    private final Button first = new Button("first");

    @BeforeEach
    void show() throws Exception {
        quantity.show(1500, UnitSystem.METRIC);
        heavy.setPrefColumnCount(field.getPrefColumnCount());
        show(first, quantity, new HBox(heavy));
    }

    private double[] size(TextField of) throws Exception {
        return ask(() -> new double[] {of.getWidth(), of.getHeight(), of.getBaselineOffset(), of.minWidth(-1)});
    }

    private String word() throws Exception {
        return ask(() -> ((Text) field.getChildrenUnmodifiable().get(0)).getText());
    }

    private Point2D at(double share) throws Exception {
        return ask(() -> field.localToScreen(share * field.getWidth(), field.getHeight() / 2));
    }

    @Test
    void itIsAsLargeBeforeAsAfterThePilotComesToIt() throws Exception {
        double[] toolkit = size(heavy);
        for (boolean focused : new boolean[] {false, true}) {
            double[] light = size(field);
            for (int i = 0; i < toolkit.length; i++) {
                assertEquals(toolkit[i], light[i], 0.5, "figure " + i + (focused ? " with" : " without") + " keyboard");
            }
            assertEquals(focused, ask(() -> field.lookup(".text")) != null);
            assertEquals(!focused, ask(() -> field.lookup(".word")) != null);
            focus(field);
        }
    }

    @Test
    void theFirstPressPutsTheCaretAndWhatIsTypedIsTaken() throws Exception {
        robot.clickOn(at(0.95));
        until(field::isFocused);
        robot.push(KeyCode.END).push(KeyCode.BACK_SPACE).push(KeyCode.DIGIT5).push(KeyCode.ENTER);
        until(() -> !taken.isEmpty());
        assertEquals(List.of(1505.0), taken);
    }

    @Test
    void theFirstDragSelects() throws Exception {
        robot.moveTo(at(0.95))
                .press(MouseButton.PRIMARY)
                .moveTo(at(0.5))
                .moveTo(at(0.02))
                .release(MouseButton.PRIMARY);
        until(() -> field.getSelectedText().equals("1500"));
    }

    @Test
    void theTabKeyComesToItAndDigitsReplaceWhatItSaid() throws Exception {
        focus(first);
        robot.push(KeyCode.TAB);
        until(field::isFocused);
        until(() -> field.getSelectedText().equals("1500"));
        robot.push(KeyCode.DIGIT7).push(KeyCode.ENTER);
        until(() -> !taken.isEmpty());
        assertEquals(List.of(7.0), taken);
    }

    /** A scene asks before the keyboard comes; what answers then is the toolkit's own. */
    @Test
    void lettersCanBeComposedFromTheFirstKeyOn() throws Exception {
        List<Object> before = composing(field);
        assertFalse(before.contains(null), "nothing answers a scene that asks");
        focus(field);
        List<Object> after = composing(field);
        List<Object> toolkit = composing(heavy);
        for (int i = 0; i < toolkit.size(); i++) {
            assertEquals(toolkit.get(i).getClass(), after.get(i).getClass());
            assertNotEquals(before.get(i).getClass(), after.get(i).getClass());
        }
    }

    private List<Object> composing(TextField of) throws Exception {
        return ask(() -> Arrays.asList(of.getInputMethodRequests(), of.getOnInputMethodTextChanged()));
    }

    /** As when a part of a screen is made anew while somebody types in it. */
    @Test
    void oneThatHasTheKeyboardBeforeItIsStyledTakesDigits() throws Exception {
        QuantityField late = new QuantityField("Late", Quantity.PULSE, sentence -> {}, x -> taken.add(x));
        ask(() -> {
            root.getChildren().add(late);
            late.field().requestFocus();
            return true;
        });
        until(() -> late.field().getSkin() != null);
        robot.push(KeyCode.DIGIT8).push(KeyCode.DIGIT9).push(KeyCode.ENTER);
        until(() -> !taken.isEmpty());
        assertEquals(List.of(89.0), taken);
    }

    @Test
    void itSaysWhatIsPutAndThatNothingIs() throws Exception {
        assertEquals("1500", word());
        ask(() -> {
            quantity.show(Double.NaN, UnitSystem.METRIC);
            return true;
        });
        assertEquals("none", word());
        ask(() -> {
            quantity.show(1600, UnitSystem.METRIC);
            return true;
        });
        assertEquals("1600", word());
        assertTrue(taken.isEmpty());
    }
}
