package app.drachen.desktop.stage.surfaces;

import app.drachen.core.controls.Output;
import app.drachen.core.units.Quantity;
import app.drachen.core.units.UnitSystem;
import app.drachen.desktop.drawing.Pen;
import app.drachen.desktop.theme.Ink;
import app.drachen.files.sheet.Face;
import javafx.geometry.VPos;
import javafx.scene.paint.Color;
import javafx.scene.text.TextAlignment;

/** Paints a servo ruler: travel, centre, the pulse now, and the pulse that would be right. */
final class RulerPainter {
    static final double HEIGHT = 44;
    private static final double LOW = 900;
    private static final double HIGH = 2_100;

    private RulerPainter() {}

    static void paint(Pen g, Sticks.Answer answer, boolean chosen, double y, double width) {
        Output output = answer.output();
        double left = 150;
        double right = width - 190;
        g.setFont(Face.STRONG, 15);
        g.setTextAlign(TextAlignment.LEFT);
        g.setTextBaseline(VPos.CENTER);
        g.setFill(chosen ? Ink.KITE : Ink.INK);
        g.fillText(output.surface().label(), 14, y + 14);
        g.setFont(Face.TEXT, 13);
        g.setFill(Ink.SOFT);
        g.fillText("centre " + Quantity.PULSE.text(output.centreMicros(), UnitSystem.METRIC), 14, y + 30);
        double line = y + 29;
        g.setFill(Ink.wash(Ink.PROOF));
        double from = x(output.lowMicros(), left, right);
        g.fillRect(from, line - 7, x(output.highMicros(), left, right) - from, 7);
        g.setStroke(Ink.SOFT);
        g.setLineWidth(1);
        g.strokeLine(left, line, right, line);
        g.setFont(Face.FIGURES, 10);
        g.setFill(Ink.SOFT);
        g.setTextAlign(TextAlignment.CENTER);
        for (int tick = 1000; tick <= 2000; tick += 100) {
            double tx = x(tick, left, right);
            g.strokeLine(tx, line - (tick % 500 == 0 ? 7 : 4), tx, line);
            if (tick % 500 == 0) {
                g.fillText(String.valueOf(tick), tx, line + 9);
            }
        }
        double centre = x(output.centreMicros(), left, right);
        g.setFill(Ink.INK);
        g.fillPolygon(new double[] {centre, centre - 4, centre + 4}, new double[] {line, line + 6, line + 6}, 3);
        Color colour = answer.right() ? Ink.INK : Ink.KITE;
        marker(g, answer.pulseMicros(), colour, line, left, right, false);
        g.setTextAlign(TextAlignment.LEFT);
        g.setFont(Face.STRONG, 14);
        if (answer.right()) {
            g.setFill(Ink.PROOF);
            g.fillText("as wanted", right + 18, line - 4);
        } else {
            double mirrored = 2 * output.centreMicros() - answer.pulseMicros();
            marker(g, mirrored, Ink.PROOF, line, left, right, true);
            g.setTextAlign(TextAlignment.LEFT);
            g.setFont(Face.STRONG, 14);
            g.setFill(Ink.KITE);
            g.fillText("turn it round", right + 18, line - 4);
        }
    }

    private static void marker(
            Pen g, double pulse, Color colour, double line, double left, double right, boolean dashed) {
        double at = x(pulse, left, right);
        g.setStroke(colour);
        g.setLineWidth(2.4);
        if (dashed) {
            g.setLineDashes(2, 3);
        }
        g.strokeLine(at, line - 15, at, line);
        g.setLineDashes();
        g.setFill(colour);
        g.setFont(Face.FIGURES, 11);
        g.setTextAlign(TextAlignment.CENTER);
        g.fillText(String.valueOf(Math.round(pulse)), at, line - 20);
    }

    private static double x(double pulse, double left, double right) {
        return left + (pulse - LOW) / (HIGH - LOW) * (right - left);
    }
}
