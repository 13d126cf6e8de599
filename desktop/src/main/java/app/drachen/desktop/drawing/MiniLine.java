package app.drachen.desktop.drawing;

import app.drachen.core.clearance.Clearance;
import app.drachen.core.clearance.Stage;
import app.drachen.desktop.theme.Ink;
import javafx.scene.canvas.Canvas;

/** The line in small, for the shelf. */
public final class MiniLine extends Canvas {
    /** A small line. */
    public MiniLine(Clearance clearance, double width) {
        super(width, 58);
        Pen g = new ScreenPen(this);
        g.setStroke(Ink.INK);
        g.setLineWidth(1.2);
        g.strokeLine(0, 50, width - 24, 16);
        Stage[] stages = Stage.values();
        for (int i = 0; i < stages.length; i++) {
            double x = 14 + (width - 66) * i / (stages.length - 1);
            Bow.paint(g, clearance.stages().get(stages[i]), x, 50 - 34 * x / (width - 24), 8, 5.5);
        }
        Bow.kite(g, width - 20, 15, 13);
        setAccessibleText("cleared to " + clearance.sentence());
    }
}
