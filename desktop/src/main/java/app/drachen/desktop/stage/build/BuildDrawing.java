package app.drachen.desktop.stage.build;

import app.drachen.core.airframe.Part;
import app.drachen.core.airframe.Position;
import app.drachen.core.setup.Setup;
import app.drachen.core.units.Quantity;
import app.drachen.desk.Session;
import app.drachen.desktop.chart.CanvasPane;
import app.drachen.desktop.drawing.AircraftPainter;
import app.drachen.desktop.drawing.Outline;
import app.drachen.desktop.drawing.Pen;
import app.drachen.desktop.drawing.View;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.animation.PauseTransition;
import javafx.scene.input.MouseEvent;
import javafx.util.Duration;

/**
 * The aircraft from above and from the side to one scale, with parts, CG window, CG and neutral
 * point. Parts are dragged; a drag or a run of arrow keys becomes one revision.
 */
public final class BuildDrawing extends CanvasPane {
    private static final double EDGE = 16;

    private final Session session;
    private final Runnable chosen;
    private final Consumer<Setup> figures;
    private final PauseTransition pause = new PauseTransition(Duration.millis(700));
    private Selection selection = new Selection.OfPart("pack");
    private boolean sent;
    private Optional<Setup> draft = Optional.empty();
    private View above = new View(1, 0, 0);
    private View side = new View(1, 0, 0);
    private boolean dragging;
    private boolean draggingSide;
    private double grabX;
    private double grabY;

    BuildDrawing(Session session, Runnable chosen, Consumer<Setup> figures) {
        super(200, 200);
        this.session = session;
        this.chosen = chosen;
        this.figures = figures;
        getStyleClass().add("canvas-host");
        setId("build-drawing");
        setFocusTraversable(true);
        setAccessibleText("Drawing of the aircraft from above and from the side");
        setOnMousePressed(this::press);
        setOnMouseDragged(this::drag);
        setOnMouseReleased(e -> finish());
        pause.setOnFinished(e -> finish());
    }

    /** How long the keys may rest before what they moved becomes a revision; a run under way starts resting anew. */
    public void restFor(Duration rest) {
        pause.stop();
        pause.setDuration(rest);
        if (draft.isPresent() && !dragging) {
            pause.playFromStart();
        }
    }

    Selection selection() {
        return selection;
    }

    void select(Selection what) {
        selection = what;
        repaint();
    }

    void update() {
        if (sent) {
            draft = Optional.empty();
            sent = false;
        }
        if (selection instanceof Selection.OfPart part
                && session.setup().part(part.name()).isEmpty()) {
            selection = new Selection.OfWing();
        }
        repaint();
    }

    private Setup shown() {
        return draft.orElseGet(session::setup);
    }

    /** Goes to the next thing on the drawing. */
    void step(int by) {
        finish();
        List<Selection> all = new ArrayList<>();
        session.setup().parts().forEach(p -> all.add(new Selection.OfPart(p.name())));
        all.add(new Selection.OfWing());
        all.add(new Selection.OfTail());
        all.add(new Selection.OfBody());
        int at = all.indexOf(selection);
        select(all.get(Math.floorMod(at + by, all.size())));
        chosen.run();
    }

    /** Moves the chosen part a little; several moves soon after another make one revision. */
    void nudge(double aft, double right) {
        if (selection instanceof Selection.OfPart part) {
            shown().part(part.name())
                    .ifPresent(p -> moveTo(
                            part.name(),
                            p.position().aft() + aft,
                            p.position().right() + right,
                            p.position().up()));
            pause.playFromStart();
        }
    }

    private void moveTo(String name, double aft, double right, double up) {
        try {
            Position at = new Position(millimetre(aft), millimetre(right), millimetre(up));
            draft = Optional.of(shown().withPart(name, p -> p.at(at)));
            sent = false;
        } catch (IllegalArgumentException e) {
            session.tell(e.getMessage());
            return;
        }
        repaint();
        figures.accept(shown());
    }

    private static double millimetre(double metres) {
        return Math.rint(metres * 1000) / 1000;
    }

    /** Makes a revision of what was moved. */
    void finish() {
        pause.stop();
        dragging = false;
        if (draft.isPresent() && !sent && selection instanceof Selection.OfPart part) {
            // what was moved stays in the picture until its revision is there, and is what the next move starts from
            sent = true;
            Optional<Part> at = draft.get().part(part.name());
            at.ifPresent(p -> session.edit(
                    "Moved " + part.name() + " to "
                            + Quantity.LENGTH.text(p.position().aft()),
                    s -> s.withPart(part.name(), old -> old.at(p.position()))));
        }
    }

    private void press(MouseEvent event) {
        requestFocus();
        finish();
        // of parts that lie over one another the one whose middle is nearest
        Optional<Part> hit = Optional.empty();
        double nearest = Double.POSITIVE_INFINITY;
        for (Part part : session.setup().parts()) {
            double[] box = BuildPainter.box(part);
            double planX = Math.abs(event.getX() - above.x(part.position().right()));
            double planY = Math.abs(event.getY() - above.y(part.position().aft()));
            double sideX = Math.abs(event.getX() - side.x(part.position().aft()));
            double sideY = Math.abs(event.getY() - side.y(-part.position().up()));
            boolean onPlan = planX <= box[0] / 2 + 3 && planY <= box[1] / 2 + 3;
            boolean onSide = sideX <= box[1] / 2 + 3 && sideY <= 7;
            double distance = onPlan ? Math.hypot(planX, planY) : Math.hypot(sideX, sideY);
            if ((onPlan || onSide) && distance < nearest) {
                nearest = distance;
                hit = Optional.of(part);
                draggingSide = !onPlan;
            }
        }
        if (hit.isPresent()) {
            Position p = hit.get().position();
            grabX = event.getX() - (draggingSide ? side.x(p.aft()) : above.x(p.right()));
            grabY = event.getY() - (draggingSide ? side.y(-p.up()) : above.y(p.aft()));
            dragging = true;
            select(new Selection.OfPart(hit.get().name()));
        } else {
            component(event).ifPresent(this::select);
        }
        chosen.run();
    }

    private Optional<Selection> component(MouseEvent event) {
        Optional<Selection> found = Optional.empty();
        for (Outline.Shape shape : Outline.above(session.setup().airframe()).shapes()) {
            if (shape.holds(above.metreX(event.getX()), above.metreY(event.getY()))) {
                found = Optional.of(
                        switch (shape.component()) {
                            case WING -> new Selection.OfWing();
                            case TAIL -> new Selection.OfTail();
                            case BODY -> new Selection.OfBody();
                        });
            }
        }
        return found;
    }

    private void drag(MouseEvent event) {
        if (dragging && selection instanceof Selection.OfPart part) {
            Position p = shown().part(part.name()).orElseThrow().position();
            if (draggingSide) {
                moveTo(part.name(), side.metreX(event.getX() - grabX), p.right(), -side.metreY(event.getY() - grabY));
            } else {
                moveTo(part.name(), above.metreY(event.getY() - grabY), above.metreX(event.getX() - grabX), p.up());
            }
        }
    }

    @Override
    protected void paint(Pen g, double w, double h) {
        if (!session.isOpen()) {
            return;
        }
        Setup setup = shown();
        Outline plan = Outline.above(setup.airframe());
        Outline profile = Outline.side(setup.airframe());
        double sideTall = profile.bottom() - profile.top();
        double planTall = plan.bottom() - plan.top();
        double wide = Math.max(plan.right() - plan.left(), profile.right() - profile.left());
        double scale = Math.min((w - 2 * EDGE - 20) / wide, (h - 4 * EDGE - 22) / (sideTall + planTall));
        double planHeight = scale * planTall + EDGE;
        above = View.centred(scale, plan.left(), plan.right(), plan.top(), plan.bottom(), 0, EDGE, w, planHeight);
        side = View.centred(
                scale,
                profile.left(),
                profile.right(),
                profile.top(),
                profile.bottom(),
                0,
                planHeight + 2 * EDGE + 14,
                w,
                h - planHeight - 3 * EDGE - 14);
        AircraftPainter.grid(g, above, 0.05, 1, 1, w - 2, h - 2);
        Optional<Outline.Component> component = BuildPainter.component(selection);
        AircraftPainter.paint(g, plan, above, component);
        AircraftPainter.paint(g, profile, side, component);
        new BuildPainter(setup, selection, above, side, session.units()).paint(g, planHeight + EDGE + 14, h);
    }
}
