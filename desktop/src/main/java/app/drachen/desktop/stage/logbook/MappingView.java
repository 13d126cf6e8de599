package app.drachen.desktop.stage.logbook;

import app.drachen.core.autopilot.Helper;
import app.drachen.core.log.Assignment;
import app.drachen.core.log.LogColumn;
import app.drachen.core.log.Scale;
import app.drachen.core.log.Scales;
import app.drachen.core.modes.FlightMode;
import app.drachen.core.units.UnitSystem;
import app.drachen.desktop.screen.Tips;
import app.drachen.desktop.widget.LightBox;
import app.drachen.desktop.widget.Scroller;
import app.drachen.desktop.widget.Texts;
import app.drachen.files.csv.ForeignTable;
import app.drachen.files.csv.LogMapping;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import javafx.geometry.Insets;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.ListCell;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import javafx.util.StringConverter;

/** Says what the columns of a foreign file are taken for, beside what stands in them. */
final class MappingView extends VBox {
    private static final String LEFT_OUT = "left out";

    private final ForeignTable table;
    private final UnitSystem units;
    private final Label layout = Texts.wrapped("", "soft");
    private final Label missing = Texts.wrapped("", "bad", "strong");
    private final GridPane grid = new GridPane();
    private final FlowPane modes = new FlowPane(16, 8);
    private final VBox modeBlock = new VBox(6, Texts.label("THE FILE'S MODES", "caps"), modes);
    private LogMapping mapping;

    MappingView(ForeignTable table, LogMapping mapping, UnitSystem units) {
        super(8);
        this.table = table;
        this.mapping = mapping;
        this.units = units;
        setId("mapping");
        grid.setHgap(18);
        grid.setVgap(3);
        ScrollPane scroll = new Scroller(grid);
        scroll.setFitToWidth(true);
        scroll.setFocusTraversable(false);
        grid.getStyleClass().add("sheet");
        grid.setPadding(new Insets(8, 14, 8, 14));
        VBox.setVgrow(scroll, Priority.ALWAYS);
        getChildren()
                .addAll(
                        Texts.label("What is in " + table.file().getFileName() + "?", "heading"),
                        layout,
                        missing,
                        scroll,
                        modeBlock);
        layout.setText(layoutWords());
        fill();
    }

    LogMapping mapping() {
        return mapping;
    }

    private String layoutWords() {
        var shape = table.shape();
        String separator =
                switch (shape.separator()) {
                    case ',' -> "commas";
                    case ';' -> "semicolons";
                    case '\t' -> "tabs";
                    default -> "“" + shape.separator() + "”";
                };
        return shape.headers().size() + " columns between " + separator + ", decimal "
                + (shape.decimalComma() ? "comma" : "point")
                + (shape.headerLine() > 0 ? ", headers in line " + shape.headerLine() : ", no headers")
                + (shape.unitsBelow() ? " with units below" : "")
                + ", " + shape.charset()
                + ". The guess stands beside the numbers: change what is wrong, Enter reads the file.";
    }

    private void fill() {
        grid.getChildren().clear();
        String[] heads = {"in the file", "first", "middle", "last", "taken for", "unit", "so the middle is"};
        for (int c = 0; c < heads.length; c++) {
            grid.add(Texts.label(heads[c], "caps"), c, 0);
        }
        for (int i = 0; i < mapping.columns().size(); i++) {
            row(i);
        }
        missing.setText(mapping.hasTime() ? "" : "No column is taken for the time yet: choose one.");
        missing.setVisible(!mapping.hasTime());
        missing.setManaged(!mapping.hasTime());
        fillModes();
    }

    private String sample(int column, double share) {
        List<String> row =
                table.rows().get((int) Math.round(share * (table.rows().size() - 1)));
        String text = column < row.size() ? row.get(column).strip() : "";
        return text.length() > 16 ? text.substring(0, 15) + "…" : text;
    }

    private void row(int at) {
        LogMapping.Choice choice = mapping.columns().get(at);
        Label header = Texts.label(choice.header(), choice.column().isPresent() ? "strong" : "soft");
        header.setMaxWidth(210);
        String remark = table.remarks().get(at);
        if (!remark.isEmpty()) {
            header.setText(choice.header() + " ?");
            Tips.say(header, remark);
            header.setAccessibleText(choice.header() + ": " + remark);
        }
        grid.add(header, 0, at + 1);
        for (int k = 0; k < 3; k++) {
            Label sample = Texts.label(sample(at, k / 2.0), "figure");
            sample.setMaxWidth(118);
            grid.add(sample, 1 + k, at + 1);
        }
        ComboBox<Optional<LogColumn>> column = new LightBox<>();
        column.getItems().add(Optional.empty());
        Arrays.stream(LogColumn.values())
                .filter(c -> c != LogColumn.STEP)
                .sorted(Comparator.comparing(LogColumn::meaning))
                .forEach(c -> column.getItems().add(Optional.of(c)));
        column.setValue(choice.column());
        column.setConverter(words(c -> c.map(LogColumn::meaning).orElse(LEFT_OUT)));
        column.setId("column-" + at);
        column.setAccessibleText(choice.header() + " is taken for");
        column.setPrefWidth(190);
        column.setOnAction(e -> take(at, column.getValue().map(Assignment::of)));
        grid.add(column, 4, at + 1);
        choice.assignment().ifPresent(a -> unit(at, a));
    }

    private void unit(int at, Assignment assignment) {
        ComboBox<Scale> scale = new LightBox<>();
        scale.getItems().addAll(Scales.of(assignment.column()));
        scale.setValue(assignment.scale());
        scale.setConverter(words(Scale::symbol));
        scale.setId("unit-" + at);
        scale.setAccessibleText("unit of " + assignment.column().meaning());
        scale.setPrefWidth(120);
        scale.setOnAction(e -> take(at, Optional.of(new Assignment(assignment.column(), scale.getValue()))));
        boolean words = assignment.column() == LogColumn.MODE || assignment.column() == LogColumn.ARMED;
        if (!words) {
            grid.add(scale, 5, at + 1);
        }
        Label meant = Texts.label(meant(at, assignment), "figure");
        meant.setMinWidth(Region.USE_PREF_SIZE);
        grid.add(meant, 6, at + 1);
    }

    private String meant(int at, Assignment assignment) {
        String text = sample(at, 0.5).replace(table.shape().decimalComma() ? ',' : '.', '.');
        try {
            double value = assignment.scale().toSi(Double.parseDouble(text));
            return assignment.column().plausible(value)
                    ? assignment.column().quantity().text(value, units)
                    : "cannot be: " + assignment.column().quantity().text(value, units);
        } catch (NumberFormatException e) {
            return "";
        }
    }

    private static <T> StringConverter<T> words(java.util.function.Function<T, String> say) {
        return new StringConverter<>() {
            @Override
            public String toString(T value) {
                return value == null ? "" : say.apply(value);
            }

            @Override
            public T fromString(String text) {
                throw new UnsupportedOperationException("nothing is typed here");
            }
        };
    }

    private void take(int at, Optional<Assignment> assignment) {
        mapping = mapping.with(at, assignment);
        String focused = getScene() == null || getScene().getFocusOwner() == null
                ? ""
                : String.valueOf(getScene().getFocusOwner().getId());
        fill();
        var again = grid.lookup("#" + focused);
        if (again != null) {
            again.requestFocus();
        }
    }

    private void fillModes() {
        List<String> names = table.modeNames(mapping);
        modes.getChildren().clear();
        for (String name : names) {
            Optional<Helper> helper = Helper.named(name).filter(h -> h != Helper.NONE);
            if (helper.isPresent() && !mapping.modes().containsKey(name)) {
                modes.getChildren()
                        .add(Texts.label(
                                "“" + name + "” is a helper, " + helper.get().label() + "; the mode before it goes on",
                                "soft"));
                continue;
            }
            ComboBox<Optional<FlightMode>> box = new ComboBox<>();
            List<Optional<FlightMode>> all = new ArrayList<>();
            all.add(Optional.empty());
            Arrays.stream(FlightMode.values()).map(Optional::of).forEach(all::add);
            box.getItems().addAll(all);
            box.setValue(Optional.ofNullable(mapping.modes().get(name)));
            box.setConverter(words(m -> m.map(FlightMode::label).orElse("not known")));
            box.setAccessibleText("mode " + name + " means");
            box.setId("mode-" + names.indexOf(name));
            box.setButtonCell(cell());
            box.setOnAction(e -> mapping = mapping.with(name, box.getValue()));
            HBox pair = new HBox(8, Texts.label("“" + name + "”"), box);
            pair.setAlignment(javafx.geometry.Pos.CENTER_LEFT);
            modes.getChildren().add(pair);
        }
        modeBlock.setVisible(!names.isEmpty());
        modeBlock.setManaged(!names.isEmpty());
    }

    private static ListCell<Optional<FlightMode>> cell() {
        return new ListCell<>() {
            @Override
            protected void updateItem(Optional<FlightMode> mode, boolean empty) {
                super.updateItem(mode, empty);
                setText(empty || mode == null ? "" : mode.map(FlightMode::label).orElse("not known"));
            }
        };
    }
}
