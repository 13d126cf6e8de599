package app.drachen.desktop.stage.signals;

import app.drachen.core.setup.SignalsMore;
import app.drachen.core.signals.Page;
import app.drachen.core.signals.SignalsSection;
import app.drachen.core.signals.Value;
import app.drachen.core.units.Quantity;
import app.drachen.desk.OpenAircraft;
import app.drachen.desk.Session;
import app.drachen.desktop.drawing.ScreenPen;
import app.drachen.desktop.widget.Form;
import app.drachen.desktop.widget.QuantityField;
import app.drachen.desktop.widget.Scroller;
import app.drachen.desktop.widget.Texts;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.function.Function;
import java.util.stream.Collectors;
import javafx.geometry.Pos;
import javafx.scene.canvas.Canvas;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;

/** Pages before the pilot's eye, laid out once for all aircraft: what stands where, what is missing, where others differ. */
final class PagesForm extends VBox {
    private static final double WIDE = 420;
    private static final double HIGH = 168;

    private final Session session;
    private final Rows<Page> pages;

    PagesForm(Session session, Function<Value, String> shown) {
        super(8);
        this.session = session;
        pages = new Rows<>(session, SignalsSection::pages, SignalsSection::withPages);
        VBox all = new VBox(8, Texts.label("Pages", "heading"));
        for (int i = 0; i < pages.all().size(); i++) {
            all.getChildren().add(page(i, pages.all().get(i), shown));
        }
        HBox line = new HBox(
                8,
                Rows.small(
                        "page-add",
                        "+ page",
                        () -> pages.change("Page added", list -> SignalsMore.add(list, Page.FIRST))),
                Rows.small("pages-all", "Lay out all aircraft so", this::layOutAll),
                Texts.label("Esc closes", "soft", "small"));
        line.setAlignment(Pos.CENTER_LEFT);
        all.getChildren().addAll(line, Texts.wrapped(needed(), "soft"), Texts.wrapped(others(), "soft"));
        ScrollPane scroll = new Scroller(all);
        scroll.setFitToWidth(true);
        scroll.setPrefHeight(500);
        getChildren().add(scroll);
    }

    /** What is entered, in one line. */
    static String summary(SignalsSection s) {
        return s.pages().isEmpty() ? "none" : s.pages().stream().map(Page::name).collect(Collectors.joining(", "));
    }

    private String needed() {
        SignalsSection s = session.setup().signals();
        String missing = Arrays.stream(Value.values())
                .filter(v -> v.needed() != Value.Needed.NEVER && !s.shows(v))
                .map(v -> v.label() + " (for " + v.needed().label() + ")")
                .collect(Collectors.joining(", "));
        boolean blank = s.pages().stream().anyMatch(p -> p.cells().isEmpty());
        return (missing.isEmpty() ? "All that is needed stands on a page." : "Still to be shown: " + missing + ".")
                + (blank ? "" : " There is no blank page; add one for a look at the picture alone.");
    }

    private List<OpenAircraft> rest() {
        return session.desk().shelf().stream()
                .filter(a -> a.id() != session.aircraft().id())
                .filter(a -> a.standing().isPresent())
                .toList();
    }

    /** Which other aircraft of the hangar have other pages. */
    private String others() {
        List<Page> mine = pages.all();
        String differ = rest().stream()
                .map(a -> a.name() + ": "
                        + differences(
                                mine,
                                a.standing().orElseThrow().setup().signals().pages()))
                .filter(d -> !d.endsWith(": "))
                .collect(Collectors.joining("; "));
        return differ.isEmpty() ? "All aircraft of the hangar have these pages." : "Other pages have " + differ + ".";
    }

    /** How pages differ from these, in words; empty where they do not. */
    static String differences(List<Page> mine, List<Page> theirs) {
        if (theirs.isEmpty()) {
            return mine.isEmpty() ? "" : "none at all";
        }
        List<String> found = new ArrayList<>();
        for (Page page : mine) {
            var same = theirs.stream().filter(p -> p.name().equals(page.name())).findFirst();
            if (same.isEmpty()) {
                found.add("no page " + page.name());
                continue;
            }
            String moved = page.cells().stream()
                    .filter(c -> !same.get().cells().contains(c))
                    .map(c -> c.value().label())
                    .collect(Collectors.joining(", "));
            String more = same.get().cells().stream()
                    .filter(c -> !page.shows(c.value()))
                    .map(c -> c.value().label())
                    .collect(Collectors.joining(", "));
            if (!moved.isEmpty()) {
                found.add(moved + " elsewhere on " + page.name());
            }
            if (!more.isEmpty()) {
                found.add(more + " too on " + page.name());
            }
        }
        theirs.stream()
                .filter(p -> mine.stream().noneMatch(m -> m.name().equals(p.name())))
                .forEach(p -> found.add("a page " + p.name()));
        return String.join(", ", found);
    }

    private void layOutAll() {
        List<Page> mine = pages.all();
        int count = 0;
        for (OpenAircraft aircraft : rest()) {
            if (!differences(
                            mine,
                            aircraft.standing().orElseThrow().setup().signals().pages())
                    .isEmpty()) {
                aircraft.edit(
                        "Pages as on " + session.setup().name(),
                        s -> s.withSignals(s.signals().withPages(mine)),
                        () -> {},
                        session::tell);
                count++;
            }
        }
        session.tell(
                count == 0
                        ? "All aircraft of the hangar have these pages already."
                        : count + (count == 1 ? " aircraft has" : " aircraft have")
                                + " these pages now, each as a revision of its own.");
    }

    private VBox page(int at, Page page, Function<Value, String> shown) {
        Canvas canvas = new Canvas(WIDE, HIGH);
        canvas.setAccessibleText("Page " + page.name());
        PagePainter.paint(new ScreenPen(canvas), 0, 0, WIDE, HIGH, page, shown);
        Form form = new Form(session, 1, "page-" + at + "-")
                .text("name", page.name(), v -> pages.set(at, "Page " + (at + 1), p -> new Page(v, p.cells())));
        HBox head = new HBox(8, form, pages.gone(at, "page " + page.name()));
        head.setAlignment(Pos.CENTER_LEFT);
        VBox cells = new VBox(3);
        for (Page.Cell cell : page.cells()) {
            cells.getChildren().add(cell(at, cell));
        }
        ComboBox<Value> add = Form.box(
                "page-" + at + "-add",
                Arrays.stream(Value.values()).filter(v -> !page.shows(v)).toList(),
                null,
                Value::label);
        add.setPromptText("+ value");
        add.setAccessibleText("Value to add to page " + page.name());
        add.setOnAction(e -> {
            if (add.getValue() != null) {
                Value value = add.getValue();
                pages.set(at, value.label() + " on page " + page.name(), p -> p.adding(value)
                        .orElseThrow(() -> new IllegalArgumentException(
                                "Page " + page.name() + " has no room for " + value.label() + " any more.")));
            }
        });
        FlowPane below = new FlowPane(8, 4, cells, add);
        return new VBox(4, head, canvas, below);
    }

    private HBox cell(int at, Page.Cell cell) {
        QuantityField column = field("column", cell.column(), v -> move(at, cell, (int) Math.rint(v), cell.row()));
        QuantityField row = field("row", cell.row(), v -> move(at, cell, cell.column(), (int) Math.rint(v)));
        Button gone = Rows.small(
                "page-" + at + "-without-" + cell.value().name().toLowerCase(java.util.Locale.ROOT),
                "\u00d7",
                () -> pages.set(at, cell.value().label() + " taken off", p -> p.without(cell.value())));
        gone.setAccessibleText("Take " + cell.value().label() + " off");
        var name = Texts.label(cell.value().label());
        name.setMinWidth(110);
        HBox line = new HBox(6, name, column, row, gone);
        line.setAlignment(Pos.CENTER_LEFT);
        return line;
    }

    private QuantityField field(String name, double value, java.util.function.DoublePredicate take) {
        QuantityField field = new QuantityField(name, Quantity.COUNT, session::tell, take);
        field.columns(2);
        field.show(value, session.units());
        return field;
    }

    private boolean move(int at, Page.Cell cell, int column, int row) {
        return pages.set(at, cell.value().label() + " moved", p -> p.moving(cell.value(), column, row));
    }
}
