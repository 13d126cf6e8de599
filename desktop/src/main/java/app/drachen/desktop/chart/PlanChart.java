package app.drachen.desktop.chart;

import app.drachen.core.air.Field;
import app.drachen.core.log.FlightLog;
import app.drachen.core.log.LogColumn;
import app.drachen.core.modes.FlightMode;
import app.drachen.core.plot.Ticks;
import app.drachen.core.units.Quantity;
import app.drachen.core.units.UnitSystem;
import app.drachen.desktop.theme.Ink;
import app.drachen.desktop.theme.Theme;
import java.util.Optional;
import javafx.geometry.VPos;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.text.TextAlignment;

/**
 * A flight from above: north up, the pilot at home, wind, the track; stabilised modes in their own
 * colour.
 */
public final class PlanChart extends CanvasPane {
    private FlightLog log = new FlightLog.Builder(java.util.Set.of()).build();
    private Optional<Field> field = Optional.empty();
    private UnitSystem units = UnitSystem.METRIC;

    /** An empty plan. */
    public PlanChart() {
        super(120, 140);
        setId("plan");
    }

    /** Shows a log so far. */
    public void show(FlightLog newLog, Optional<Field> newField, UnitSystem system) {
        log = newLog;
        field = newField;
        units = system;
        repaint();
    }

    @Override
    protected void paint(GraphicsContext g, double width, double height) {
        double reachEast = 150;
        double reachNorth = 110;
        for (int i = 0; i < log.rows(); i += 5) {
            reachEast = Math.max(reachEast, Math.abs(log.value(LogColumn.EAST, i)));
            reachNorth = Math.max(reachNorth, Math.abs(log.value(LogColumn.NORTH, i)));
        }
        double scale = Math.min((width / 2 - 22) / reachEast, (height / 2 - 22) / reachNorth);
        double step = Ticks.step(2 * reachEast, 8);
        grid(g, width, height, scale, step);
        track(g, width / 2, height / 2, scale);
        g.setFill(Ink.INK);
        double x = width / 2;
        double y = height / 2;
        g.fillPolygon(new double[] {x, x - 7, x + 7}, new double[] {y - 8, y + 5, y + 5}, 3);
        g.setFont(Theme.text(13));
        g.setTextAlign(TextAlignment.LEFT);
        g.setTextBaseline(VPos.CENTER);
        g.fillText("you", x + 10, y);
        g.setFill(Ink.SOFT);
        g.fillText(Quantity.DISTANCE.text(step, units) + " squares · north up", 10, height - 11);
        field.ifPresent(f -> wind(g, f, width - 38, 38));
    }

    private static void grid(GraphicsContext g, double width, double height, double scale, double step) {
        g.setStroke(Ink.GRID);
        g.setLineWidth(1);
        for (double d = 0; d * scale < width / 2; d += step) {
            for (int side = -1; side <= 1; side += 2) {
                double x = Math.rint(width / 2 + side * d * scale) + 0.5;
                g.strokeLine(x, 1, x, height - 1);
            }
        }
        for (double d = 0; d * scale < height / 2; d += step) {
            for (int side = -1; side <= 1; side += 2) {
                double y = Math.rint(height / 2 + side * d * scale) + 0.5;
                g.strokeLine(1, y, width - 1, y);
            }
        }
    }

    private void track(GraphicsContext g, double x0, double y0, double scale) {
        int last = log.rows() - 1;
        if (last < 1) {
            return;
        }
        g.setLineWidth(1.8);
        int start = 0;
        for (int i = 1; i <= last; i++) {
            boolean manual = log.value(LogColumn.MODE, i) == FlightMode.MANUAL.ordinal();
            boolean turn = i == last || manual != (log.value(LogColumn.MODE, start) == FlightMode.MANUAL.ordinal());
            if (turn) {
                boolean was = log.value(LogColumn.MODE, start) == FlightMode.MANUAL.ordinal();
                g.setStroke(was ? Ink.INK : Ink.PROOF);
                g.setLineWidth(was ? 1.3 : 2.4);
                g.beginPath();
                for (int k = start; k <= i; k += k + 3 > i && k < i ? i - k : 3) {
                    double px = x0 + log.value(LogColumn.EAST, k) * scale;
                    double py = y0 - log.value(LogColumn.NORTH, k) * scale;
                    if (k == start) {
                        g.moveTo(px, py);
                    } else {
                        g.lineTo(px, py);
                    }
                }
                g.stroke();
                start = i;
            }
        }
        double heading = log.value(LogColumn.HEADING, last);
        double px = x0 + log.value(LogColumn.EAST, last) * scale;
        double py = y0 - log.value(LogColumn.NORTH, last) * scale;
        double[] ax = new double[4];
        double[] ay = new double[4];
        double[][] shape = {{0, 15}, {9, -10}, {0, -5}, {-9, -10}};
        for (int i = 0; i < 4; i++) {
            ax[i] = px + shape[i][0] * Math.cos(heading) + shape[i][1] * Math.sin(heading);
            ay[i] = py + shape[i][0] * Math.sin(heading) - shape[i][1] * Math.cos(heading);
        }
        g.setFill(Ink.KITE);
        g.fillPolygon(ax, ay, 4);
        g.setStroke(Ink.INK);
        g.setLineWidth(1);
        g.strokePolygon(ax, ay, 4);
    }

    private void wind(GraphicsContext g, Field f, double x, double y) {
        g.setStroke(Ink.SOFT);
        g.setLineWidth(1);
        g.strokeOval(x - 24, y - 24, 48, 48);
        WindArrow.paint(g, f.windFrom(), x, y, 16);
        g.setFill(Ink.INK);
        g.setFont(Theme.text(13));
        g.setTextAlign(TextAlignment.CENTER);
        g.fillText(Quantity.SPEED.text(f.wind(), units), x, y + 34);
    }
}
