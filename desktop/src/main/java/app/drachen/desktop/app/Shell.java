package app.drachen.desktop.app;

import app.drachen.core.clearance.Remedy;
import app.drachen.core.clearance.Stage;
import app.drachen.core.draft.NewAircraft;
import app.drachen.core.setup.Setup;
import app.drachen.core.units.Quantity;
import app.drachen.desktop.background.Background;
import app.drachen.desktop.chart.CanvasPane;
import app.drachen.desktop.drawing.KiteLine;
import app.drachen.desktop.stage.bench.BenchView;
import app.drachen.desktop.stage.build.BuildView;
import app.drachen.desktop.stage.debrief.DebriefView;
import app.drachen.desktop.stage.debrief.Reading;
import app.drachen.desktop.stage.hangar.HangarView;
import app.drachen.desktop.stage.later.LaterView;
import app.drachen.desktop.stage.logbook.LogbookView;
import app.drachen.desktop.stage.maiden.MaidenView;
import app.drachen.desktop.stage.modes.ModesView;
import app.drachen.desktop.stage.surfaces.ThrowsView;
import app.drachen.desktop.theme.Ink;
import app.drachen.desktop.widget.Action;
import app.drachen.desktop.widget.Dialogs;
import app.drachen.desktop.widget.Fields;
import app.drachen.desktop.widget.Ledger;
import app.drachen.desktop.widget.Place;
import app.drachen.desktop.widget.Texts;
import app.drachen.desktop.widget.Workspace;
import java.nio.file.Path;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.function.Consumer;
import java.util.function.Supplier;
import javafx.animation.PauseTransition;
import javafx.css.PseudoClass;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.StackPane;
import javafx.scene.transform.Scale;
import javafx.util.Duration;

/** The window's content: the line on top, the place, the ledger, the foot line; and the keys. */
public final class Shell {
    private static final PseudoClass SUNLIGHT = PseudoClass.getPseudoClass("sunlight");

    /** How much larger the sunlight view is. */
    private static final double LARGE = 1.45;

    private final Workspace workspace;
    private final StackPane root = new StackPane();
    private final BorderPane frame = new BorderPane();
    private final ScrollPane screen = new ScrollPane();
    private final KiteLine line;
    private final Ledger ledger;
    private final HBox foot = new HBox(18);
    private final HBox notice = new HBox();
    private final PauseTransition noticeTime = new PauseTransition(Duration.seconds(7));
    private final Map<Stage, Place> places = new EnumMap<>(Stage.class);
    private final Background background;
    private final HangarView hangar;
    private Optional<MaidenView> maiden = Optional.empty();
    private final DebriefView debrief;
    private final LogbookView logbook;
    private final Finder finder;
    private final Deeds deeds;
    private final Outside outside;
    private final Deque<Place> over = new ArrayDeque<>();
    private long overAircraft;
    private Optional<Place> shown = Optional.empty();

    /**
     * What lies outside this window.
     *
     * @param dialogs asks for files
     * @param newWindow opens one more window on the same hangar, on an aircraft if one is named
     * @param openHangar opens another hangar in a window of its own
     * @param recents hangars opened last
     */
    public record Outside(
            Dialogs dialogs,
            Consumer<OptionalLong> newWindow,
            Consumer<Path> openHangar,
            Supplier<List<Path>> recents) {}

    /** A shell on a workspace, with no other windows. */
    public Shell(Workspace workspace, Background background) {
        this(workspace, background, new Outside(new FxDialogs(() -> null), a -> {}, p -> {}, List::of));
    }

    /** A shell on a workspace. */
    public Shell(Workspace workspace, Background background, Outside outside) {
        this.workspace = workspace;
        this.background = background;
        this.outside = outside;
        line = new KiteLine(this::go);
        ledger = new Ledger(workspace, this::goTo);
        hangar = new HangarView(workspace, outside.dialogs());
        debrief = new DebriefView(workspace, this::closeOver);
        logbook = new LogbookView(
                workspace, background, outside.dialogs(), this::openRead, this::closeOver, this::update);
        finder = new Finder(workspace, root, this::everyAction, this::go, this::openFlight);
        deeds = new Deeds(workspace, outside.dialogs(), this::place, this::shownReading, finder);
        new Drops(workspace, root, hangar, this::readLogs, outside.openHangar()).listen();
        // on a low screen a stage scrolls instead of losing its last row
        screen.setFitToWidth(true);
        screen.setFitToHeight(true);
        screen.setFocusTraversable(false);
        root.getStyleClass().add("shell");
        root.getChildren().add(frame);
        foot.getStyleClass().add("foot");
        foot.setAlignment(Pos.CENTER_LEFT);
        foot.setMinHeight(32);
        foot.setPrefHeight(32);
        frame.setBottom(foot);
        notice.getStyleClass().add("notice");
        notice.setMaxSize(HBox.USE_PREF_SIZE, HBox.USE_PREF_SIZE);
        notice.setVisible(false);
        notice.setId("notice");
        StackPane.setAlignment(notice, Pos.BOTTOM_LEFT);
        StackPane.setMargin(notice, new Insets(0, 0, 44, 20));
        root.getChildren().add(notice);
        noticeTime.setOnFinished(e -> notice.setVisible(false));
        workspace.notices(this::tell);
        workspace.listen(this::update);
        new KeyRouter(root, this::everyAction).listen();
        update();
    }

    /** The whole content. */
    public Parent root() {
        return root;
    }

    /** Before the window closes: what is being typed is taken. */
    public void leave() {
        root.requestFocus();
        shown.ifPresent(Place::leave);
    }

    private void tell(String sentence) {
        Label label = Texts.wrapped(sentence);
        label.setMaxWidth(780);
        notice.getChildren().setAll(label);
        notice.setVisible(true);
        noticeTime.playFromStart();
    }

    /** Screens are made when they are first gone to, so that the first window does not wait for them. */
    private Place make(Stage stage) {
        return switch (stage) {
            case BUILD -> new BuildView(workspace);
            case THROWS -> new ThrowsView(workspace);
            case MODES -> new ModesView(workspace);
            case BENCH -> new BenchView(workspace);
            case MAIDEN -> {
                MaidenView made = new MaidenView(workspace, background, this::openDebrief);
                maiden = Optional.of(made);
                yield made;
            }
            case HARNESS, SIGNALS, TUNE, HOMING, REACH, MISSION -> new LaterView(stage);
        };
    }

    private Place place() {
        if (!workspace.isOpen()) {
            over.clear();
            return hangar;
        }
        if (overAircraft != workspace.aircraft()) {
            over.clear();
        }
        return over.isEmpty() ? places.computeIfAbsent(workspace.stage(), this::make) : over.peek();
    }

    /** Goes to a stage. */
    public void go(Stage stage) {
        over.clear();
        workspace.go(stage);
    }

    private void goTo(Remedy.GoTo to) {
        go(to.stage());
        tell(to.label() + ".");
    }

    private void show(Place place) {
        overAircraft = workspace.aircraft();
        over.remove(place);
        over.push(place);
        update();
    }

    private void openDebrief() {
        maiden.flatMap(MaidenView::flown).ifPresent(flight -> {
            debrief.show(Reading.of(flight));
            show(debrief);
        });
    }

    private void openRead(LogbookView.Read read) {
        debrief.show(new Reading(
                read.revision().setup(),
                read.revision().number(),
                read.log(),
                read.debrief(),
                List.of(),
                Quantity.read(read.flight().outcome(), workspace.units())));
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
        logbook.choose(number);
    }

    /** Reads logs in for the aircraft that is open. */
    void readLogs(List<Path> files) {
        if (!workspace.isOpen()) {
            tell("Open an aircraft first, then read its log in.");
            return;
        }
        show(logbook);
        logbook.importLogs(files);
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
        if (workspace.isOpen()) {
            Setup setup = workspace.setup();
            line.show(
                    setup.name(),
                    setup.airframe().kind()
                            + " · "
                            + Quantity.SPAN.text(setup.planform().span(), workspace.units()),
                    workspace.clearance(),
                    workspace.units(),
                    workspace.stage());
            if (place == debrief) {
                debrief.fill(ledger);
            } else if (place == logbook) {
                logbook.fill(ledger);
            } else {
                ledger.show(workspace.stage(), place.ledgerActions());
                if (place instanceof MaidenView view) {
                    view.fill(ledger);
                }
            }
            // out in the sun there is room for one thing, and the debrief of the bench stays behind
            frame.setTop(line);
            frame.setRight(Ink.sunlight() ? null : ledger);
        } else {
            frame.setTop(null);
            frame.setRight(null);
        }
        screen.setContent(place.node());
        frame.setCenter(screen);
        foot();
        if (fresh) {
            Background.soon(() -> place.node().requestFocus());
        }
    }

    private void foot() {
        foot.getChildren().clear();
        if (workspace.isOpen()) {
            foot.getChildren().add(Texts.label("Set-up r" + workspace.revision().number() + " · saved", "strong"));
        } else {
            foot.getChildren().add(Texts.label(workspace.hangar().file().getFileName() + " · saved"));
        }
        if (workspace.isOpen() && !Ink.sunlight()) {
            foot.getChildren()
                    .add(Texts.label(Quantity.read(workspace.revision().reason(), workspace.units())));
            workspace.field().ifPresent(f -> foot.getChildren().add(Texts.label(Fields.line(f, workspace.units()))));
        }
        foot.getChildren()
                .addAll(
                        Texts.spring(),
                        hint("Ctrl U", workspace.units().label()),
                        hint("Ctrl K", "find"),
                        hint("F1", "keys"));
        foot.getChildren().forEach(n -> ((javafx.scene.layout.Region) n).setMinWidth(0));
    }

    private static HBox hint(String key, String text) {
        HBox hint = new HBox(5, Texts.key(key), Texts.label(text));
        hint.setAlignment(Pos.CENTER);
        hint.setMinWidth(HBox.USE_PREF_SIZE);
        return hint;
    }

    private List<Action> global() {
        List<Action> actions = new ArrayList<>();
        actions.add(Action.of("find anything", "Ctrl+K", () -> finder.open()));
        actions.add(Action.of("show the keys", "F1", this::keys));
        actions.add(Action.of("metric or imperial", "Ctrl+U", workspace::turnUnits));
        actions.add(Action.of("sunlight view", "F8", this::turnSunlight));
        actions.add(Action.of("copy the table", "Ctrl+C", deeds::copyTable));
        actions.add(Action.of("keep a drawing as SVG or PNG", "Ctrl+G", deeds::pictures));
        actions.add(Action.of("one more window", "Ctrl+Shift+N", () -> outside.newWindow()
                .accept(workspace.isOpen() ? OptionalLong.of(workspace.aircraft()) : OptionalLong.empty())));
        actions.add(Action.of("open a hangar", "Ctrl+O", this::openHangar));
        if (workspace.isOpen()) {
            actions.add(Action.of("undo: one revision back", "Ctrl+Z", workspace::undo));
            actions.add(Action.of("redo: one revision forward", "Ctrl+Y", workspace::redo));
            actions.add(Action.of("back to the hangar", "Ctrl+H", this::toHangar));
            actions.add(Action.of("logbook", "Ctrl+L", this::openLogbook));
            actions.add(Action.of("paper: a sheet as PDF", "Ctrl+P", deeds::paper));
            actions.add(Action.of("write the set-up as JSON", "Ctrl+E", deeds::exportSetup));
            actions.add(Action.of("how it will feel", "Ctrl+J", () -> new FeelPanel(workspace, root).open()));
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

    private void newAircraft() {
        List<Choice> choices = new ArrayList<>();
        for (NewAircraft.Kind kind : NewAircraft.Kind.values()) {
            choices.add(new Choice("new", kind.label(), () -> add(NewAircraft.of(kind, "New aircraft"), kind.label())));
        }
        for (var shelf : workspace.hangar().aircraft()) {
            choices.add(new Choice("copy", "a copy of " + shelf.name(), () -> copy(shelf.id())));
        }
        finder.open("start from what?", choices);
    }

    private void copy(long id) {
        var now = workspace.hangar().current(id);
        add(
                now.setup().withName(now.setup().name() + " copy"),
                "copied from " + now.setup().name() + " r" + now.number());
    }

    private void add(Setup setup, String from) {
        long id = workspace.hangar().add(setup, "Started: " + from, workspace.now());
        hangar.choose(id);
        tell(setup.name() + " stands in the hangar; F2 gives it its name, Enter opens it.");
    }

    private void readSetups() {
        Drops.readSetups(workspace, hangar, outside.dialogs().open("Read a set-up", List.of(".json")));
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
        workspace.closeAircraft();
    }

    private void along(int step) {
        Stage[] all = Stage.values();
        go(all[Math.floorMod(workspace.stage().ordinal() + step, all.length)]);
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
            actions.add(Action.of("new aircraft", "N", this::newAircraft));
            actions.add(Action.of("duplicate", "D", () -> hangar.chosen().ifPresent(a -> copy(a.id()))));
            actions.add(Action.of("read a set-up", "I", this::readSetups));
            actions.add(Action.of("open in a window of its own", "W", () -> hangar.chosen()
                    .ifPresent(a -> outside.newWindow().accept(OptionalLong.of(a.id())))));
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
