package app.drachen.desktop.stage.build;

import app.drachen.core.aerodynamics.Balance;
import app.drachen.core.airframe.Part;
import app.drachen.core.setup.Setup;
import app.drachen.core.units.Quantity;
import app.drachen.core.units.UnitSystem;
import app.drachen.desktop.chart.CanvasPane;
import app.drachen.desktop.drawing.Pen;
import app.drachen.desktop.theme.Ink;
import app.drachen.files.sheet.Face;
import java.util.Optional;
import javafx.geometry.VPos;
import javafx.scene.paint.Color;
import javafx.scene.text.TextAlignment;

/** What moving one part would do: the static margin now, the window, and where the part should go. */
final class SlideStrip extends CanvasPane {
    private static final double LOW = -0.05;
    private static final double HIGH = 0.25;

    private Optional<Setup> setup = Optional.empty();
    private String partName = "";
    private UnitSystem units = UnitSystem.METRIC;

    SlideStrip() {
        super(200, 62);
        setId("slide-strip");
    }

    void show(Setup newSetup, String newPart, UnitSystem system) {
        setup = Optional.of(newSetup);
        partName = newPart;
        units = system;
        repaint();
    }

    @Override
    protected void paint(Pen g, double width, double height) {
        Optional<Part> part = setup.flatMap(s -> s.part(partName));
        if (part.isEmpty()) {
            return;
        }
        Balance balance = Balance.of(setup.orElseThrow());
        double line = height / 2 + 2;
        g.setStroke(Ink.SOFT);
        g.setLineWidth(1);
        g.strokeLine(16, line, width - 16, line);
        double rear = x(balance.marginAt(balance.windowRear()), width);
        double front = x(balance.marginAt(balance.windowFront()), width);
        g.setFill(Ink.wash(Ink.PROOF));
        g.fillRect(Math.min(rear, front), line - 9, Math.abs(rear - front), 18);
        double aim = balance.marginAt(balance.aim());
        double slide = balance.mass().mass()
                * (balance.aim() - balance.mass().centre().aft())
                / part.get().mass();
        boolean inside = balance.outside() == 0;
        mark(
                g,
                balance.margin(),
                "now " + Quantity.SHARE_FINE.text(balance.margin(), units),
                inside ? Ink.INK : Ink.KITE,
                line,
                width,
                1);
        if (Math.abs(slide) > 0.0005) {
            String way = Quantity.LENGTH.text(Math.abs(slide), units) + (slide < 0 ? " forward" : " aft");
            mark(
                    g,
                    aim,
                    partName + " " + way + " → " + Quantity.SHARE_FINE.text(aim, units),
                    Ink.PROOF,
                    line,
                    width,
                    -1);
        }
        setAccessibleText("Static margin now " + Quantity.SHARE_FINE.text(balance.margin(), units));
    }

    private static double x(double margin, double width) {
        double share = (HIGH - Math.max(LOW, Math.min(HIGH, margin))) / (HIGH - LOW);
        return width - 16 - share * (width - 32);
    }

    private static void mark(Pen g, double margin, String text, Color colour, double line, double width, int below) {
        double at = x(margin, width);
        g.setStroke(colour);
        g.setLineWidth(2.4);
        g.strokeLine(at, line - 11, at, line + 11);
        g.setFill(colour);
        g.setFont(Face.STRONG, 13);
        g.setTextBaseline(VPos.CENTER);
        g.setTextAlign(at > width * 0.6 ? TextAlignment.RIGHT : TextAlignment.LEFT);
        g.fillText(text, at > width * 0.6 ? at - 5 : at + 5, line + below * 19);
    }
}
