package app.drachen.desktop.app;

import app.drachen.core.clearance.Remedy;
import app.drachen.core.clearance.Stage;
import app.drachen.core.setup.Setup;
import app.drachen.core.units.Quantity;
import app.drachen.desk.OpenAircraft;
import app.drachen.desk.Session;
import app.drachen.desk.flight.Flight;
import app.drachen.desk.imports.ImportQueue;
import app.drachen.desktop.chart.CanvasPane;
import app.drachen.desktop.drawing.KiteLine;
import app.drachen.desktop.screen.Screen;
import app.drachen.desktop.stage.debrief.DebriefView;
import app.drachen.desktop.stage.debrief.Reading;
import app.drachen.desktop.stage.hangar.HangarView;
import app.drachen.desktop.stage.logbook.LogbookView;
import app.drachen.desktop.stage.logbook.Read;
import app.drachen.desktop.theme.Ink;
import app.drachen.desktop.widget.Action;
import app.drachen.desktop.widget.Deck;
import app.drachen.desktop.widget.Dialogs;
import app.drachen.desktop.widget.Ledger;
import app.drachen.desktop.widget.Place;
import app.drachen.desktop.widget.Scroller;
import java.nio.file.Path;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.function.Consumer;
import java.util.function.Supplier;
import javafx.css.PseudoClass;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.StackPane;
import javafx.scene.transform.Scale;

/** The window's content: the line on top, the place, the ledger, the foot line; and the keys. */
public final class Shell {
    private static final PseudoClass SUNLIGHT = PseudoClass.getPseudoClass("sunlight");

    /** How much larger the sunlight view is. */
    private static final double LARGE = 1.45;

    private final Session session;
    private final StackPane root = new StackPane();
    private final BorderPane frame = new BorderPane();
    private final Deck deck = new Deck();
    private final ScrollPane screen = new Scroller(deck);
    private final KiteLine line;
    private final Ledger ledger;
    private final FootLine foot;
    private final Notices notice = new Notices(root);
    private final Map<Stage, Place> places = new EnumMap<>(Stage.class);
    private final ImportQueue queue;
    private final HangarView hangar;
    private final DebriefView debrief;
    private final LogbookView logbook;
    private final Finder finder;
    private final ShelfDeeds shelf;
    private final Deeds deeds;
    private final DifferencePanel compare;
    private final Outside outside;
    private final Screens.Uses uses;
    private final Deque<Place> over = new ArrayDeque<>();
    private Optional<OpenAircraft> overAircraft = Optional.empty();
    private Optional<Place> shown = Optional.empty();

    /**
     * What lies outside this window.
     *
     * @param dialogs asks for files
     * @param newWindow opens one more window on the same hangar, on an aircraft if one is named
     * @param openHangar opens another hangar in a window of its own
     * @param toOwn takes a set-up to the pilot's own hangar and opens that
     * @param recents hangars opened last
     */
    public record Outside(
            Dialogs dialogs,
            Consumer<OptionalLong> newWindow,
            Consumer<Path> openHangar,
            Consumer<Setup> toOwn,
            Supplier<List<Path>> recents) {}

    /** A shell on a session, with no other windows. */
    public Shell(Session session) {
        this(session, new Outside(new FxDialogs(() -> null), a -> {}, p -> {}, s -> {}, List::of));
    }

    /** A shell on a session. */
    public Shell(Session session, Outside outside) {
        this.session = session;
        this.outside = outside;
        uses = new Screens.Uses(session, outside.dialogs(), this::openDebrief);
        foot = new FootLine(session);
        line = new KiteLine(this::go);
        ledger = new Ledger(session, this::goTo);
        hangar = new HangarView(session, outside.dialogs());
        debrief = new DebriefView(session, this::closeOver);
        queue = new ImportQueue(session, this::update);
        logbook = new LogbookView(session, queue, outside.dialogs(), this::openRead, this::closeOver);
        finder = new Finder(session, root, this::everyAction, this::go, this::openFlight);
        compare = new DifferencePanel(session, root, finder);
        shelf = new ShelfDeeds(session, hangar, finder, queue, outside);
        queue.whenKnown(compare::ask);
        deeds = new Deeds(session, outside.dialogs(), this::place, this::shownReading, finder);
        new Drops(session, root, this::place, hangar, this::take, outside.openHangar()).listen();
        // on a low screen a stage scrolls instead of losing its last row
        screen.setFitToWidth(true);
        screen.setFitToHeight(true);
        screen.setFocusTraversable(false);
        root.getStyleClass().add("shell");
        root.getChildren().add(frame);
        frame.setBottom(foot);
        root.getChildren().add(notice);
        session.notices(notice::tell);
        session.listen(this::update);
        session.beforeLeaving(this::leave);
        new KeyRouter(root, this::everyAction).listen();
        update();
    }

    /** The whole content. */
    public Parent root() {
        return root;
    }

    /** Before the window closes or shows something else: what is being typed is taken. */
    public void leave() {
        root.requestFocus();
        shown.ifPresent(Place::leave);
    }

    private Place place() {
        if (!session.isOpen()) {
            over.clear();
            return hangar;
        }
        if (!overAircraft.equals(Optional.of(session.aircraft()))) {
            over.clear();
        }
        // screens are made when they are first gone to, so that the first window does not wait for them
        return over.isEmpty() ? places.computeIfAbsent(session.stage(), s -> Screens.make(s, uses)) : over.peek();
    }

    /** Goes to a stage. */
    public void go(Stage stage) {
        over.clear();
        session.go(stage);
    }

    /** Whether the screen of a stage is in front. */
    boolean shows(Stage stage) {
        return shown.isPresent() && shown.get() == places.get(stage);
    }

    private void goTo(Remedy.GoTo to) {
        go(to.stage());
        notice.tell(to.label() + ".");
    }

    private void show(Place place) {
        overAircraft = Optional.of(session.aircraft());
        over.remove(place);
        over.push(place);
        update();
    }

    private void openDebrief(Flight flight) {
        debrief.show(Reading.of(flight));
        show(debrief);
    }

    private void openRead(Read read) {
        debrief.show(new Reading(
                read.revision().setup(),
                read.revision().number(),
                read.log(),
                read.debrief(),
                List.of(),
                Quantity.read(read.flight().outcome(), session.units())));
        show(debrief);
    }

    private Optional<Reading> shownReading() {
        return place() == debrief ? debrief.reading() : Optional.empty();
    }

    private void openLogbook() {
        if (place() == logbook) {
            closeOver();
        } else {
            show(logbook);
        }
    }

    /** Shows a flight of the logbook. */
    void openFlight(int number) {
        show(logbook);
        logbook.showFlight(number);
    }

    /** Takes files in: logs for the aircraft that is open, set-ups for the shelf. */
    void take(List<Path> files) {
        boolean logs = files.stream()
                .anyMatch(f -> !f.toString().toLowerCase(Locale.ROOT).endsWith(".json"));
        if (logs && session.isOpen()) {
            show(logbook);
        }
        queue.take(files);
    }

    private void closeOver() {
        if (!over.isEmpty()) {
            over.pop();
        }
        update();
    }

    private void update() {
        Place place = place();
        if (shown.filter(p -> p != place).isPresent()) {
            shown.get().leave();
        }
        boolean fresh = shown.filter(p -> p == place).isEmpty();
        shown = Optional.of(place);
        place.update();
        if (session.isOpen()) {
            Setup setup = session.setup();
            line.show(
                    setup.name(),
                    setup.airframe().kind()
                            + " · "
                            + Quantity.SPAN.text(setup.planform().span(), session.units()),
                    session.clearance(),
                    session.units(),
                    session.stage());
            place.fill(ledger);
            ledger.end();
            // out in the sun there is room for one thing, and the debrief of the bench stays behind
            frame.setTop(line);
            frame.setRight(Ink.sunlight() ? null : ledger);
        } else {
            frame.setTop(null);
            frame.setRight(null);
        }
        deck.show(place.node());
        frame.setCenter(screen);
        foot.update();
        if (fresh) {
            Screen.soon(() -> place.node().requestFocus());
        }
    }

    private List<Action> global() {
        List<Action> actions = new ArrayList<>();
        actions.add(Action.of("find anything", "Ctrl+K", () -> finder.open()));
        actions.add(Action.of("show the keys", "F1", this::keys));
        actions.add(Action.of("metric or imperial", "Ctrl+U", session::turnUnits));
        actions.add(Action.of("sunlight view", "F8", this::turnSunlight));
        actions.add(Action.of("copy the table", "Ctrl+C", deeds::copyTable));
        actions.add(Action.of("keep a drawing as SVG or PNG", "Ctrl+G", deeds::pictures));
        actions.add(Action.of("one more window", "Ctrl+Shift+N", () -> outside.newWindow()
                .accept(session.isOpen() ? OptionalLong.of(session.aircraft().id()) : OptionalLong.empty())));
        actions.add(Action.of("open a hangar", "Ctrl+O", this::openHangar));
        if (session.isOpen()) {
            actions.add(Action.of("undo: one revision back", "Ctrl+Z", session::undo));
            actions.add(Action.of("redo: one revision forward", "Ctrl+Y", session::redo));
            actions.add(Action.of("back to the hangar", "Ctrl+H", this::toHangar));
            actions.add(Action.of("logbook", "Ctrl+L", this::openLogbook));
            actions.add(Action.of("paper: a sheet as PDF", "Ctrl+P", deeds::paper));
            actions.add(Action.of("write the set-up as JSON", "Ctrl+E", deeds::exportSetup));
            actions.add(Action.of("how it will feel", "Ctrl+J", () -> new FeelPanel(session, root).open()));
            actions.add(Action.of("what it can do", "Ctrl+I", () -> new PerformancePanel(session, root).open()));
            actions.add(Action.of("all figures of the aircraft", "F4", () -> new FiguresPanel(session, root).open()));
            actions.add(Action.of("compare with a revision or an aircraft", "F3", compare::choose));
            actions.add(Action.of("matters of judgement", "Ctrl+D", () -> new JudgementsPanel(session, root).open()));
            actions.add(Action.of("next stage", "Ctrl+Right", () -> along(1)));
            actions.add(Action.of("stage before", "Ctrl+Left", () -> along(-1)));
            actions.add(Action.of("mend the first finding", "Ctrl+Enter", ledger::mendFirst));
        }
        return actions;
    }

    private void openHangar() {
        List<Choice> choices = new ArrayList<>();
        outside.recents()
                .get()
                .forEach(p -> choices.add(
                        new Choice("hangar in " + p.getParent(), p.getFileName().toString(), () -> outside.openHangar()
                                .accept(p))));
        choices.add(new Choice("file", "another hangar, or a new one", () -> outside.dialogs()
                .save("Hangar to open or make", "hangar.drachen", List.of(".drachen"))
                .ifPresent(outside.openHangar())));
        finder.open("which hangar?", choices);
    }

    private void turnSunlight() {
        boolean on = Deeds.turnSunlight();
        root.pseudoClassStateChanged(SUNLIGHT, on);
        magnify(on ? LARGE : 1);
        update();
        repaint(root);
    }

    /** The frame as if the window were smaller, then drawn larger. */
    private void magnify(double by) {
        frame.getTransforms().setAll(new Scale(by, by, 0, 0));
        StackPane.setAlignment(frame, Pos.TOP_LEFT);
        frame.setMinSize(0, 0);
        frame.maxWidthProperty().bind(root.widthProperty().divide(by));
        frame.maxHeightProperty().bind(root.heightProperty().divide(by));
    }

    private static void repaint(Node node) {
        if (node instanceof CanvasPane pane) {
            pane.repaint();
        } else if (node instanceof Parent parent) {
            parent.getChildrenUnmodifiable().forEach(Shell::repaint);
        }
    }

    private void toHangar() {
        over.clear();
        OpenAircraft was = session.aircraft();
        session.closeAircraft();
        hangar.choose(was);
    }

    private void along(int step) {
        Stage[] all = Stage.values();
        go(all[Math.floorMod(session.stage().ordinal() + step, all.length)]);
    }

    private List<Action> everyAction() {
        List<Action> actions = new ArrayList<>(here());
        actions.addAll(place().ledgerActions().stream()
                .filter(a -> !actions.contains(a))
                .toList());
        actions.addAll(global());
        return actions;
    }

    /** Actions of the place; those of the shelf that need the finder are added here. */
    private List<Action> here() {
        List<Action> actions = new ArrayList<>(place().actions());
        if (place() == hangar) {
            actions.addAll(shelf.actions());
        }
        return actions;
    }

    private void keys() {
        List<Action> here = here();
        place().ledgerActions().stream()
                .filter(a -> here.stream().noneMatch(b -> b.shown().equals(a.shown())))
                .forEach(here::add);
        new KeysPanel(root, here, global()).open();
    }
}
