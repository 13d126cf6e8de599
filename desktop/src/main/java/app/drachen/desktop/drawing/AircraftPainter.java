package app.drachen.desktop.drawing;

import app.drachen.desktop.theme.Ink;
import java.util.Optional;
import javafx.scene.paint.Color;

/** Paints outlines to scale. Reads its arguments and changes only the canvas. */
public final class AircraftPainter {
    private AircraftPainter() {}

    /** Paints an outline; the chosen component is drawn in kite red. */
    public static void paint(Pen g, Outline outline, View view, Optional<Outline.Component> chosen) {
        paint(g, outline, view, chosen, false);
    }

    /** Paints an outline; as if on glass, what lies below shows through. */
    public static void paint(Pen g, Outline outline, View view, Optional<Outline.Component> chosen, boolean glass) {
        g.setLineWidth(1.6);
        for (Outline.Shape shape : outline.shapes()) {
            int n = shape.x().length;
            double[] x = new double[n];
            double[] y = new double[n];
            for (int i = 0; i < n; i++) {
                x[i] = view.x(shape.x()[i]);
                y[i] = view.y(shape.y()[i]);
            }
            Color line = chosen.filter(c -> c == shape.component()).isPresent() ? Ink.KITE : Ink.INK;
            g.setStroke(line);
            if (shape.hinge()) {
                g.setLineWidth(1);
                g.setLineDashes(4, 3);
                g.strokeLine(x[0], y[0], x[1], y[1]);
                g.setLineDashes();
                g.setLineWidth(1.6);
            } else {
                if (!glass) {
                    g.setFill(Ink.SHEET);
                    g.fillPolygon(x, y, n);
                }
                g.strokePolygon(x, y, n);
            }
        }
    }

    /** Paints a metric grid over a box of pixels. */
    public static void grid(Pen g, View view, double metres, double x, double y, double width, double height) {
        g.setFill(Ink.SHEET);
        g.fillRect(x, y, width, height);
        lines(g, view, metres, x, y, width, height);
    }

    /** The lines of a metric grid alone. */
    public static void lines(Pen g, View view, double metres, double x, double y, double width, double height) {
        g.setStroke(Ink.GRID);
        g.setLineWidth(1);
        double step = metres * view.scale();
        double startX = x + mod(view.offsetX() - x, step);
        for (double at = startX; at < x + width; at += step) {
            g.strokeLine(Math.rint(at) + 0.5, y, Math.rint(at) + 0.5, y + height);
        }
        double startY = y + mod(view.offsetY() - y, step);
        for (double at = startY; at < y + height; at += step) {
            g.strokeLine(x, Math.rint(at) + 0.5, x + width, Math.rint(at) + 0.5);
        }
    }

    private static double mod(double value, double by) {
        return value - by * Math.floor(value / by);
    }
}
