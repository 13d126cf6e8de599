package app.drachen.desktop.stage.modes;

import app.drachen.core.modes.BandText;
import app.drachen.core.modes.BlindReach;
import app.drachen.core.modes.Combination;
import app.drachen.core.modes.FlightMode;
import app.drachen.core.modes.PulseBand;
import app.drachen.core.modes.SecondSwitch;
import app.drachen.core.modes.Selector;
import app.drachen.core.modes.SelectorKind;
import app.drachen.core.units.Quantity;
import app.drachen.desk.Session;
import app.drachen.desktop.screen.Tips;
import app.drachen.desktop.widget.Action;
import app.drachen.desktop.widget.Focus;
import app.drachen.desktop.widget.Form;
import app.drachen.desktop.widget.LightBox;
import app.drachen.desktop.widget.QuantityField;
import app.drachen.desktop.widget.Scroller;
import app.drachen.desktop.widget.Texts;
import app.drachen.desktop.widget.WorkingPopover;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.function.DoublePredicate;
import java.util.function.UnaryOperator;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Hyperlink;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextField;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import javafx.util.StringConverter;

/** The selector of modes: kind of switch, weight and offset, and what each position gives. */
final class SelectorPane extends VBox {
    private final Session session;

    SelectorPane(Session session) {
        super(5);
        this.session = session;
        getStyleClass().add("sheet");
        setPadding(new Insets(8, 10, 8, 10));
    }

    void update() {
        Focus.kept(this, List.of(session.setup().modes().selector(), session.units()), this::rebuildSelector);
    }

    private QuantityField field(String name, Quantity quantity, double value, DoublePredicate take) {
        QuantityField field = new QuantityField(name, quantity, session::tell, take);
        field.columns(3);
        field.show(value, session.units());
        return field;
    }

    private void rebuildSelector() {
        Selector s = session.setup().modes().selector();
        ComboBox<String> kind = new LightBox<>();
        for (SelectorKind k : SelectorKind.values()) {
            kind.getItems().add(k.label());
        }
        kind.getSelectionModel().select(s.kind().ordinal());
        kind.setAccessibleText("Kind of switch");
        kind.setId("selector-kind");
        kind.setOnAction(
                e -> changeKind(SelectorKind.values()[kind.getSelectionModel().getSelectedIndex()]));
        HBox head = new HBox(
                5,
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
        QuantityField wander = field(
                "Wander ±",
                Quantity.PULSE,
                s.wanderMicros().orElse(Double.NaN),
                v -> setSelector("Wander of the selector's pulse", x -> x.wandering(Optional.of(v))));
        Tips.say(
                wander.field(),
                "Watch the channel's pulse for a minute without touching a switch: half of highest less lowest");
        head.getChildren().add(wander);
        s.second().ifPresent(x -> head.getChildren()
                .add(field(
                        "2nd",
                        Quantity.SHARE,
                        x.weight(),
                        v -> setSelector(
                                "Weight of the second switch",
                                now -> now.withSecond(now.second().map(y -> y.withWeight(v)), now.wanted())))));
        head.setAlignment(Pos.CENTER_LEFT);
        HBox secondLine = new HBox(8, kind, second(s));
        secondLine.setAlignment(Pos.CENTER_LEFT);
        GridPane table = new GridPane();
        table.setHgap(12);
        table.setVgap(3);
        String[] heads = {"", "gives", "pulse", "to edge", "to Manual", "to Home"};
        for (int i = 0; i < heads.length; i++) {
            table.add(Texts.label(heads[i], "soft", "small"), i, 0);
        }
        BlindReach reach = new BlindReach(s);
        for (Selector.Place place : s.table()) {
            row(table, s, place, reach);
        }
        TextField bands = new TextField(BandText.write(s.bands()));
        bands.setId("field-bands");
        bands.setAccessibleText("Pulse bands of the board: edges and modes in turn");
        Tips.say(bands, "Pulse bands of the board: edges and modes in turn; a dash for a gap");
        bands.setOnAction(e -> setBands(bands.getText()));
        Hyperlink working = new Hyperlink("show working");
        working.setOnAction(e -> WorkingPopover.show(working, List.of(s.marginWorking()), session.units()));
        HBox foot = new HBox(
                10,
                Texts.label(
                        "least margin "
                                + (Double.isNaN(s.leastMargin())
                                        ? "unknown"
                                        : Quantity.PULSE.text(s.leastMargin(), session.units())),
                        "soft"),
                working,
                Texts.spring(),
                Texts.button(Action.of("Widest margin", "S", this::solve), "small-button"));
        foot.setAlignment(Pos.CENTER_LEFT);
        HBox bandLine = new HBox(8, Texts.label("Bands"), bands);
        bandLine.setAlignment(Pos.CENTER_LEFT);
        HBox.setHgrow(bands, Priority.ALWAYS);
        ScrollPane scroll = new Scroller(table);
        scroll.setFitToWidth(true);
        VBox.setVgrow(scroll, Priority.ALWAYS);
        scroll.setMinHeight(110);
        scroll.setPrefHeight(200);
        getChildren().setAll(secondLine, head, scroll, bandLine, foot);
    }

    private void row(GridPane table, Selector s, Selector.Place place, BlindReach reach) {
        int row = place.position();
        ComboBox<FlightMode> mode = new LightBox<>();
        mode.getItems().setAll(FlightMode.values());
        mode.setValue(s.wanted().get(row - 1));
        mode.setConverter(new ModeNames());
        mode.setAccessibleText("Mode at position " + row);
        mode.setPrefWidth(112);
        mode.setOnAction(e -> setSelector(
                "Position " + row + " gives " + mode.getValue().label(), x -> x.withMode(row, mode.getValue())));
        String edge =
                Double.isNaN(place.marginMicros()) ? "–" : Quantity.PULSE.text(place.marginMicros(), session.units());
        double wanders = s.wanderMicros().orElse(0.0);
        boolean bad = place.mode().isEmpty() || place.marginMicros() - wanders < 40;
        Label edgeLabel = Texts.label(edge, "figure");
        if (bad) {
            edgeLabel.getStyleClass().add("bad");
        }
        boolean safe = mode.getValue() == FlightMode.MANUAL || mode.getValue() == FlightMode.HOME;
        Combination at = s.combinations().get(row - 1);
        String words = at.second() == 0 ? String.valueOf(row) : (at.taken() ? "any" : at.first()) + " · " + at.second();
        table.add(Texts.label(words, safe ? "strong" : "soft"), 0, row);
        table.add(mode, 1, row);
        table.add(Texts.label(Quantity.PULSE.text(place.pulseMicros(), session.units()), "figure"), 2, row);
        table.add(edgeLabel, 3, row);
        table.add(moves(reach, row, FlightMode.MANUAL), 4, row);
        table.add(moves(reach, row, FlightMode.HOME), 5, row);
    }

    /** Blind moves to a mode; more than one is too many. */
    private static Label moves(BlindReach reach, int position, FlightMode mode) {
        OptionalInt moves = reach.moves(position, mode);
        Label label = Texts.label(moves.isEmpty() ? "not blind" : String.valueOf(moves.getAsInt()), "figure", "soft");
        if (moves.isEmpty() || moves.getAsInt() > 1) {
            label.getStyleClass().add("bad");
        }
        return label;
    }

    /** A second switch on the channel: none, added, or taking the channel in its last position. */
    private enum Second {
        NONE("no second switch", Optional.empty(), false),
        TWO("and 2 positions, added", Optional.of(SelectorKind.TWO), false),
        THREE("and 3 positions, added", Optional.of(SelectorKind.THREE), false),
        TAKES("and 2 positions: the last takes over", Optional.of(SelectorKind.TWO), true);

        private final String label;
        private final Optional<SelectorKind> kind;
        private final boolean takes;

        Second(String label, Optional<SelectorKind> kind, boolean takes) {
            this.label = label;
            this.kind = kind;
            this.takes = takes;
        }

        static Second of(Selector s) {
            return s.second()
                    .map(x -> !x.added() ? TAKES : x.kind() == SelectorKind.TWO ? TWO : THREE)
                    .orElse(NONE);
        }
    }

    private ComboBox<Second> second(Selector s) {
        ComboBox<Second> box = Form.box("selector-second", List.of(Second.values()), Second.of(s), x -> x.label);
        box.setAccessibleText("A second switch on the mode channel");
        box.setPrefWidth(200);
        box.setOnAction(e -> {
            Second to = box.getValue();
            if (to != Second.of(session.setup().modes().selector())) {
                setSelector("Selector with " + to.label, x -> {
                    Selector with = x.withSecond(to.kind.map(k -> new SecondSwitch(
                            "second switch", k, 0.2, to.takes ? k.places().size() : 0)));
                    List<FlightMode> modes = new ArrayList<>(with.wanted());
                    if (to.takes) {
                        modes.set(modes.size() - 1, FlightMode.HOME);
                    }
                    return with.withSecond(with.second(), modes);
                });
            }
        });
        return box;
    }

    /** Names of modes for lists. */
    private static final class ModeNames extends StringConverter<FlightMode> {
        @Override
        public String toString(FlightMode mode) {
            return mode == null ? "" : mode.label();
        }

        @Override
        public FlightMode fromString(String label) {
            return FlightMode.valueOf(label.toUpperCase(Locale.ROOT));
        }
    }

    private boolean setSelector(String reason, UnaryOperator<Selector> change) {
        return session.edit(
                reason,
                s -> s.withModes(s.modes().withSelector(change.apply(s.modes().selector()))));
    }

    private void setBands(String text) {
        try {
            List<PulseBand> bands = BandText.read(text);
            setSelector("Pulse bands of the board", x -> x.withBands(bands));
        } catch (IllegalArgumentException e) {
            session.tell(e.getMessage());
        }
    }

    private void changeKind(SelectorKind kind) {
        if (kind == session.setup().modes().selector().kind()) {
            return;
        }
        List<FlightMode> modes =
                switch (kind) {
                    case TWO -> List.of(FlightMode.MANUAL, FlightMode.HOME);
                    case THREE -> List.of(FlightMode.MANUAL, FlightMode.LEVEL, FlightMode.HOME);
                    case SLIDER -> List.of(
                            FlightMode.MANUAL, FlightMode.LEVEL, FlightMode.HOLD, FlightMode.CIRCLE, FlightMode.HOME);
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

    /** Solves weight and offset for the widest margin. */
    void solve() {
        Optional<Selector> solved = session.setup().modes().selector().solved();
        if (solved.isEmpty()) {
            session.tell("No weight and offset give every position its mode: move the bands.");
        } else if (!setSelector(
                "Selector solved for the widest margin", x -> x.solved().orElse(x))) {
            session.tell("Weight and offset are the best already.");
        }
    }
}
