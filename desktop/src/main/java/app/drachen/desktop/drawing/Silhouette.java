package app.drachen.desktop.drawing;

import app.drachen.desktop.theme.Ink;
import javafx.scene.paint.Color;

/** A small outline of an aircraft, turned in the plane of the sheet. */
public final class Silhouette {
    private Silhouette() {}

    /**
     * Paints an outline.
     *
     * @param outline from the side, from behind or from above
     * @param x middle [px]
     * @param y middle [px]
     * @param size of its longer side [px]
     * @param turn clockwise on the sheet [rad]
     * @param flipped whether it is seen in a mirror, left to right
     */
    public static void paint(
            Pen g, Outline outline, double x, double y, double size, double turn, boolean flipped, Color colour) {
        double width = outline.right() - outline.left();
        double height = outline.bottom() - outline.top();
        double scale = size / Math.max(width, height);
        double middleX = (outline.left() + outline.right()) / 2;
        double middleY = (outline.top() + outline.bottom()) / 2;
        double cos = Math.cos(turn);
        double sin = Math.sin(turn);
        g.setStroke(colour);
        g.setLineWidth(1.2);
        for (Outline.Shape shape : outline.shapes()) {
            if (shape.hinge()) {
                continue;
            }
            int n = shape.x().length;
            double[] xs = new double[n];
            double[] ys = new double[n];
            for (int i = 0; i < n; i++) {
                double u = (flipped ? -1 : 1) * (shape.x()[i] - middleX) * scale;
                double v = (shape.y()[i] - middleY) * scale;
                xs[i] = x + cos * u - sin * v;
                ys[i] = y + sin * u + cos * v;
            }
            g.setFill(Ink.SHEET);
            g.fillPolygon(xs, ys, n);
            g.strokePolygon(xs, ys, n);
        }
    }
}
