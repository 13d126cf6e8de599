package app.drachen.desktop.app;

import app.drachen.core.calc.Calculation;
import app.drachen.core.calc.Own;
import app.drachen.core.working.Working;
import app.drachen.desk.Session;
import app.drachen.desktop.widget.QuantityField;
import app.drachen.desktop.widget.Scroller;
import app.drachen.desktop.widget.Texts;
import app.drachen.desktop.widget.WorkingRow;
import java.util.LinkedHashMap;
import java.util.Map;
import javafx.scene.Node;
import javafx.scene.control.Hyperlink;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextInputControl;
import javafx.scene.layout.HBox;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

/** One calculation over everything: its inputs to type, filled in from the aircraft, and its results as they change. */
final class CalcPanel {
    private final Session session;
    private final Calculation calculation;
    private final Overlay overlay;
    private final VBox results = new VBox(2);
    private final Map<String, Double> values = new LinkedHashMap<>();

    CalcPanel(Session session, StackPane host, Calculation calculation) {
        this.session = session;
        this.calculation = calculation;
        calculation.inputs().forEach(i -> i.usual().ifPresent(u -> values.put(i.name(), u)));
        if (session.isOpen()) {
            values.putAll(Own.values(calculation, session.setup(), session.field()));
        }
        VBox inputs = new VBox(5);
        for (Calculation.Input input : calculation.inputs()) {
            inputs.getChildren().add(field(input));
        }
        inputs.setPrefWidth(400);
        ScrollPane scroll = new Scroller(inputs);
        scroll.setFitToWidth(true);
        scroll.setMaxHeight(460);
        scroll.setFocusTraversable(false);
        results.setPrefWidth(380);
        results.setId("results");
        String filled = session.isOpen() ? "Filled in from " + session.setup().name() + " where it knows. " : "";
        VBox panel = new VBox(
                12,
                Texts.label(calculation.id() + " · " + calculation.title(), "heading"),
                new HBox(36, scroll, results),
                Texts.label(
                        filled + "Enter or Tab takes a value, with or without a unit; a result shows its working."
                                + " Esc closes.",
                        "soft",
                        "small"));
        overlay = new Overlay(host, "calculator", panel);
        compute();
    }

    private Node field(Calculation.Input input) {
        QuantityField field =
                new QuantityField(input.meaning(), input.quantity(), session::tell, value -> take(input, value));
        field.unitWidth(58);
        field.show(values.getOrDefault(input.name(), Double.NaN), session.units());
        field.field().setId("calc-" + input.name());
        field.field().setAccessibleText(input.meaning() + ", " + input.range());
        return field;
    }

    private boolean take(Calculation.Input input, double value) {
        if (!(input.low() <= value && value <= input.high())) {
            session.tell(
                    input.meaning() + " is " + input.quantity().text(value) + "; allowed is " + input.range() + ".");
            return false;
        }
        values.put(input.name(), value);
        compute();
        return true;
    }

    private void compute() {
        results.getChildren().clear();
        try {
            for (Working working : calculation.compute(values)) {
                results.getChildren().add(new WorkingRow(working, session.units()));
                calculation.offers().stream()
                        .filter(o -> session.isOpen() && o.result().equals(working.name()))
                        .forEach(o -> results.getChildren().add(offer(o, working)));
            }
        } catch (IllegalArgumentException e) {
            results.getChildren().add(Texts.wrapped(e.getMessage(), "soft"));
        }
    }

    /** Takes a result into the set-up, as an edit like any other. */
    private Node offer(Calculation.Offer offer, Working working) {
        Hyperlink link = new Hyperlink("Take it into the set-up: " + offer.place());
        link.setId("take");
        link.getStyleClass().add("strong");
        link.setWrapText(true);
        link.setMaxWidth(370);
        link.setOnAction(e -> {
            boolean taken = session.edit(calculation.title() + ": " + offer.place(), s -> offer.into()
                    .apply(s, working.value()));
            session.tell(
                    taken ? "Taken as " + offer.place() + "; Ctrl Z takes it back." : "That is what it is already.");
        });
        return link;
    }

    void open() {
        overlay.open();
        if (overlay.pane().lookup(".text-field") instanceof TextInputControl first) {
            first.requestFocus();
            first.selectAll();
        }
    }
}
