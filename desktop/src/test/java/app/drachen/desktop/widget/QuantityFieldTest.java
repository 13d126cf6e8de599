package app.drachen.desktop.widget;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.drachen.core.units.Quantity;
import app.drachen.core.units.UnitSystem;
import java.util.ArrayList;
import java.util.List;
import javafx.css.PseudoClass;
import javafx.scene.Scene;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;
import javafx.stage.Stage;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.api.FxToolkit;
import org.testfx.util.WaitForAsyncUtils;

class QuantityFieldTest {
    private final FxRobot robot = new FxRobot();
    private final List<Double> taken = new ArrayList<>();
    private final List<String> told = new ArrayList<>();
    private QuantityField field;

    @BeforeEach
    void show() throws Exception {
        Stage window = FxToolkit.registerPrimaryStage();
        FxToolkit.setupFixture(() -> {
            field = new QuantityField("Mass", Quantity.MASS, told::add, v -> v > 0 && taken.add(v));
            field.show(0.25, UnitSystem.METRIC);
            window.setScene(new Scene(new VBox(field, new Button("next")), 300, 100));
            window.show();
            window.requestFocus();
            field.field().requestFocus();
        });
        WaitForAsyncUtils.waitFor(
                180, java.util.concurrent.TimeUnit.SECONDS, () -> field.field().isFocused());
    }

    @AfterEach
    void hide() throws Exception {
        FxToolkit.cleanupStages();
    }

    private void type(String text, javafx.scene.input.KeyCode then) throws Exception {
        WaitForAsyncUtils.asyncFx(() -> field.field().selectAll()).get();
        robot.write(text, 0);
        robot.push(then);
        WaitForAsyncUtils.waitForFxEvents();
    }

    private boolean wrong() {
        return field.field().getPseudoClassStates().contains(PseudoClass.getPseudoClass("wrong"));
    }

    @Test
    void enterTakesEscapePutsBackTabTakes() throws Exception {
        type("300", javafx.scene.input.KeyCode.ENTER);
        assertEquals(List.of(0.3), taken);
        type("999", javafx.scene.input.KeyCode.ESCAPE);
        assertEquals("300", field.field().getText());
        assertEquals(1, taken.size());
        type("0,5 kg", javafx.scene.input.KeyCode.TAB);
        assertEquals(0.5, taken.get(1), 1e-12);
        assertEquals("500", field.field().getText());
    }

    @Test
    void whatCannotBeTakenIsMarkedAndKept() throws Exception {
        type("12 m", javafx.scene.input.KeyCode.ENTER);
        assertTrue(wrong());
        assertTrue(told.get(0).contains("kg"), told.toString());
        type("-3", javafx.scene.input.KeyCode.ENTER);
        assertTrue(wrong(), "refused by the receiver");
        assertEquals(List.of(), taken);
        type("250", javafx.scene.input.KeyCode.ENTER);
        assertEquals(List.of(), taken, "the old value typed again is no change");
    }

    @Test
    void changingTheUnitsShowsTheSameMass() throws Exception {
        WaitForAsyncUtils.asyncFx(() -> field.show(0.45359237, UnitSystem.IMPERIAL))
                .get();
        assertEquals("16.0", field.field().getText());
        type("8 oz", javafx.scene.input.KeyCode.ENTER);
        assertEquals(0.226796185, taken.get(0), 1e-9);
    }

    /** It is another field then, in all it says and takes; nothing of what it was is left, neither typed nor to be undone. */
    @Test
    void aFieldBecomesThatOfSomethingElse() throws Exception {
        type("310", javafx.scene.input.KeyCode.ENTER);
        robot.write("7", 0);
        List<Double> lengths = new ArrayList<>();
        WaitForAsyncUtils.asyncFx(() -> {
                    field.become("Aft of nose", Quantity.LENGTH, lengths::add);
                    field.show(0.3, UnitSystem.METRIC);
                })
                .get();
        assertEquals("300", field.field().getText());
        assertEquals("field-aft-of-nose", field.field().getId());
        assertEquals("Aft of nose", field.field().getAccessibleText());
        assertEquals("Aft of nose", ((Label) field.lookup(".label")).getText());
        assertFalse(field.field().isUndoable());
        type("120", javafx.scene.input.KeyCode.TAB);
        assertEquals(List.of(0.12), lengths);
        assertEquals(List.of(0.31), taken, "what was typed for the other is not taken");
        // let go while it was typed into, and used for something else that time
        WaitForAsyncUtils.asyncFx(() -> {
                    field.field().requestFocus();
                    Typing.letGo(field.field());
                    field.become("Right", Quantity.LENGTH, lengths::add);
                    field.show(0, UnitSystem.METRIC);
                })
                .get();
        type("5", javafx.scene.input.KeyCode.ENTER);
        assertEquals(List.of(0.12, 0.005), lengths);
    }
}
