package app.drachen.desktop.chart;

import javafx.scene.canvas.Canvas;
import javafx.scene.canvas.GraphicsContext;
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
        canvas.setWidth(getWidth());
        canvas.setHeight(getHeight());
        repaint();
    }

    /** Paints anew. */
    public final void repaint() {
        double width = canvas.getWidth();
        double height = canvas.getHeight();
        if (width >= 80 && height >= 50) {
            GraphicsContext g = canvas.getGraphicsContext2D();
            g.clearRect(0, 0, width, height);
            paint(g, width, height);
        }
    }

    /** Paints the content into a cleared box of pixels. */
    protected abstract void paint(GraphicsContext g, double width, double height);
}
