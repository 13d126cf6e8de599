package app.drachen.desktop.stage.signals;

import app.drachen.core.signals.Tones;
import app.drachen.core.units.Quantity;
import app.drachen.core.units.UnitSystem;
import app.drachen.desktop.drawing.Pen;
import app.drachen.desktop.theme.Ink;
import app.drachen.files.sheet.Face;
import java.util.Optional;
import javafx.scene.text.TextAlignment;

/** The tones of rise and sink over the climb; the one that sounds now is marked. */
final class TonePainter {
    private static final double LEFT = 42;

    private TonePainter() {}

    static void paint(Pen g, double width, double height, Tones tones, Optional<Double> now, UnitSystem units) {
        g.words("RISE AND SINK", 10, 11, Face.STRONG, 11.5, Ink.SOFT, TextAlignment.LEFT);
        if (!tones.on()) {
            g.words("off: press T", width / 2, height / 2, Face.STRONG, 12.5, Ink.SOFT, TextAlignment.CENTER);
            return;
        }
        double top = 26;
        double bottom = height - 18;
        double most = 1.2 * tones.ceiling();
        double low = Math.log(tones.frequency(-tones.ceiling()) * 0.8);
        double high = Math.log(tones.frequency(tones.ceiling()) * 1.25);
        double perX = (width - LEFT - 10) / (2 * most);
        double perY = (bottom - top) / (high - low);
        double zero = LEFT + most * perX;
        g.setFill(Ink.GRID);
        g.fillRect(zero - tones.deadBand() * perX, top, 2 * tones.deadBand() * perX, bottom - top);
        for (double f :
                new double[] {tones.frequency(-tones.ceiling()), tones.middle(), tones.frequency(tones.ceiling())}) {
            double y = bottom - (Math.log(f) - low) * perY;
            g.words(Quantity.COUNT.text(f, units), LEFT - 5, y, Face.FIGURES, 10.5, Ink.SOFT, TextAlignment.RIGHT);
        }
        for (int c = -1; c <= 1; c++) {
            double climb = c * tones.ceiling();
            g.words(
                    Quantity.CLIMB.text(climb, units),
                    zero + climb * perX,
                    height - 8,
                    Face.FIGURES,
                    10.5,
                    Ink.SOFT,
                    TextAlignment.CENTER);
        }
        g.setLineWidth(2.2);
        g.setStroke(Ink.INK);
        part(g, tones, -most, -tones.deadBand(), zero, perX, bottom, low, perY);
        g.setStroke(Ink.PROOF);
        g.setLineDashes(7, 5);
        part(g, tones, tones.deadBand(), most, zero, perX, bottom, low, perY);
        g.setLineDashes();
        g.words("Hz", LEFT - 5, top - 2, Face.TEXT, 10.5, Ink.SOFT, TextAlignment.RIGHT);
        g.words("sink, one tone", LEFT + 4, top + 6, Face.TEXT, 11, Ink.INK, TextAlignment.LEFT);
        g.words("rise beeps", width - 12, bottom - 8, Face.TEXT, 11, Ink.PROOF, TextAlignment.RIGHT);
        now.filter(c -> !tones.silent(c)).ifPresent(c -> {
            double at = Math.max(-most, Math.min(most, c));
            double y = bottom - (Math.log(tones.frequency(c)) - low) * perY;
            g.setFill(Ink.KITE);
            g.fillOval(zero + at * perX - 5, y - 5, 10, 10);
        });
    }

    private static void part(
            Pen g,
            Tones tones,
            double from,
            double to,
            double zero,
            double perX,
            double bottom,
            double low,
            double perY) {
        int n = 24;
        double[] xs = new double[n + 1];
        double[] ys = new double[n + 1];
        for (int i = 0; i <= n; i++) {
            double climb = from + (to - from) * i / n;
            xs[i] = zero + climb * perX;
            ys[i] = bottom - (Math.log(tones.frequency(climb)) - low) * perY;
        }
        g.strokePolyline(xs, ys, n + 1);
    }
}
