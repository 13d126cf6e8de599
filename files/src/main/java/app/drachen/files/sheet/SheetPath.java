package app.drachen.files.sheet;

import java.util.ArrayList;
import java.util.List;

/** A path of lines and curves. Not for several threads. */
public final class SheetPath {
    /** Length of the handles of a quarter of a circle in units of its radius [-]; 4/3·(√2 − 1). */
    private static final double QUARTER = 4.0 / 3 * (Math.sqrt(2) - 1);

    private final List<Step> steps = new ArrayList<>();

    /** Kinds of steps. */
    public enum Kind {
        MOVE,
        LINE,
        CURVE,
        CLOSE
    }

    /**
     * A step.
     *
     * @param kind what it does
     * @param points its points: none to close, one to move or draw a line, two handles and an end for a curve [pt]
     */
    public record Step(Kind kind, double... points) {}

    /** The steps so far. */
    public List<Step> steps() {
        return List.copyOf(steps);
    }

    /** Goes to a point [pt]. */
    public SheetPath move(double x, double y) {
        steps.add(new Step(Kind.MOVE, x, y));
        return this;
    }

    /** Draws a line to a point [pt]. */
    public SheetPath line(double x, double y) {
        steps.add(new Step(Kind.LINE, x, y));
        return this;
    }

    /** Draws a curve with two handles to a point [pt]. */
    public SheetPath curve(double x1, double y1, double x2, double y2, double x, double y) {
        steps.add(new Step(Kind.CURVE, x1, y1, x2, y2, x, y));
        return this;
    }

    /** Closes the path. */
    public SheetPath close() {
        steps.add(new Step(Kind.CLOSE));
        return this;
    }

    /** Whether nothing has been drawn. */
    public boolean isEmpty() {
        return steps.isEmpty();
    }

    /** A rectangle [pt]. */
    public static SheetPath box(double x, double y, double width, double height) {
        return new SheetPath()
                .move(x, y)
                .line(x + width, y)
                .line(x + width, y + height)
                .line(x, y + height)
                .close();
    }

    /** An ellipse in a box [pt]. */
    public static SheetPath oval(double x, double y, double width, double height) {
        return arc(x, y, width, height, 0, 360).close();
    }

    /** A part of an ellipse in a box [pt], angles in degrees from the right, against the clock. */
    public static SheetPath arc(double x, double y, double width, double height, double start, double extent) {
        double rx = width / 2;
        double ry = height / 2;
        double cx = x + rx;
        double cy = y + ry;
        int parts = (int) Math.ceil(Math.abs(extent) / 90);
        double step = Math.toRadians(extent / parts);
        double handle = QUARTER * Math.tan(step / 4) / Math.tan(Math.PI / 8);
        double a = Math.toRadians(start);
        SheetPath path = new SheetPath().move(cx + rx * Math.cos(a), cy - ry * Math.sin(a));
        for (int i = 0; i < parts; i++) {
            double b = a + step;
            path.curve(
                    cx + rx * (Math.cos(a) - handle * Math.sin(a)),
                    cy - ry * (Math.sin(a) + handle * Math.cos(a)),
                    cx + rx * (Math.cos(b) + handle * Math.sin(b)),
                    cy - ry * (Math.sin(b) - handle * Math.cos(b)),
                    cx + rx * Math.cos(b),
                    cy - ry * Math.sin(b));
            a = b;
        }
        return path;
    }
}
