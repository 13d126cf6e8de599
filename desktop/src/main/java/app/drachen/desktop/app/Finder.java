package app.drachen.desktop.app;

import app.drachen.core.air.Atmosphere;
import app.drachen.core.air.Field;
import app.drachen.core.calc.Calculation;
import app.drachen.core.clearance.Ruling;
import app.drachen.core.clearance.Stage;
import app.drachen.core.flight.AircraftSheet;
import app.drachen.core.setup.Components;
import app.drachen.core.stages.Calculations;
import app.drachen.core.units.Quantity;
import app.drachen.core.working.Working;
import app.drachen.desk.Session;
import app.drachen.desktop.widget.Action;
import app.drachen.desktop.widget.Texts;
import app.drachen.desktop.widget.WorkingPopover;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.function.Consumer;
import java.util.function.IntConsumer;
import java.util.function.Supplier;
import javafx.scene.control.ListCell;
import javafx.scene.control.ListView;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

/** Finds actions, stages, values and findings by a few letters. */
final class Finder {
    private final Session session;
    private final StackPane host;
    private final Supplier<List<Action>> actions;
    private final Consumer<Stage> go;
    private final IntConsumer openFlight;
    private final Overlay overlay;
    private final TextField text = new TextField();
    private final ListView<Choice> list = new ListView<>();
    private List<Choice> all = List.of();

    Finder(
            Session session,
            StackPane host,
            Supplier<List<Action>> actions,
            Consumer<Stage> go,
            IntConsumer openFlight) {
        this.session = session;
        this.host = host;
        this.actions = actions;
        this.go = go;
        this.openFlight = openFlight;
        text.setId("find");
        list.setId("found");
        list.setPrefSize(560, 320);
        list.setFocusTraversable(false);
        list.setPlaceholder(Texts.label("Nothing by that name. Try fewer letters.", "soft"));
        list.setCellFactory(v -> new HitCell());
        list.setOnMouseClicked(e -> take());
        VBox panel = new VBox(8, text, list, Texts.label("Enter takes it, Esc closes", "soft", "small"));
        overlay = new Overlay(host, "finder", panel);
        text.textProperty().addListener((o, was, is) -> filter(is));
        text.addEventFilter(KeyEvent.KEY_PRESSED, this::key);
    }

    /** A line of the list: what it is, and its kind in soft ink. */
    private static final class HitCell extends ListCell<Choice> {
        @Override
        protected void updateItem(Choice hit, boolean empty) {
            super.updateItem(hit, empty);
            setText(empty || hit == null ? null : hit.label() + "   ·  " + hit.kind());
        }
    }

    private void key(KeyEvent event) {
        int at = list.getSelectionModel().getSelectedIndex();
        switch (event.getCode()) {
            case ENTER -> take();
            case DOWN -> list.getSelectionModel()
                    .select(Math.min(at + 1, list.getItems().size() - 1));
            case UP -> list.getSelectionModel().select(Math.max(at - 1, 0));
            default -> {
                return;
            }
        }
        list.scrollTo(Math.max(0, list.getSelectionModel().getSelectedIndex() - 4));
        event.consume();
    }

    /** Finds among everything. */
    void open() {
        open("an action, a stage, a value, a finding, a flight, a calculator", hits());
    }

    /** Chooses among these. */
    void open(String prompt, List<Choice> choices) {
        all = choices;
        text.setPromptText(prompt);
        text.setText("");
        filter("");
        overlay.open(text);
    }

    private void take() {
        Choice hit = list.getSelectionModel().getSelectedItem();
        overlay.close();
        if (hit != null) {
            hit.run().run();
        }
    }

    private void filter(String letters) {
        String wanted = letters.toLowerCase(Locale.ROOT).strip();
        list.getItems()
                .setAll(all.stream()
                        .filter(h -> matches(h, wanted))
                        .sorted(Comparator.comparingInt(h -> distance(h, wanted)))
                        .toList());
        list.getSelectionModel().selectFirst();
    }

    /** How far a name is from what was typed: it itself, begins so, holds it, or only its kind does. */
    private static int distance(Choice choice, String wanted) {
        String name = choice.label().toLowerCase(Locale.ROOT);
        if (wanted.isEmpty() || name.equals(wanted)) {
            return 0;
        }
        return name.startsWith(wanted) ? 1 : name.contains(wanted) ? 2 : 3;
    }

    /** Every word typed stands somewhere in the name or the kind. */
    private static boolean matches(Choice choice, String wanted) {
        String text = (choice.label() + " " + choice.kind()).toLowerCase(Locale.ROOT);
        return Arrays.stream(wanted.split("\\s+")).allMatch(text::contains);
    }

    private List<Choice> hits() {
        List<Choice> hits = new ArrayList<>();
        for (Action action : actions.get()) {
            if (action.shown().isEmpty()) {
                continue;
            }
            hits.add(new Choice("action  " + action.shown(), action.label(), action.run()));
        }
        if (!session.isOpen()) {
            session.desk().shelf().forEach(a -> hits.add(new Choice("aircraft", a.name(), () -> session.open(a))));
        } else {
            hits.addAll(ofAircraft());
        }
        for (Calculation calculation : Calculations.all()) {
            hits.add(new Choice("calculator  " + calculation.id(), calculation.title(), () -> new CalcPanel(
                            session, host, calculation)
                    .open()));
        }
        if (session.isOpen()) {
            hits.addAll(figures());
        }
        return hits;
    }

    /** Every figure of the aircraft; last, because there are so many. */
    private List<Choice> figures() {
        return Components.of(session.setup()).stream()
                .map(c -> new Choice(
                        "figure",
                        FiguresPanel.heading(c) + ": " + FiguresPanel.name(c) + "  "
                                + FiguresPanel.words(c, c.value(), session.units()),
                        () -> new FiguresPanel(session, host).open(c)))
                .toList();
    }

    private List<Choice> ofAircraft() {
        List<Choice> hits = new ArrayList<>();
        for (Stage stage : Stage.values()) {
            hits.add(new Choice("stage", stage.label(), () -> go.accept(stage)));
        }
        for (Ruling ruling : session.clearance().rulings()) {
            hits.add(new Choice(
                    ruling.finding().state().label() + " in " + ruling.stage().label(),
                    Quantity.read(ruling.finding().title(), session.units()),
                    () -> go.accept(ruling.stage())));
        }
        double density = session.field().map(Field::density).orElse(Atmosphere.SEA_LEVEL_DENSITY);
        for (Working working : AircraftSheet.of(session.setup(), density)) {
            hits.add(new Choice(
                    "value",
                    working.name() + "  " + working.text(session.units()),
                    () -> WorkingPopover.show(host, List.of(working), session.units())));
        }
        for (var flight : session.aircraft().flights()) {
            hits.add(new Choice(
                    flight.rehearsed() ? "rehearsed flight" : "flight",
                    "Flight " + flight.number() + ": " + Quantity.read(flight.outcome(), session.units()),
                    () -> openFlight.accept(flight.number())));
        }
        for (var part : session.setup().parts()) {
            hits.add(new Choice("part", part.name(), () -> go.accept(Stage.BUILD)));
        }
        return hits;
    }
}
