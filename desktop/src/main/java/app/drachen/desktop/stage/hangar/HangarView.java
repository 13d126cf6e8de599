package app.drachen.desktop.stage.hangar;

import app.drachen.core.clearance.Clearance;
import app.drachen.core.clearance.Ruling;
import app.drachen.core.clearance.Situation;
import app.drachen.core.setup.Setup;
import app.drachen.core.units.Quantity;
import app.drachen.core.units.UnitSystem;
import app.drachen.desktop.drawing.AircraftPainter;
import app.drachen.desktop.drawing.MiniLine;
import app.drachen.desktop.drawing.Outline;
import app.drachen.desktop.drawing.ScreenPen;
import app.drachen.desktop.drawing.View;
import app.drachen.desktop.widget.Action;
import app.drachen.desktop.widget.Dialogs;
import app.drachen.desktop.widget.Fields;
import app.drachen.desktop.widget.Place;
import app.drachen.desktop.widget.StateMark;
import app.drachen.desktop.widget.Texts;
import app.drachen.desktop.widget.Workspace;
import app.drachen.files.hangar.Hangar;
import java.nio.file.Path;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.List;
import java.util.Optional;
import javafx.css.PseudoClass;
import javafx.geometry.Insets;
import javafx.scene.Node;
import javafx.scene.canvas.Canvas;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** The shelf: every aircraft drawn to one scale, with its clearance and its next job. */
public final class HangarView implements Place {
    private static final PseudoClass CHOSEN = PseudoClass.getPseudoClass("chosen");
    private static final double CARD = 396;
    private static final double DRAWING = 272;

    private final Workspace workspace;
    private final BorderPane root = new BorderPane();
    private final HBox cards = new HBox(14);
    private final VBox foot = new VBox(8);
    private final Dialogs dialogs;
    private final AlbumPane album;
    private final Deque<Runnable> undo = new ArrayDeque<>();
    private List<Hangar.Shelf> shelf = List.of();
    private Optional<Hangar.Shelf> albumOf = Optional.empty();
    private int chosen;

    /** The shelf of a workspace. */
    public HangarView(Workspace workspace, Dialogs dialogs) {
        this.workspace = workspace;
        this.dialogs = dialogs;
        album = new AlbumPane(workspace, this::update, undo::push);
        cards.setPadding(new Insets(6, 32, 10, 32));
        HBox keys = new HBox(
                6,
                Texts.label("All to one scale", "soft"),
                Texts.spring(),
                Texts.key("N"),
                Texts.label("new", "soft"),
                Texts.key("I"),
                Texts.label("read a set-up", "soft"),
                Texts.key("D"),
                Texts.label("duplicate", "soft"),
                Texts.key("F2"),
                Texts.label("rename", "soft"));
        VBox head = new VBox(2, Texts.label("Hangar", "title"), keys);
        head.getStyleClass().add("line-header");
        head.setPadding(new Insets(14, 32, 14, 32));
        foot.setPadding(new Insets(4, 32, 12, 32));
        ScrollPane scroll = new ScrollPane(cards);
        scroll.setFitToHeight(true);
        scroll.setFocusTraversable(false);
        root.setTop(head);
        root.setCenter(scroll);
        root.setBottom(foot);
        BorderPane.setMargin(scroll, new Insets(14, 0, 0, 0));
        root.setId("hangar");
    }

    @Override
    public Node node() {
        return root;
    }

    @Override
    public void update() {
        shelf = workspace.hangar().aircraft();
        albumOf = Optional.empty();
        album.show(Optional.empty());
        chosen = Math.max(0, Math.min(chosen, shelf.size() - 1));
        List<Situation> situations =
                shelf.stream().map(a -> workspace.situationOf(a.id())).toList();
        double scale = commonScale(situations);
        cards.getChildren().clear();
        for (int i = 0; i < shelf.size(); i++) {
            cards.getChildren().add(card(i, situations.get(i), scale));
        }
        if (shelf.isEmpty()) {
            cards.getChildren()
                    .add(Texts.wrapped(
                            "No aircraft yet. N makes one, from nothing or from a kind; I reads a set-up that Drachen wrote.",
                            "heading"));
        }
        foot.getChildren()
                .setAll(
                        album,
                        Texts.label(
                                workspace
                                        .field()
                                        .map(f -> "Field today · " + Fields.line(f, workspace.units()))
                                        .orElse("No field entered yet"),
                                "soft"));
        mark();
    }

    private static double commonScale(List<Situation> situations) {
        double scale = 400;
        for (Situation s : situations) {
            Outline o = Outline.above(s.setup().airframe());
            scale = Math.min(scale, (CARD - 70) / (o.right() - o.left()));
            scale = Math.min(scale, (DRAWING - 30) / (o.bottom() - o.top()));
        }
        return scale;
    }

    private Node card(int index, Situation situation, double scale) {
        Setup setup = situation.setup();
        Clearance clearance = Clearance.of(situation);
        Canvas drawing = new Canvas(CARD - 4, DRAWING);
        Outline outline = Outline.above(setup.airframe());
        View view = View.centred(
                scale, outline.left(), outline.right(), outline.top(), outline.bottom(), 0, 0, CARD - 4, DRAWING);
        AircraftPainter.grid(new ScreenPen(drawing), view, 0.1, 0, 0, CARD - 4, DRAWING);
        AircraftPainter.paint(new ScreenPen(drawing), outline, view, Optional.empty());
        UnitSystem units = workspace.units();
        VBox words = new VBox(
                2,
                Texts.label(setup.name(), "heading"),
                Texts.label(
                        setup.airframe().kind()
                                + " · "
                                + Quantity.SPAN.text(setup.planform().span(), units)
                                + " · "
                                + Quantity.MASS.text(setup.massProperties().mass(), units)
                                + " · r"
                                + situation.revision(),
                        "soft"),
                new MiniLine(clearance, CARD - 40),
                Texts.label("CLEARED TO", "caps"),
                Texts.wrapped(clearance.sentence(), "heading"));
        words.setPadding(new Insets(12, 18, 14, 18));
        words.getChildren().add(next(clearance));
        words.getChildren().add(history(shelf.get(index).id()));
        VBox card = new VBox(drawing, words);
        card.getStyleClass().add("card");
        card.setMinWidth(CARD);
        card.setMaxWidth(CARD);
        card.setId("card-" + index);
        card.setFocusTraversable(true);
        card.setAccessibleText(
                setup.name() + ", cleared to " + clearance.sentence() + ", " + Quantity.read(clearance.why(), units));
        card.setOnMouseClicked(e -> open(index));
        card.focusedProperty().addListener((o, was, is) -> {
            if (is) {
                chosen = index;
                mark();
            }
        });
        return card;
    }

    /** What happened last: the latest revision and the flights. */
    private Node history(long id) {
        int flights = workspace.hangar().logbook().flights(id).size();
        var label = Texts.wrapped(
                "Last change: "
                        + Quantity.read(workspace.hangar().current(id).reason(), workspace.units())
                        + " · "
                        + (flights == 0 ? "not flown" : flights + " flights and rehearsals"),
                "soft",
                "small");
        VBox.setMargin(label, new Insets(10, 0, 0, 0));
        return label;
    }

    private Node next(Clearance clearance) {
        Optional<Ruling> next = clearance.next();
        if (next.isEmpty()) {
            return Texts.wrapped(
                    "Nothing built so far is in the way. " + Quantity.read(clearance.why(), workspace.units()) + ".",
                    "soft");
        }
        VBox words = new VBox(
                Texts.wrapped(Quantity.read(next.get().finding().title(), workspace.units()), "strong"),
                Texts.label("next: " + next.get().stage().label(), "soft"));
        HBox line = new HBox(10, new StateMark(next.get().finding().state()), words);
        line.getStyleClass().add("item");
        VBox.setMargin(line, new Insets(8, 0, 0, 0));
        line.setMaxHeight(Region.USE_PREF_SIZE);
        return line;
    }

    /** The aircraft that is chosen, if there is any. */
    public Optional<Hangar.Shelf> chosen() {
        return chosen < shelf.size() ? Optional.of(shelf.get(chosen)) : Optional.empty();
    }

    /** Chooses an aircraft. */
    public void choose(long id) {
        update();
        for (int i = 0; i < shelf.size(); i++) {
            if (shelf.get(i).id() == id) {
                chosen = i;
            }
        }
        mark();
    }

    /** Adds pictures to the chosen aircraft. */
    public void addPictures(List<Path> files) {
        album.add(files);
    }

    private void putAway() {
        chosen().ifPresent(a -> {
            workspace.hangar().putAway(a.id());
            undo.push(() -> bringBack(a));
            update();
            workspace.tell(a.name() + " is put away with all it has; Ctrl Z brings it back.");
        });
    }

    private void bringBack(Hangar.Shelf aircraft) {
        workspace.hangar().bringBack(aircraft.id());
        choose(aircraft.id());
        workspace.tell(aircraft.name() + " is back.");
    }

    /** Takes back what was removed last; beyond this session, aircraft that were put away. */
    private void undo() {
        if (!undo.isEmpty()) {
            undo.pop().run();
            update();
        } else {
            workspace.hangar().away().stream()
                    .findFirst()
                    .ifPresentOrElse(this::bringBack, () -> workspace.tell("Nothing was put away."));
        }
    }

    private void mark() {
        if (!chosen().equals(albumOf)) {
            albumOf = chosen();
            album.show(chosen());
        }
        for (int i = 0; i < cards.getChildren().size(); i++) {
            cards.getChildren().get(i).pseudoClassStateChanged(CHOSEN, i == chosen && !shelf.isEmpty());
        }
    }

    private void open(int index) {
        if (index < shelf.size()) {
            chosen = index;
            workspace.open(shelf.get(index).id());
        }
    }

    private void choose(int step) {
        if (!shelf.isEmpty()) {
            chosen = Math.floorMod(chosen + step, shelf.size());
            mark();
            cards.getChildren().get(chosen).requestFocus();
        }
    }

    @Override
    public List<List<String>> table() {
        List<List<String>> rows = new ArrayList<>();
        rows.add(List.of("aircraft", "kind", "span", "mass", "revision", "cleared to"));
        for (Hangar.Shelf a : shelf) {
            Situation s = workspace.situationOf(a.id());
            rows.add(List.of(
                    a.name(),
                    s.setup().airframe().kind(),
                    Quantity.SPAN.text(s.setup().planform().span()),
                    Quantity.MASS.text(s.setup().massProperties().mass()),
                    "r" + s.revision(),
                    Clearance.of(s).sentence()));
        }
        return rows;
    }

    @Override
    public List<Action> actions() {
        List<Action> actions = new ArrayList<>();
        actions.add(Action.of("choose the aircraft to the left", "Left", () -> choose(-1)));
        actions.add(Action.of("choose the aircraft to the right", "Right", () -> choose(1)));
        actions.add(Action.of("open", "Enter", () -> open(chosen)));
        actions.add(Action.of("rename", "F2", album::startRename));
        actions.add(Action.of(
                "add pictures",
                "P",
                () -> album.add(dialogs.open("Pictures of the aircraft", List.of(".png", ".jpg", ".jpeg")))));
        actions.add(Action.of("put away", "Delete", this::putAway));
        actions.add(Action.of("bring back what was removed last", "Ctrl+Z", this::undo));
        return actions;
    }
}
