package app.drachen.desktop.stage.hangar;

import app.drachen.core.clearance.Clearance;
import app.drachen.core.clearance.Ruling;
import app.drachen.core.setup.Setup;
import app.drachen.core.units.Quantity;
import app.drachen.core.units.UnitSystem;
import app.drachen.desk.OpenAircraft;
import app.drachen.desk.Session;
import app.drachen.desk.Standing;
import app.drachen.desktop.drawing.AircraftPainter;
import app.drachen.desktop.drawing.MiniLine;
import app.drachen.desktop.drawing.Outline;
import app.drachen.desktop.drawing.ScreenPen;
import app.drachen.desktop.drawing.View;
import app.drachen.desktop.widget.Action;
import app.drachen.desktop.widget.Dialogs;
import app.drachen.desktop.widget.Fields;
import app.drachen.desktop.widget.Place;
import app.drachen.desktop.widget.Scroller;
import app.drachen.desktop.widget.StateMark;
import app.drachen.desktop.widget.Texts;
import java.nio.file.Path;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import javafx.css.PseudoClass;
import javafx.geometry.Bounds;
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
    private static final double MARGIN = 32;
    private static final double DRAWING = 272;

    private final Session session;
    private final BorderPane root = new BorderPane();
    private final HBox cards = new HBox(14);
    private final VBox foot = new VBox(8);
    private final Dialogs dialogs;
    private final AlbumPane album;
    private final ScrollPane scroll = new Scroller();
    private final Troubles troubles;
    private final Deque<Runnable> undo = new ArrayDeque<>();
    private List<OpenAircraft> shelf = List.of();
    private Optional<OpenAircraft> albumOf = Optional.empty();
    private final Map<OpenAircraft, Drawn> drawn = new HashMap<>();
    private int chosen;

    /** A card as it was drawn, and from what. */
    private record Drawn(
            Optional<Standing> standing, String trouble, int flights, UnitSystem units, double scale, Node card) {}

    /** The shelf of a session. */
    public HangarView(Session session, Dialogs dialogs) {
        this.session = session;
        this.dialogs = dialogs;
        album = new AlbumPane(session, undo::push, root::requestFocus);
        troubles = new Troubles(session, dialogs);
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
        scroll.setContent(cards);
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
        shelf = session.desk().shelf();
        drawn.keySet().retainAll(shelf);
        chosen = Math.max(0, Math.min(chosen, shelf.size() - 1));
        double scale = commonScale();
        List<Node> nodes = new ArrayList<>();
        for (int i = 0; i < shelf.size(); i++) {
            nodes.add(card(i, scale));
        }
        if (shelf.isEmpty() && session.desk().loaded()) {
            nodes.add(Texts.wrapped(
                    "No aircraft yet. N makes one, from nothing or from a kind; I reads a set-up that Drachen wrote.",
                    "heading"));
        }
        if (!nodes.equals(cards.getChildren())) {
            cards.getChildren().setAll(nodes);
        }
        foot.getChildren()
                .setAll(
                        album,
                        Texts.label(
                                session.field()
                                        .map(f -> "Field · "
                                                + Fields.line(
                                                        f,
                                                        session.units(),
                                                        session.desk().today()))
                                        .orElse("No field entered yet"),
                                "soft"));
        mark();
    }

    private double commonScale() {
        double scale = 400;
        for (OpenAircraft a : shelf) {
            if (a.standing().isPresent()) {
                Outline o = Outline.above(a.standing().get().setup().airframe());
                scale = Math.min(scale, (CARD - 70) / (o.right() - o.left()));
                scale = Math.min(scale, (DRAWING - 30) / (o.bottom() - o.top()));
            }
        }
        return scale;
    }

    /** The card of an aircraft; drawn anew only if something on it has changed. */
    private Node card(int index, double scale) {
        OpenAircraft aircraft = shelf.get(index);
        Drawn before = drawn.get(aircraft);
        int flights = aircraft.flights().size();
        boolean same = before != null
                && before.standing().equals(aircraft.standing())
                && before.trouble().equals(aircraft.trouble())
                && before.flights() == flights
                && before.units() == session.units()
                && before.scale() == scale;
        if (!same) {
            VBox card =
                    aircraft.standing().map(s -> judged(s, flights, scale)).orElseGet(() -> troubles.card(aircraft));
            card.getStyleClass().add("card");
            card.setMinWidth(CARD);
            card.setMaxWidth(CARD);
            card.setFocusTraversable(true);
            card.setOnMouseClicked(e -> open(shelf.indexOf(aircraft)));
            card.focusedProperty().addListener((o, was, is) -> {
                if (is) {
                    chosen = shelf.indexOf(aircraft);
                    mark();
                }
            });
            before = new Drawn(aircraft.standing(), aircraft.trouble(), flights, session.units(), scale, card);
            drawn.put(aircraft, before);
        }
        before.card().setId("card-" + index);
        return before.card();
    }

    private VBox judged(Standing standing, int flights, double scale) {
        Setup setup = standing.setup();
        Clearance clearance = standing.clearance();
        Canvas drawing = new Canvas(CARD - 4, DRAWING);
        Outline outline = Outline.above(setup.airframe());
        View view = View.centred(
                scale, outline.left(), outline.right(), outline.top(), outline.bottom(), 0, 0, CARD - 4, DRAWING);
        AircraftPainter.grid(new ScreenPen(drawing), view, 0.1, 0, 0, CARD - 4, DRAWING);
        AircraftPainter.paint(new ScreenPen(drawing), outline, view, Optional.empty());
        UnitSystem units = session.units();
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
                                + standing.revision().number(),
                        "soft"),
                new MiniLine(clearance, CARD - 40),
                Texts.label("CLEARED TO", "caps"),
                Texts.wrapped(clearance.sentence(), "heading"));
        words.setPadding(new Insets(12, 18, 14, 18));
        words.getChildren().add(next(clearance));
        words.getChildren().add(history(standing, flights));
        VBox card = new VBox(drawing, words);
        card.setAccessibleText(
                setup.name() + ", cleared to " + clearance.sentence() + ", " + Quantity.read(clearance.why(), units));
        return card;
    }

    /** What happened last: the latest revision and the flights. */
    private Node history(Standing standing, int flights) {
        var label = Texts.wrapped(
                "Last change: "
                        + Quantity.read(standing.revision().reason(), session.units())
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
                    "Nothing built so far is in the way. " + Quantity.read(clearance.why(), session.units()) + ".",
                    "soft");
        }
        VBox words = new VBox(
                Texts.wrapped(Quantity.read(next.get().finding().title(), session.units()), "strong"),
                Texts.label("next: " + next.get().stage().label(), "soft"));
        HBox line = new HBox(10, new StateMark(next.get().finding().state()), words);
        line.getStyleClass().add("item");
        VBox.setMargin(line, new Insets(8, 0, 0, 0));
        line.setMaxHeight(Region.USE_PREF_SIZE);
        return line;
    }

    /** The aircraft that is chosen, if there is any. */
    public Optional<OpenAircraft> chosen() {
        return chosen < shelf.size() ? Optional.of(shelf.get(chosen)) : Optional.empty();
    }

    /** Chooses an aircraft. */
    public void choose(OpenAircraft aircraft) {
        update();
        chosen = Math.max(0, shelf.indexOf(aircraft));
        mark();
        reveal();
    }

    /** Chooses an aircraft that is new, and asks for its name. */
    public void name(OpenAircraft aircraft) {
        choose(aircraft);
        album.startRename();
    }

    /** Moves the shelf so that the chosen card is seen whole. */
    private void reveal() {
        if (chosen < cards.getChildren().size()) {
            cards.applyCss();
            root.layout();
            Bounds card = cards.getChildren().get(chosen).getBoundsInParent();
            double width = scroll.getViewportBounds().getWidth();
            double hidden = cards.getWidth() - width;
            double left = hidden * scroll.getHvalue();
            double wanted = Math.max(card.getMaxX() + MARGIN - width, Math.min(left, card.getMinX() - MARGIN));
            scroll.setHvalue(hidden <= 0 ? 0 : Math.max(0, Math.min(1, wanted / hidden)));
        }
    }

    /** Adds pictures to the chosen aircraft. */
    public void addPictures(List<Path> files) {
        album.add(files);
    }

    private void putAway() {
        chosen().ifPresent(a -> {
            a.putAway(session::tell);
            undo.push(() -> {
                a.bringBack(session::tell);
                back(a);
            });
            session.tell(a.name() + " is put away with all it has; Ctrl Z brings it back.");
        });
    }

    private void back(OpenAircraft aircraft) {
        session.tell(aircraft.name() + " is back.");
    }

    /** Takes back what was removed last; beyond this session, aircraft that were put away. */
    private void undo() {
        if (!undo.isEmpty()) {
            undo.pop().run();
        } else {
            session.desk()
                    .bringBackLast(
                            a -> a.ifPresentOrElse(this::back, () -> session.tell("Nothing was put away.")),
                            session::tell);
        }
    }

    private void mark() {
        if (!chosen().equals(albumOf)) {
            albumOf = chosen();
            album.show(chosen());
        }
        album.named();
        for (int i = 0; i < cards.getChildren().size(); i++) {
            cards.getChildren().get(i).pseudoClassStateChanged(CHOSEN, i == chosen && !shelf.isEmpty());
        }
    }

    private void open(int index) {
        if (index < shelf.size()) {
            chosen = index;
            session.open(shelf.get(index));
        }
    }

    private void choose(int step) {
        if (!shelf.isEmpty()) {
            chosen = Math.floorMod(chosen + step, shelf.size());
            mark();
            reveal();
            cards.getChildren().get(chosen).requestFocus();
        }
    }

    @Override
    public List<List<String>> table() {
        List<List<String>> rows = new ArrayList<>();
        rows.add(List.of("aircraft", "kind", "span", "mass", "revision", "cleared to"));
        for (OpenAircraft a : shelf) {
            a.standing()
                    .ifPresent(s -> rows.add(List.of(
                            a.name(),
                            s.setup().airframe().kind(),
                            Quantity.SPAN.text(s.setup().planform().span()),
                            Quantity.MASS.text(s.setup().massProperties().mass()),
                            "r" + s.revision().number(),
                            s.clearance().sentence())));
        }
        return rows;
    }

    @Override
    public List<Action> actions() {
        List<Action> actions = new ArrayList<>();
        actions.add(Action.of("choose the aircraft to the left", "Left", () -> choose(-1)));
        actions.add(Action.of("choose the aircraft to the right", "Right", () -> choose(1)));
        actions.add(Action.of("open", "Enter", () -> open(chosen)));
        chosen().ifPresent(a -> actions.addAll(troubles.actions(a)));
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
