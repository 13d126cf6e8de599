package app.drachen.desktop.stage.surfaces;

import app.drachen.core.controls.FourBar;
import app.drachen.core.controls.Linkage;
import app.drachen.core.controls.Output;
import app.drachen.core.units.Quantity;
import app.drachen.core.units.UnitSystem;
import app.drachen.desktop.drawing.Pen;
import app.drachen.desktop.theme.Ink;
import app.drachen.files.sheet.Face;
import javafx.scene.paint.Color;
import javafx.scene.text.TextAlignment;

/** Paints a linkage to scale: at neutral, and lightly at both ends of its travel. */
final class LinkagePainter {
    private LinkagePainter() {}

    static void paint(Pen g, Output output, double width, double height) {
        Linkage l = output.linkage();
        FourBar bar = l.exact().orElse(new FourBar(0.08, 0, 0, true));
        double scale = (width - 90) / (bar.base() + 0.03);
        double x = 40;
        double y = height * 0.62;
        g.setFill(Ink.SHEET);
        g.fillRect(0, 0, width, height);
        at(g, l, bar, output.lowMicros() - output.neutralMicros(), x, y, scale, Ink.RULE);
        at(g, l, bar, output.highMicros() - output.neutralMicros(), x, y, scale, Ink.RULE);
        at(g, l, bar, 0, x, y, scale, Ink.INK);
        g.setFill(Ink.INK);
        g.fillOval(x - 5, y - 5, 10, 10);
        g.fillOval(x + bar.base() * scale - 4, y - 4, 8, 8);
        g.words("servo", x, y + 18, Face.TEXT, 12, Ink.SOFT, TextAlignment.CENTER);
        g.words("hinge", x + bar.base() * scale, y + 18, Face.TEXT, 12, Ink.SOFT, TextAlignment.CENTER);
        double low = output.deflection(output.lowMicros());
        double high = output.deflection(output.highMicros());
        g.words(
                "at " + Math.round(output.lowMicros()) + " µs " + Quantity.ANGLE.text(low, UnitSystem.METRIC) + ", at "
                        + Math.round(output.highMicros()) + " µs " + Quantity.ANGLE.text(high, UnitSystem.METRIC),
                width / 2,
                height - 10,
                Face.TEXT,
                13,
                Ink.INK,
                TextAlignment.CENTER);
    }

    private static void at(
            Pen g, Linkage l, FourBar bar, double pulse, double x, double y, double scale, Color colour) {
        double way = bar.pushes() ? 1 : -1;
        double turn = way * l.servoAngle() * pulse / Output.FULL_COMMAND_MICROS;
        FourBar.Ends ends = bar.ends(l.arm(), l.horn(), turn);
        double ax = x + ends.armX() * scale;
        double ay = y - ends.armY() * scale;
        double hx = x + ends.hornX() * scale;
        double hy = y - ends.hornY() * scale;
        double ox = x + bar.base() * scale;
        g.setStroke(colour);
        g.setLineWidth(3);
        g.strokeLine(x, y, ax, ay);
        g.strokeLine(ox, y, hx, hy);
        g.setLineWidth(1.4);
        g.strokeLine(ax, ay, hx, hy);
        // the surface stands square to the horn, behind the hinge
        double leaning = Math.atan2(ends.hornX() - bar.base(), ends.hornY());
        double turned = leaning - bar.hornLean();
        g.setLineWidth(5);
        g.strokeLine(ox, y, ox + 44 * Math.cos(turned), y + 44 * Math.sin(turned));
    }
}
