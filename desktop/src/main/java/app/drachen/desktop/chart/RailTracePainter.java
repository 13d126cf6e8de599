package app.drachen.desktop.chart;

import app.drachen.core.plot.LinearScale;
import app.drachen.core.units.Quantity;
import app.drachen.core.units.UnitSystem;
import app.drachen.core.wiring.RailTrace;
import app.drachen.core.wiring.Rails;
import app.drachen.core.wiring.Wiring;
import app.drachen.desktop.drawing.Pen;
import app.drachen.desktop.theme.Ink;
import app.drachen.files.sheet.Face;
import java.util.ArrayList;
import java.util.List;
import javafx.scene.paint.Color;
import javafx.scene.text.TextAlignment;

/**
 * The regulated rails over a hard manoeuvre with a low pack: all servos start, turn round, and half of them stay stalled.
 *
 * @param wiring what is plugged where
 * @param units the reader's units
 */
public record RailTracePainter(Wiring wiring, UnitSystem units) {
    private static final double LEFT = 46;
    private static final double RIGHT = 190;
    private static final double FOOT = 30;

    /** Paints into a box of pixels. */
    public void paint(Pen g, double width, double height) {
        List<Rails.Rail> rails = Rails.worst(wiring).rails().stream()
                .filter(r -> r.fed() && r.rail().feed() != app.drachen.core.harness.BoardRail.Feed.RAW && r.peak() > 0)
                .toList();
        if (rails.isEmpty()) {
            g.words("No regulated rail feeds anything.", 14, 24, Face.TEXT, 12, Ink.SOFT, TextAlignment.LEFT);
            return;
        }
        List<RailTrace> traces = new ArrayList<>();
        double low = Double.POSITIVE_INFINITY;
        double high = 0;
        for (Rails.Rail r : rails) {
            RailTrace t = RailTrace.of(wiring, r);
            traces.add(t);
            low = Math.min(low, Math.min(t.lowest(), needed(r)));
            for (double v : t.volts()) {
                high = Math.max(high, v);
            }
        }
        double lasts = traces.get(0).step() * (traces.get(0).volts().length - 1);
        LinearScale time = new LinearScale(0, lasts, LEFT, width - RIGHT);
        LinearScale volts = new LinearScale(low - 0.3, high + 0.3, height - FOOT, 14);
        axes(g, time, volts, lasts, low, high);
        double label = 20;
        for (int i = 0; i < rails.size(); i++) {
            curve(g, rails.get(i), traces.get(i), time, volts);
            int index = wiring.board().letter(rails.get(i).rail().name()).charAt(0) - 'A';
            String words = wiring.board().letter(rails.get(i).rail().name()) + " "
                    + rails.get(i).rail().name() + ": down to "
                    + Quantity.VOLTAGE.text(traces.get(i).lowest(), units);
            g.words(words, width - RIGHT + 12, label, Face.STRONG, 11.5, Ink.rail(index), TextAlignment.LEFT);
            g.words(
                    "needs " + Quantity.VOLTAGE.text(needed(rails.get(i)), units) + ", dashed",
                    width - RIGHT + 12,
                    label + 14,
                    Face.TEXT,
                    11,
                    Ink.SOFT,
                    TextAlignment.LEFT);
            label += 36;
        }
    }

    /** The highest volts that anything on the rail needs. */
    private double needed(Rails.Rail rail) {
        return wiring.on(rail.rail().name()).stream()
                .mapToDouble(w -> w.device().draw().least())
                .max()
                .orElse(0);
    }

    private void axes(Pen g, LinearScale time, LinearScale volts, double lasts, double low, double high) {
        g.setLineWidth(1);
        for (double v = Math.ceil(low - 0.3); v <= high + 0.3; v++) {
            g.setStroke(Ink.GRID);
            g.strokeLine(time.toScreen(0), volts.toScreen(v), time.toScreen(lasts), volts.toScreen(v));
            String words = Quantity.VOLTAGE.text(v, units).replace(".00", "");
            g.words(words, LEFT - 6, volts.toScreen(v), Face.FIGURES, 10.5, Ink.SOFT, TextAlignment.RIGHT);
        }
        double foot = volts.toScreen(low - 0.3);
        for (int i = 0; i <= 6; i++) {
            double t = lasts * i / 6;
            g.setStroke(Ink.GRID);
            g.strokeLine(time.toScreen(t), 14, time.toScreen(t), foot);
            g.words(
                    Quantity.TIME.text(t, units),
                    time.toScreen(t),
                    foot + 12,
                    Face.FIGURES,
                    10.5,
                    Ink.SOFT,
                    TextAlignment.CENTER);
        }
    }

    private void curve(Pen g, Rails.Rail rail, RailTrace trace, LinearScale time, LinearScale volts) {
        Color colour = Ink.rail(wiring.board().letter(rail.rail().name()).charAt(0) - 'A');
        int n = trace.volts().length;
        double[] x = new double[n];
        double[] y = new double[n];
        for (int i = 0; i < n; i++) {
            x[i] = time.toScreen(i * trace.step());
            y[i] = volts.toScreen(trace.volts()[i]);
        }
        g.setStroke(colour);
        g.setLineWidth(1.8);
        g.strokePolyline(x, y, n);
        g.setLineWidth(1);
        g.setLineDashes(5, 4);
        double needs = volts.toScreen(needed(rail));
        g.strokeLine(x[0], needs, x[n - 1], needs);
        g.setLineDashes();
    }
}
