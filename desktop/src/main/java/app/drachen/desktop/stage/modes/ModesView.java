package app.drachen.desktop.stage.modes;

import app.drachen.core.aerodynamics.Stall;
import app.drachen.core.air.Atmosphere;
import app.drachen.core.air.Field;
import app.drachen.core.clearance.rules.WayHome;
import app.drachen.core.modes.BandText;
import app.drachen.core.modes.FlightMode;
import app.drachen.core.modes.HomeProfile;
import app.drachen.core.modes.Limits;
import app.drachen.core.modes.PulseBand;
import app.drachen.core.modes.Selector;
import app.drachen.core.modes.SelectorKind;
import app.drachen.core.modes.Turn;
import app.drachen.core.setup.Setup;
import app.drachen.core.units.Quantity;
import app.drachen.core.working.Working;
import app.drachen.desktop.chart.CirclePainter;
import app.drachen.desktop.chart.WayPainter;
import app.drachen.desktop.drawing.Picture;
import app.drachen.desktop.drawing.ScreenPen;
import app.drachen.desktop.widget.Action;
import app.drachen.desktop.widget.Focus;
import app.drachen.desktop.widget.Place;
import app.drachen.desktop.widget.QuantityField;
import app.drachen.desktop.widget.Texts;
import app.drachen.desktop.widget.WorkingRow;
import app.drachen.desktop.widget.Workspace;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.BiFunction;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.canvas.Canvas;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Hyperlink;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Pane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/** The Modes stage: the way home from the side, the bank limit as circles, the selector's table. */
public final class ModesView implements Place {
    private final Workspace workspace;
    private final VBox root = new VBox(9);
    private final Canvas way = new Canvas();
    private final Pane wayHost = new Pane(way);
    private final Canvas circles = new Canvas(210, 186);
    private final VBox turns = new VBox();
    private final HBox homeFields = new HBox(16);
    private final VBox limitFields = new VBox(4);
    private final VBox selector = new VBox(5);
    private Optional<HomeProfile> draft = Optional.empty();

    /** The stage of a workspace. */
    public ModesView(Workspace workspace) {
        this.workspace = workspace;
        HBox head = new HBox(
                6,
                Texts.label("The way home, from the side", "heading"),
                Texts.spring(),
                Texts.label("drag the height, or", "soft"),
                Texts.key("+"),
                Texts.key("−"),
                Texts.key("C"),
                Texts.label("climb first", "soft"));
        head.setAlignment(Pos.CENTER_LEFT);
        wayHost.getStyleClass().add("sheet");
        wayHost.setMinHeight(176);
        VBox.setVgrow(wayHost, Priority.ALWAYS);
        wayHost.widthProperty().addListener((o, a, b) -> paint());
        wayHost.heightProperty().addListener((o, a, b) -> paint());
        way.setOnMousePressed(e -> drag(e.getY()));
        way.setOnMouseDragged(e -> drag(e.getY()));
        way.setOnMouseReleased(e -> drop());
        homeFields.setAlignment(Pos.CENTER_LEFT);
        VBox bankWords = new VBox(6, limitFields, turns);
        bankWords.setMinWidth(196);
        HBox bank = new HBox(8, circles, bankWords);
        bank.getStyleClass().add("sheet");
        bank.setPadding(new Insets(8));
        VBox bankBox = new VBox(5, Texts.label("BANK LIMIT, SEEN FROM ABOVE", "caps"), bank);
        VBox selectorBox = new VBox(5, Texts.label("THE SELECTOR", "caps"), selector);
        HBox.setHgrow(selectorBox, Priority.ALWAYS);
        selector.getStyleClass().add("sheet");
        selector.setPadding(new Insets(8, 10, 8, 10));
        VBox.setVgrow(selector, Priority.ALWAYS);
        HBox bottom = new HBox(14, bankBox, selectorBox);
        root.getChildren().addAll(head, wayHost, homeFields, bottom);
        root.setPadding(new Insets(12, 16, 10, 20));
        root.setFocusTraversable(true);
        root.setId("modes");
    }

    @Override
    public Node node() {
        return root;
    }

    @Override
    public void update() {
        homeFields();
        limits();
        selector();
        paint();
    }

    private double density() {
        return workspace.field().map(Field::density).orElse(Atmosphere.SEA_LEVEL_DENSITY);
    }

    private HomeProfile home() {
        return draft.orElseGet(() -> workspace.setup().modes().home());
    }

    private void paint() {
        if (!workspace.isOpen() || wayHost.getWidth() < 100) {
            return;
        }
        way.setWidth(wayHost.getWidth());
        way.setHeight(wayHost.getHeight());
        Setup setup = workspace.setup();
        WayPainter.paint(
                new ScreenPen(way),
                way.getWidth(),
                way.getHeight(),
                home(),
                setup.modes().limits(),
                workspace.field(),
                workspace.units());
        way.setAccessibleText("Way home at " + Quantity.HEIGHT.text(home().height(), workspace.units()));
        CirclePainter.paint(
                new ScreenPen(circles),
                circles.getWidth(),
                circles.getHeight(),
                setup.modes().limits(),
                home(),
                workspace.field(),
                workspace.units());
    }

    private void drag(double y) {
        double height = Math.max(10, Math.rint(WayPainter.heightAt(y, way.getHeight(), workspace.field()) / 5) * 5);
        draft = Optional.of(workspace.setup().modes().home().withHeight(Math.min(1_000, height)));
        paint();
    }

    private void drop() {
        Optional<HomeProfile> to = draft;
        draft = Optional.empty();
        to.ifPresent(h -> setHome("Return height", x -> h));
    }

    private boolean setHome(String reason, java.util.function.UnaryOperator<HomeProfile> change) {
        return workspace.edit(
                reason,
                s -> s.withModes(s.modes().withHome(change.apply(s.modes().home()))));
    }

    private void homeFields() {
        Focus.kept(homeFields, () -> rebuildHomefields());
    }

    private void rebuildHomefields() {
        HomeProfile home = workspace.setup().modes().home();
        homeFields.getChildren().clear();
        homeFields
                .getChildren()
                .add(field(
                        "Return height",
                        Quantity.HEIGHT,
                        home.height(),
                        v -> setHome("Return height", h -> h.withHeight(v))));
        homeFields
                .getChildren()
                .add(field(
                        "Circle radius",
                        Quantity.DISTANCE,
                        home.circleRadius(),
                        v -> setHome("Circle radius", h -> h.withRadius(v))));
        CheckBox first = new CheckBox("climb first");
        first.setSelected(home.climbFirst());
        first.setOnAction(e -> climbFirst());
        homeFields.getChildren().add(first);
        homeFields
                .getChildren()
                .add(Texts.label(
                        "judged from "
                                + Quantity.DISTANCE.text(WayHome.FROM_DISTANCE, workspace.units())
                                + " out at "
                                + Quantity.HEIGHT.text(WayHome.FROM_HEIGHT, workspace.units())
                                + "; circles at home, does not land",
                        "soft",
                        "small"));
    }

    private QuantityField field(String name, Quantity quantity, double value, java.util.function.DoublePredicate take) {
        QuantityField field = new QuantityField(name, quantity, workspace::tell, take);
        field.columns(4);
        field.show(value, workspace.units());
        return field;
    }

    private void limits() {
        Focus.kept(limitFields, () -> rebuildLimits());
    }

    private void rebuildLimits() {
        Limits limits = workspace.setup().modes().limits();
        limitFields
                .getChildren()
                .setAll(
                        field(
                                "Bank limit",
                                Quantity.BEARING,
                                limits.bank(),
                                v -> setLimits("Bank limit", limits, v, Limits::withBank)),
                        field(
                                "Cruise speed",
                                Quantity.SPEED,
                                limits.cruiseSpeed(),
                                v -> setLimits("Cruise speed", limits, v, Limits::withCruise)));
        Turn turn = new Turn(limits.cruiseSpeed(), limits.bank());
        double stall = Stall.of(workspace.setup(), density()).speed();
        List<Working> rows = new ArrayList<>();
        rows.add(turn.radiusWorking());
        rows.add(turn.loadWorking());
        rows.add(turn.stallWorking(stall));
        workspace
                .field()
                .ifPresent(f -> rows.add(turn.leastCircleWorking(
                        f.windAt(workspace.setup().modes().home().height()))));
        turns.getChildren().clear();
        rows.forEach(w -> turns.getChildren().add(new WorkingRow(w, workspace.units())));
    }

    private boolean setLimits(String reason, Limits now, double value, BiFunction<Limits, Double, Limits> change) {
        return workspace.edit(
                reason,
                s -> s.withModes(s.modes().withLimits(change.apply(s.modes().limits(), value))));
    }

    private void selector() {
        Focus.kept(selector, () -> rebuildSelector());
    }

    private void rebuildSelector() {
        Selector s = workspace.setup().modes().selector();
        ComboBox<String> kind = new ComboBox<>();
        for (SelectorKind k : SelectorKind.values()) {
            kind.getItems().add(k.label());
        }
        kind.getSelectionModel().select(s.kind().ordinal());
        kind.setAccessibleText("Kind of switch");
        kind.setId("selector-kind");
        kind.setOnAction(
                e -> changeKind(SelectorKind.values()[kind.getSelectionModel().getSelectedIndex()]));
        HBox head = new HBox(
                10,
                kind,
                field(
                        "Weight",
                        Quantity.SHARE,
                        s.weight(),
                        v -> setSelector("Selector weight", x -> x.withTravel(v, x.offset()))),
                field(
                        "Offset",
                        Quantity.SHARE,
                        s.offset(),
                        v -> setSelector("Selector offset", x -> x.withTravel(x.weight(), v))));
        head.setAlignment(Pos.CENTER_LEFT);
        GridPane table = new GridPane();
        table.setHgap(12);
        table.setVgap(3);
        String[] heads = {"", "gives", "pulse", "band", "to edge"};
        for (int i = 0; i < heads.length; i++) {
            table.add(Texts.label(heads[i], "soft", "small"), i, 0);
        }
        for (Selector.Place place : s.table()) {
            row(table, s, place);
        }
        TextField bands = new TextField(BandText.write(s.bands()));
        bands.setId("field-bands");
        bands.setAccessibleText("Pulse bands of the board: edges and modes in turn");
        bands.setTooltip(new Tooltip("Pulse bands of the board: edges and modes in turn; a dash for a gap"));
        bands.setOnAction(e -> setBands(bands.getText()));
        Hyperlink working = new Hyperlink("show working");
        working.setOnAction(e ->
                app.drachen.desktop.widget.WorkingPopover.show(working, List.of(s.marginWorking()), workspace.units()));
        HBox foot = new HBox(
                10,
                Texts.label(
                        "least margin "
                                + (Double.isNaN(s.leastMargin())
                                        ? "unknown"
                                        : Quantity.PULSE.text(s.leastMargin(), workspace.units())),
                        "soft"),
                working,
                Texts.spring(),
                Texts.button(Action.of("Widest margin", "S", this::solve), "small-button"));
        foot.setAlignment(Pos.CENTER_LEFT);
        HBox bandLine = new HBox(8, Texts.label("Bands"), bands);
        bandLine.setAlignment(Pos.CENTER_LEFT);
        HBox.setHgrow(bands, Priority.ALWAYS);
        selector.getChildren().setAll(head, table, bandLine, Texts.spring(), foot);
        VBox.setVgrow(selector.getChildren().get(3), Priority.ALWAYS);
    }

    private void row(GridPane table, Selector s, Selector.Place place) {
        int row = place.position();
        ComboBox<FlightMode> mode = new ComboBox<>();
        mode.getItems().setAll(FlightMode.values());
        mode.setValue(s.wanted().get(row - 1));
        mode.setConverter(new ModeNames());
        mode.setAccessibleText("Mode at position " + row);
        mode.setPrefWidth(112);
        mode.setOnAction(e -> setSelector(
                "Position " + row + " gives " + mode.getValue().label(), x -> x.withMode(row, mode.getValue())));
        String edge =
                Double.isNaN(place.marginMicros()) ? "–" : Quantity.PULSE.text(place.marginMicros(), workspace.units());
        String band = s.bands().stream()
                .filter(b -> b.holds(place.pulseMicros()))
                .map(b -> Math.round(b.lowMicros()) + "–" + Math.round(b.highMicros()))
                .reduce((a, b) -> a + ", " + b)
                .orElse("none");
        boolean bad = place.mode().isEmpty() || place.marginMicros() < 40;
        Label edgeLabel = Texts.label(edge, "figure");
        if (bad) {
            edgeLabel.getStyleClass().add("bad");
        }
        boolean safe = mode.getValue() == FlightMode.MANUAL || mode.getValue() == FlightMode.HOME;
        table.add(Texts.label(String.valueOf(row), safe ? "strong" : "soft"), 0, row);
        table.add(mode, 1, row);
        table.add(Texts.label(Quantity.PULSE.text(place.pulseMicros(), workspace.units()), "figure"), 2, row);
        table.add(Texts.label(band, "figure", "soft"), 3, row);
        table.add(edgeLabel, 4, row);
    }

    /** Names of modes for lists. */
    private static final class ModeNames extends javafx.util.StringConverter<FlightMode> {
        @Override
        public String toString(FlightMode mode) {
            return mode == null ? "" : mode.label();
        }

        @Override
        public FlightMode fromString(String label) {
            return FlightMode.valueOf(label.toUpperCase(java.util.Locale.ROOT));
        }
    }

    private boolean setSelector(String reason, java.util.function.UnaryOperator<Selector> change) {
        return workspace.edit(
                reason,
                s -> s.withModes(s.modes().withSelector(change.apply(s.modes().selector()))));
    }

    private void setBands(String text) {
        try {
            List<PulseBand> bands = BandText.read(text);
            setSelector("Pulse bands of the board", x -> x.withBands(bands));
        } catch (IllegalArgumentException e) {
            workspace.tell(e.getMessage());
        }
    }

    private void changeKind(SelectorKind kind) {
        if (kind == workspace.setup().modes().selector().kind()) {
            return;
        }
        List<FlightMode> modes =
                switch (kind) {
                    case TWO -> List.of(FlightMode.MANUAL, FlightMode.HOME);
                    case THREE -> List.of(FlightMode.MANUAL, FlightMode.LEVEL, FlightMode.HOME);
                    case SIX -> List.of(
                            FlightMode.MANUAL,
                            FlightMode.RATE,
                            FlightMode.LEVEL,
                            FlightMode.HOLD,
                            FlightMode.CIRCLE,
                            FlightMode.HOME);
                };
        setSelector("Selector with " + kind.label(), x -> x.withKind(kind, modes));
    }

    private void solve() {
        Optional<Selector> solved = workspace.setup().modes().selector().solved();
        if (solved.isEmpty()) {
            workspace.tell("No weight and offset give every position its mode: move the bands.");
        } else if (!setSelector("Selector solved for the widest margin", x -> solved.get())) {
            workspace.tell("Weight and offset are the best already.");
        }
    }

    private void climbFirst() {
        setHome("Climb first or on the way", h -> h.withClimbFirst(!h.climbFirst()));
    }

    private void raise(double by) {
        setHome("Return height", h -> h.withHeight(Math.max(10, h.height() + by)));
    }

    private void bank(double degrees) {
        workspace.edit(
                "Bank limit",
                s -> s.withModes(s.modes()
                        .withLimits(
                                s.modes().limits().withBank(s.modes().limits().bank() + Math.toRadians(degrees)))));
    }

    @Override
    public List<Picture> pictures() {
        var limits = workspace.setup().modes().limits();
        return List.of(
                new Picture(
                        "the way home",
                        900,
                        260,
                        pen -> WayPainter.paint(pen, 900, 260, home(), limits, workspace.field(), workspace.units())),
                new Picture(
                        "circles",
                        320,
                        320,
                        pen -> CirclePainter.paint(
                                pen, 320, 320, limits, home(), workspace.field(), workspace.units())));
    }

    @Override
    public List<List<String>> table() {
        List<List<String>> rows = new ArrayList<>();
        rows.add(List.of("position", "mode", "pulse", "to the edge"));
        workspace
                .setup()
                .modes()
                .selector()
                .table()
                .forEach(place -> rows.add(List.of(
                        String.valueOf(place.position()),
                        place.mode().map(m -> m.label()).orElse("none"),
                        Quantity.PULSE.text(place.pulseMicros()),
                        Quantity.PULSE.text(place.marginMicros()))));
        return rows;
    }

    @Override
    public List<Action> actions() {
        return List.of(
                Action.of("solve weight and offset for the widest margin", "S", this::solve),
                Action.of("climb first, or on the way", "C", this::climbFirst),
                Action.of("return height 5 m up", "Plus", () -> raise(5)),
                Action.also("Equals", () -> raise(5)),
                Action.of("return height 5 m down", "Minus", () -> raise(-5)),
                Action.of("bank limit 5° more", "Up", () -> bank(5)),
                Action.of("bank limit 5° less", "Down", () -> bank(-5)));
    }

    @Override
    public List<Action> ledgerActions() {
        return List.of(Action.of("Widest margin", "S", this::solve));
    }
}
