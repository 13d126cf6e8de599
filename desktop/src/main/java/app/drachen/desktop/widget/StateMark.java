package app.drachen.desktop.widget;

import app.drachen.core.working.Finding.State;
import app.drachen.desktop.theme.Ink;
import javafx.scene.canvas.Canvas;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.paint.Color;

/** State as a shape: disc good, half disc stale, ring open, triangle caution, diamond stop. */
public final class StateMark extends Canvas {
    private static final double SIZE = 16;

    /** A mark. */
    public StateMark(State state) {
        super(SIZE, SIZE);
        setAccessibleText(state.label());
        GraphicsContext g = getGraphicsContext2D();
        g.setLineWidth(1.8);
        switch (state) {
            case GOOD -> {
                g.setFill(Ink.PROOF);
                g.fillOval(2, 2, 12, 12);
            }
            case STALE -> {
                colour(g, Ink.AMBER);
                g.strokeOval(2, 2, 12, 12);
                g.fillArc(2, 2, 12, 12, 90, 180, javafx.scene.shape.ArcType.CHORD);
            }
            case OPEN -> {
                colour(g, Ink.INK);
                g.strokeOval(2, 2, 12, 12);
            }
            case CAUTION -> {
                colour(g, Ink.AMBER);
                g.strokePolygon(new double[] {8, 15, 1}, new double[] {2, 14, 14}, 3);
            }
            case STOP -> {
                g.setFill(Ink.KITE);
                g.fillPolygon(new double[] {8, 15.5, 8, 0.5}, new double[] {0.5, 8, 15.5, 8}, 4);
            }
        }
    }

    private static void colour(GraphicsContext g, Color colour) {
        g.setStroke(colour);
        g.setFill(colour);
    }
}
