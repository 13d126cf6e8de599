package app.drachen.desktop.stage.build;

import app.drachen.core.air.Atmosphere;
import app.drachen.core.air.Field;
import app.drachen.core.airframe.Part;
import app.drachen.core.flight.AircraftSheet;
import app.drachen.core.setup.Setup;
import app.drachen.core.units.Quantity;
import app.drachen.core.working.Working;
import app.drachen.desk.Session;
import app.drachen.desktop.drawing.Picture;
import app.drachen.desktop.widget.Action;
import app.drachen.desktop.widget.Place;
import app.drachen.desktop.widget.Tables;
import app.drachen.desktop.widget.Texts;
import app.drachen.desktop.widget.WorkingRow;
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
    private final BorderPane root = new BorderPane();
    private final BuildDrawing drawing;
    private final Inspector inspector;
    private final VBox figures = new VBox();

    /** The stage of a session. */
    public BuildView(Session session) {
        this.session = session;
        drawing = new BuildDrawing(session, this::chosen, this::refigure);
        inspector = new Inspector(session);
        HBox head = new HBox(
                8,
                Texts.label("Balance sheet", "heading"),
                Texts.spring(),
                Texts.label("drag a part, or", "soft"),
                Texts.key(","),
                Texts.key("."),
                Texts.label("choose and arrows move it", "soft"));
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
        ScrollPane scroll = new ScrollPane(node);
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
        figures.getChildren().clear();
        for (Working working : AircraftSheet.of(setup, density)) {
            figures.getChildren().add(new WorkingRow(working, session.units()));
        }
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
        int n = 1;
        while (session.setup().part("ballast " + n).isPresent()) {
            n++;
        }
        String name = "ballast " + n;
        session.edit("Part added: " + name, s -> Inspector.withPart(s, name), () -> {
            drawing.select(new Selection.OfPart(name));
            inspector.show(drawing.selection());
            inspector.focusFirst();
        });
    }

    private void removePart() {
        if (drawing.selection() instanceof Selection.OfPart chosen) {
            List<Part> rest = session.setup().parts().stream()
                    .filter(p -> !p.name().equals(chosen.name()))
                    .toList();
            session.edit("Part removed: " + chosen.name(), s -> s.withParts(rest));
        }
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
                Action.of("add a part", "Insert", this::addPart),
                Action.of("remove the part", "Delete", this::removePart));
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
