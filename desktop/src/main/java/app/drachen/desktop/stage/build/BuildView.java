package app.drachen.desktop.stage.build;

import app.drachen.core.air.Atmosphere;
import app.drachen.core.air.Field;
import app.drachen.core.airframe.Part;
import app.drachen.core.draft.PartCost;
import app.drachen.core.draft.PartLibrary;
import app.drachen.core.flight.AircraftSheet;
import app.drachen.core.setup.Setup;
import app.drachen.core.units.Quantity;
import app.drachen.core.working.Working;
import app.drachen.desk.OpenAircraft;
import app.drachen.desk.Session;
import app.drachen.desktop.drawing.Outline;
import app.drachen.desktop.drawing.Picture;
import app.drachen.desktop.widget.Action;
import app.drachen.desktop.widget.Dialogs;
import app.drachen.desktop.widget.EditPopup;
import app.drachen.desktop.widget.Place;
import app.drachen.desktop.widget.Scroller;
import app.drachen.desktop.widget.Tables;
import app.drachen.desktop.widget.Texts;
import app.drachen.desktop.widget.WorkingRow;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/** The Build stage: the aircraft to scale, its figures, and what is chosen on the drawing. */
public final class BuildView implements Place {
    private final Session session;
    private final Dialogs dialogs;
    private final PartChooser chooser = new PartChooser();
    private final BorderPane root = new BorderPane();
    private final BuildDrawing drawing;
    private final Inspector inspector;
    private final VBox figures = new VBox();
    private final EditPopup steps;

    /** The stage of a session. */
    public BuildView(Session session, Dialogs dialogs) {
        this.session = session;
        this.dialogs = dialogs;
        drawing = new BuildDrawing(session, this::chosen, this::refigure);
        inspector = new Inspector(session);
        steps = new EditPopup("build-steps", 420, () -> new StepRows(session));
        HBox head = new HBox(
                8,
                Texts.label("Balance sheet", "heading"),
                Texts.spring(),
                Texts.label("drag parts and corners, or", "soft"),
                Texts.key(","),
                Texts.key("."),
                Texts.label("choose and arrows move", "soft"));
        head.setAlignment(Pos.CENTER_LEFT);
        VBox left = new VBox(8, head, drawing, inspector);
        VBox.setVgrow(drawing, Priority.ALWAYS);
        left.setPadding(new Insets(12, 12, 12, 20));
        VBox right = new VBox(6, Texts.label("FROM THE DRAWING", "caps"), scroll(figures));
        right.setPadding(new Insets(17, 16, 12, 4));
        right.setMinWidth(262);
        right.setPrefWidth(262);
        VBox.setVgrow(right.getChildren().get(1), Priority.ALWAYS);
        root.setCenter(left);
        root.setRight(right);
        root.setId("build");
    }

    private static ScrollPane scroll(Node node) {
        ScrollPane scroll = new Scroller(node);
        scroll.setFitToWidth(true);
        scroll.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
        scroll.setFocusTraversable(false);
        return scroll;
    }

    private void chosen() {
        inspector.show(drawing.selection());
    }

    /** Shows the figures of a set-up that is being dragged. */
    private void refigure(Setup setup) {
        double density = session.field().map(Field::density).orElse(Atmosphere.SEA_LEVEL_DENSITY);
        WorkingRow.fill(figures, AircraftSheet.of(setup, density), session.units());
    }

    @Override
    public Node node() {
        return root;
    }

    @Override
    public void update() {
        drawing.update();
        refigure(session.setup());
        inspector.show(drawing.selection());
        steps.refresh();
    }

    private void weigh() {
        drawing.select(new Selection.Scales());
        inspector.show(drawing.selection());
        inspector.focusFirst();
    }

    private void acceptComputed() {
        session.acceptComputedBalance();
        session.tell("Computed balance accepted. Weigh it when you can.");
    }

    private void addPart() {
        drawing.finish();
        chooser.show(drawing, session.units(), this::addPart);
    }

    /** Fits a generic part, and says what it costs. */
    private void addPart(PartLibrary.Generic generic) {
        Setup before = session.setup();
        Part part = PartLibrary.fitted(before, generic);
        session.edit("Part added: " + part.name() + ", typical", s -> withPart(s, part), () -> {
            drawing.select(new Selection.OfPart(part.name()));
            inspector.show(drawing.selection());
            inspector.focusFirst();
            List<Working> costs = PartCost.of(before, session.setup(), session.field(), generic);
            session.tell(PartCost.sentence(generic, costs, session.units()));
        });
    }

    private static Setup withPart(Setup setup, Part part) {
        List<Part> parts = new ArrayList<>(setup.parts());
        parts.add(part);
        return setup.withParts(parts);
    }

    private void removePart() {
        List<String> names = drawing.selection().parts();
        if (!names.isEmpty()) {
            String what = (names.size() == 1 ? "Part removed: " : "Parts removed: ") + String.join(", ", names);
            session.edit(
                    what,
                    s -> s.withParts(s.parts().stream()
                            .filter(p -> !names.contains(p.name()))
                            .toList()));
        }
    }

    /** Lays a plan below the drawing, or takes it away. */
    private void plan() {
        if (drawing.plan().isPresent()) {
            drawing.takePlanAway();
        } else {
            dialogs.open("Plan to draw after", List.of(".png", ".jpg", ".jpeg")).stream()
                    .findFirst()
                    .ifPresent(this::picture);
        }
    }

    @Override
    public boolean picture(Path file) {
        Outline plan = Outline.above(session.setup().airframe());
        OpenAircraft aircraft = session.aircraft();
        PlanPicture.read(
                file,
                session.setup().planform().span(),
                (plan.top() + plan.bottom()) / 2,
                picture -> drawing.lay(aircraft, picture),
                session::tell);
        return true;
    }

    @Override
    public List<Picture> pictures() {
        return List.of(drawing.picture(session.setup().name() + ", balance"));
    }

    @Override
    public List<List<String>> table() {
        double density = session.field().map(Field::density).orElse(Atmosphere.SEA_LEVEL_DENSITY);
        List<List<String>> rows =
                new ArrayList<>(Tables.of(AircraftSheet.of(session.setup(), density), session.units()));
        rows.add(List.of());
        rows.add(List.of("part", "kind", "mass", "behind the nose", "right", "up"));
        session.setup()
                .parts()
                .forEach(p -> rows.add(List.of(
                        p.name(),
                        p.kind().label(),
                        Quantity.MASS.text(p.mass()),
                        Quantity.LENGTH.text(p.position().aft()),
                        Quantity.LENGTH.text(p.position().right()),
                        Quantity.LENGTH.text(p.position().up()))));
        return rows;
    }

    @Override
    public List<Action> actions() {
        return List.of(
                Action.of("choose the next thing on the drawing", "Period", () -> drawing.step(1)),
                Action.of("choose the one before", "Comma", () -> drawing.step(-1)),
                Action.of("move the part 1 mm forward", "Up", () -> drawing.nudge(-0.001, 0)),
                Action.of("move the part 1 mm aft", "Down", () -> drawing.nudge(0.001, 0)),
                Action.of("move the part 1 mm left", "Left", () -> drawing.nudge(0, -0.001)),
                Action.of("move the part 1 mm right", "Right", () -> drawing.nudge(0, 0.001)),
                Action.of("move the part 1 cm forward", "Shift+Up", () -> drawing.nudge(-0.01, 0)),
                Action.of("move the part 1 cm aft", "Shift+Down", () -> drawing.nudge(0.01, 0)),
                Action.of("type its figures", "E", inspector::focusFirst),
                Action.of("add a part from the library", "Insert", this::addPart),
                Action.of("remove what is chosen", "Delete", this::removePart),
                Action.of("choose the next part as well", "Shift+Period", drawing::stepAlso),
                Action.of("mirror what is chosen to the other side", "M", drawing::mirror),
                Action.of("steps of building", "L", () -> steps.showOver(drawing)),
                Action.of("measure on the drawing", "R", drawing::ruler),
                Action.of("from behind instead of from the left", "V", drawing::turnLower),
                Action.of("draw after a picture of a plan", "P", this::plan));
    }

    @Override
    public List<Action> ledgerActions() {
        return List.of(
                Action.of("Weigh it", "B", this::weigh), Action.of("Accept computed", "A", this::acceptComputed));
    }

    @Override
    public void leave() {
        drawing.finish();
    }
}
