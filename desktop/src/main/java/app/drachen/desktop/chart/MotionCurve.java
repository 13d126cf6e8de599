package app.drachen.desktop.chart;

import app.drachen.core.flight.NaturalMotion;
import app.drachen.core.units.Quantity;
import app.drachen.core.units.UnitSystem;
import app.drachen.desktop.drawing.Pen;
import app.drachen.desktop.theme.Ink;
import app.drachen.files.sheet.Face;
import javafx.geometry.VPos;
import javafx.scene.text.TextAlignment;

/** How a disturbance of one motion goes on: from 1, over some swings or halvings. */
public final class MotionCurve extends CanvasPane {
    private static final double WORDS = 16;

    private final NaturalMotion motion;
    private final UnitSystem units;

    /** The curve of a motion. */
    public MotionCurve(NaturalMotion motion, UnitSystem units) {
        super(150, 64);
        this.motion = motion;
        this.units = units;
        setPrefSize(190, 72);
    }

    /** Seconds shown: two swings, or some halvings where there are none [s]. */
    private double span() {
        return motion.swings() ? 2.2 * motion.period() : 4 * motion.halving();
    }

    @Override
    protected void paint(Pen g, double width, double height) {
        double bottom = height - WORDS;
        double middle = motion.swings() ? bottom / 2 : bottom - 6;
        double size = motion.swings() ? bottom / 2 - 5 : bottom - 12;
        g.setStroke(Ink.GRID);
        g.setLineWidth(1);
        g.strokeLine(6, middle, width - 6, middle);
        g.setStroke(motion.grows() ? Ink.KITE : Ink.PROOF);
        g.setLineWidth(1.6);
        g.beginPath();
        double span = span();
        double most = motion.grows() ? Math.exp(motion.root().real() * span) : 1;
        for (int i = 0; i <= 120; i++) {
            double t = span * i / 120;
            double value =
                    Math.exp(motion.root().real() * t) * Math.cos(motion.root().imaginary() * t) / most;
            double x = 6 + (width - 12) * i / 120;
            double y = middle - size * value;
            if (i == 0) {
                g.moveTo(x, y);
            } else {
                g.lineTo(x, y);
            }
        }
        g.stroke();
        g.setFill(Ink.SOFT);
        g.setFont(Face.FIGURES, 10);
        g.setTextBaseline(VPos.CENTER);
        g.setTextAlign(TextAlignment.RIGHT);
        g.fillText((span < 1 ? Quantity.TIME_FINE : Quantity.TIME).text(span, units), width - 6, height - 8);
    }
}
