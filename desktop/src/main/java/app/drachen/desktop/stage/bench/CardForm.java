package app.drachen.desktop.stage.bench;

import app.drachen.core.bench.BenchCard;
import app.drachen.core.bench.Reading;
import app.drachen.core.units.Quantity;
import app.drachen.core.working.Finding.State;
import app.drachen.core.working.Working;
import app.drachen.desk.Session;
import app.drachen.desktop.screen.Tips;
import app.drachen.desktop.widget.Focus;
import app.drachen.desktop.widget.Form;
import app.drachen.desktop.widget.QuantityField;
import app.drachen.desktop.widget.StateMark;
import app.drachen.desktop.widget.Texts;
import app.drachen.desktop.widget.WorkingPopover;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.function.BiConsumer;
import java.util.stream.IntStream;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Hyperlink;
import javafx.scene.control.Label;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;

/** The questions of one card with their answers: what must be, what was read, what follows. */
final class CardForm extends VBox {
    private final Session session;
    private final BiConsumer<Reading, Double> take;

    /**
     * A form for one card.
     *
     * @param take receives an answer to it in SI, also when another card was chosen meanwhile
     */
    CardForm(Session session, BiConsumer<Reading, Double> take) {
        super(8);
        this.session = session;
        this.take = take;
        setId("card-form");
    }

    /** Shows the card with what was answered; it can be answered by hand only where it is open. */
    void show(BenchCard card, Map<String, Double> given, boolean open) {
        List<BenchCard.Said> follows = card.sums().of(given);
        Focus.kept(this, List.of(card.readings(), Map.copyOf(given), follows, open, session.units()), () -> {
            getChildren().setAll(card.readings().size() > 14 ? table(card, given, open) : lines(card, given, open));
            follows.forEach(said -> getChildren().add(said(said)));
        });
    }

    private Node said(BenchCard.Said said) {
        Label words = Texts.wrapped(Quantity.read(said.sentence(), session.units()), said.good() ? "good" : "bad");
        HBox line = new HBox(6, new StateMark(said.good() ? State.GOOD : State.STOP), words);
        List<Working> workings = said.workings();
        if (!workings.isEmpty()) {
            Hyperlink working = new Hyperlink("show working");
            working.setMinWidth(javafx.scene.layout.Region.USE_PREF_SIZE);
            working.setOnAction(e -> WorkingPopover.show(working, workings, session.units()));
            line.getChildren().add(working);
        }
        line.setAlignment(Pos.CENTER_LEFT);
        return line;
    }

    private Node lines(BenchCard card, Map<String, Double> given, boolean open) {
        GridPane grid = new GridPane();
        grid.setHgap(10);
        grid.setVgap(5);
        int row = 0;
        for (Reading reading : card.readings()) {
            Label asks = Texts.label(reading.asks());
            asks.setWrapText(true);
            asks.setMinWidth(200);
            asks.setMaxWidth(270);
            grid.add(asks, 0, row);
            grid.add(answer(reading, given, open, 5), 1, row);
            grid.add(mark(reading, given), 2, row);
            Label must = Texts.label(
                    reading.wanted()
                            .map(w -> "must be " + Quantity.read(w.words(), session.units()))
                            .orElse(reading.needed() ? "" : "may be left out"),
                    "soft",
                    "small");
            must.setWrapText(true);
            must.setMaxWidth(150);
            grid.add(must, 3, row);
            row++;
        }
        return grid;
    }

    /** Many answers of one kind stand in a table: what is held by what is read. */
    private Node table(BenchCard card, Map<String, Double> given, boolean open) {
        List<String> rows = new ArrayList<>();
        List<String> columns = new ArrayList<>();
        for (Reading reading : card.readings()) {
            add(rows, held(reading));
            add(columns, read(reading));
        }
        GridPane grid = new GridPane();
        grid.setHgap(8);
        grid.setVgap(3);
        for (int c = 0; c < columns.size(); c++) {
            grid.add(Texts.label(columns.get(c), "soft", "small"), c + 1, 0);
        }
        IntStream.range(0, rows.size()).forEach(r -> {
            Label name = Texts.label(rows.get(r), "small");
            name.setMinWidth(javafx.scene.layout.Region.USE_PREF_SIZE);
            grid.add(name, 0, r + 1);
        });
        for (Reading reading : card.readings()) {
            HBox cell = new HBox(3, answer(reading, given, open, 4));
            if (reading.wanted().isPresent() && given.containsKey(reading.id())) {
                cell.getChildren().add(mark(reading, given));
            }
            cell.setAlignment(Pos.CENTER_LEFT);
            reading.wanted().ifPresent(w -> Tips.say(cell, "must be " + Quantity.read(w.words(), session.units())));
            grid.add(cell, columns.indexOf(read(reading)) + 1, rows.indexOf(held(reading)) + 1);
        }
        return grid;
    }

    private static void add(List<String> all, String one) {
        if (!all.contains(one)) {
            all.add(one);
        }
    }

    private static int cut(Reading reading) {
        int colon = reading.asks().lastIndexOf(": ");
        int comma = reading.asks().lastIndexOf(", ");
        return Math.max(colon, comma);
    }

    private static String held(Reading reading) {
        return cut(reading) < 0 ? reading.asks() : reading.asks().substring(0, cut(reading));
    }

    private static String read(Reading reading) {
        return cut(reading) < 0 ? "" : reading.asks().substring(cut(reading) + 2);
    }

    private Node mark(Reading reading, Map<String, Double> given) {
        Double value = given.get(reading.id());
        if (value == null || reading.wanted().isEmpty()) {
            return new Label();
        }
        return new StateMark(reading.right(value) ? State.GOOD : State.STOP);
    }

    private Node answer(Reading reading, Map<String, Double> given, boolean open, int columns) {
        Double value = given.get(reading.id());
        String id = "reading-" + reading.id().toLowerCase(java.util.Locale.ROOT).replace(' ', '-');
        if (!reading.options().isEmpty()) {
            ComboBox<String> box = Form.box(id, reading.options(), value == null ? null : reading.told(value), w -> w);
            box.setAccessibleText(reading.asks());
            box.setDisable(!open);
            box.setPrefWidth(150);
            box.setOnAction(e -> {
                int at = box.getSelectionModel().getSelectedIndex();
                if (at >= 0) {
                    take.accept(reading, (double) at);
                }
            });
            return box;
        }
        QuantityField field = new QuantityField("", reading.quantity(), session::tell, v -> {
            try {
                take.accept(reading, reading.checked(v));
                return true;
            } catch (IllegalArgumentException e) {
                session.tell(e.getMessage() + ".");
                return false;
            }
        });
        field.columns(columns);
        field.field().setId(id);
        field.field().setAccessibleText(reading.asks());
        field.setDisable(!open);
        field.show(value == null ? Double.NaN : value, session.units());
        return field;
    }
}
