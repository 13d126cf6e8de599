package app.drachen.desktop.stage.debrief;

import app.drachen.core.debrief.Spectrum;
import app.drachen.desktop.chart.CanvasPane;
import app.drachen.desktop.drawing.Pen;
import app.drachen.desktop.theme.Ink;
import app.drachen.files.sheet.Face;
import java.util.List;
import java.util.Map;
import javafx.geometry.VPos;
import javafx.scene.paint.Color;
import javafx.scene.text.TextAlignment;

/** Movement by frequency, one line for each mode, on a logarithmic frequency axis. */
final class SpectrumChart extends CanvasPane {
    private static final double LOW = 0.05;
    private static final double HIGH = 8;
    private Map<String, List<Spectrum.Line>> lines = Map.of();
    private String strongest = "";
    private String caption = "";
    private double size = 1;

    SpectrumChart() {
        super(240, 120);
        setId("spectrum");
    }

    void show(Map<String, List<Spectrum.Line>> newLines, String newStrongest, String newCaption, double unitSize) {
        lines = newLines;
        strongest = newStrongest;
        caption = newCaption;
        size = unitSize;
        setAccessibleText(newCaption + ". " + newStrongest);
        repaint();
    }

    @Override
    protected void paint(Pen g, double w, double h) {
        double left = 40;
        double right = w - 14;
        double bottom = h - 22;
        double top = 32;
        g.setFont(Face.TEXT, 13);
        g.setTextBaseline(VPos.CENTER);
        g.setFill(Ink.SOFT);
        g.setTextAlign(TextAlignment.LEFT);
        g.fillText(caption, 12, 14);
        g.setStroke(Ink.SOFT);
        g.setLineWidth(1);
        g.strokeLine(left, bottom, right, bottom);
        g.setTextAlign(TextAlignment.CENTER);
        g.setFont(Face.FIGURES, 10);
        for (double f : new double[] {0.05, 0.1, 0.2, 0.5, 1, 2, 5}) {
            g.fillText(f < 1 ? String.valueOf(f) : String.valueOf((int) f), x(f, left, right), bottom + 10);
        }
        double most = Math.max(
                lines.values().stream()
                        .flatMap(List::stream)
                        .mapToDouble(Spectrum.Line::amplitude)
                        .max()
                        .orElse(0),
                2 * size);
        g.setTextAlign(TextAlignment.RIGHT);
        g.fillText(String.format(java.util.Locale.ROOT, "%.1f", most / size), left - 5, top);
        int i = 0;
        for (Map.Entry<String, List<Spectrum.Line>> entry : lines.entrySet()) {
            Color colour = i == 0 ? Ink.PROOF : Ink.KITE;
            g.setStroke(colour);
            g.setLineWidth(1.8);
            g.beginPath();
            boolean open = false;
            for (Spectrum.Line line : entry.getValue()) {
                double px = x(line.frequency(), left, right);
                double py = bottom - line.amplitude() / most * (bottom - top);
                if (open) {
                    g.lineTo(px, py);
                } else {
                    g.moveTo(px, py);
                    open = true;
                }
            }
            g.stroke();
            g.setFill(colour);
            g.setFont(Face.STRONG, 13);
            g.setTextAlign(TextAlignment.RIGHT);
            g.fillText(entry.getKey(), right, top + 14 * i);
            i++;
        }
        if (lines.isEmpty()) {
            g.setTextAlign(TextAlignment.CENTER);
            g.setFont(Face.TEXT, 13);
            g.fillText("No stabilised stretch of 8 s.", w / 2, h / 2);
        } else {
            g.setFill(Ink.INK);
            g.setFont(Face.TEXT, 13);
            g.setTextAlign(TextAlignment.RIGHT);
            g.fillText(strongest, right, top + 14 * lines.size());
        }
    }

    private static double x(double frequency, double left, double right) {
        return left + Math.log(frequency / LOW) / Math.log(HIGH / LOW) * (right - left);
    }
}
