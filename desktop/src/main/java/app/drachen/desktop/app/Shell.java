package app.drachen.desktop.app;

import app.drachen.core.clearance.Remedy;
import app.drachen.core.clearance.Stage;
import app.drachen.core.setup.Setup;
import app.drachen.core.units.Quantity;
import app.drachen.desktop.background.Background;
import app.drachen.desktop.drawing.KiteLine;
import app.drachen.desktop.stage.bench.BenchView;
import app.drachen.desktop.stage.build.BuildView;
import app.drachen.desktop.stage.debrief.DebriefView;
import app.drachen.desktop.stage.hangar.HangarView;
import app.drachen.desktop.stage.later.LaterView;
import app.drachen.desktop.stage.maiden.MaidenView;
import app.drachen.desktop.stage.modes.ModesView;
import app.drachen.desktop.stage.surfaces.ThrowsView;
import app.drachen.desktop.widget.Action;
import app.drachen.desktop.widget.Fields;
import app.drachen.desktop.widget.Ledger;
import app.drachen.desktop.widget.Place;
import app.drachen.desktop.widget.Texts;
import app.drachen.desktop.widget.Workspace;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import javafx.animation.PauseTransition;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.control.ButtonBase;
import javafx.scene.control.ComboBoxBase;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextInputControl;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.StackPane;
import javafx.util.Duration;

/** The window's content: the line on top, the place, the ledger, the foot line; and the keys. */
public final class Shell {
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
    private final Finder finder;
    private boolean debriefOpen;
    private long debriefOf;
    private Optional<Place> shown = Optional.empty();

    /** A shell on a workspace. */
    public Shell(Workspace workspace, Background background) {
        this.workspace = workspace;
        this.background = background;
        line = new KiteLine(this::go);
        ledger = new Ledger(workspace, this::goTo);
        hangar = new HangarView(workspace);
        debrief = new DebriefView(workspace, this::closeDebrief);
        finder = new Finder(workspace, root, this::everyAction, this::go);
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
        root.addEventFilter(KeyEvent.KEY_PRESSED, this::key);
        update();
    }

    /** The whole content. */
    public Parent root() {
        return root;
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
            return hangar;
        }
        debriefOpen &= debriefOf == workspace.aircraft() && workspace.stage() == Stage.MAIDEN;
        return debriefOpen ? debrief : places.computeIfAbsent(workspace.stage(), this::make);
    }

    /** Goes to a stage. */
    public void go(Stage stage) {
        debriefOpen = false;
        workspace.go(stage);
    }

    private void goTo(Remedy.GoTo to) {
        go(to.stage());
        tell(to.label() + ".");
    }

    private void openDebrief() {
        maiden.flatMap(MaidenView::flown).ifPresent(flight -> {
            debrief.show(flight);
            debriefOpen = true;
            debriefOf = workspace.aircraft();
            update();
        });
    }

    private void closeDebrief() {
        debriefOpen = false;
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
            } else {
                ledger.show(workspace.stage(), place.ledgerActions());
                if (place instanceof MaidenView view) {
                    view.fill(ledger);
                }
            }
            frame.setTop(line);
            frame.setRight(ledger);
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
            foot.getChildren()
                    .addAll(
                            Texts.label("Set-up r" + workspace.revision().number() + " · saved", "strong"),
                            Texts.label(Quantity.read(workspace.revision().reason(), workspace.units())));
        } else {
            foot.getChildren().add(Texts.label(workspace.hangar().file().getFileName() + " · saved"));
        }
        if (workspace.isOpen()) {
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
        actions.add(Action.of("find anything", "Ctrl+K", finder::open));
        actions.add(Action.of("show the keys", "F1", this::keys));
        actions.add(Action.of("metric or imperial", "Ctrl+U", workspace::turnUnits));
        if (workspace.isOpen()) {
            actions.add(Action.of("undo: one revision back", "Ctrl+Z", workspace::undo));
            actions.add(Action.of("redo: one revision forward", "Ctrl+Y", workspace::redo));
            actions.add(Action.of("back to the hangar", "Ctrl+H", this::toHangar));
            actions.add(Action.of("next stage", "Ctrl+Right", () -> along(1)));
            actions.add(Action.of("stage before", "Ctrl+Left", () -> along(-1)));
            actions.add(Action.of("mend the first finding", "Ctrl+Enter", ledger::mendFirst));
        }
        return actions;
    }

    private void toHangar() {
        debriefOpen = false;
        workspace.closeAircraft();
    }

    private void along(int step) {
        Stage[] all = Stage.values();
        go(all[Math.floorMod(workspace.stage().ordinal() + step, all.length)]);
    }

    private List<Action> everyAction() {
        List<Action> actions = new ArrayList<>(place().actions());
        actions.addAll(place().ledgerActions().stream()
                .filter(a -> !actions.contains(a))
                .toList());
        actions.addAll(global());
        return actions;
    }

    private void key(KeyEvent event) {
        boolean keysOpen = root.getChildren().stream().anyMatch(n -> "keys".equals(n.getId()));
        if (finder.isOpen() || keysOpen) {
            return;
        }
        Node focus = root.getScene().getFocusOwner();
        boolean typing = focus instanceof TextInputControl || focus instanceof ComboBoxBase;
        boolean plain = !event.isControlDown() && !event.isAltDown() && !event.isMetaDown();
        boolean pressing = plain
                && (focus instanceof ButtonBase || rowLike(focus))
                && (event.getCode() == KeyCode.ENTER
                        || event.getCode() == KeyCode.SPACE
                        || event.getCode() == KeyCode.LEFT
                        || event.getCode() == KeyCode.RIGHT);
        if (plain && (typing || pressing) && !event.getCode().isFunctionKey()) {
            return;
        }
        for (Action action : everyAction()) {
            if (action.keys().match(event)) {
                event.consume();
                action.run().run();
                return;
            }
        }
    }

    /** Rows of the ledger, of tables and the bows answer Enter and arrows themselves. */
    private static boolean rowLike(Node focus) {
        return focus != null
                && (focus.getStyleClass().contains("item")
                        || focus.getStyleClass().contains("row")
                        || focus.getStyleClass().contains("bow"));
    }

    private void keys() {
        List<Action> here = new ArrayList<>(place().actions());
        place().ledgerActions().stream()
                .filter(a -> here.stream().noneMatch(b -> b.shown().equals(a.shown())))
                .forEach(here::add);
        new KeysPanel(root, here, global()).open();
    }
}
