package app.drachen.desktop.chart;

import app.drachen.desktop.drawing.Pen;
import app.drachen.desktop.drawing.Picture;
import app.drachen.desktop.drawing.ScreenPen;
import javafx.scene.canvas.Canvas;
import javafx.scene.layout.Pane;

/** A pane that is painted as a whole whenever its size or its content changes. */
public abstract class CanvasPane extends Pane {
    private final Canvas canvas = new Canvas();

    /** A pane on the sheet that shows nothing below this size. */
    protected CanvasPane(double leastWidth, double leastHeight) {
        getStyleClass().add("sheet");
        setMinSize(leastWidth, leastHeight);
        getChildren().add(canvas);
    }

    @Override
    protected void layoutChildren() {
        double width = getWidth();
        double height = getHeight();
        canvas.setWidth(width);
        canvas.setHeight(height);
        if (width >= 80 && height >= 50) {
            Pen g = new ScreenPen(canvas);
            g.clearRect(0, 0, width, height);
            paint(g, width, height);
        }
    }

    /** Paints anew with the next frame: once, however often it is asked for until then. */
    public final void repaint() {
        setNeedsLayout(true);
    }

    /** What is shown, to be kept outside the window. */
    public final Picture picture(String name) {
        double width = Math.max(320, getWidth());
        double height = Math.max(200, getHeight());
        return new Picture(name, width, height, pen -> paint(pen, width, height));
    }

    /** Paints the content into a cleared box of pixels. */
    protected abstract void paint(Pen g, double width, double height);
}
