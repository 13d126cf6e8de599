package app.drachen.desktop.drawing;

import app.drachen.desktop.theme.Ink;
import app.drachen.desktop.theme.Theme;
import app.drachen.files.sheet.Face;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.Map;
import javafx.geometry.VPos;
import javafx.scene.canvas.Canvas;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.paint.Color;
import javafx.scene.shape.ArcType;
import javafx.scene.text.Font;
import javafx.scene.text.Text;
import javafx.scene.text.TextAlignment;

/** Draws on a canvas; in the sunlight view black on white and without fine lines. */
public final class ScreenPen implements Pen {
    /** So many widths are remembered; the drawing with the most has some hundreds. */
    private static final int REMEMBERED = 2_048;

    /** Of texts that were measured last, for the interface thread; a text is laid out to be measured, at every move of a drag. */
    private static final Map<Font, Map<String, Double>> WIDTHS = new HashMap<>();

    private final GraphicsContext g;

    /** A pen on a canvas. */
    public ScreenPen(Canvas canvas) {
        g = canvas.getGraphicsContext2D();
    }

    @Override
    public void setFill(Color colour) {
        g.setFill(Ink.seen(colour));
    }

    @Override
    public void setStroke(Color colour) {
        g.setStroke(Ink.seen(colour));
    }

    @Override
    public void setLineWidth(double width) {
        g.setLineWidth(Ink.sunlight() ? Math.max(1.8, 1.3 * width) : width);
    }

    @Override
    public void setLineDashes(double... dashes) {
        g.setLineDashes(dashes);
    }

    @Override
    public void setFont(Face face, double size) {
        g.setFont(
                switch (face) {
                    case TEXT, SIGNS -> Theme.text(size);
                    case STRONG -> Theme.strong(size);
                    case FIGURES -> Theme.figures(size);
                });
    }

    @Override
    public double textWidth(String text) {
        Font font = g.getFont();
        return WIDTHS.computeIfAbsent(font, f -> remembered()).computeIfAbsent(text, t -> {
            Text measured = new Text(t);
            measured.setFont(font);
            return measured.getLayoutBounds().getWidth();
        });
    }

    private static Map<String, Double> remembered() {
        return new LinkedHashMap<>(64, 0.75f, true) {
            @Override
            protected boolean removeEldestEntry(Map.Entry<String, Double> eldest) {
                return size() > REMEMBERED;
            }
        };
    }

    @Override
    public void setTextAlign(TextAlignment align) {
        g.setTextAlign(align);
    }

    @Override
    public void setTextBaseline(VPos baseline) {
        g.setTextBaseline(baseline);
    }

    @Override
    public void strokeLine(double x1, double y1, double x2, double y2) {
        g.strokeLine(x1, y1, x2, y2);
    }

    @Override
    public void fillText(String text, double x, double y) {
        g.fillText(text, x, y);
    }

    @Override
    public void strokeText(String text, double x, double y) {
        g.strokeText(text, x, y);
    }

    @Override
    public void fillPolygon(double[] x, double[] y, int n) {
        g.fillPolygon(x, y, n);
    }

    @Override
    public void strokePolygon(double[] x, double[] y, int n) {
        g.strokePolygon(x, y, n);
    }

    @Override
    public void strokePolyline(double[] x, double[] y, int n) {
        g.strokePolyline(x, y, n);
    }

    @Override
    public void fillRect(double x, double y, double width, double height) {
        g.fillRect(x, y, width, height);
    }

    @Override
    public void clearRect(double x, double y, double width, double height) {
        g.clearRect(x, y, width, height);
    }

    @Override
    public void fillRoundRect(double x, double y, double width, double height, double arcWidth, double arcHeight) {
        g.fillRoundRect(x, y, width, height, arcWidth, arcHeight);
    }

    @Override
    public void strokeRoundRect(double x, double y, double width, double height, double arcWidth, double arcHeight) {
        g.strokeRoundRect(x, y, width, height, arcWidth, arcHeight);
    }

    @Override
    public void fillOval(double x, double y, double width, double height) {
        g.fillOval(x, y, width, height);
    }

    @Override
    public void strokeOval(double x, double y, double width, double height) {
        g.strokeOval(x, y, width, height);
    }

    @Override
    public void fillArc(double x, double y, double width, double height, double start, double extent, ArcType type) {
        g.fillArc(x, y, width, height, start, extent, type);
    }

    @Override
    public void beginPath() {
        g.beginPath();
    }

    @Override
    public void moveTo(double x, double y) {
        g.moveTo(x, y);
    }

    @Override
    public void lineTo(double x, double y) {
        g.lineTo(x, y);
    }

    @Override
    public void stroke() {
        g.stroke();
    }

    @Override
    public void clip(double x, double y, double width, double height) {
        g.save();
        // the canvas ends where it ends: a clip as large costs a third of the frame and changes nothing
        boolean whole = x <= 0
                && y <= 0
                && x + width >= g.getCanvas().getWidth()
                && y + height >= g.getCanvas().getHeight();
        if (!whole) {
            g.beginPath();
            g.rect(x, y, width, height);
            g.clip();
        }
    }

    @Override
    public void unclip() {
        g.restore();
    }
}
