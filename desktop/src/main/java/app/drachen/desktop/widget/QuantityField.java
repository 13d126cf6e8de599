package app.drachen.desktop.widget;

import app.drachen.core.units.Quantity;
import app.drachen.core.units.UnitSystem;
import app.drachen.desk.Session;
import app.drachen.desktop.screen.Tips;
import java.util.Locale;
import java.util.function.DoublePredicate;
import javafx.css.PseudoClass;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;

/**
 * A number with its unit that can be typed. Enter or leaving the field takes it; Escape puts the
 * old value back; what is no number or not allowed is marked and told, and nothing changes.
 */
public final class QuantityField extends HBox {
    private static final PseudoClass WRONG = PseudoClass.getPseudoClass("wrong");

    private final TextField text = new LightField();
    private final Label label = Texts.label("");
    private final Label unit = Texts.label("", "soft");
    private final Session.Notice notice;
    private Quantity quantity;
    private DoublePredicate take;
    private UnitSystem units = UnitSystem.METRIC;
    private double value = Double.NaN;

    /**
     * A field.
     *
     * @param name what it is, for the label and for screen readers
     * @param quantity what kind of number
     * @param notice told what is wrong with an entry
     * @param take receives an entry in SI; returns whether it was taken
     */
    public QuantityField(String name, Quantity quantity, Session.Notice notice, DoublePredicate take) {
        super(6);
        this.notice = notice;
        setAlignment(Pos.CENTER_LEFT);
        text.setPrefColumnCount(5);
        unit.setMinWidth(Region.USE_PREF_SIZE);
        if (!name.isEmpty()) {
            label.setLabelFor(text);
            getChildren().addAll(label, Texts.spring());
        }
        become(name, quantity, take);
        getChildren().addAll(text, unit);
        Typing.watch(text, this::commit);
        text.setOnKeyPressed(e -> {
            if (e.getCode() == KeyCode.ESCAPE && !text.getText().equals(shown())) {
                Typing.end(text);
                show(value, units);
                e.consume();
            }
        });
    }

    /**
     * Makes it the field of something else, whose value is then to be shown: styles of a new field cost more than other words. What was
     * typed for something of another name and not taken is gone.
     *
     * @param name what it is; empty only if it was so when the field was made
     * @param newQuantity what kind of number
     * @param newTake receives an entry in SI; returns whether it was taken
     */
    public void become(String name, Quantity newQuantity, DoublePredicate newTake) {
        quantity = newQuantity;
        take = newTake;
        if (!name.equals(label.getText())) {
            Typing.end(text);
        }
        Typing.back(text);
        label.setText(name);
        text.setAccessibleText(name);
        Tips.say(text, name);
        text.setId("field-" + name.toLowerCase(Locale.ROOT).replace(' ', '-'));
    }

    /** The text field itself, for focus. */
    public TextField field() {
        return text;
    }

    /** Makes the field narrower or wider. */
    public QuantityField columns(int count) {
        text.setPrefColumnCount(count);
        text.setMinWidth(Region.USE_PREF_SIZE);
        return this;
    }

    /** Keeps the same room for the unit, so that fields stand below one another. */
    public QuantityField unitWidth(double width) {
        unit.setMinWidth(width);
        unit.setPrefWidth(width);
        return this;
    }

    /** Shows a value; what is just being typed stays as it is. */
    public void show(double si, UnitSystem system) {
        if (Typing.in(text) && system != units) {
            // what was typed so far was meant in the units that stood beside it
            Typing.end(text);
            commit();
        }
        value = si;
        units = system;
        // what nobody entered is no number
        text.setPromptText(Double.isNaN(si) ? "none" : "");
        text.setAccessibleHelp(Double.isNaN(si) ? "not entered" : "");
        unit.setText(quantity.unit(system).symbol());
        if (!Typing.in(text)) {
            if (!text.getText().equals(shown())) {
                text.setText(shown());
            }
            text.pseudoClassStateChanged(WRONG, false);
        }
    }

    /** Whether a text typed there means the same here. */
    boolean means(QuantityField other) {
        return units == other.units && quantity == other.quantity;
    }

    private String shown() {
        return Double.isNaN(value) ? "" : quantity.number(value, units);
    }

    private void commit() {
        if (text.getText().equals(shown())) {
            // what was wrong is not there any more
            text.pseudoClassStateChanged(WRONG, false);
            return;
        }
        try {
            double typed = quantity.parse(text.getText(), units);
            if (take.test(typed)) {
                show(typed, units);
            } else {
                text.pseudoClassStateChanged(WRONG, true);
            }
        } catch (IllegalArgumentException e) {
            text.pseudoClassStateChanged(WRONG, true);
            notice.tell(e.getMessage());
        }
    }
}
