package app.drachen.desktop.stage.logbook;

import app.drachen.core.debrief.Debrief;
import app.drachen.core.log.FlightLog;
import app.drachen.core.units.Quantity;
import app.drachen.desktop.background.Background;
import app.drachen.desktop.chart.PlanPainter;
import app.drachen.desktop.drawing.Picture;
import app.drachen.desktop.widget.Action;
import app.drachen.desktop.widget.Dialogs;
import app.drachen.desktop.widget.Ledger;
import app.drachen.desktop.widget.Place;
import app.drachen.desktop.widget.Texts;
import app.drachen.desktop.widget.Workspace;
import app.drachen.files.hangar.FlightRecord;
import app.drachen.files.hangar.Revision;
import java.nio.file.Path;
import java.time.Instant;
import java.time.ZoneOffset;
import java.time.format.DateTimeFormatter;
import java.util.ArrayDeque;
import java.util.ArrayList;
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
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

/** The flights of the aircraft that is open, and the way in and out for their logs. */
public final class LogbookView implements Place {
    private static final DateTimeFormatter DAY =
            DateTimeFormatter.ofPattern("yyyy-MM-dd HH:mm").withZone(ZoneOffset.UTC);

    /** A flight of the logbook, read. */
    public record Read(FlightRecord flight, Revision revision, FlightLog log, Debrief debrief) {}

    private final Workspace workspace;
    private final Background background;
    private final Dialogs dialogs;
    private final Consumer<Read> openDebrief;
    private final Runnable close;
    private final Runnable changed;
    private final LogReading reading;
    private final FlightDeeds deeds;
    private final StackPane root = new StackPane();
    private final TableView<FlightRecord> table = new TableView<>();
    private final TextField notes = new TextField();
    private final Label state = Texts.label("", "soft");
    private final ProgressBar bar = new ProgressBar(0);
    private final Deque<Removed> removed = new ArrayDeque<>();
    private Optional<LogReading.Looked> looked = Optional.empty();
    private Optional<MappingView> mapping = Optional.empty();
    private Optional<Read> read = Optional.empty();
    private Optional<Consumer<Read>> wanted = Optional.empty();
    private List<String> repaired = List.of();
    private long shownOf;

    private record Removed(long aircraft, FlightRecord flight, FlightLog log) {}

    /**
     * The logbook of a workspace.
     *
     * @param openDebrief shows a flight's debrief
     * @param close goes back to the stage
     * @param changed tells that the ledger and the keys of this place have changed
     */
    public LogbookView(
            Workspace workspace,
            Background background,
            Dialogs dialogs,
            Consumer<Read> openDebrief,
            Runnable close,
            Runnable changed) {
        this.workspace = workspace;
        this.background = background;
        this.dialogs = dialogs;
        this.openDebrief = openDebrief;
        this.close = close;
        this.changed = changed;
        reading = new LogReading(workspace, background);
        deeds = new FlightDeeds(workspace, dialogs);
        root.setId("logbook");
        root.setPadding(new Insets(14, 18, 12, 20));
        root.setFocusTraversable(true);
        bar.setPrefWidth(240);
        bar.setVisible(false);
        bar.setId("reading");
        columns();
        notes.setPromptText("notes on this flight");
        notes.setId("flight-notes");
        notes.setAccessibleText("notes on this flight");
        notes.setOnAction(e -> keepNotes());
        notes.focusedProperty().addListener((o, was, is) -> {
            if (was && !is) {
                keepNotes();
            }
        });
    }

    private void columns() {
        table.setId("flights");
        table.setColumnResizePolicy(TableView.CONSTRAINED_RESIZE_POLICY_FLEX_LAST_COLUMN);
        table.setPlaceholder(Texts.wrapped(
                "No flight yet. Rehearse a card in Maiden, or read a log in: I, or drop the file here"
                        + " (CSV from anywhere, GPX, IGC, NMEA 0183).",
                "soft"));
        column("no.", 46, f -> String.valueOf(f.number()));
        column("when (UTC)", 138, f -> DAY.format(Instant.ofEpochSecond(f.when())));
        column("set-up", 58, f -> "r" + f.revision());
        column("how", 84, f -> f.rehearsed() ? "rehearsed" : "flown");
        column("card", 96, f -> f.card().isEmpty() ? "log" : f.card());
        column("how it ended", 420, f -> Quantity.read(f.outcome(), workspace.units()));
        table.getSelectionModel().selectedItemProperty().addListener((o, was, is) -> select(is));
        table.setOnMouseClicked(e -> {
            if (e.getClickCount() == 2) {
                debrief();
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
        if (shownOf != workspace.aircraft()) {
            cancel();
            shownOf = workspace.aircraft();
            read = Optional.empty();
            repaired = List.of();
        }
        if (mapping.isPresent()) {
            VBox box = new VBox(8, mapping.get(), foot());
            VBox.setVgrow(mapping.get(), Priority.ALWAYS);
            root.getChildren().setAll(box);
            return;
        }
        List<FlightRecord> flights =
                new ArrayList<>(workspace.hangar().logbook().flights(workspace.aircraft()));
        java.util.Collections.reverse(flights);
        if (!flights.equals(List.copyOf(table.getItems()))) {
            table.getItems().setAll(flights);
        }
        if (table.getSelectionModel().isEmpty() && !flights.isEmpty()) {
            table.getSelectionModel().selectFirst();
        }
        HBox head = new HBox(
                10,
                Texts.label("Logbook · " + workspace.setup().name(), "heading"),
                Texts.spring(),
                Texts.label(flights.size() + (flights.size() == 1 ? " flight" : " flights"), "soft"));
        head.setAlignment(Pos.CENTER_LEFT);
        VBox box = new VBox(8, head, table, notes, foot());
        VBox.setVgrow(table, Priority.ALWAYS);
        root.getChildren().setAll(box);
    }

    private HBox foot() {
        HBox foot = new HBox(12, bar, state);
        foot.setAlignment(Pos.CENTER_LEFT);
        foot.setMinHeight(22);
        return foot;
    }

    /** Chooses a flight by its number. */
    public void choose(int number) {
        update();
        table.getItems().stream().filter(f -> f.number() == number).findFirst().ifPresent(f -> table.getSelectionModel()
                .select(f));
    }

    private Optional<FlightRecord> selected() {
        return Optional.ofNullable(table.getSelectionModel().getSelectedItem());
    }

    /** Reads the chosen flight beside the interface, for the ledger. */
    private void select(FlightRecord flight) {
        read = Optional.empty();
        wanted = Optional.empty();
        repaired = List.of();
        if (flight == null) {
            return;
        }
        long aircraft = workspace.aircraft();
        notes.setText(workspace.hangar().logbook().notes(aircraft, flight.number()));
        double density = workspace.field().map(f -> f.density()).orElse(1.225);
        background.start(
                running -> {
                    Revision flown = workspace
                            .hangar()
                            .revision(aircraft, flight.revision())
                            .orElseGet(() -> workspace.hangar().current(aircraft));
                    FlightLog log = workspace
                            .hangar()
                            .logbook()
                            .log(aircraft, flight.number())
                            .orElseThrow();
                    return new Read(flight, flown, log, Debrief.of(log, flown.setup(), density));
                },
                share -> {},
                result -> {
                    boolean still = aircraft == workspace.aircraft()
                            && selected().filter(flight::equals).isPresent();
                    if (still) {
                        read = Optional.of(result);
                        changed.run();
                        wanted.ifPresent(use -> use.accept(result));
                        wanted = Optional.empty();
                    }
                },
                e -> workspace.tell(e.getMessage()));
    }

    private void keepNotes() {
        selected().ifPresent(f -> workspace
                .hangar()
                .logbook()
                .note(workspace.aircraft(), f.number(), notes.getText().strip()));
    }

    private void choose() {
        importLogs(dialogs.open("Read a log", List.of(".csv", ".txt", ".log", ".gpx", ".igc", ".nmea")));
    }

    /** Reads logs in, one after the other where nothing has to be asked. */
    public void importLogs(List<Path> files) {
        files.forEach(this::importLog);
    }

    private void importLog(Path file) {
        state.setText("Looking at " + file.getFileName());
        reading.look(
                file,
                found -> {
                    state.setText("");
                    boolean own = found.table().filter(t -> t.own()).isPresent();
                    if (found.table().isEmpty() || own || found.remembered().isPresent()) {
                        found.remembered()
                                .ifPresent(m -> workspace.tell(file.getFileName()
                                        + " is read like the last file of this shape; M changes that."));
                        looked = Optional.of(found);
                        start(found, found.remembered());
                    } else {
                        ask(found);
                    }
                },
                this::failed);
    }

    private void ask(LogReading.Looked found) {
        looked = Optional.of(found);
        mapping = Optional.of(new MappingView(
                found.table().orElseThrow(),
                found.remembered().orElse(found.table().orElseThrow().guess()),
                workspace.units()));
        changed.run();
    }

    /** The last table again, to say what its columns mean. */
    private void mapAgain() {
        looked.filter(l -> l.table().isPresent())
                .ifPresentOrElse(this::ask, () -> workspace.tell("No table was read in since the start."));
    }

    private void readMapped() {
        if (mapping.isPresent() && looked.isPresent()) {
            LogReading.Looked found = looked.get();
            reading.remember(found.table().orElseThrow(), mapping.get().mapping());
            start(found, Optional.of(mapping.get().mapping()));
        }
    }

    private void start(LogReading.Looked found, Optional<app.drachen.files.csv.LogMapping> by) {
        state.setText("Reading " + found.file().getFileName() + " · Esc stops it");
        bar.setProgress(0);
        bar.setVisible(true);
        reading.read(found, by, bar::setProgress, kept -> done(found, kept), this::failed);
    }

    private void done(LogReading.Looked found, LogReading.Kept kept) {
        bar.setVisible(false);
        state.setText("");
        mapping = Optional.empty();
        // other windows on this hangar show it too
        workspace.refresh();
        choose(kept.flight().number());
        repaired = kept.repaired();
        workspace.tell(found.file().getFileName() + ": " + kept.rows() + " rows kept as flight "
                + kept.flight().number()
                + (repaired.isEmpty() ? "." : "; what was repaired or worked out stands in the ledger."));
        changed.run();
        table.requestFocus();
    }

    private void failed(Exception e) {
        bar.setVisible(false);
        state.setText("");
        workspace.tell(e.getMessage());
        changed.run();
    }

    private void cancel() {
        reading.cancel();
        bar.setVisible(false);
        state.setText("");
        mapping = Optional.empty();
    }

    private void escape() {
        if (bar.isVisible() || mapping.isPresent()) {
            cancel();
            workspace.tell("Stopped; nothing was kept.");
            changed.run();
            table.requestFocus();
        } else {
            close.run();
        }
    }

    private void debrief() {
        withRead(openDebrief);
    }

    /** Does something with the chosen flight, as soon as its log is read. */
    private void withRead(Consumer<Read> use) {
        if (read.isPresent()) {
            use.accept(read.get());
        } else if (selected().isPresent()) {
            wanted = Optional.of(use);
            workspace.tell("Reading flight " + selected().get().number() + ".");
        } else {
            workspace.tell("Choose a flight first.");
        }
    }

    private void remove() {
        selected().ifPresent(f -> {
            long aircraft = workspace.aircraft();
            workspace.hangar().logbook().log(aircraft, f.number()).ifPresent(log -> {
                removed.push(new Removed(aircraft, f, log));
                workspace.hangar().logbook().remove(aircraft, f.number());
                update();
                workspace.tell("Flight " + f.number() + " is out of the logbook; Ctrl Z brings it back.");
                changed.run();
            });
        });
    }

    private void bringBack() {
        if (removed.isEmpty() || removed.peek().aircraft() != workspace.aircraft()) {
            workspace.tell("No flight was taken out.");
            return;
        }
        Removed back = removed.pop();
        workspace.hangar().logbook().restore(back.aircraft(), back.flight(), back.log());
        update();
        workspace.tell("Flight " + back.flight().number() + " is back.");
        changed.run();
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
                Action.of("read the debrief", "Enter", this::debrief),
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
                : List.of(Action.of("Read a log in", "I", this::choose), Action.of("Debrief", "Enter", this::debrief));
    }

    @Override
    public List<Picture> pictures() {
        return read.map(r ->
                        List.of(new Picture("track of flight " + r.flight().number(), 900, 640, pen -> new PlanPainter(
                                        r.log(), workspace.field(), workspace.units())
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
        wanted = Optional.empty();
        keepNotes();
    }

    /** Shows what the chosen flight shows, or how a mapping is made. */
    public void fill(Ledger ledger) {
        if (mapping.isPresent()) {
            ledger.show(
                    "Whose columns are these?",
                    "Names and numbers were guessed at; every one can be changed.",
                    List.of(),
                    ledgerActions());
            ledger.addLines(
                    "How",
                    List.of(
                            "“taken for” says what a column is, “unit” how its numbers are written, and the last column"
                                    + " what the middle number then is.",
                            "Two columns cannot be the same thing: the second one chosen wins.",
                            "The answer is remembered for the next file with these headers."));
        } else if (read.isPresent()) {
            Read r = read.get();
            ledger.show(
                    "Flight " + r.flight().number(),
                    (r.flight().rehearsed() ? "Rehearsed" : "Flown") + " with r"
                            + r.revision().number() + ". " + r.flight().outcome(),
                    List.of(),
                    ledgerActions());
            if (!repaired.isEmpty()) {
                ledger.addLines("Repaired or worked out", repaired);
            }
            r.debrief().flight().facts().ifPresent(f -> ledger.addValues("Facts", f.workings()));
            ledger.add("Findings", r.debrief().findings());
        } else {
            ledger.show("Logbook", "Choose a flight to see what it shows.", List.of(), ledgerActions());
        }
    }
}
