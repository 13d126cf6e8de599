package app.drachen.desktop.stage.build;

import app.drachen.core.aerodynamics.Balance;
import app.drachen.core.airframe.Part;
import app.drachen.core.airframe.Planform;
import app.drachen.core.airframe.Position;
import app.drachen.core.setup.Setup;
import app.drachen.core.units.Quantity;
import app.drachen.core.units.UnitSystem;
import app.drachen.desktop.drawing.Outline;
import app.drachen.desktop.drawing.Pen;
import app.drachen.desktop.drawing.View;
import app.drachen.desktop.theme.Ink;
import app.drachen.files.sheet.Face;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import javafx.geometry.VPos;
import javafx.scene.paint.Color;
import javafx.scene.shape.ArcType;
import javafx.scene.text.TextAlignment;

/**
 * What lies over the outlines of the Build drawing: window and centre of gravity, parts with their names, the span.
 *
 * @param setup the aircraft
 * @param selection what is chosen
 * @param sheets where the views lie
 * @param units of the words
 */
record BuildPainter(Setup setup, Selection selection, Sheets sheets, UnitSystem units) {
    private static final double LABEL_GAP = 13;

    private View above() {
        return sheets.above();
    }

    private boolean chosen(Part part) {
        return selection.parts().contains(part.name());
    }

    /**
     * Paints.
     *
     * @param dimension where the span is drawn [px]
     * @param bottom lower edge of the sheet [px]
     */
    void paint(Pen g, double dimension, double bottom) {
        balance(g);
        parts(g);
        dimension(g, dimension, bottom);
    }

    /** Size of a part on the sheet [px]: wider with mass. */
    static double[] box(Part part) {
        double size = 9 + 26 * Math.cbrt(part.mass() / 0.4);
        return new double[] {size * 1.05, size * 0.62};
    }

    static Optional<Outline.Component> component(Selection selection) {
        if (selection instanceof Selection.OfWing) {
            return Optional.of(Outline.Component.WING);
        }
        if (selection instanceof Selection.OfTail) {
            return Optional.of(Outline.Component.TAIL);
        }
        return selection instanceof Selection.OfBody ? Optional.of(Outline.Component.BODY) : Optional.empty();
    }

    private void balance(Pen g) {
        Balance balance = Balance.of(setup);
        Planform planform = balance.planform();
        double reach = Math.min(0.09 * planform.span(), 0.13);
        double left = above().x(-reach);
        double wide = above().x(reach) - left;
        double front = above().y(balance.windowFront());
        double rear = above().y(balance.windowRear());
        g.setFill(Ink.wash(Ink.PROOF));
        g.fillRect(left, front, wide, rear - front);
        g.setStroke(Ink.PROOF);
        g.setLineWidth(1);
        g.strokeLine(left, front, left + wide, front);
        g.strokeLine(left, rear, left + wide, rear);
        double mac = above().x(-planform.meanChordAt());
        g.setLineWidth(2.5);
        g.strokeLine(
                mac,
                above().y(planform.meanChordLeadingEdge()),
                mac,
                above().y(planform.meanChordLeadingEdge() + planform.meanChord()));
        double neutral = above().y(balance.neutral().station(planform));
        g.setLineWidth(1.2);
        g.setStroke(Ink.INK);
        g.setLineDashes(2, 3);
        g.strokeLine(left, neutral, left + wide, neutral);
        g.setLineDashes();
        text(g, "neutral point", left - 5, neutral, Ink.INK, TextAlignment.RIGHT);
        text(g, "c̄", mac - 6, above().y(planform.meanChordLeadingEdge()), Ink.PROOF, TextAlignment.RIGHT);
        Position cg = balance.mass().centre();
        double outside = balance.outside();
        Color colour = outside > 0 ? Ink.KITE : Ink.PROOF;
        mark(g, above().x(cg.right()), above().y(cg.aft()), colour);
        sheets.side().ifPresent(v -> mark(g, v.x(cg.aft()), v.y(-cg.up()), colour));
        sheets.behind().ifPresent(v -> mark(g, v.x(cg.right()), v.y(-cg.up()), colour));
        String where = outside == 0
                ? "CG in the window"
                : "CG "
                        + Quantity.LENGTH.text(Math.abs(outside), units)
                        + (outside > 0 ? " behind the window" : " ahead of the window");
        g.setFont(Face.STRONG, 14);
        double noteX = left - 46;
        double noteY = above().y(setup.airframe().wing().rootLeadingEdge()) - 30;
        g.setStroke(colour);
        g.setLineWidth(0.9);
        g.strokePolyline(
                new double[] {noteX + 4, noteX + 16, above().x(cg.right()) - 7},
                new double[] {noteY, noteY, above().y(cg.aft()) - 5},
                3);
        halo(g, where, noteX, noteY, colour, TextAlignment.RIGHT);
    }

    private static void mark(Pen g, double x, double y, Color colour) {
        g.setFill(Ink.SHEET);
        g.fillOval(x - 8, y - 8, 16, 16);
        g.setFill(colour);
        g.fillArc(x - 8, y - 8, 16, 16, 0, 90, ArcType.ROUND);
        g.fillArc(x - 8, y - 8, 16, 16, 180, 90, ArcType.ROUND);
        g.setStroke(colour);
        g.setLineWidth(1.6);
        g.strokeOval(x - 8, y - 8, 16, 16);
    }

    private void parts(Pen g) {
        Map<Integer, double[]> taken = new HashMap<>();
        for (Part part : setup.parts()) {
            boolean now = chosen(part);
            double[] box = box(part);
            double x = above().x(part.position().right());
            double y = above().y(part.position().aft());
            Color colour = now ? Ink.KITE : Ink.INK;
            g.setFill(colour.deriveColor(0, 1, 1, 0.88));
            g.fillRoundRect(x - box[0] / 2, y - box[1] / 2, box[0], box[1], 3, 3);
            double low = -part.position().up();
            sheets.side().ifPresent(v -> small(g, v.x(part.position().aft()), v.y(low), box[1]));
            sheets.behind().ifPresent(v -> small(g, v.x(part.position().right()), v.y(low), box[1]));
        }
        double column = above().x(setup.airframe().body().width() / 2) + 30;
        List<Part> fromFront = setup.parts().stream()
                .sorted(Comparator.comparingDouble(p -> p.position().aft()))
                .toList();
        for (Part part : fromFront) {
            label(g, part, column, taken);
        }
    }

    private static void small(Pen g, double x, double y, double wide) {
        g.fillRoundRect(x - wide / 2, y - 4, wide, 8, 2, 2);
    }

    /** Parts near the middle are named in a column beside the body, the others below themselves. */
    private void label(Pen g, Part part, double column, Map<Integer, double[]> taken) {
        boolean now = chosen(part);
        double x = above().x(part.position().right());
        double y = above().y(part.position().aft());
        String label = part.name() + "  " + Quantity.MASS.text(part.mass(), units);
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
        double labelY = free(taken, y);
        take(taken, labelY);
        g.setStroke(now ? Ink.KITE : Ink.SOFT);
        g.setLineWidth(0.7);
        g.strokePolyline(
                new double[] {x + box(part)[0] / 2, column - 12, column - 3}, new double[] {y, labelY, labelY}, 3);
        halo(g, label, column, labelY, colour, TextAlignment.LEFT);
    }

    /**
     * The nearest height at which a label meets no other in its column.
     *
     * @param taken the highest and lowest label of each stretch of a label's height
     */
    private static double free(Map<Integer, double[]> taken, double y) {
        for (int i = 0; i < 40; i++) {
            double at = y + (i + 1) / 2 * (i % 2 == 0 ? -1 : 1) * LABEL_GAP / 2;
            int stretch = (int) Math.floor(at / LABEL_GAP);
            double[] above = taken.get(stretch - 1);
            double[] below = taken.get(stretch + 1);
            if (!taken.containsKey(stretch)
                    && (above == null || at - above[1] >= LABEL_GAP)
                    && (below == null || below[0] - at >= LABEL_GAP)) {
                return at;
            }
        }
        return y;
    }

    private static void take(Map<Integer, double[]> taken, double y) {
        double[] there = taken.computeIfAbsent((int) Math.floor(y / LABEL_GAP), s -> new double[] {y, y});
        there[0] = Math.min(there[0], y);
        there[1] = Math.max(there[1], y);
    }

    private void dimension(Pen g, double y, double bottom) {
        double left = above().x(-setup.planform().span() / 2);
        double right = above().x(setup.planform().span() / 2);
        g.setStroke(Ink.SOFT);
        g.setLineWidth(1);
        g.strokeLine(left, y, right, y);
        g.strokeLine(left, y - 5, left, y + 5);
        g.strokeLine(right, y - 5, right, y + 5);
        g.setFont(Face.FIGURES, 12);
        halo(
                g,
                Quantity.SPAN.text(setup.planform().span(), units),
                (left + right) / 2,
                y,
                Ink.SOFT,
                TextAlignment.CENTER);
        String lower = sheets.side().isPresent()
                ? sheets.behind().isPresent() ? "from the left, from behind" : "from the left (V: from behind)"
                : "from behind (V: from the left)";
        text(g, "5 cm squares · from above, " + lower, 10, bottom - 10, Ink.SOFT, TextAlignment.LEFT);
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
