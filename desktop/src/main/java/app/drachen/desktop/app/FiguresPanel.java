package app.drachen.desktop.app;

import app.drachen.core.setup.Components;
import app.drachen.core.setup.Components.Component;
import app.drachen.core.setup.Components.Row;
import app.drachen.core.setup.Setup;
import app.drachen.core.units.UnitSystem;
import app.drachen.desk.OpenAircraft;
import app.drachen.desk.Session;
import app.drachen.desktop.widget.Action;
import app.drachen.desktop.widget.Focus;
import app.drachen.desktop.widget.LightBox;
import app.drachen.desktop.widget.QuantityField;
import app.drachen.desktop.widget.Scroller;
import app.drachen.desktop.widget.Texts;
import app.drachen.files.json.SetupWords;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.UnaryOperator;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.ListView;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.ColumnConstraints;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import javafx.util.StringConverter;

/** Every figure of the aircraft that is open, by the part it belongs to; what has no place on a drawing is entered here. */
final class FiguresPanel {
    private static final double TALL = 520;
    private static final String AIRCRAFT = "aircraft";

    /** All of a part, a drive, a pack, an output stands together. */
    private static final Pattern ITEM = Pattern.compile("^(part|drive|pack|output) [^·]*[^· ]");

    private static final SetupWords WORDS = new SetupWords();

    private final Session session;
    private final OpenAircraft aircraft;
    private final Overlay overlay;
    private final ListView<String> places = new ListView<>();
    private final GridPane grid = new GridPane();
    private final Label title = Texts.label("", "strong");
    private final HBox deeds = new HBox(8);
    private Map<String, List<Component>> groups = Map.of();
    private boolean filling;

    FiguresPanel(Session session, StackPane host) {
        this.session = session;
        aircraft = session.aircraft();
        places.setId("figure-places");
        places.setPrefSize(270, TALL);
        places.setAccessibleText("Parts of the aircraft");
        places.getSelectionModel().selectedItemProperty().addListener((o, was, is) -> {
            if (!filling) {
                show();
            }
        });
        places.setOnKeyPressed(e -> {
            if (e.getCode() == KeyCode.INSERT) {
                add();
            } else if (e.getCode() == KeyCode.DELETE) {
                remove();
            }
        });
        grid.setHgap(14);
        grid.setVgap(5);
        ColumnConstraints name = new ColumnConstraints(150);
        ColumnConstraints value = new ColumnConstraints(170);
        ColumnConstraints meaning = new ColumnConstraints(330);
        grid.getColumnConstraints().addAll(name, value, meaning);
        ScrollPane scroll = new Scroller(grid);
        scroll.setFitToWidth(true);
        scroll.setPrefSize(700, TALL - 36);
        scroll.setFocusTraversable(false);
        HBox head = new HBox(10, title, Texts.spring(), deeds);
        head.setAlignment(Pos.CENTER_LEFT);
        VBox right = new VBox(10, head, scroll);
        VBox.setVgrow(scroll, Priority.ALWAYS);
        overlay = new Overlay(
                host,
                "figures",
                new VBox(
                        12,
                        Texts.label("All figures · " + session.setup().name(), "heading"),
                        new HBox(16, places, right),
                        Texts.label(
                                "Enter takes a figure as a revision. In the list Insert adds one more like it, Delete"
                                        + " takes it away. Esc closes; Ctrl+Z then goes back.",
                                "soft",
                                "small")));
        fill();
    }

    /** Opens it at the first part. */
    void open() {
        overlay.open(places);
    }

    /** Opens it at one figure. */
    void open(Component at) {
        places.getSelectionModel().select(heading(at));
        places.scrollTo(heading(at));
        overlay.open(places);
        Node field = grid.lookup("#" + id(at));
        if (field != null) {
            field.requestFocus();
        }
    }

    /** Under which heading a figure stands. */
    static String heading(Component component) {
        Matcher item = ITEM.matcher(component.place());
        return component.place().isEmpty() ? AIRCRAFT : item.find() ? item.group() : component.place();
    }

    /** What it is called under its heading. */
    static String name(Component component) {
        String rest = component.place().isEmpty()
                ? ""
                : component.place().substring(heading(component).length()).replaceFirst("^ · ", "");
        return (rest.isEmpty() ? "" : rest.replace(" · ", " ") + " ") + component.words();
    }

    private static String id(Component component) {
        return "figure-" + component.path().replaceAll("[^A-Za-z0-9]+", "-");
    }

    private Map<String, List<Component>> grouped() {
        Map<String, List<Component>> found = new LinkedHashMap<>();
        for (Component component : Components.of(session.setup())) {
            if (!component.path().startsWith("decisions") && !component.path().startsWith("waivers")) {
                found.computeIfAbsent(heading(component), k -> new ArrayList<>())
                        .add(component);
            }
        }
        return found;
    }

    private void fill() {
        groups = grouped();
        int before = Math.max(0, places.getSelectionModel().getSelectedIndex());
        filling = true;
        places.getItems().setAll(groups.keySet());
        places.getSelectionModel().select(Math.min(before, groups.size() - 1));
        filling = false;
        show();
    }

    /** Where the same figures stand as before, the fields stay: somebody may be typing in the next one already. */
    private void changed() {
        List<String> before = paths(groups);
        Map<String, List<Component>> now = grouped();
        if (before.equals(paths(now))) {
            groups = now;
        } else {
            Focus.kept(overlay.pane(), this::fill);
        }
    }

    private static List<String> paths(Map<String, List<Component>> groups) {
        return groups.entrySet().stream()
                .flatMap(e -> e.getValue().stream().map(c -> e.getKey() + " " + c.path()))
                .toList();
    }

    private Optional<String> chosen() {
        return Optional.ofNullable(places.getSelectionModel().getSelectedItem());
    }

    private void show() {
        grid.getChildren().clear();
        deeds.getChildren().clear();
        title.setText(chosen().orElse(""));
        int row = 0;
        for (Component component : chosen().map(groups::get).orElse(List.of())) {
            Label name = Texts.label(name(component));
            Node editor = editor(component);
            editor.setId(id(component));
            name.setLabelFor(editor);
            grid.add(name, 0, row);
            grid.add(editor, 1, row);
            grid.add(Texts.wrapped(WORDS.plain(component), "soft", "small"), 2, row);
            row++;
        }
        chosen().flatMap(this::row).ifPresent(r -> {
            deeds.getChildren().add(Texts.button(Action.of("One more " + last(r.place()), "Insert", this::add)));
            deeds.getChildren().add(Texts.button(Action.of("Take away", "Delete", this::remove)));
        });
        // what there is none of yet has no place of its own
        if (chosen().filter(AIRCRAFT::equals).isPresent()) {
            for (Row r : Components.rows(session.setup())) {
                if (r.size() == 0) {
                    String first = "First " + last(r.place());
                    deeds.getChildren().add(Texts.button(first, () -> edit(first, x -> Components.added(x, r.path()))));
                }
            }
        }
    }

    private static String last(String place) {
        return place.substring(place.lastIndexOf('·') + 1).strip();
    }

    /** The list that the chosen part stands in. */
    private Optional<Row> row(String place) {
        List<Component> here = groups.getOrDefault(place, List.of());
        String path = here.isEmpty() ? "" : here.get(0).path();
        return Components.rows(session.setup()).stream()
                .filter(r -> path.startsWith(r.path() + "["))
                .findFirst();
    }

    /** Which of the list the chosen part is. */
    private Optional<Integer> item(Row row) {
        String path = chosen().map(groups::get)
                .filter(g -> !g.isEmpty())
                .map(g -> g.get(0).path())
                .orElse("");
        if (!path.startsWith(row.path() + "[")) {
            return Optional.empty();
        }
        String rest = path.substring(row.path().length() + 1);
        return Optional.of(Integer.valueOf(rest.substring(0, rest.indexOf(']'))));
    }

    private void add() {
        chosen().flatMap(this::row)
                .ifPresent(r -> edit("One more " + last(r.place()), s -> Components.added(s, r.path())));
    }

    private void remove() {
        chosen().flatMap(this::row).ifPresent(r -> item(r).ifPresent(
                        i -> edit("Taken away: " + chosen().orElse(""), s -> Components.removed(s, r.path(), i))));
    }

    private boolean edit(String reason, UnaryOperator<Setup> change) {
        if (!session.shows(aircraft)) {
            session.tell("Another aircraft is open now; open its figures.");
            return false;
        }
        return session.edit(reason, change, this::changed);
    }

    private boolean take(Component component, Object value) {
        return edit(heading(component) + ": " + name(component), s -> Components.with(s, component.path(), value));
    }

    private Node editor(Component component) {
        Object value = component.value();
        if (value instanceof Double number) {
            QuantityField field =
                    new QuantityField("", WORDS.quantity(component), session::tell, typed -> take(component, typed));
            field.columns(7).unitWidth(46);
            field.field().setAccessibleText(heading(component) + ", " + name(component));
            field.field().setId(id(component) + "-text");
            field.show(number, session.units());
            field.focusedProperty().addListener((o, was, is) -> {
                if (is) {
                    field.field().requestFocus();
                }
            });
            return field;
        }
        if (value instanceof Boolean yes) {
            CheckBox box = new CheckBox(yes ? "yes" : "no");
            box.setSelected(yes);
            box.setAccessibleText(heading(component) + ", " + name(component));
            box.setOnAction(e -> {
                box.setText(box.isSelected() ? "yes" : "no");
                take(component, box.isSelected());
            });
            return box;
        }
        if (value instanceof Enum<?> constant) {
            ComboBox<Object> choice = new LightBox<>();
            choice.getItems().setAll(Arrays.asList((Object[])
                    constant.getDeclaringClass().getEnumConstants()));
            choice.setConverter(new EnumWords());
            choice.setValue(constant);
            choice.setMaxWidth(Double.MAX_VALUE);
            choice.setAccessibleText(heading(component) + ", " + name(component));
            choice.setOnAction(e -> {
                Object stands = current(component);
                if (!choice.getValue().equals(stands) && !take(component, choice.getValue())) {
                    choice.setValue(stands);
                }
            });
            return choice;
        }
        TextField text = new TextField(String.valueOf(value));
        text.setAccessibleText(heading(component) + ", " + name(component));
        text.setOnAction(e -> typed(component, text.getText()));
        return text;
    }

    /** What stands there now. */
    private Object current(Component component) {
        return groups.values().stream()
                .flatMap(List::stream)
                .filter(c -> c.path().equals(component.path()))
                .findFirst()
                .orElse(component)
                .value();
    }

    /** Words or a whole number. */
    private void typed(Component component, String text) {
        if (!(component.value() instanceof Integer)) {
            take(component, text.strip());
            return;
        }
        try {
            take(component, Integer.valueOf(text.strip()));
        } catch (NumberFormatException e) {
            session.tell("“" + text + "” is no whole number: type one such as " + component.value() + ".");
        }
    }

    /** Enum constants in words. */
    private static final class EnumWords extends StringConverter<Object> {
        @Override
        public String toString(Object constant) {
            return constant == null ? "" : words((Enum<?>) constant);
        }

        @Override
        public Object fromString(String text) {
            throw new UnsupportedOperationException("chosen, not typed");
        }
    }

    /** A constant as a reader says it. */
    static String words(Enum<?> constant) {
        return constant.name().toLowerCase(Locale.ROOT).replace('_', ' ');
    }

    /** A value in words, for lists and differences. */
    static String words(Component component, Object value, UnitSystem units) {
        if (value instanceof Double number) {
            return WORDS.quantity(component).text(number, units);
        }
        return value instanceof Enum<?> constant
                ? words(constant)
                : value instanceof Boolean yes ? yes ? "yes" : "no" : String.valueOf(value);
    }

    /** A difference in words: "pack: capacity 2900 mAh → 3500 mAh". */
    static String words(Components.Difference d, UnitSystem units) {
        Component c = d.component();
        String where = heading(c) + ": " + name(c) + " ";
        String before = d.before().map(v -> words(c, v, units)).orElse("");
        String after = d.after().map(v -> words(c, v, units)).orElse("");
        return before.isEmpty()
                ? where + after + " (new)"
                : after.isEmpty() ? where + before + " (gone)" : where + before + " → " + after;
    }
}
