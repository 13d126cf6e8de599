package app.drachen.desktop.chart;

import app.drachen.desktop.drawing.Pen;
import app.drachen.desktop.theme.Ink;

/** Paints an arrow that blows with the wind, north up. */
public final class WindArrow {
    private WindArrow() {}

    /** Paints the arrow about a point; {@code from} is where the wind comes from [rad]. */
    public static void paint(Pen g, double from, double x, double y, double reach) {
        double dx = -Math.sin(from);
        double dy = Math.cos(from);
        double tipX = x + reach * dx;
        double tipY = y + reach * dy;
        g.setStroke(Ink.PROOF);
        g.setLineWidth(2.2);
        g.strokeLine(x - reach * dx, y - reach * dy, tipX, tipY);
        for (double turn : new double[] {2.6, -2.6}) {
            double a = Math.atan2(dy, dx) + turn;
            g.strokeLine(tipX, tipY, tipX + 9 * Math.cos(a), tipY + 9 * Math.sin(a));
        }
    }
}
