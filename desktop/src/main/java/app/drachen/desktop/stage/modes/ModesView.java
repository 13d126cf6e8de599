package app.drachen.desktop.stage.modes;

import app.drachen.core.aerodynamics.Stall;
import app.drachen.core.air.Atmosphere;
import app.drachen.core.air.Field;
import app.drachen.core.flight.HomeTrip;
import app.drachen.core.modes.HomeProfile;
import app.drachen.core.modes.Limits;
import app.drachen.core.modes.Turn;
import app.drachen.core.setup.Setup;
import app.drachen.core.stages.modes.WayHome;
import app.drachen.core.units.Quantity;
import app.drachen.core.working.Working;
import app.drachen.desk.Session;
import app.drachen.desktop.chart.CirclePainter;
import app.drachen.desktop.chart.WayPainter;
import app.drachen.desktop.drawing.Picture;
import app.drachen.desktop.drawing.ScreenPen;
import app.drachen.desktop.screen.Tips;
import app.drachen.desktop.widget.Action;
import app.drachen.desktop.widget.Panels;
import app.drachen.desktop.widget.Place;
import app.drachen.desktop.widget.QuantityField;
import app.drachen.desktop.widget.Texts;
import app.drachen.desktop.widget.WorkingRow;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.BiFunction;
import java.util.function.DoublePredicate;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.canvas.Canvas;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Pane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/** The Modes stage: the way home from the side, the bank limit as circles, the selector's table. */
public final class ModesView implements Place {
    private final Session session;
    private final VBox root = new VBox(9);
    private final Canvas way = new Canvas();
    private final Pane wayHost = new Pane(way);
    private final Canvas circles = new Canvas(210, 186);
    private final VBox turns = new VBox();
    private final QuantityField returnHeight;
    private final QuantityField circleRadius;
    private final CheckBox climbFirst = new CheckBox("climb first");
    private final Label judged = Texts.label("", "soft", "small");
    private final QuantityField bankLimit;
    private final QuantityField cruiseSpeed;
    private final Panels panels;
    private final SelectorPane selector;
    private Optional<HomeProfile> draft = Optional.empty();

    /** The stage of a session. */
    public ModesView(Session session) {
        this.session = session;
        selector = new SelectorPane(session);
        HBox head = new HBox(
                6,
                Texts.label("The way home, from the side", "heading"),
                Texts.spring(),
                Texts.label("drag the height, or", "soft"),
                Texts.key("+"),
                Texts.key("−"),
                Texts.key("C"),
                Texts.label("climb first", "soft"));
        head.setAlignment(Pos.CENTER_LEFT);
        wayHost.getStyleClass().add("sheet");
        wayHost.setMinHeight(176);
        VBox.setVgrow(wayHost, Priority.ALWAYS);
        wayHost.widthProperty().addListener((o, a, b) -> paint());
        wayHost.heightProperty().addListener((o, a, b) -> paint());
        way.setOnMousePressed(e -> drag(e.getY()));
        way.setOnMouseDragged(e -> drag(e.getY()));
        way.setOnMouseReleased(e -> drop());
        returnHeight = field("Return height", Quantity.HEIGHT, v -> setHome("Return height", h -> h.withHeight(v)));
        circleRadius = field("Circle radius", Quantity.DISTANCE, v -> setHome("Circle radius", h -> h.withRadius(v)));
        Tips.say(climbFirst, "Ticked, it climbs in a circle where it is, then flies home; else it climbs on the way");
        climbFirst.setOnAction(e -> climbFirst());
        HBox homeFields = new HBox(16, returnHeight, circleRadius, climbFirst, judged);
        homeFields.setAlignment(Pos.CENTER_LEFT);
        bankLimit = field("Bank limit", Quantity.BEARING, v -> setLimits("Bank limit", v, Limits::withBank));
        cruiseSpeed = field("Cruise speed", Quantity.SPEED, v -> setLimits("Cruise speed", v, Limits::withCruise));
        VBox bankWords = new VBox(6, new VBox(4, bankLimit, cruiseSpeed), turns);
        bankWords.setMinWidth(196);
        HBox bank = new HBox(8, circles, bankWords);
        bank.getStyleClass().add("sheet");
        bank.setPadding(new Insets(8));
        panels = new Panels(session, root)
                .with(
                        "Switches",
                        "W",
                        "switch-panel",
                        640,
                        () -> new SwitchRows(session),
                        s -> SwitchRows.summary(s.modes().switches()))
                .with(
                        "Losses",
                        "L",
                        "loss-panel",
                        900,
                        () -> new LossTable(session),
                        s -> LossTable.summary(s.modes().losses()))
                .with(
                        "Home, arming",
                        "E",
                        "home-panel",
                        640,
                        () -> new HomeEnd(session),
                        s -> HomeEnd.summary(s.modes().home(), s.modes().arming()))
                .with(
                        "Second path",
                        "K",
                        "second-panel",
                        760,
                        () -> new SecondPathForm(session),
                        s -> SecondPathForm.summary(s.modes().second()))
                .with(
                        "You will see",
                        "V",
                        "seen-panel",
                        520,
                        () -> new SeenForm(session),
                        s -> "each mode in two sentences");
        VBox bankBox = new VBox(5, Texts.label("BANK LIMIT, SEEN FROM ABOVE", "caps"), bank, panels);
        VBox selectorBox = new VBox(5, Texts.label("THE SELECTOR", "caps"), selector);
        HBox.setHgrow(selectorBox, Priority.ALWAYS);
        VBox.setVgrow(selector, Priority.ALWAYS);
        HBox bottom = new HBox(14, bankBox, selectorBox);
        root.getChildren().addAll(head, wayHost, homeFields, bottom);
        root.setPadding(new Insets(12, 16, 10, 20));
        root.setFocusTraversable(true);
        root.setId("modes");
    }

    @Override
    public Node node() {
        return root;
    }

    @Override
    public void update() {
        homeFields();
        limits();
        selector.update();
        panels.update();
        paint();
    }

    private double density() {
        return session.field().map(Field::density).orElse(Atmosphere.SEA_LEVEL_DENSITY);
    }

    private HomeProfile home() {
        return draft.orElseGet(() -> session.setup().modes().home());
    }

    private void paint() {
        if (!session.isOpen() || wayHost.getWidth() < 100) {
            return;
        }
        way.setWidth(wayHost.getWidth());
        way.setHeight(wayHost.getHeight());
        Setup setup = session.setup();
        WayPainter.paint(
                new ScreenPen(way),
                way.getWidth(),
                way.getHeight(),
                home(),
                setup.modes().limits(),
                session.field(),
                session.units());
        way.setAccessibleText("Way home at " + Quantity.HEIGHT.text(home().height(), session.units()));
        CirclePainter.paint(
                new ScreenPen(circles),
                circles.getWidth(),
                circles.getHeight(),
                setup.modes().limits(),
                home(),
                session.field(),
                session.units());
    }

    private void drag(double y) {
        double height = Math.max(10, Math.rint(WayPainter.heightAt(y, way.getHeight(), session.field()) / 5) * 5);
        draft = Optional.of(session.setup().modes().home().withHeight(Math.min(1_000, height)));
        paint();
    }

    private void drop() {
        Optional<HomeProfile> to = draft;
        draft = Optional.empty();
        to.ifPresent(h -> setHome("Return height", x -> h));
    }

    private boolean setHome(String reason, java.util.function.UnaryOperator<HomeProfile> change) {
        return session.edit(
                reason,
                s -> s.withModes(s.modes().withHome(change.apply(s.modes().home()))));
    }

    private void homeFields() {
        HomeProfile home = session.setup().modes().home();
        returnHeight.show(home.height(), session.units());
        circleRadius.show(home.circleRadius(), session.units());
        climbFirst.setSelected(home.climbFirst());
        judged.setText("judged from "
                + Quantity.DISTANCE.text(WayHome.FROM_DISTANCE, session.units())
                + " out at "
                + Quantity.HEIGHT.text(WayHome.FROM_HEIGHT, session.units())
                + trip());
    }

    private static String minutes(double seconds) {
        long all = Math.round(seconds);
        return (all >= 60 ? all / 60 + " min " : "") + all % 60 + " s";
    }

    /** Time and charge of the way home that is drawn, where the aircraft can fly it. */
    private String trip() {
        List<Working> trip = HomeTrip.of(session.setup(), session.field(), WayHome.FROM_DISTANCE, WayHome.FROM_HEIGHT);
        return trip.isEmpty()
                ? ": no way home against this wind"
                : ": " + minutes(trip.get(0).value()) + ", "
                        + trip.get(1).quantity().text(trip.get(1).value(), session.units());
    }

    private QuantityField field(String name, Quantity quantity, DoublePredicate take) {
        return new QuantityField(name, quantity, session::tell, take).columns(4);
    }

    private void limits() {
        Limits limits = session.setup().modes().limits();
        bankLimit.show(limits.bank(), session.units());
        cruiseSpeed.show(limits.cruiseSpeed(), session.units());
        WorkingRow.fill(turns, turned(limits), session.units());
    }

    private List<Working> turned(Limits limits) {
        Turn turn = new Turn(limits.cruiseSpeed(), limits.bank());
        double stall = Stall.of(session.setup(), density()).speed();
        List<Working> rows = new ArrayList<>();
        rows.add(turn.radiusWorking());
        rows.add(turn.loadWorking());
        rows.add(turn.stallWorking(stall));
        session.field()
                .ifPresent(f -> rows.add(turn.leastCircleWorking(
                        f.windAt(session.setup().modes().home().height()))));
        return rows;
    }

    private boolean setLimits(String reason, double value, BiFunction<Limits, Double, Limits> change) {
        return session.edit(
                reason,
                s -> s.withModes(s.modes().withLimits(change.apply(s.modes().limits(), value))));
    }

    private void climbFirst() {
        setHome("Climb first or on the way", h -> h.withClimbFirst(!h.climbFirst()));
    }

    private void raise(double by) {
        setHome("Return height", h -> h.withHeight(Math.max(10, h.height() + by)));
    }

    private void bank(double degrees) {
        session.edit(
                "Bank limit",
                s -> s.withModes(s.modes()
                        .withLimits(
                                s.modes().limits().withBank(s.modes().limits().bank() + Math.toRadians(degrees)))));
    }

    @Override
    public List<Picture> pictures() {
        var limits = session.setup().modes().limits();
        return List.of(
                new Picture(
                        "the way home",
                        900,
                        260,
                        pen -> WayPainter.paint(pen, 900, 260, home(), limits, session.field(), session.units())),
                new Picture(
                        "circles",
                        320,
                        320,
                        pen -> CirclePainter.paint(pen, 320, 320, limits, home(), session.field(), session.units())));
    }

    @Override
    public List<List<String>> table() {
        List<List<String>> rows = new ArrayList<>();
        rows.add(List.of("position", "mode", "pulse", "to the edge"));
        session.setup()
                .modes()
                .selector()
                .table()
                .forEach(place -> rows.add(List.of(
                        String.valueOf(place.position()),
                        place.mode().map(m -> m.label()).orElse("none"),
                        Quantity.PULSE.text(place.pulseMicros()),
                        Quantity.PULSE.text(place.marginMicros()))));
        return rows;
    }

    @Override
    public List<Action> actions() {
        List<Action> actions = new ArrayList<>(panels.actions());
        actions.addAll(List.of(
                Action.of("solve weight and offset for the widest margin", "S", selector::solve),
                Action.of("climb first, or on the way", "C", this::climbFirst),
                Action.of("return height 5 m up", "Plus", () -> raise(5)),
                Action.also("Equals", () -> raise(5)),
                Action.of("return height 5 m down", "Minus", () -> raise(-5)),
                Action.of("bank limit 5° more", "Up", () -> bank(5)),
                Action.of("bank limit 5° less", "Down", () -> bank(-5))));
        return actions;
    }

    @Override
    public List<Action> ledgerActions() {
        return List.of(Action.of("Widest margin", "S", selector::solve));
    }
}
