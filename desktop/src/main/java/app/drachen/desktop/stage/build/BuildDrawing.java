package app.drachen.desktop.stage.build;

import app.drachen.core.airframe.Part;
import app.drachen.core.airframe.Position;
import app.drachen.core.draft.Corners;
import app.drachen.core.draft.Corners.Corner;
import app.drachen.core.draft.Mirrored;
import app.drachen.core.setup.Setup;
import app.drachen.core.units.Quantity;
import app.drachen.desk.OpenAircraft;
import app.drachen.desk.Session;
import app.drachen.desktop.chart.CanvasPane;
import app.drachen.desktop.drawing.AircraftPainter;
import app.drachen.desktop.drawing.Outline;
import app.drachen.desktop.drawing.Pen;
import app.drachen.desktop.drawing.ScreenPen;
import app.drachen.desktop.drawing.View;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.WeakHashMap;
import java.util.function.Consumer;
import java.util.function.UnaryOperator;
import javafx.animation.PauseTransition;
import javafx.geometry.Point2D;
import javafx.scene.image.ImageView;
import javafx.scene.shape.Rectangle;
import javafx.util.Duration;

/**
 * The aircraft from above, from the side and from behind to one scale, with parts, CG window, CG and neutral point. Parts
 * are dragged, alone or several at once, and so are the corners of what is chosen; a drag or a run of arrow keys becomes
 * one revision. A picture of a plan can lie below.
 */
public final class BuildDrawing extends CanvasPane {
    private final Session session;
    private final Runnable chosen;
    private final Consumer<Setup> figures;
    private final PauseTransition pause = new PauseTransition(Duration.millis(700));
    private final ImageView below = new ImageView();
    private final Map<OpenAircraft, PlanPicture> plans = new WeakHashMap<>();
    private final DrawingHand hand = new DrawingHand(this);
    private Selection selection = new Selection.OfPart("pack");
    private Optional<Draft> draft = Optional.empty();
    private boolean sent;
    private boolean behindFirst;
    private Sheets sheets = Sheets.NONE;

    /**
     * What was drawn and is not yet a revision.
     *
     * @param reason for the logbook
     * @param deed does it to a set-up
     * @param shown the set-up with it
     */
    private record Draft(String reason, UnaryOperator<Setup> deed, Setup shown) {}

    BuildDrawing(Session session, Runnable chosen, Consumer<Setup> figures) {
        super(200, 200);
        this.session = session;
        this.chosen = chosen;
        this.figures = figures;
        getStyleClass().add("canvas-host");
        setId("build-drawing");
        setFocusTraversable(true);
        setAccessibleText("Drawing of the aircraft from above, from the side and from behind");
        below.setManaged(false);
        below.setMouseTransparent(true);
        getChildren().add(0, below);
        // a plan may be larger than the sheet
        Rectangle sheet = new Rectangle();
        sheet.widthProperty().bind(widthProperty());
        sheet.heightProperty().bind(heightProperty());
        setClip(sheet);
        setOnMousePressed(hand::press);
        setOnMouseDragged(hand::drag);
        setOnMouseReleased(hand::release);
        pause.setOnFinished(e -> finish());
    }

    /** How long the keys may rest before what they moved becomes a revision; a run under way starts resting anew. */
    public void restFor(Duration rest) {
        pause.stop();
        pause.setDuration(rest);
        if (draft.isPresent() && !hand.holds()) {
            pause.playFromStart();
        }
    }

    Session session() {
        return session;
    }

    Sheets sheets() {
        return sheets;
    }

    Selection selection() {
        return selection;
    }

    void select(Selection what) {
        selection = what;
        repaint();
    }

    /** Chooses something and shows its figures. */
    void choose(Selection what) {
        select(what);
        chosen.run();
    }

    void update() {
        if (sent) {
            draft = Optional.empty();
            sent = false;
        }
        List<String> there = selection.parts().stream()
                .filter(n -> session.setup().part(n).isPresent())
                .toList();
        if (there.size() < selection.parts().size()) {
            selection = Selection.of(there);
        }
        repaint();
    }

    Setup shown() {
        return draft.map(Draft::shown).orElseGet(session::setup);
    }

    /** The corners of what is chosen that can be pulled. */
    List<Corner> corners() {
        Optional<Outline.Component> component = BuildPainter.component(selection);
        return Corners.of(shown().airframe()).stream()
                .filter(c ->
                        component.filter(o -> o.name().equals(c.of().name())).isPresent()
                                && sheets.of(c.view()).isPresent())
                .toList();
    }

    private List<Selection> everything() {
        List<Selection> all = new ArrayList<>();
        session.setup().parts().forEach(p -> all.add(new Selection.OfPart(p.name())));
        all.add(new Selection.OfWing());
        all.add(new Selection.OfTail());
        all.add(new Selection.OfBody());
        return all;
    }

    /** Goes to the next thing on the drawing. */
    void step(int by) {
        finish();
        List<Selection> all = everything();
        Selection from = selection instanceof Selection.OfParts several
                ? new Selection.OfPart(several.names().get(several.names().size() - 1))
                : selection;
        choose(all.get(Math.floorMod(all.indexOf(from) + by, all.size())));
    }

    /** Chooses the next part as well. */
    void stepAlso() {
        finish();
        List<String> names = session.setup().parts().stream().map(Part::name).toList();
        List<String> chosenNow = new ArrayList<>(selection.parts());
        if (names.isEmpty()) {
            return;
        }
        int at = chosenNow.isEmpty() ? -1 : names.indexOf(chosenNow.get(chosenNow.size() - 1));
        String next = names.get(Math.floorMod(at + 1, names.size()));
        if (!chosenNow.contains(next)) {
            chosenNow.add(next);
        }
        choose(Selection.of(chosenNow));
    }

    /** Shows the aircraft from behind instead of from the side, and back. */
    void turnLower() {
        behindFirst = !behindFirst;
        repaint();
    }

    /** Moves the chosen parts a little; several moves soon after another make one revision. */
    void nudge(double aft, double right) {
        Map<String, Position> to = new LinkedHashMap<>();
        for (String name : selection.parts()) {
            shown().part(name)
                    .map(Part::position)
                    .ifPresent(p -> to.put(
                            name,
                            new Position(Snap.millimetre(p.aft() + aft), Snap.millimetre(p.right() + right), p.up())));
        }
        if (!to.isEmpty() && move(to)) {
            pause.playFromStart();
        }
    }

    /** Moves parts; a revision of it is made when the hand lets go. */
    boolean move(Map<String, Position> to) {
        Map.Entry<String, Position> first = to.entrySet().iterator().next();
        String what = to.size() == 1
                ? "Moved " + first.getKey() + " to "
                        + Quantity.LENGTH.text(first.getValue().aft())
                : "Moved " + String.join(", ", to.keySet());
        return draw(what, s -> {
            Setup moved = s;
            for (Map.Entry<String, Position> one : to.entrySet()) {
                if (moved.part(one.getKey()).isPresent()) {
                    moved = moved.withPart(one.getKey(), p -> p.at(one.getValue()));
                }
            }
            return moved;
        });
    }

    /** Draws something on top of what is there; refused in a sentence if no aircraft has it. */
    boolean draw(String reason, UnaryOperator<Setup> deed) {
        try {
            Setup drawn = deed.apply(session.setup());
            figures.accept(drawn);
            draft = Optional.of(new Draft(reason, deed, drawn));
            sent = false;
        } catch (IllegalArgumentException e) {
            session.tell(e.getMessage());
            return false;
        }
        repaint();
        return true;
    }

    /** Makes a revision of what was drawn. */
    void finish() {
        pause.stop();
        hand.letGo();
        if (draft.isPresent() && !sent) {
            // what was moved stays in the picture until its revision is there, and is what the next move starts from
            sent = true;
            session.edit(draft.get().reason(), draft.get().deed());
        }
    }

    /** Puts the other side of the chosen parts where their mirror says. */
    void mirror() {
        finish();
        List<String> names = selection.parts();
        boolean beside = names.stream()
                .flatMap(n -> session.setup().part(n).stream())
                .anyMatch(p -> Math.abs(p.position().right()) >= Mirrored.BESIDE);
        if (beside) {
            session.edit("Mirrored " + String.join(", ", names), s -> Mirrored.of(s, names));
        } else {
            session.tell("Choose a part that lies beside the middle; wings and tails have two sides already.");
        }
    }

    /** Takes the ruler, or lays it down. */
    void ruler() {
        hand.ruler(!hand.measures());
        session.tell(hand.measures() ? "Press, drag and read; R lays the ruler down." : "The ruler is laid down.");
        repaint();
    }

    /** The plan that lies below the drawing of the aircraft that is open. */
    Optional<PlanPicture> plan() {
        return session.isOpen() ? Optional.ofNullable(plans.get(session.aircraft())) : Optional.empty();
    }

    /** Lays a plan below the drawing of an aircraft, which may no longer be the one that is open. */
    void lay(OpenAircraft aircraft, PlanPicture plan) {
        plans.put(aircraft, plan);
        if (plan().equals(Optional.of(plan))) {
            finish();
            session.tell(plan.next());
            repaint();
        }
    }

    /** Where the drawing shows a place of a view [m], in pixels of this node, if that view is shown. */
    public Optional<Point2D> seen(Corners.View view, double x, double y) {
        return sheets.pixel(view, x, y).map(at -> new Point2D(at[0], at[1]));
    }

    /** Takes the plan away. */
    void takePlanAway() {
        plans.remove(session.aircraft());
        repaint();
    }

    @Override
    protected void paint(Pen g, double w, double h) {
        if (!session.isOpen()) {
            return;
        }
        Setup setup = shown();
        Outline plan = Outline.above(setup.airframe());
        Outline profile = Outline.side(setup.airframe());
        Outline back = Outline.behind(setup.airframe());
        // while something is drawn the sheet stands still under the hand
        if (!hand.holds()) {
            sheets = Sheets.of(plan, profile, back, behindFirst, w, h);
        }
        View above = sheets.above();
        Optional<PlanPicture> traced = plan();
        traced.ifPresentOrElse(p -> p.place(below, above), () -> below.setImage(null));
        if (traced.isPresent()) {
            AircraftPainter.lines(g, above, 0.05, 1, 1, w - 2, h - 2);
        } else {
            AircraftPainter.grid(g, above, 0.05, 1, 1, w - 2, h - 2);
        }
        Optional<Outline.Component> component = BuildPainter.component(selection);
        AircraftPainter.paint(g, plan, above, component, traced.isPresent());
        sheets.side().ifPresent(v -> AircraftPainter.paint(g, profile, v, component, traced.isPresent()));
        sheets.behind().ifPresent(v -> AircraftPainter.paint(g, back, v, component, traced.isPresent()));
        new BuildPainter(setup, selection, sheets, session.units()).paint(g, sheets.foot() + 30, h);
        if (g instanceof ScreenPen) {
            // what is there for the hand is not drawn on paper
            hand.paint(g, corners(), session.units());
        }
    }
}
