package app.drachen.desktop.stage.maiden;

import app.drachen.core.rehearsal.Scatter;
import app.drachen.core.units.Quantity;
import app.drachen.core.units.UnitSystem;
import app.drachen.core.working.Working;
import app.drachen.desktop.chart.PlanPainter;
import app.drachen.desktop.widget.Scroller;
import app.drachen.desktop.widget.Texts;
import app.drachen.desktop.widget.WorkingRow;
import java.util.List;
import java.util.Optional;
import javafx.geometry.Insets;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.ColumnConstraints;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/** What many flights of one card showed: shares and measures with their spread. */
final class ManyFlights extends VBox {
    private Optional<Shown> shown = Optional.empty();

    /** All that is shown. */
    private record Shown(Scatter scatter, String cause, UnitSystem units) {}

    ManyFlights() {
        super(6);
        setId("many-flights");
        getStyleClass().add("sheet");
        setPadding(new Insets(10, 14, 10, 14));
        setMinHeight(0);
        setPrefHeight(214);
        setMaxHeight(214);
        setVisible(false);
    }

    /** Shows a result. One that is shown already stays as it is, however far it was scrolled. */
    void show(Scatter scatter, String cause, UnitSystem units) {
        setVisible(true);
        Shown now = new Shown(scatter, cause, units);
        if (shown.filter(now::equals).isPresent()) {
            return;
        }
        shown = Optional.of(now);
        getChildren().clear();
        getChildren()
                .add(Texts.label(
                        "Flown " + scatter.flights().size()
                                + " times with other gusts and throws, and small errors of building",
                        "strong"));
        GridPane grid = new GridPane();
        grid.setHgap(28);
        grid.setVgap(1);
        ColumnConstraints half = new ColumnConstraints();
        half.setPercentWidth(50);
        grid.getColumnConstraints().addAll(half, half);
        List<Working> all = scatter.workings();
        int rows = (all.size() + 1) / 2;
        for (int i = 0; i < all.size(); i++) {
            grid.add(new WorkingRow(all.get(i), units), i / rows, i % rows);
        }
        ScrollPane scroll = new Scroller(grid);
        scroll.setFitToWidth(true);
        scroll.setFocusTraversable(false);
        VBox.setVgrow(scroll, Priority.ALWAYS);
        getChildren().add(scroll);
        String lost = cause.isEmpty()
                ? "None was lost. Rings on the plan show where they ended."
                : Quantity.read(cause, units);
        Label line = Texts.wrapped(lost, "soft");
        getChildren().add(line);
    }

    /** Where they ended. */
    static List<PlanPainter.End> ends(Scatter scatter) {
        return scatter.flights().stream()
                .map(f -> new PlanPainter.End(f.north(), f.east(), f.outcome().whole()))
                .toList();
    }
}
