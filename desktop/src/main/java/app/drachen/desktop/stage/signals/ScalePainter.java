package app.drachen.desktop.stage.signals;

import app.drachen.core.stages.signals.ChargeBack;
import app.drachen.core.units.Quantity;
import app.drachen.core.units.UnitSystem;
import app.drachen.desktop.drawing.Pen;
import app.drachen.desktop.theme.Ink;
import app.drachen.files.sheet.Face;
import java.util.List;
import javafx.scene.text.TextAlignment;

/** The current sensor against the charger: each charge as a mark on a ruler of percents, with the factor that is set now. */
final class ScalePainter {
    private ScalePainter() {}

    static void paint(Pen g, double width, double height, ChargeBack all, double factor, UnitSystem units) {
        g.words("CURRENT SENSOR", 10, 14, Face.STRONG, 11.5, Ink.SOFT, TextAlignment.LEFT);
        g.words("shown against put back", 10, 31, Face.TEXT, 11, Ink.SOFT, TextAlignment.LEFT);
        if (all.charges().isEmpty()) {
            g.words(
                    "No charge entered yet. Press K: fly, charge, enter what was shown and what was put back.",
                    width / 2 + 60,
                    height / 2,
                    Face.STRONG,
                    12.5,
                    Ink.SOFT,
                    TextAlignment.CENTER);
            return;
        }
        double from = 180;
        double to = 0.62 * width;
        double line = 0.58 * height;
        double perX = (to - from) / 0.4;
        double zero = (from + to) / 2;
        g.setFill(Ink.wash(Ink.PROOF));
        g.fillRect(zero - 0.05 * perX, line - 9, 0.1 * perX, 18);
        g.setStroke(Ink.INK);
        g.setLineWidth(1.2);
        g.strokeLine(from, line, to, line);
        for (int p = -20; p <= 20; p += 5) {
            double x = zero + p / 100.0 * perX;
            g.strokeLine(x, line - 4, x, line + 4);
            g.words(
                    (p > 0 ? "+" : "") + p + (Math.abs(p) == 20 ? " %" : ""),
                    x,
                    height - 8,
                    Face.FIGURES,
                    10,
                    Ink.SOFT,
                    TextAlignment.CENTER);
        }
        List<ChargeBack.Charge> last = all.last(3).charges();
        for (ChargeBack.Charge charge : last) {
            double off = new ChargeBack(List.of(charge)).off(factor);
            double x = zero + Math.max(-0.2, Math.min(0.2, off)) * perX;
            g.setFill(Math.abs(off) > 0.05 ? Ink.AMBER : Ink.PROOF);
            g.fillOval(x - 5, line - 5, 10, 10);
        }
        double off = all.last(2).off(factor);
        String says = Math.abs(off) <= 0.05
                ? "within " + Quantity.SHARE.text(Math.abs(off), units)
                : "reads " + Quantity.SHARE.text(Math.abs(off), units) + (off < 0 ? " low" : " high");
        g.words(
                says,
                zero + Math.max(-0.15, Math.min(0.15, off)) * perX,
                line - 16,
                Face.STRONG,
                12,
                Math.abs(off) > 0.05 ? Ink.AMBER : Ink.PROOF,
                TextAlignment.CENTER);
        double y = 12;
        for (ChargeBack.Charge charge : last) {
            g.words(
                    Quantity.CHARGE.text(charge.shown(), units) + " of " + Quantity.CHARGE.text(charge.back(), units),
                    width - 12,
                    y,
                    Face.FIGURES,
                    11.5,
                    Ink.INK,
                    TextAlignment.RIGHT);
            y += 15;
        }
    }
}
