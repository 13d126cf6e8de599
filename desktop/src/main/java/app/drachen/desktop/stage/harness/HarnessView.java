package app.drachen.desktop.stage.harness;

import app.drachen.core.harness.Device;
import app.drachen.core.harness.DeviceKind;
import app.drachen.core.units.Quantity;
import app.drachen.core.wiring.CutList;
import app.drachen.core.wiring.Plugged;
import app.drachen.core.wiring.Wiring;
import app.drachen.desk.OpenAircraft;
import app.drachen.desk.Session;
import app.drachen.desktop.chart.CanvasPane;
import app.drachen.desktop.chart.PairsPainter;
import app.drachen.desktop.chart.RailTracePainter;
import app.drachen.desktop.drawing.HarnessLayout;
import app.drachen.desktop.drawing.Pen;
import app.drachen.desktop.drawing.Picture;
import app.drachen.desktop.drawing.PinPainter;
import app.drachen.desktop.drawing.RailPainter;
import app.drachen.desktop.paper.HarnessSheet;
import app.drachen.desktop.widget.Action;
import app.drachen.desktop.widget.Dialogs;
import app.drachen.desktop.widget.EditPopup;
import app.drachen.desktop.widget.Place;
import app.drachen.desktop.widget.Scroller;
import app.drachen.desktop.widget.Texts;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.function.BiConsumer;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

/** The Harness stage: the harness drawn, its rails, its radios, the pin card of what is chosen. */
public final class HarnessView implements Place {
    private static final List<Plugged> STATES = List.of(Plugged.values());

    private final Session session;
    private final Dialogs dialogs;
    private final HarnessDeeds deeds;
    private final VBox root = new VBox(8);
    private final HarnessDrawing drawing;
    private final VBox empty = new VBox(10);
    private final List<ToggleButton> states = new ArrayList<>();
    private final CanvasPane rails = pane("rails", 120, this::paintRails);
    private final CanvasPane pairs = pane("pairs", 110, this::paintPairs);
    private final CanvasPane pins = pane("pin-card", 110, this::paintPins);
    private final HBox bottom = new HBox(12);
    private final EditPopup device;
    private final EditPopup board;
    private final EditPopup checks;
    private final EditPopup tilt;
    private final EditPopup install;
    private final EditPopup settings;
    private final SettingsForm values;
    private final EditPopup packs;
    private final EditPopup places;
    private final EditPopup kinds;
    private final EditPopup schools;
    private final EditPopup trace;
    private double[] tilts = {};
    private Optional<OpenAircraft> tilted = Optional.empty();

    /** The stage of a session. */
    public HarnessView(Session session, Dialogs dialogs) {
        this.session = session;
        this.dialogs = dialogs;
        this.deeds = new HarnessDeeds(session);
        drawing = new HarnessDrawing(session, deeds, this::chosen);
        device = new EditPopup(
                "device-form", 830, () -> new DeviceForm(session, deeds, drawing.chosenDevice(), drawing::choose));
        board = new EditPopup("board-form", 830, () -> new BoardForm(session, deeds, dialogs));
        checks = new EditPopup("checks-form", 640, () -> new ChecksForm(session, deeds));
        tilt = new EditPopup("tilt-form", 620, () -> new TiltForm(session, tilts()));
        install = new EditPopup("install-form", 560, () -> new InstallForm(session, deeds, dialogs));
        values = new SettingsForm(session, deeds, dialogs);
        settings = new EditPopup("settings-form", 560, values::update);
        packs = new EditPopup("packs-form", 620, () -> new PacksForm(session, deeds));
        places = new EditPopup("places-form", 600, () -> new PlacesForm(session, deeds));
        schools = new EditPopup("schools-form", 640, () -> new SchoolsForm(session, deeds));
        trace = new EditPopup("trace-form", 700, this::traced);
        kinds = new EditPopup("kinds-form", 300, this::kindList);
        ToggleGroup group = new ToggleGroup();
        HBox head = new HBox(
                6,
                Texts.label("The harness", "heading"),
                Texts.spring(),
                Texts.label("drag a device to a place \u00b7", "soft"),
                Texts.key("A"),
                Texts.label("aerials  ", "soft"));
        for (int i = 0; i < STATES.size(); i++) {
            Plugged state = STATES.get(i);
            ToggleButton toggle = new ToggleButton(state.label());
            toggle.setId("state-" + state.name().toLowerCase(java.util.Locale.ROOT));
            toggle.setGraphic(Texts.key(String.valueOf(i + 1)));
            toggle.setContentDisplay(javafx.scene.control.ContentDisplay.RIGHT);
            toggle.setToggleGroup(group);
            toggle.setOnAction(e -> plug(state));
            states.add(toggle);
            head.getChildren().add(toggle);
        }
        head.setAlignment(Pos.CENTER_LEFT);
        empty.setAlignment(Pos.CENTER);
        empty.setId("harness-empty");
        empty.getStyleClass().add("sheet");
        Scroller scroll = new Scroller(drawing);
        scroll.setFitToWidth(true);
        scroll.setFitToHeight(true);
        scroll.setFocusTraversable(false);
        StackPane middle = new StackPane(scroll, empty);
        VBox.setVgrow(middle, Priority.ALWAYS);
        bottom.getChildren().addAll(pairs, pins);
        HBox.setHgrow(pairs, Priority.ALWAYS);
        pins.setPrefWidth(300);
        pins.setMinWidth(300);
        bottom.setPrefHeight(128);
        bottom.setMinHeight(118);
        root.getChildren().addAll(head, middle, rails, bottom);
        root.setPadding(new Insets(12, 16, 10, 20));
        root.setFocusTraversable(true);
        root.setId("harness");
    }

    /** The figures of the tilts that are typed, for the aircraft that is open. */
    private double[] tilts() {
        if (!tilted.equals(Optional.of(session.aircraft()))) {
            tilted = Optional.of(session.aircraft());
            tilts = new double[9];
            Arrays.fill(tilts, Double.NaN);
            tilts[0] = 0;
            tilts[3] = Math.toRadians(30);
            tilts[6] = Math.toRadians(30);
        }
        return tilts;
    }

    private interface Paint {
        void paint(Pen g, double width, double height);
    }

    private static CanvasPane pane(String id, double height, Paint painter) {
        CanvasPane pane = new CanvasPane(240, height) {
            @Override
            protected void paint(Pen g, double w, double h) {
                painter.paint(g, w, h);
            }
        };
        pane.setId(id);
        return pane;
    }

    @Override
    public Node node() {
        return root;
    }

    private Wiring wiring() {
        return Wiring.of(session.setup());
    }

    private boolean entered() {
        return session.isOpen() && wiring().entered();
    }

    private void paintRails(Pen g, double w, double h) {
        if (entered()) {
            new RailPainter(wiring(), drawing.plugged(), session.units()).paint(g, w, h);
        }
    }

    private void paintPairs(Pen g, double w, double h) {
        if (entered()) {
            new PairsPainter(drawing.radios(), drawing.chosenDevice(), session.units()).paint(g, w, h);
        }
    }

    private void paintPins(Pen g, double w, double h) {
        if (entered()) {
            wiring().of(drawing.chosenDevice()).ifPresent(wired -> new PinPainter(wired).paint(g, w, h));
        }
    }

    private void chosen() {
        pairs.repaint();
        pins.repaint();
        device.refresh();
    }

    @Override
    public void update() {
        boolean there = entered();
        drawing.setVisible(there);
        drawing.setMinHeight(HarnessLayout.leastHeight(wiring()));
        empty.setVisible(!there);
        for (Node below : List.of(rails, bottom)) {
            below.setVisible(there);
            below.setManaged(there);
        }
        empty.getChildren().setAll(start());
        if (there && deeds.harness().device(drawing.chosenDevice()).isEmpty()) {
            drawing.choose(deeds.harness().devices().get(0).name());
        }
        rails.setMinHeight(
                RailPainter.height(session.setup().harness().board().rails().size()) + 2);
        rails.setPrefHeight(rails.getMinHeight());
        states.get(STATES.indexOf(drawing.plugged())).setSelected(true);
        drawing.repaint();
        rails.repaint();
        pairs.repaint();
        pins.repaint();
        List.of(device, board, checks, tilt, install, settings, packs, places, schools, trace)
                .forEach(EditPopup::refresh);
    }

    /** The first step, while there is nothing to draw. */
    private List<Node> start() {
        Button begin = Texts.button(Action.of("Begin from the parts", "Enter", deeds::begin), "primary");
        begin.setId("harness-begin");
        Button choose = Texts.button(Action.of("Choose or describe a board", "G", this::boards));
        HBox buttons = new HBox(10, begin, choose);
        buttons.setAlignment(Pos.CENTER);
        return List.of(
                Texts.label("No harness yet", "heading"),
                Texts.label(
                        "Drachen makes one of what the aircraft has: a servo for each surface, the parts that are plugged in.",
                        "soft"),
                Texts.label("Every figure is then typical of its kind, and says so until you look yours up.", "soft"),
                buttons);
    }

    private void plug(Plugged state) {
        drawing.plug(state);
        states.get(STATES.indexOf(state)).setSelected(true);
        rails.repaint();
    }

    /** Opens one panel, and closes any other. */
    private void open(EditPopup panel, Node over) {
        List.of(device, board, checks, tilt, install, settings, packs, places, kinds, schools, trace)
                .forEach(EditPopup::hide);
        panel.showOver(over);
    }

    private void values() {
        values.begin();
        open(settings, drawing);
    }

    private void boards() {
        open(board, drawing.isVisible() ? drawing : empty);
    }

    private void edit() {
        open(device, drawing);
    }

    private void add() {
        if (entered() || deeds.harness().board().chosen()) {
            open(kinds, drawing);
        } else {
            session.tell("Choose a board first: G.");
        }
    }

    /** The rails over a hard manoeuvre. */
    private VBox traced() {
        CanvasPane curve = pane("rail-trace", 220, (g, w, h) -> {
            if (entered()) {
                new RailTracePainter(wiring(), session.units()).paint(g, w, h);
            }
        });
        return new VBox(
                6,
                Texts.label("The rails in a hard manoeuvre", "heading"),
                Texts.wrapped(
                        "Pack at 20\u00a0%, full power. All servos start at once, turn round, and half of them stay stalled.",
                        "soft"),
                curve,
                Texts.label("Esc closes", "soft", "small"));
    }

    private VBox kindList() {
        VBox list = new VBox(3, Texts.label("Add a device", "heading"));
        for (DeviceKind kind : DeviceKind.values()) {
            Button button = Texts.button(kind.label(), () -> deeds.add(kind, this::added), "small-button");
            button.setId("add-" + kind.name().toLowerCase(java.util.Locale.ROOT).replace('_', '-'));
            list.getChildren().add(button);
        }
        return list;
    }

    private void added() {
        kinds.hide();
        List<Device> all = deeds.harness().devices();
        drawing.choose(all.get(all.size() - 1).name());
        edit();
    }

    private void aerials() {
        drawing.turn();
    }

    private void print() {
        dialogs.save("Harness sheet", session.setup().name() + " harness.pdf", List.of(".pdf"))
                .ifPresent(file -> {
                    HarnessSheet sheet =
                            new HarnessSheet(session.setup(), session.revision().number(), session.units());
                    session.write(file, sheet::write);
                });
    }

    private void feed() {
        deeds.feed(drawing.chosenDevice());
    }

    @Override
    public List<Picture> pictures() {
        return List.of(
                drawing.picture(drawing.aerials() ? "aerials" : "harness"),
                rails.picture("rails"),
                pairs.picture("radio pairs"),
                pins.picture("pin card"));
    }

    @Override
    public List<List<String>> table() {
        List<List<String>> rows = new ArrayList<>();
        rows.add(List.of("device", "place", "power", "gauge", "length", "colours"));
        for (CutList.Cut cut : CutList.of(wiring()).cuts()) {
            rows.add(List.of(
                    cut.device(),
                    cut.place(),
                    wiring().of(cut.device()).map(w -> w.rail()).orElse(""),
                    String.valueOf(cut.gauge()),
                    Quantity.SPAN.text(cut.length()),
                    String.join(" ", cut.colours())));
        }
        return rows;
    }

    private void each(BiConsumer<HarnessDeeds, String> deed) {
        deed.accept(deeds, drawing.chosenDevice());
    }

    @Override
    public List<Action> actions() {
        List<Action> all = new ArrayList<>(List.of(
                Action.of("choose the next device", "Period", () -> drawing.step(1)),
                Action.of("choose the one before", "Comma", () -> drawing.step(-1)),
                Action.of("figures, signal, lead and aerial of it", "E", this::edit),
                Action.of("lift its red wire, or put it in", "L", () -> each(HarnessDeeds::lift)),
                Action.of("feed it from the next rail that it bears", "F", this::feed),
                Action.of("pins by the card, as bought, turned", "O", () -> each(HarnessDeeds::turnPlug)),
                Action.of("lock its place, or free it", "K", () -> each(HarnessDeeds::lock)),
                Action.of("add a device", "Insert", this::add),
                Action.of("remove it", "Delete", () -> each(HarnessDeeds::remove)),
                Action.of("find places for all, little replugged", "S", deeds::solve),
                Action.of("places compared, with reasons", "Shift+S", () -> open(places, drawing)),
                Action.of("aerials on the aircraft, or the harness", "A", this::aerials),
                Action.of("the board", "G", this::boards),
                Action.of("packs", "J", () -> open(packs, drawing)),
                Action.of("look at the leads: relief, solder, continuity, wiggle", "W", () -> open(checks, drawing)),
                Action.of("how the board is turned, by three tilts", "T", () -> open(tilt, drawing)),
                Action.of("rails in a hard manoeuvre", "R", () -> open(trace, drawing)),
                Action.of("ways compared: servo supply, aerials", "C", () -> open(schools, drawing)),
                Action.of("install list", "I", () -> open(install, drawing)),
                Action.of("values of the board", "V", this::values),
                Action.of("print the harness sheet", "P", this::print)));
        for (int i = 0; i < STATES.size(); i++) {
            Plugged state = STATES.get(i);
            all.add(Action.of("show it on " + state.label(), String.valueOf(i + 1), () -> plug(state)));
        }
        all.add(Action.also("Enter", () -> {
            if (!entered()) {
                deeds.begin();
            }
        }));
        return all;
    }

    @Override
    public List<Action> ledgerActions() {
        return List.of(Action.of("Print the sheet", "P", this::print), Action.of("Solve again", "S", deeds::solve));
    }
}
