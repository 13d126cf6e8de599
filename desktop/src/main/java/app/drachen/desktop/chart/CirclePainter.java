package app.drachen.desktop.chart;

import app.drachen.core.air.Field;
import app.drachen.core.modes.HomeProfile;
import app.drachen.core.modes.Limits;
import app.drachen.core.modes.Turn;
import app.drachen.core.units.Quantity;
import app.drachen.core.units.UnitSystem;
import app.drachen.desktop.drawing.Pen;
import app.drachen.desktop.theme.Ink;
import app.drachen.files.sheet.Face;
import java.util.Optional;
import javafx.geometry.VPos;
import javafx.scene.paint.Color;
import javafx.scene.text.TextAlignment;

/**
 * Paints turn circles to scale: bank limit in calm, least circle in the wind, the circle as set.
 */
public final class CirclePainter {
    private CirclePainter() {}

    /** Paints into a box of pixels. */
    public static void paint(
            Pen g,
            double width,
            double height,
            Limits limits,
            HomeProfile home,
            Optional<Field> field,
            UnitSystem units) {
        g.clearRect(0, 0, width, height);
        Turn turn = new Turn(limits.cruiseSpeed(), limits.bank());
        double wind = field.map(f -> f.windAt(home.height())).orElse(0.0);
        double least = turn.leastCircle(wind);
        double largest = Math.max(home.circleRadius(), Math.max(least, turn.radius()));
        double scale = (Math.min(width, height - 30) / 2 - 10) / largest;
        double x = width / 2;
        double y = (height - 24) / 2;
        boolean fits = home.circleRadius() >= 1.15 * least;
        ring(g, x, y, turn.radius() * scale, Ink.SOFT, 1.2, 3);
        ring(g, x, y, least * scale, fits ? Ink.SOFT : Ink.KITE, 1.6, 6);
        ring(g, x, y, home.circleRadius() * scale, fits ? Ink.PROOF : Ink.KITE, 2.4, 0);
        if (wind > 0.1 && field.isPresent()) {
            WindArrow.paint(g, field.get().windFrom(), 22, 24, 14);
        }
        g.setFont(Face.TEXT, 12.5);
        g.setTextBaseline(VPos.CENTER);
        g.setTextAlign(TextAlignment.CENTER);
        g.setFill(Ink.SOFT);
        g.fillText(
                "calm "
                        + Quantity.DISTANCE.text(turn.radius(), units)
                        + " · wind "
                        + Quantity.DISTANCE.text(least, units)
                        + " · set "
                        + Quantity.DISTANCE.text(home.circleRadius(), units),
                x,
                height - 9);
    }

    private static void ring(Pen g, double x, double y, double radius, Color colour, double line, double dash) {
        g.setStroke(colour);
        g.setLineWidth(line);
        if (dash > 0) {
            g.setLineDashes(dash, dash);
        }
        g.strokeOval(x - radius, y - radius, 2 * radius, 2 * radius);
        g.setLineDashes();
    }
}
