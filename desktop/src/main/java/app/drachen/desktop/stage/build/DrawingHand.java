package app.drachen.desktop.stage.build;

import app.drachen.core.aerodynamics.Balance;
import app.drachen.core.airframe.Part;
import app.drachen.core.airframe.Position;
import app.drachen.core.draft.Corners;
import app.drachen.core.draft.Corners.Corner;
import app.drachen.core.setup.Setup;
import app.drachen.core.units.Quantity;
import app.drachen.core.units.UnitSystem;
import app.drachen.desktop.drawing.Outline;
import app.drachen.desktop.drawing.Pen;
import app.drachen.desktop.theme.Ink;
import app.drachen.files.sheet.Face;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import javafx.geometry.VPos;
import javafx.scene.input.MouseEvent;
import javafx.scene.shape.Rectangle;
import javafx.scene.text.TextAlignment;

/**
 * The mouse on the drawing: chooses, drags parts and corners, which snap to what they almost align with unless Alt is
 * held, draws a frame around several parts, and measures.
 */
final class DrawingHand {
    private final BuildDrawing drawing;
    private Optional<Grab> grab = Optional.empty();
    private boolean measuring;
    private Optional<Measured> measured = Optional.empty();
    private Rectangle frame = new Rectangle();
    private OptionalDouble guideX = OptionalDouble.empty();
    private OptionalDouble guideY = OptionalDouble.empty();

    /** What the mouse holds. */
    private sealed interface Grab {}

    /** Parts, from where they were; the one that was taken is where the mouse minus the offset [px] says. */
    private record OfParts(Corners.View view, Map<String, Position> from, String taken, double offX, double offY)
            implements Grab {}

    /** A corner, taken some pixels beside it. */
    private record OfCorner(Corner corner, double offX, double offY) implements Grab {}

    /** A frame, from a place of the sheet [px]. */
    private record Frame(double x, double y) implements Grab {}

    /** The ruler, from a place of a view [m]. */
    private record Ruler(Corners.View view, double x, double y) implements Grab {}

    /** What the ruler lies on: two places of a view [m]. */
    private record Measured(Corners.View view, double x1, double y1, double x2, double y2) {}

    DrawingHand(BuildDrawing drawing) {
        this.drawing = drawing;
    }

    boolean holds() {
        return grab.filter(g -> g instanceof OfParts || g instanceof OfCorner).isPresent();
    }

    boolean measures() {
        return measuring;
    }

    void ruler(boolean on) {
        measuring = on;
        measured = Optional.empty();
    }

    void letGo() {
        grab = Optional.empty();
        guideX = OptionalDouble.empty();
        guideY = OptionalDouble.empty();
    }

    void press(MouseEvent event) {
        drawing.requestFocus();
        drawing.finish();
        double x = event.getX();
        double y = event.getY();
        Optional<PlanPicture> waiting = drawing.plan().filter(PlanPicture::waits);
        if (waiting.isPresent()) {
            double[] at = drawing.sheets().metres(Corners.View.ABOVE, x, y);
            waiting.get().click(at[0], at[1], drawing);
        } else if (measuring) {
            Corners.View view = drawing.sheets().under(x, y);
            double[] at = near(view, x, y);
            grab = Optional.of(new Ruler(view, at[0], at[1]));
        } else if (!corner(x, y) && !part(event)) {
            Optional<Selection> component = component(x, y);
            component.ifPresentOrElse(drawing::choose, () -> grab = Optional.of(new Frame(x, y)));
        }
    }

    private boolean corner(double x, double y) {
        for (Corner corner : drawing.corners()) {
            double[] at = drawing.sheets()
                    .pixel(corner.view(), corner.x(), corner.y())
                    .orElseThrow();
            if (Math.hypot(at[0] - x, at[1] - y) <= 7) {
                grab = Optional.of(new OfCorner(corner, x - at[0], y - at[1]));
                return true;
            }
        }
        return false;
    }

    private boolean part(MouseEvent event) {
        Sheets sheets = drawing.sheets();
        // of parts that lie over one another the one whose middle is nearest
        Optional<Part> hit = Optional.empty();
        Corners.View on = Corners.View.ABOVE;
        double nearest = Double.POSITIVE_INFINITY;
        for (Part part : drawing.shown().parts()) {
            double[] box = BuildPainter.box(part);
            for (Corners.View view : Corners.View.values()) {
                Optional<double[]> at = place(sheets, view, part);
                if (at.isEmpty()) {
                    continue;
                }
                double dx = Math.abs(event.getX() - at.get()[0]);
                double dy = Math.abs(event.getY() - at.get()[1]);
                boolean above = view == Corners.View.ABOVE;
                boolean inside = dx <= (above ? box[0] : box[1]) / 2 + 3 && dy <= (above ? box[1] / 2 + 3 : 7);
                if (inside && Math.hypot(dx, dy) < nearest) {
                    nearest = Math.hypot(dx, dy);
                    hit = Optional.of(part);
                    on = view;
                }
            }
        }
        if (hit.isEmpty()) {
            return false;
        }
        String name = hit.get().name();
        List<String> names = new ArrayList<>(drawing.selection().parts());
        if (event.isShiftDown() && names.contains(name)) {
            names.remove(name);
            drawing.choose(Selection.of(names));
            return true;
        }
        if (event.isShiftDown()) {
            names.add(name);
        } else if (!names.contains(name)) {
            names = List.of(name);
        }
        drawing.choose(Selection.of(names));
        Map<String, Position> from = new LinkedHashMap<>();
        names.forEach(n -> drawing.shown().part(n).ifPresent(p -> from.put(n, p.position())));
        double[] at = place(sheets, on, hit.get()).orElseThrow();
        grab = Optional.of(new OfParts(on, from, name, event.getX() - at[0], event.getY() - at[1]));
        return true;
    }

    private static Optional<double[]> place(Sheets sheets, Corners.View view, Part part) {
        double[] on = Sheets.on(view, part.position());
        return sheets.pixel(view, on[0], on[1]);
    }

    private Optional<Selection> component(double x, double y) {
        Optional<Selection> found = Optional.empty();
        for (Outline.Shape shape : Outline.above(drawing.shown().airframe()).shapes()) {
            double[] at = drawing.sheets().metres(Corners.View.ABOVE, x, y);
            if (shape.holds(at[0], at[1])) {
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

    void drag(MouseEvent event) {
        Grab held = grab.orElse(null);
        if (held instanceof OfParts parts) {
            dragParts(parts, event);
        } else if (held instanceof OfCorner of) {
            double scale = drawing.sheets().above().scale();
            double[] at =
                    drawing.sheets().metres(of.corner().view(), event.getX() - of.offX(), event.getY() - of.offY());
            List<Double> xs = new ArrayList<>();
            List<Double> ys = new ArrayList<>();
            for (Corner other : Corners.of(drawing.session().setup().airframe())) {
                if (other.view() == of.corner().view()
                        && !other.name().equals(of.corner().name())) {
                    xs.add(other.x());
                    ys.add(other.y());
                }
            }
            Snap x = Snap.of(at[0], xs, scale, event.isAltDown());
            Snap y = Snap.of(at[1], ys, scale, event.isAltDown());
            guide(of.corner().view(), x, y);
            drawing.draw(
                    "Drawn: " + of.corner().name(),
                    // of the set-up as it then stands, whoever changed it meanwhile
                    s -> Corners.same(s.airframe(), of.corner())
                            .map(c -> s.withAirframe(c.pulled().apply(x.value(), y.value())))
                            .orElse(s));
        } else if (held instanceof Frame from) {
            frame = new Rectangle(
                    Math.min(from.x(), event.getX()),
                    Math.min(from.y(), event.getY()),
                    Math.abs(event.getX() - from.x()),
                    Math.abs(event.getY() - from.y()));
            drawing.repaint();
        } else if (held instanceof Ruler from) {
            double[] to = near(from.view(), event.getX(), event.getY());
            Measured now = new Measured(from.view(), from.x(), from.y(), to[0], to[1]);
            measured = Optional.of(now);
            drawing.setAccessibleText(reading(now, drawing.session().units()));
            drawing.repaint();
        }
    }

    private void dragParts(OfParts parts, MouseEvent event) {
        Sheets sheets = drawing.sheets();
        double scale = sheets.above().scale();
        Setup setup = drawing.session().setup();
        double[] at = sheets.metres(parts.view(), event.getX() - parts.offX(), event.getY() - parts.offY());
        List<Double> xs = new ArrayList<>();
        List<Double> ys = new ArrayList<>();
        for (Part other : setup.parts()) {
            if (!parts.from().containsKey(other.name())) {
                double[] on = Sheets.on(parts.view(), other.position());
                xs.add(on[0]);
                ys.add(on[1]);
                // as far out on the other side
                if (parts.view() != Corners.View.SIDE) {
                    xs.add(-on[0]);
                }
            }
        }
        if (parts.view() == Corners.View.ABOVE) {
            ys.add(Balance.of(setup).aim());
        } else {
            ys.add(0.0);
        }
        if (parts.view() != Corners.View.SIDE) {
            xs.add(0.0);
        }
        Snap x = Snap.of(at[0], xs, scale, event.isAltDown());
        Snap y = Snap.of(at[1], ys, scale, event.isAltDown());
        guide(parts.view(), x, y);
        double[] was = Sheets.on(parts.view(), parts.from().get(parts.taken()));
        Map<String, Position> to = new LinkedHashMap<>();
        parts.from().forEach((name, p) -> {
            double[] on = Sheets.on(parts.view(), p);
            to.put(
                    name,
                    Sheets.to(
                            parts.view(),
                            p,
                            Snap.millimetre(on[0] + x.value() - was[0]),
                            Snap.millimetre(on[1] + y.value() - was[1])));
        });
        drawing.move(to);
    }

    private void guide(Corners.View view, Snap x, Snap y) {
        guideX = x.to().isPresent()
                ? OptionalDouble.of(drawing.sheets().pixel(view, x.value(), 0).orElseThrow()[0])
                : OptionalDouble.empty();
        guideY = y.to().isPresent()
                ? OptionalDouble.of(drawing.sheets().pixel(view, 0, y.value()).orElseThrow()[1])
                : OptionalDouble.empty();
    }

    /** A place of a view [m], on a corner or the middle of a part if one is near. */
    private double[] near(Corners.View view, double x, double y) {
        Sheets sheets = drawing.sheets();
        List<double[]> marks = new ArrayList<>();
        Corners.of(drawing.shown().airframe()).stream()
                .filter(c -> c.view() == view)
                .forEach(c -> {
                    marks.add(new double[] {c.x(), c.y()});
                    if (view != Corners.View.SIDE) {
                        marks.add(new double[] {-c.x(), c.y()});
                    }
                });
        drawing.shown().parts().forEach(p -> marks.add(Sheets.on(view, p.position())));
        marks.add(new double[] {0, 0});
        for (double[] mark : marks) {
            double[] at = sheets.pixel(view, mark[0], mark[1]).orElseThrow();
            if (Math.hypot(at[0] - x, at[1] - y) <= 7) {
                return mark;
            }
        }
        return sheets.metres(view, x, y);
    }

    void release(MouseEvent event) {
        if (grab.orElse(null) instanceof Frame && frame.getWidth() > 3 && frame.getHeight() > 3) {
            List<String> inside =
                    new ArrayList<>(event.isShiftDown() ? drawing.selection().parts() : List.of());
            for (Part part : drawing.shown().parts()) {
                for (Corners.View view : Corners.View.values()) {
                    boolean within = place(drawing.sheets(), view, part)
                            .filter(at -> frame.contains(at[0], at[1]))
                            .isPresent();
                    if (within && !inside.contains(part.name())) {
                        inside.add(part.name());
                    }
                }
            }
            frame = new Rectangle();
            letGo();
            if (!inside.isEmpty()) {
                drawing.choose(Selection.of(inside));
            }
        }
        frame = new Rectangle();
        drawing.finish();
        drawing.repaint();
    }

    /** Paints corners to pull, guides, the frame and the ruler. */
    void paint(Pen g, List<Corner> corners, UnitSystem units) {
        Sheets sheets = drawing.sheets();
        g.setLineWidth(1.4);
        for (Corner corner : corners) {
            double[] at = sheets.pixel(corner.view(), corner.x(), corner.y()).orElseThrow();
            g.setFill(Ink.SHEET);
            g.fillRect(at[0] - 3.5, at[1] - 3.5, 7, 7);
            g.setStroke(Ink.KITE);
            g.strokePolygon(
                    new double[] {at[0] - 3.5, at[0] + 3.5, at[0] + 3.5, at[0] - 3.5},
                    new double[] {at[1] - 3.5, at[1] - 3.5, at[1] + 3.5, at[1] + 3.5},
                    4);
        }
        g.setStroke(Ink.PROOF);
        g.setLineWidth(0.9);
        g.setLineDashes(6, 4);
        guideX.ifPresent(x -> g.strokeLine(x, 0, x, drawing.getHeight()));
        guideY.ifPresent(y -> g.strokeLine(0, y, drawing.getWidth(), y));
        if (frame.getWidth() > 0) {
            double r = frame.getX() + frame.getWidth();
            double b = frame.getY() + frame.getHeight();
            g.strokePolygon(
                    new double[] {frame.getX(), r, r, frame.getX()},
                    new double[] {frame.getY(), frame.getY(), b, b},
                    4);
        }
        g.setLineDashes();
        measured.ifPresent(m -> measured(g, m, units));
    }

    private void measured(Pen g, Measured m, UnitSystem units) {
        Optional<double[]> from = drawing.sheets().pixel(m.view(), m.x1(), m.y1());
        Optional<double[]> to = drawing.sheets().pixel(m.view(), m.x2(), m.y2());
        if (from.isEmpty() || to.isEmpty()) {
            return;
        }
        double[] a = from.get();
        double[] b = to.get();
        g.setStroke(Ink.KITE);
        g.setLineWidth(1.6);
        g.strokeLine(a[0], a[1], b[0], b[1]);
        g.strokeOval(a[0] - 3, a[1] - 3, 6, 6);
        g.strokeOval(b[0] - 3, b[1] - 3, 6, 6);
        String text = reading(m, units);
        g.setFont(Face.STRONG, 13);
        double wide = g.textWidth(text);
        double x = Math.max(4, Math.min(drawing.getWidth() - wide - 8, b[0] + 10));
        double y = b[1] - 14;
        g.setFill(Ink.SHEET);
        g.fillRect(x - 3, y - 9, wide + 6, 18);
        g.setTextAlign(TextAlignment.LEFT);
        g.setTextBaseline(VPos.CENTER);
        g.setFill(Ink.KITE);
        g.fillText(text, x, y);
    }

    private static String reading(Measured m, UnitSystem units) {
        double across = Math.abs(m.x2() - m.x1());
        double along = Math.abs(m.y2() - m.y1());
        return Quantity.LENGTH.text(Math.hypot(across, along), units) + "  ↔ " + Quantity.LENGTH.text(across, units)
                + "  ↕ " + Quantity.LENGTH.text(along, units);
    }
}
