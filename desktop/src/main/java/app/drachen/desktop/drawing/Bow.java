package app.drachen.desktop.drawing;

import app.drachen.core.clearance.StageState;
import app.drachen.desktop.theme.Ink;

/** Paints a bow on the line: filled proven, half stale, hollow open, knotted stopped. */
public final class Bow {
    private Bow() {}

    /** Paints a bow around a point. */
    public static void paint(Pen g, StageState state, double x, double y, double halfWidth, double halfHeight) {
        double[] leftX = {x, x - halfWidth, x - halfWidth};
        double[] rightX = {x, x + halfWidth, x + halfWidth};
        double[] ys = {y, y - halfHeight, y + halfHeight};
        g.setLineWidth(1.4);
        g.setFill(Ink.SHEET);
        g.fillPolygon(leftX, ys, 3);
        g.fillPolygon(rightX, ys, 3);
        switch (state) {
            case PROVEN -> {
                g.setFill(Ink.PROOF);
                g.fillPolygon(leftX, ys, 3);
                g.fillPolygon(rightX, ys, 3);
                g.setStroke(Ink.PROOF);
            }
            case STALE -> {
                g.setFill(Ink.AMBER);
                g.fillPolygon(leftX, ys, 3);
                g.setStroke(Ink.AMBER);
            }
            case OPEN -> g.setStroke(Ink.INK);
            case STOPPED -> g.setStroke(Ink.KITE);
        }
        g.strokePolygon(leftX, ys, 3);
        g.strokePolygon(rightX, ys, 3);
        if (state == StageState.STOPPED) {
            double knot = Math.max(2, halfWidth * 0.3);
            g.setFill(Ink.KITE);
            g.fillOval(x - knot, y - knot, 2 * knot, 2 * knot);
        }
    }

    /** Paints the kite, leaning into the wind. */
    public static void kite(Pen g, double x, double y, double size) {
        double[] kx = {x + 0.30 * size, x + 0.55 * size, x - 0.30 * size, x - 0.55 * size};
        double[] ky = {y - 0.95 * size, y - 0.15 * size, y + 0.95 * size, y - 0.35 * size};
        g.setFill(Ink.KITE);
        g.fillPolygon(kx, ky, 4);
        g.setStroke(Ink.INK);
        g.setLineWidth(1.3);
        g.strokePolygon(kx, ky, 4);
        g.setStroke(Ink.SHEET);
        g.setLineWidth(1.1);
        g.strokeLine(kx[0], ky[0], kx[2], ky[2]);
        g.strokeLine(kx[1], ky[1], kx[3], ky[3]);
    }
}
