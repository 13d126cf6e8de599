package app.drachen.desktop.widget;

import app.drachen.core.units.Quantity;
import app.drachen.desk.Session;
import app.drachen.desktop.screen.Tips;
import java.util.List;
import java.util.Locale;
import java.util.function.Consumer;
import java.util.function.DoublePredicate;
import java.util.function.Function;
import java.util.function.Predicate;
import javafx.css.PseudoClass;
import javafx.scene.Node;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.GridPane;
import javafx.util.StringConverter;

/**
 * A form as a list of what can be entered, in one or more columns. What is typed is judged by who takes it; what is refused is told in
 * one sentence and nothing changes.
 */
public final class Form extends GridPane {
    private static final PseudoClass WRONG = PseudoClass.getPseudoClass("wrong");

    private final Session session;
    private final int columns;
    private final String prefix;
    private int at;

    /**
     * An empty form.
     *
     * @param columns of entries beside one another
     */
    public Form(Session session, int columns) {
        this(session, columns, "");
    }

    /**
     * An empty form that is one of several beside one another.
     *
     * @param columns of entries beside one another
     * @param prefix before the ids of its fields, so that each is known
     */
    public Form(Session session, int columns, String prefix) {
        this.session = session;
        this.columns = columns;
        this.prefix = prefix;
        setHgap(10);
        setVgap(5);
        getStyleClass().add("form");
    }

    /** Begins a new line with a heading over what follows. */
    public Form heading(String words) {
        at = (at + columns - 1) / columns * columns;
        Label label = Texts.label(words.toUpperCase(Locale.ROOT), "caps");
        add(label, 0, at / columns, 2 * columns, 1);
        at += columns;
        return this;
    }

    private void put(String label, Node node) {
        int column = 2 * (at % columns);
        int row = at / columns;
        Label name = Texts.label(label, "soft");
        name.setMinWidth(javafx.scene.layout.Region.USE_PREF_SIZE);
        name.setLabelFor(node);
        add(name, column, row);
        add(node, column + 1, row);
        at++;
    }

    private String id(String label) {
        return "form-" + prefix + label.toLowerCase(Locale.ROOT).replaceAll("[^a-z0-9]+", "-");
    }

    /**
     * A number.
     *
     * @param value in SI; not a number while nobody entered it
     * @param take receives an entry in SI; returns whether it was taken
     */
    public Form number(String label, Quantity quantity, double value, DoublePredicate take) {
        QuantityField field = new QuantityField("", quantity, session::tell, take);
        field.columns(5);
        field.unitWidth(30);
        field.show(value, session.units());
        field.field().setId(id(label));
        field.field().setAccessibleText(label);
        Tips.say(field.field(), label);
        put(label, field);
        return this;
    }

    /** A text; Enter or leaving the field takes it. What is refused stays as it was typed, and is marked. */
    public Form text(String label, String value, Predicate<String> take) {
        TextField field = new TextField(value);
        field.setPrefColumnCount(8);
        field.setId(id(label));
        field.setAccessibleText(label);
        Typing.watch(field, () -> {
            String typed = field.getText().strip();
            field.pseudoClassStateChanged(WRONG, !typed.equals(value) && !take.test(typed));
        });
        put(label, field);
        return this;
    }

    /** One of several. */
    public <T> Form choice(String label, List<T> values, T now, Function<T, String> words, Consumer<T> take) {
        ComboBox<T> box = box(id(label), values, now, words);
        box.setPrefWidth(140);
        box.setMinWidth(90);
        box.setAccessibleText(label);
        box.setOnAction(e -> take.accept(box.getValue()));
        put(label, box);
        return this;
    }

    /** A box of several, each in words. */
    public static <T> ComboBox<T> box(String id, List<T> values, T now, Function<T, String> words) {
        ComboBox<T> box = new LightBox<>();
        box.getItems().setAll(values);
        box.setValue(now);
        box.setId(id);
        box.setConverter(new StringConverter<>() {
            @Override
            public String toString(T value) {
                return value == null ? "" : words.apply(value);
            }

            @Override
            public T fromString(String text) {
                return now;
            }
        });
        return box;
    }

    /** Yes or no. */
    public Form tick(String label, boolean now, Consumer<Boolean> take) {
        CheckBox box = new CheckBox();
        box.setSelected(now);
        box.setId(id(label));
        box.setAccessibleText(label);
        box.setOnAction(e -> take.accept(box.isSelected()));
        put(label, box);
        return this;
    }
}
