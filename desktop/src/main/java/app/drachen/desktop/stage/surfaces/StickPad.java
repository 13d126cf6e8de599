package app.drachen.desktop.stage.surfaces;

import app.drachen.core.units.Quantity;
import app.drachen.core.units.UnitSystem;
import app.drachen.desktop.drawing.Pen;
import app.drachen.desktop.drawing.ScreenPen;
import app.drachen.desktop.theme.Ink;
import app.drachen.files.sheet.Face;
import java.util.function.BiConsumer;
import javafx.geometry.VPos;
import javafx.scene.canvas.Canvas;
import javafx.scene.text.TextAlignment;

/** A stick to drag: across and along, −1 to 1 each. */
final class StickPad extends Canvas {
    private static final double SIZE = 118;
    private final String acrossName;
    private final String alongName;

    StickPad(String acrossName, String alongName, BiConsumer<Double, Double> moved) {
        super(SIZE + 16, SIZE + 30);
        this.acrossName = acrossName;
        this.alongName = alongName;
        setAccessibleText("Stick for " + acrossName + " and " + alongName);
        setOnMousePressed(e -> moved.accept(value(e.getX()), -value(e.getY())));
        setOnMouseDragged(e -> moved.accept(value(e.getX()), -value(e.getY())));
    }

    private static double value(double pixel) {
        return Math.max(-1, Math.min(1, (pixel - 8 - SIZE / 2) / (SIZE / 2 - 8)));
    }

    /** Paints the stick; along is shown as given, −1 to 1. */
    void show(double across, double along, double alongShown) {
        Pen g = new ScreenPen(this);
        g.clearRect(0, 0, getWidth(), getHeight());
        g.setFill(Ink.SHEET);
        g.fillRoundRect(8, 4, SIZE, SIZE, 14, 14);
        g.setStroke(Ink.RULE);
        g.setLineWidth(1);
        double cx = 8 + SIZE / 2;
        double cy = 4 + SIZE / 2;
        g.strokeLine(8, cy, 8 + SIZE, cy);
        g.strokeLine(cx, 4, cx, 4 + SIZE);
        g.setStroke(Ink.INK);
        g.setLineWidth(1.3);
        g.strokeRoundRect(8, 4, SIZE, SIZE, 14, 14);
        double x = cx + across * (SIZE / 2 - 14);
        double y = cy - along * (SIZE / 2 - 14);
        g.setLineWidth(3);
        g.strokeLine(cx, cy, x, y);
        g.setFill(Ink.INK);
        g.fillOval(x - 11, y - 11, 22, 22);
        g.setFont(Face.TEXT, 13);
        g.setFill(Ink.SOFT);
        g.setTextAlign(TextAlignment.CENTER);
        g.setTextBaseline(VPos.CENTER);
        g.fillText(acrossName + " " + signed(across) + " · " + alongName + " " + signed(alongShown), cx, SIZE + 18);
    }

    private static String signed(double value) {
        return (value > 0.004 ? "+" : "") + Quantity.SHARE.text(value, UnitSystem.METRIC);
    }
}
