package app.drachen.desktop.stage.logbook;

import app.drachen.core.units.Quantity;
import app.drachen.desk.OpenAircraft;
import app.drachen.desk.Session;
import app.drachen.desk.imports.ImportQueue;
import app.drachen.desk.imports.Incoming;
import app.drachen.desktop.chart.PlanPainter;
import app.drachen.desktop.drawing.Picture;
import app.drachen.desktop.widget.Action;
import app.drachen.desktop.widget.Dialogs;
import app.drachen.desktop.widget.EditPopup;
import app.drachen.desktop.widget.Ledger;
import app.drachen.desktop.widget.Place;
import app.drachen.desktop.widget.Texts;
import app.drachen.files.hangar.FlightRecord;
import app.drachen.files.hangar.Logbook;
import app.drachen.files.logs.LogFormats;
import java.time.Instant;
import java.time.ZoneOffset;
import java.time.format.DateTimeFormatter;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Deque;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Function;
import javafx.beans.property.ReadOnlyStringWrapper;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.ProgressBar;
import javafx.scene.control.TableColumn;
import javafx.scene.control.TableView;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/** The flights of the aircraft that is open, and the way in and out for their logs. */
public final class LogbookView implements Place {
    private static final DateTimeFormatter DAY =
            DateTimeFormatter.ofPattern("yyyy-MM-dd HH:mm").withZone(ZoneOffset.UTC);

    private record Removed(OpenAircraft aircraft, FlightRecord flight, Logbook.Packed log) {}

    private final Session session;
    private final ImportQueue queue;
    private final Dialogs dialogs;
    private final Consumer<Read> openDebrief;
    private final Runnable close;
    private final FlightDeeds deeds;
    private final VBox root = new VBox(8);
    private final TableView<FlightRecord> table = new TableView<>();
    private final NotesField notes;
    private final Label state = Texts.label("", "soft");
    private final ProgressBar bar = new ProgressBar(0);
    private final Deque<Removed> removed = new ArrayDeque<>();
    private final Label title = Texts.label("", "heading");
    private final Label count = Texts.label("", "soft");
    private final HBox head = new HBox(10, title, Texts.spring(), count);
    private final HBox foot = new HBox(12, bar, state);
    private Optional<Incoming> asking = Optional.empty();
    private Optional<MappingView> mapping = Optional.empty();
    private final FlightReader reader;
    private final EditPopup byHand;
    private Optional<OpenAircraft> shownOf = Optional.empty();
    private int keptBefore;
    private boolean listing;

    /**
     * The logbook of a session.
     *
     * @param queue what is read in
     * @param openDebrief shows a flight's debrief
     * @param close goes back to the stage
     */
    public LogbookView(
            Session session, ImportQueue queue, Dialogs dialogs, Consumer<Read> openDebrief, Runnable close) {
        this.session = session;
        this.queue = queue;
        this.dialogs = dialogs;
        this.openDebrief = openDebrief;
        this.close = close;
        deeds = new FlightDeeds(session, dialogs);
        byHand = new EditPopup("hand-flight", 560, this::handForm);
        reader = new FlightReader(session, this::come);
        notes = new NotesField(session, reader);
        root.setId("logbook");
        root.setPadding(new Insets(14, 18, 12, 20));
        root.setFocusTraversable(true);
        head.setAlignment(Pos.CENTER_LEFT);
        VBox.setVgrow(table, Priority.ALWAYS);
        foot.setAlignment(Pos.CENTER_LEFT);
        foot.setMinHeight(22);
        bar.setPrefWidth(240);
        bar.setVisible(false);
        bar.setId("reading");
        columns();
    }

    private HandForm handForm() {
        return new HandForm(session, () -> {
            byHand.hide();
            table.requestFocus();
        });
    }

    private void columns() {
        table.setId("flights");
        table.setColumnResizePolicy(TableView.CONSTRAINED_RESIZE_POLICY_FLEX_LAST_COLUMN);
        table.setPlaceholder(Texts.wrapped(
                "No flight yet. Rehearse a card in Maiden; enter a flight without a log: H; or read a log in: I, or drop the"
                        + " file here ("
                        + LogFormats.readable() + ").",
                "soft"));
        column("no.", 46, f -> String.valueOf(f.number()));
        column("when (UTC)", 138, f -> DAY.format(Instant.ofEpochSecond(f.when())));
        column("set-up", 58, f -> "r" + f.revision());
        column("how", 84, f -> f.rehearsed() ? "rehearsed" : "flown");
        column("card", 96, f -> f.card().isEmpty() ? "log" : f.card());
        column("how it ended", 420, f -> Quantity.read(f.outcome(), session.units()));
        table.getSelectionModel().selectedItemProperty().addListener((o, was, is) -> {
            if (!listing) {
                select(Optional.ofNullable(is));
            }
        });
        table.setOnMouseClicked(e -> {
            if (e.getClickCount() == 2) {
                withRead(openDebrief);
            }
        });
    }

    private void column(String head, double width, Function<FlightRecord, String> text) {
        TableColumn<FlightRecord, String> column = new TableColumn<>(head);
        column.setPrefWidth(width);
        column.setSortable(false);
        column.setReorderable(false);
        column.setCellValueFactory(c -> new ReadOnlyStringWrapper(text.apply(c.getValue())));
        table.getColumns().add(column);
    }

    @Override
    public Node node() {
        return root;
    }

    @Override
    public void update() {
        if (!shownOf.equals(Optional.of(session.aircraft()))) {
            shownOf = Optional.of(session.aircraft());
            reader.none();
            table.getItems().clear();
            keptBefore = kept().size();
        }
        importing();
        if (mapping.isPresent()) {
            show(mapping.get(), foot);
            return;
        }
        List<FlightRecord> flights = new ArrayList<>(session.aircraft().flights());
        Collections.reverse(flights);
        if (!flights.equals(List.copyOf(table.getItems()))) {
            list(flights);
        }
        if (kept().size() > keptBefore) {
            keptBefore = kept().size();
            choose(kept().get(keptBefore - 1).flight().number());
            table.requestFocus();
        }
        if (table.getSelectionModel().isEmpty() && !flights.isEmpty()) {
            table.getSelectionModel().selectFirst();
        }
        title.setText("Logbook · " + session.setup().name());
        count.setText(flights.size() + (flights.size() == 1 ? " flight" : " flights"));
        show(head, table, notes, foot);
    }

    /** A flight that stays chosen is not read again, and what is being typed about it stays. */
    private void list(List<FlightRecord> flights) {
        Optional<FlightRecord> before = selected();
        listing = true;
        table.getItems().setAll(flights);
        before.filter(flights::contains).ifPresent(table.getSelectionModel()::select);
        listing = false;
        if (!selected().equals(before)) {
            select(selected());
        }
    }

    /** What stands there already stays, with its styles and the keyboard. */
    private void show(Node... nodes) {
        if (!root.getChildren().equals(List.of(nodes))) {
            root.getChildren().setAll(nodes);
        }
    }

    /** What came in for this aircraft in this session and was kept. */
    private List<Incoming.State.Kept> kept() {
        return LogbookLedger.states(all(), Incoming.State.Kept.class);
    }

    /** Shows how far the file is that is being read in, or its question. */
    private void importing() {
        Optional<Incoming> question = queue.asking(session.aircraft());
        if (!question.equals(asking)) {
            asking = question;
            mapping = question.map(q -> (Incoming.State.Asking) q.state())
                    .map(q -> new MappingView(q.table(), q.guess(), session.units()));
            mapping.ifPresent(m -> VBox.setVgrow(m, Priority.ALWAYS));
        }
        Optional<Incoming> busy = queue.busy(session.aircraft());
        bar.setVisible(busy.isPresent());
        state.setText(busy.map(i -> {
                    boolean looking = i.state() instanceof Incoming.State.Looking;
                    return (looking ? "Looking at " : "Reading ") + i.file().getFileName() + " · Esc stops it";
                })
                .orElse(""));
        busy.map(Incoming::state)
                .ifPresent(s -> bar.setProgress(s instanceof Incoming.State.Reading r ? r.share() : 0));
    }

    /** Shows a flight by its number. */
    public void showFlight(int number) {
        update();
        choose(number);
    }

    private void choose(int number) {
        table.getItems().stream()
                .filter(f -> f.number() == number)
                .findFirst()
                .ifPresent(table.getSelectionModel()::select);
    }

    private Optional<FlightRecord> selected() {
        return Optional.ofNullable(table.getSelectionModel().getSelectedItem());
    }

    /** Reads the chosen flight beside the interface, for the ledger; what was typed about the one before is kept with that. */
    private void select(Optional<FlightRecord> flight) {
        notes.keep();
        notes.setText("");
        flight.ifPresentOrElse(f -> reader.read(session.aircraft(), f), reader::none);
    }

    private void come(Read result) {
        notes.show(result);
        session.refresh();
    }

    private void choose() {
        queue.take(dialogs.open("Read a log", List.of(".csv", ".txt", ".log", ".gpx", ".igc", ".nmea")));
    }

    /** The last table again, to say what its columns mean. */
    private void mapAgain() {
        if (!queue.askAgain(session.aircraft())) {
            session.tell("No table was read in since the start.");
        }
    }

    private void readMapped() {
        if (mapping.isPresent() && asking.isPresent()) {
            queue.answer(asking.get(), mapping.get().mapping());
        }
    }

    private void escape() {
        if (bar.isVisible() || mapping.isPresent()) {
            queue.stop(session.aircraft());
            table.requestFocus();
        } else {
            close.run();
        }
    }

    /** Does something with the chosen flight, as soon as its log is read. */
    private void withRead(Consumer<Read> use) {
        if (selected().isEmpty()) {
            session.tell("Choose a flight first.");
        } else if (!reader.use(use)) {
            session.tell("Reading flight " + selected().get().number() + ".");
        }
    }

    private void remove() {
        OpenAircraft aircraft = session.aircraft();
        selected()
                .ifPresent(f -> aircraft.remove(
                        f,
                        log -> {
                            removed.push(new Removed(aircraft, f, log));
                            session.tell("Flight " + f.number() + " is out of the logbook; Ctrl Z brings it back.");
                        },
                        session::tell));
    }

    private void bringBack() {
        if (removed.isEmpty() || !session.shows(removed.peek().aircraft())) {
            session.tell("No flight was taken out.");
            return;
        }
        Removed back = removed.pop();
        back.aircraft()
                .restore(
                        back.flight(),
                        back.log(),
                        () -> session.tell("Flight " + back.flight().number() + " is back."),
                        session::tell);
    }

    @Override
    public List<Action> actions() {
        if (mapping.isPresent() || bar.isVisible()) {
            List<Action> asking = new ArrayList<>();
            if (mapping.isPresent() && !bar.isVisible()) {
                asking.add(Action.of("read the file this way", "Ctrl+Enter", this::readMapped));
                asking.add(Action.also("Enter", this::readMapped));
            }
            asking.add(Action.of("stop, keep nothing", "Esc", this::escape));
            return asking;
        }
        return List.of(
                Action.of("read a log in", "I", this::choose),
                Action.of("enter a flight without a log", "H", () -> byHand.show(foot)),
                Action.of("read the debrief", "Enter", () -> withRead(openDebrief)),
                Action.of("count as flown: evidence for its modes", "F", () -> withRead(deeds::countAsFlown)),
                Action.of("write it as CSV, GPX, KML or GeoJSON", "W", () -> withRead(deeds::export)),
                Action.of("write notes on it", "N", notes::requestFocus),
                Action.of("say what the last file's columns mean", "M", this::mapAgain),
                Action.of("take the flight out", "Delete", this::remove),
                Action.of("bring back the flight taken out last", "Ctrl+Z", this::bringBack),
                Action.of("back to the stage", "Esc", this::escape));
    }

    @Override
    public List<Action> ledgerActions() {
        return mapping.isPresent()
                ? List.of(
                        Action.of("Read it this way", "Ctrl+Enter", this::readMapped),
                        Action.of("Stop", "Esc", this::escape))
                : List.of(
                        Action.of("Read a log in", "I", this::choose),
                        Action.of("Debrief", "Enter", () -> withRead(openDebrief)));
    }

    @Override
    public List<Picture> pictures() {
        return reader.now()
                .map(r ->
                        List.of(new Picture("track of flight " + r.flight().number(), 900, 640, pen -> new PlanPainter(
                                        r.log(), session.field(), session.units())
                                .paint(pen, 900, 640))))
                .orElse(List.of());
    }

    @Override
    public List<List<String>> table() {
        List<List<String>> rows = new ArrayList<>();
        rows.add(List.of("number", "when (UTC)", "set-up", "how", "card", "how it ended"));
        table.getItems()
                .forEach(f -> rows.add(List.of(
                        String.valueOf(f.number()),
                        DAY.format(Instant.ofEpochSecond(f.when())),
                        "r" + f.revision(),
                        f.rehearsed() ? "rehearsed" : "flown",
                        f.card(),
                        f.outcome())));
        return rows;
    }

    @Override
    public void leave() {
        reader.forget();
        notes.keep();
    }

    /** Shows what the chosen flight shows, or how a mapping is made. */
    @Override
    public void fill(Ledger ledger) {
        LogbookLedger.fill(ledger, mapping.isPresent(), reader.now(), ledgerActions(), all());
    }

    /** What came in for this aircraft in this session. */
    private List<Incoming> all() {
        return queue.all().stream().filter(i -> i.aircraft().equals(shownOf)).toList();
    }
}
