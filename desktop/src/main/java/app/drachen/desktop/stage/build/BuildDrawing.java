package app.drachen.desktop.stage.build;

import app.drachen.core.aerodynamics.Balance;
import app.drachen.core.airframe.Part;
import app.drachen.core.airframe.Planform;
import app.drachen.core.airframe.Position;
import app.drachen.core.setup.Setup;
import app.drachen.core.units.Quantity;
import app.drachen.desktop.chart.CanvasPane;
import app.drachen.desktop.drawing.AircraftPainter;
import app.drachen.desktop.drawing.Outline;
import app.drachen.desktop.drawing.Pen;
import app.drachen.desktop.drawing.View;
import app.drachen.desktop.theme.Ink;
import app.drachen.desktop.widget.Workspace;
import app.drachen.files.sheet.Face;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.animation.PauseTransition;
import javafx.geometry.VPos;
import javafx.scene.input.MouseEvent;
import javafx.scene.paint.Color;
import javafx.scene.text.TextAlignment;
import javafx.util.Duration;

/**
 * The aircraft from above and from the side to one scale, with parts, CG window, CG and neutral
 * point. Parts are dragged; a drag or a run of arrow keys becomes one revision.
 */
public final class BuildDrawing extends CanvasPane {
    private static final double EDGE = 16;
    private static final double LABEL_GAP = 13;

    private final Workspace workspace;
    private final Runnable chosen;
    private final Consumer<Setup> figures;
    private final PauseTransition pause = new PauseTransition(Duration.millis(700));
    private Selection selection = new Selection.OfPart("pack");
    private Optional<Setup> draft = Optional.empty();
    private View above = new View(1, 0, 0);
    private View side = new View(1, 0, 0);
    private boolean dragging;
    private boolean draggingSide;
    private double grabX;
    private double grabY;

    BuildDrawing(Workspace workspace, Runnable chosen, Consumer<Setup> figures) {
        super(200, 200);
        this.workspace = workspace;
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
        if (selection instanceof Selection.OfPart part
                && workspace.setup().part(part.name()).isEmpty()) {
            selection = new Selection.OfWing();
        }
        repaint();
    }

    private Setup shown() {
        return draft.orElseGet(workspace::setup);
    }

    /** Goes to the next thing on the drawing. */
    void step(int by) {
        finish();
        List<Selection> all = new ArrayList<>();
        workspace.setup().parts().forEach(p -> all.add(new Selection.OfPart(p.name())));
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
        } catch (IllegalArgumentException e) {
            workspace.tell(e.getMessage());
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
        Optional<Setup> moved = draft;
        draft = Optional.empty();
        if (moved.isPresent() && selection instanceof Selection.OfPart part) {
            Optional<Part> at = moved.get().part(part.name());
            at.ifPresent(p -> workspace.edit(
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
        for (Part part : workspace.setup().parts()) {
            double[] box = box(part);
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
        for (Outline.Shape shape : Outline.above(workspace.setup().airframe()).shapes()) {
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

    /** Size of a part on the sheet [px]: wider with mass. */
    private static double[] box(Part part) {
        double size = 9 + 26 * Math.cbrt(part.mass() / 0.4);
        return new double[] {size * 1.05, size * 0.62};
    }

    @Override
    protected void paint(Pen g, double w, double h) {
        if (!workspace.isOpen()) {
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
        Optional<Outline.Component> component = component(selection);
        AircraftPainter.paint(g, plan, above, component);
        AircraftPainter.paint(g, profile, side, component);
        balance(g, setup);
        parts(g, setup);
        dimension(g, setup, plan, planHeight);
    }

    private static Optional<Outline.Component> component(Selection selection) {
        if (selection instanceof Selection.OfWing) {
            return Optional.of(Outline.Component.WING);
        }
        if (selection instanceof Selection.OfTail) {
            return Optional.of(Outline.Component.TAIL);
        }
        return selection instanceof Selection.OfBody ? Optional.of(Outline.Component.BODY) : Optional.empty();
    }

    private void balance(Pen g, Setup setup) {
        Balance balance = Balance.of(setup);
        Planform planform = balance.planform();
        double reach = Math.min(0.09 * planform.span(), 0.13);
        double left = above.x(-reach);
        double wide = above.x(reach) - left;
        double front = above.y(balance.windowFront());
        double rear = above.y(balance.windowRear());
        g.setFill(Ink.wash(Ink.PROOF));
        g.fillRect(left, front, wide, rear - front);
        g.setStroke(Ink.PROOF);
        g.setLineWidth(1);
        g.strokeLine(left, front, left + wide, front);
        g.strokeLine(left, rear, left + wide, rear);
        double mac = above.x(-planform.meanChordAt());
        g.setLineWidth(2.5);
        g.strokeLine(
                mac,
                above.y(planform.meanChordLeadingEdge()),
                mac,
                above.y(planform.meanChordLeadingEdge() + planform.meanChord()));
        double neutral = above.y(balance.neutral().station(planform));
        g.setLineWidth(1.2);
        g.setStroke(Ink.INK);
        g.setLineDashes(2, 3);
        g.strokeLine(left, neutral, left + wide, neutral);
        g.setLineDashes();
        text(g, "neutral point", left - 5, neutral, Ink.INK, TextAlignment.RIGHT);
        text(g, "c̄", mac - 6, above.y(planform.meanChordLeadingEdge()), Ink.PROOF, TextAlignment.RIGHT);
        Position cg = balance.mass().centre();
        double outside = balance.outside();
        Color colour = outside > 0 ? Ink.KITE : Ink.PROOF;
        mark(g, above.x(cg.right()), above.y(cg.aft()), colour);
        mark(g, side.x(cg.aft()), side.y(-cg.up()), colour);
        String where = outside == 0
                ? "CG in the window"
                : "CG "
                        + Quantity.LENGTH.text(Math.abs(outside), workspace.units())
                        + (outside > 0 ? " behind the window" : " ahead of the window");
        g.setFont(Face.STRONG, 14);
        double noteX = left - 46;
        double noteY = above.y(setup.airframe().wing().rootLeadingEdge()) - 30;
        g.setStroke(colour);
        g.setLineWidth(0.9);
        g.strokePolyline(
                new double[] {noteX + 4, noteX + 16, above.x(cg.right()) - 7},
                new double[] {noteY, noteY, above.y(cg.aft()) - 5},
                3);
        halo(g, where, noteX, noteY, colour, TextAlignment.RIGHT);
    }

    private static void mark(Pen g, double x, double y, Color colour) {
        g.setFill(Ink.SHEET);
        g.fillOval(x - 8, y - 8, 16, 16);
        g.setFill(colour);
        g.fillArc(x - 8, y - 8, 16, 16, 0, 90, javafx.scene.shape.ArcType.ROUND);
        g.fillArc(x - 8, y - 8, 16, 16, 180, 90, javafx.scene.shape.ArcType.ROUND);
        g.setStroke(colour);
        g.setLineWidth(1.6);
        g.strokeOval(x - 8, y - 8, 16, 16);
    }

    private void parts(Pen g, Setup setup) {
        List<double[]> taken = new ArrayList<>();
        for (Part part : setup.parts()) {
            boolean now = selection instanceof Selection.OfPart chosenPart
                    && chosenPart.name().equals(part.name());
            double[] box = box(part);
            double x = above.x(part.position().right());
            double y = above.y(part.position().aft());
            Color colour = now ? Ink.KITE : Ink.INK;
            g.setFill(colour.deriveColor(0, 1, 1, 0.88));
            g.fillRoundRect(x - box[0] / 2, y - box[1] / 2, box[0], box[1], 3, 3);
            double sx = side.x(part.position().aft());
            double sy = side.y(-part.position().up());
            g.fillRoundRect(sx - box[1] / 2, sy - 4, box[1], 8, 2, 2);
        }
        double column = above.x(setup.airframe().body().width() / 2) + 30;
        List<Part> fromFront = setup.parts().stream()
                .sorted(java.util.Comparator.comparingDouble(p -> p.position().aft()))
                .toList();
        for (Part part : fromFront) {
            label(g, setup, part, column, taken);
        }
    }

    /** Parts near the middle are named in a column beside the body, the others below themselves. */
    private void label(Pen g, Setup setup, Part part, double column, List<double[]> taken) {
        boolean now = selection instanceof Selection.OfPart chosenPart
                && chosenPart.name().equals(part.name());
        double x = above.x(part.position().right());
        double y = above.y(part.position().aft());
        String label = part.name() + "  " + Quantity.MASS.text(part.mass(), workspace.units());
        g.setFont(now ? Face.STRONG : Face.TEXT, 13);
        Color colour = now ? Ink.KITE : Ink.INK;
        boolean middle =
                Math.abs(part.position().right()) < setup.airframe().body().width();
        if (!middle) {
            double side = Math.signum(part.position().right());
            halo(
                    g,
                    label,
                    x + side * (box(part)[0] / 2 + 5),
                    y,
                    colour,
                    side > 0 ? TextAlignment.LEFT : TextAlignment.RIGHT);
            return;
        }
        double labelY = free(taken, column, y);
        taken.add(new double[] {column, labelY});
        g.setStroke(now ? Ink.KITE : Ink.SOFT);
        g.setLineWidth(0.7);
        g.strokePolyline(
                new double[] {x + box(part)[0] / 2, column - 12, column - 3}, new double[] {y, labelY, labelY}, 3);
        halo(g, label, column, labelY, colour, TextAlignment.LEFT);
    }

    /** The nearest height at which a label meets no other in its column. */
    private static double free(List<double[]> taken, double x, double y) {
        for (int i = 0; i < 40; i++) {
            double offset = (i + 1) / 2 * (i % 2 == 0 ? -1 : 1) * LABEL_GAP / 2;
            double at = y + offset;
            boolean clear = taken.stream().noneMatch(t -> Math.abs(t[0] - x) < 120 && Math.abs(t[1] - at) < LABEL_GAP);
            if (clear) {
                return at;
            }
        }
        return y;
    }

    private void dimension(Pen g, Setup setup, Outline plan, double planHeight) {
        double y = planHeight + EDGE + 14;
        double left = above.x(-setup.planform().span() / 2);
        double right = above.x(setup.planform().span() / 2);
        g.setStroke(Ink.SOFT);
        g.setLineWidth(1);
        g.strokeLine(left, y, right, y);
        g.strokeLine(left, y - 5, left, y + 5);
        g.strokeLine(right, y - 5, right, y + 5);
        g.setFont(Face.FIGURES, 12);
        halo(
                g,
                Quantity.SPAN.text(setup.planform().span(), workspace.units()),
                (left + right) / 2,
                y,
                Ink.SOFT,
                TextAlignment.CENTER);
        text(g, "5 cm squares · from above, from the left", 10, getHeight() - 10, Ink.SOFT, TextAlignment.LEFT);
    }

    private static void text(Pen g, String text, double x, double y, Color colour, TextAlignment align) {
        g.setFont(Face.TEXT, 13);
        halo(g, text, x, y, colour, align);
    }

    /** Text on a piece of paper, so that lines do not cross it out. */
    private static void halo(Pen g, String text, double x, double y, Color colour, TextAlignment align) {
        double wide = g.textWidth(text);
        double left = align == TextAlignment.LEFT ? x : align == TextAlignment.RIGHT ? x - wide : x - wide / 2;
        g.setFill(Ink.SHEET.deriveColor(0, 1, 1, 0.85));
        g.fillRect(left - 2, y - 7, wide + 4, 14);
        g.setTextAlign(align);
        g.setTextBaseline(VPos.CENTER);
        g.setFill(colour);
        g.fillText(text, x, y);
    }
}
