package app.drachen.desktop.stage.signals;

import app.drachen.core.hearing.Path;
import app.drachen.core.setup.SignalsMore;
import app.drachen.core.signals.SignalsSection;
import app.drachen.core.signals.Supplier;
import app.drachen.core.signals.Value;
import app.drachen.core.signals.Wanted;
import app.drachen.core.signals.Way;
import app.drachen.core.units.Quantity;
import app.drachen.desk.Session;
import app.drachen.desktop.widget.Form;
import app.drachen.desktop.widget.QuantityField;
import app.drachen.desktop.widget.Scroller;
import app.drachen.desktop.widget.Texts;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import javafx.geometry.Pos;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ComboBox;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;

/** What is wanted, what tells it, by which way it comes; and what a part of one's own tells. */
final class ValuesForm extends VBox {
    private final Session session;
    private final Rows<Wanted> wanted;
    private final Rows<Way> ways;
    private final Rows<Supplier> suppliers;

    ValuesForm(Session session) {
        super(8);
        this.session = session;
        wanted = new Rows<>(session, SignalsSection::wanted, SignalsSection::withWanted);
        ways = new Rows<>(session, SignalsSection::ways, SignalsSection::withWays);
        suppliers = new Rows<>(session, SignalsSection::suppliers, SignalsSection::withSuppliers);
        VBox all = new VBox(8);
        all.getChildren()
                .addAll(
                        Texts.label("Values you want", "heading"),
                        values(),
                        line(
                                Rows.small(
                                        "wanted-add",
                                        "+ value",
                                        () -> wanted.change(
                                                "Value wanted", list -> SignalsMore.add(list, Wanted.FIRST))),
                                Texts.label("Esc closes", "soft", "small")),
                        Texts.label("Ways from the board to you", "heading"));
        for (int i = 0; i < ways.all().size(); i++) {
            all.getChildren().add(way(i, ways.all().get(i)));
        }
        all.getChildren()
                .addAll(
                        line(
                                Rows.small(
                                        "way-add",
                                        "+ way",
                                        () -> ways.change("Way added", list -> SignalsMore.add(list, Way.FIRST))),
                                Texts.label(
                                        "figures from the data sheet, or watch how often a value changes",
                                        "soft",
                                        "small")),
                        Texts.label("Parts that tell something else than is usual", "heading"));
        for (int i = 0; i < suppliers.all().size(); i++) {
            all.getChildren().add(supplier(i, suppliers.all().get(i)));
        }
        all.getChildren()
                .add(line(Rows.small(
                        "supplier-add",
                        "+ part of my own",
                        () -> suppliers.change("Part described", list -> SignalsMore.add(list, Supplier.FIRST)))));
        ScrollPane scroll = new Scroller(all);
        scroll.setFitToWidth(true);
        scroll.setPrefHeight(500);
        getChildren().add(scroll);
    }

    /** What is entered, in one line. */
    static String summary(SignalsSection s) {
        return s.wanted().isEmpty()
                ? "none entered"
                : s.wanted().size() + " wanted, " + s.ways().size() + (s.ways().size() == 1 ? " way" : " ways");
    }

    private static HBox line(javafx.scene.Node... nodes) {
        HBox line = new HBox(8, nodes);
        line.setAlignment(Pos.CENTER_LEFT);
        return line;
    }

    private GridPane values() {
        GridPane grid = new GridPane();
        grid.setHgap(8);
        grid.setVgap(3);
        String[] heads = {"", "told by", "way", "in steps of", "seen", "heard", "age", ""};
        for (int i = 0; i < heads.length; i++) {
            grid.add(Texts.label(heads[i], "soft", "small"), i, 0);
        }
        List<Path> paths = Path.all(session.setup());
        for (int i = 0; i < wanted.all().size(); i++) {
            value(grid, i, wanted.all().get(i), paths.get(i));
        }
        return grid;
    }

    private void value(GridPane grid, int at, Wanted w, Path path) {
        String id = "wanted-" + at + "-";
        ComboBox<Value> value = Form.box(id + "value", List.of(Value.values()), w.value(), Value::label);
        value.setPrefWidth(132);
        value.setAccessibleText("Value " + (at + 1));
        value.setOnAction(e -> set(at, x -> new Wanted(value.getValue(), "", x.way(), 0, x.eye(), x.ear())));
        List<String> tell = Stream.concat(
                        Stream.of(""),
                        Path.suppliers(session.setup()).stream()
                                .filter(s -> s.tells(w.value()))
                                .map(Supplier::device))
                .collect(Collectors.toCollection(java.util.ArrayList::new));
        if (!tell.contains(w.device())) {
            tell.add(w.device());
        }
        ComboBox<String> device = Form.box(id + "device", tell, w.device(), d -> d.isEmpty() ? "whatever can" : d);
        device.setPrefWidth(150);
        device.setAccessibleText(w.value().label() + ", told by");
        device.setOnAction(e -> set(at, x -> x.by(device.getValue())));
        ComboBox<String> way = Form.box(
                id + "way",
                Stream.concat(Stream.of(""), ways.all().stream().map(Way::name)).toList(),
                w.way(),
                n -> n.isEmpty() ? "the first" : n);
        way.setPrefWidth(120);
        way.setAccessibleText(w.value().label() + ", way");
        way.setOnAction(
                e -> set(at, x -> new Wanted(x.value(), x.device(), way.getValue(), x.resolution(), x.eye(), x.ear())));
        CheckBox eye = tick(id + "eye", w.value().label() + " seen", w.eye());
        eye.setOnAction(e ->
                set(at, x -> new Wanted(x.value(), x.device(), x.way(), x.resolution(), eye.isSelected(), x.ear())));
        CheckBox ear = tick(id + "ear", w.value().label() + " heard", w.ear());
        ear.setOnAction(e ->
                set(at, x -> new Wanted(x.value(), x.device(), x.way(), x.resolution(), x.eye(), ear.isSelected())));
        QuantityField step = new QuantityField(
                "",
                w.value().step(),
                session::tell,
                v -> wanted.set(
                        at,
                        "Step of " + w.value().label(),
                        x -> new Wanted(x.value(), x.device(), x.way(), v, x.eye(), x.ear())));
        step.columns(4);
        step.show(w.resolution() == 0 ? Double.NaN : w.resolution(), session.units());
        step.field().setId(id + "step");
        step.field().setAccessibleText(w.value().label() + ", in steps of");
        String age = path.age()
                .map(a -> Quantity.TIME_FINE.text(a.value(), session.units()))
                .orElse("never comes");
        grid.addRow(
                at + 1,
                value,
                device,
                way,
                step,
                eye,
                ear,
                Texts.label(age, "figure", path.whole() ? "soft" : "bad"),
                wanted.gone(at, w.value().label()));
    }

    private static CheckBox tick(String id, String words, boolean on) {
        CheckBox box = new CheckBox();
        box.setSelected(on);
        box.setId(id);
        box.setAccessibleText(words);
        return box;
    }

    private void set(int at, java.util.function.UnaryOperator<Wanted> how) {
        wanted.set(at, "Value " + (at + 1), how);
    }

    private VBox way(int at, Way w) {
        Form form = new Form(session, 3, "way-" + at + "-")
                .text("name", w.name(), v -> way(at, x -> x.named(v)))
                .choice(
                        "sender",
                        Stream.concat(
                                        Stream.of(""),
                                        session.setup().harness().devices().stream()
                                                .map(d -> d.name()))
                                .toList(),
                        w.sender(),
                        n -> n.isEmpty() ? "way back of the link" : n,
                        v -> way(at, x -> new Way(x.name(), v, x.rate(), x.board(), x.air(), x.radio(), x.voice())))
                .number(
                        "each value comes",
                        Quantity.FREQUENCY,
                        w.rate(),
                        v -> way(at, x -> new Way(x.name(), x.sender(), v, x.board(), x.air(), x.radio(), x.voice())))
                .number(
                        "delay in the board",
                        Quantity.TIME_FINE,
                        w.board(),
                        v -> way(at, x -> new Way(x.name(), x.sender(), x.rate(), v, x.air(), x.radio(), x.voice())))
                .number(
                        "in the air",
                        Quantity.TIME_FINE,
                        w.air(),
                        v -> way(at, x -> new Way(x.name(), x.sender(), x.rate(), x.board(), v, x.radio(), x.voice())))
                .number(
                        "in the radio",
                        Quantity.TIME_FINE,
                        w.radio(),
                        v -> way(at, x -> new Way(x.name(), x.sender(), x.rate(), x.board(), x.air(), v, x.voice())))
                .number(
                        "until a word begins",
                        Quantity.TIME_FINE,
                        w.voice(),
                        v -> way(at, x -> new Way(x.name(), x.sender(), x.rate(), x.board(), x.air(), x.radio(), v)));
        return new VBox(3, line(Texts.label(w.name(), "strong"), ways.gone(at, w.name())), form);
    }

    private boolean way(int at, java.util.function.UnaryOperator<Way> how) {
        return ways.set(at, "Way " + (at + 1), how);
    }

    private VBox supplier(int at, Supplier s) {
        Form form = new Form(session, 3, "part-" + at + "-")
                .text(
                        "device",
                        s.device(),
                        v -> part(at, x -> new Supplier(v, x.values(), x.rate(), x.delay(), x.serial())))
                .number(
                        "how often",
                        Quantity.FREQUENCY,
                        s.rate(),
                        v -> part(at, x -> new Supplier(x.device(), x.values(), v, x.delay(), x.serial())))
                .number(
                        "delay",
                        Quantity.TIME_FINE,
                        s.delay(),
                        v -> part(at, x -> new Supplier(x.device(), x.values(), x.rate(), v, x.serial())))
                .text("tells", told(s), v -> tells(at, v))
                .tick(
                        "needs a serial port",
                        s.serial(),
                        v -> part(at, x -> new Supplier(x.device(), x.values(), x.rate(), x.delay(), v)));
        return new VBox(3, line(Texts.label(s.device(), "strong"), suppliers.gone(at, s.device())), form);
    }

    private static String told(Supplier s) {
        return s.values().stream().map(Value::label).collect(Collectors.joining(", "));
    }

    private boolean tells(int at, String text) {
        List<String> names = Arrays.stream(text.toLowerCase(Locale.ROOT).split("[,;]"))
                .map(String::strip)
                .filter(n -> !n.isEmpty())
                .toList();
        for (String name : names) {
            if (Value.named(name).isEmpty()) {
                session.tell("\u201c" + name + "\u201d is no value; there are "
                        + Arrays.stream(Value.values()).map(Value::label).collect(Collectors.joining(", ")) + ".");
                return false;
            }
        }
        List<Value> values =
                names.stream().flatMap(n -> Value.named(n).stream()).toList();
        return part(at, x -> new Supplier(x.device(), values, x.rate(), x.delay(), x.serial()));
    }

    private boolean part(int at, java.util.function.UnaryOperator<Supplier> how) {
        return suppliers.set(at, "Part " + (at + 1), how);
    }
}
