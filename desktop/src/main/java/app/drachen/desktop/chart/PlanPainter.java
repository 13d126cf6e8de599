package app.drachen.desktop.chart;

import app.drachen.core.air.Field;
import app.drachen.core.log.FlightLog;
import app.drachen.core.log.LogColumn;
import app.drachen.core.modes.FlightMode;
import app.drachen.core.plot.Ticks;
import app.drachen.core.units.Quantity;
import app.drachen.core.units.UnitSystem;
import app.drachen.desktop.drawing.Pen;
import app.drachen.desktop.theme.Ink;
import app.drachen.files.sheet.Face;
import java.util.List;
import java.util.Optional;
import javafx.geometry.VPos;
import javafx.scene.text.TextAlignment;

/**
 * Paints a flight from above: north up, the pilot at home, wind, the track; stabilised modes in their own colour. Needs
 * no screen.
 *
 * @param log the flight
 * @param field where and in what wind, if known
 * @param units the reader's units
 * @param ends where other flights ended
 */
public record PlanPainter(FlightLog log, Optional<Field> field, UnitSystem units, List<End> ends) {
    /** A stretch without positions longer than this breaks the line [s]. */
    private static final double GAP = 3;

    public PlanPainter {
        ends = List.copyOf(ends);
    }

    /** One flight alone. */
    public PlanPainter(FlightLog log, Optional<Field> field, UnitSystem units) {
        this(log, field, units, List.of());
    }

    /**
     * Where a flight ended.
     *
     * @param north of home [m]
     * @param east of home [m]
     * @param whole whether it came down whole
     */
    public record End(double north, double east, boolean whole) {}

    /** Paints into a box of pixels. */
    public void paint(Pen g, double width, double height) {
        double reachEast = 150;
        double reachNorth = 110;
        for (int i = 0; i < log.rows(); i += 5) {
            double east = Math.abs(log.value(LogColumn.EAST, i));
            double north = Math.abs(log.value(LogColumn.NORTH, i));
            // a row without a position has no say
            reachEast = east > reachEast ? east : reachEast;
            reachNorth = north > reachNorth ? north : reachNorth;
        }
        for (End end : ends) {
            reachEast = Math.max(reachEast, Math.abs(end.east()));
            reachNorth = Math.max(reachNorth, Math.abs(end.north()));
        }
        double scale = Math.min((width / 2 - 22) / reachEast, (height / 2 - 22) / reachNorth);
        double step = Ticks.step(2 * reachEast, 8);
        grid(g, width, height, scale, step);
        track(g, width / 2, height / 2, scale);
        for (End end : ends) {
            end(g, width / 2 + end.east() * scale, height / 2 - end.north() * scale, end.whole());
        }
        g.setFill(Ink.INK);
        double x = width / 2;
        double y = height / 2;
        g.fillPolygon(new double[] {x, x - 7, x + 7}, new double[] {y - 8, y + 5, y + 5}, 3);
        g.setFont(Face.TEXT, 13);
        g.setTextAlign(TextAlignment.LEFT);
        g.setTextBaseline(VPos.CENTER);
        g.fillText("you", x + 10, y);
        g.setFill(Ink.SOFT);
        g.fillText(Quantity.DISTANCE.text(step, units) + " squares · north up", 10, height - 11);
        field.ifPresent(f -> wind(g, f, width - 38, 38));
    }

    private static void grid(Pen g, double width, double height, double scale, double step) {
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

    /** The track in at most some thousand points; another mode starts another line, a gap leaves one. */
    private void track(Pen g, double x0, double y0, double scale) {
        int last = log.rows() - 1;
        if (last < 1) {
            return;
        }
        int step = Math.max(1, Math.min(3, last / 200) + last / 4_000);
        boolean open = false;
        boolean before = false;
        int seen = -1;
        g.beginPath();
        for (int i = 0; i <= last; i = i == last ? last + 1 : Math.min(last, i + step)) {
            double px = x0 + log.value(LogColumn.EAST, i) * scale;
            double py = y0 - log.value(LogColumn.NORTH, i) * scale;
            boolean manual = log.value(LogColumn.MODE, i) == FlightMode.MANUAL.ordinal();
            boolean there = !Double.isNaN(px) && !Double.isNaN(py);
            if (open && there) {
                g.lineTo(px, py);
            }
            boolean ends = open && (!there && log.time(i) - log.time(seen) > GAP || manual != before);
            if (ends) {
                stroke(g, before);
                g.beginPath();
                open = false;
            }
            if (there && !open) {
                g.moveTo(px, py);
                open = true;
            }
            seen = there ? i : seen;
            before = manual;
        }
        if (open) {
            stroke(g, before);
        }
        if (seen >= 0) {
            aircraft(g, seen, x0, y0, scale);
        }
    }

    /** A ring where one landed, a cross where one was lost. */
    private static void end(Pen g, double x, double y, boolean whole) {
        g.setLineWidth(1.6);
        if (whole) {
            g.setStroke(Ink.PROOF);
            g.strokeOval(x - 4, y - 4, 8, 8);
        } else {
            g.setStroke(Ink.KITE);
            g.strokeLine(x - 5, y - 5, x + 5, y + 5);
            g.strokeLine(x - 5, y + 5, x + 5, y - 5);
        }
    }

    private static void stroke(Pen g, boolean manual) {
        g.setStroke(manual ? Ink.INK : Ink.PROOF);
        g.setLineWidth(manual ? 1.3 : 2.4);
        g.stroke();
    }

    private void aircraft(Pen g, int last, double x0, double y0, double scale) {
        double course = log.value(LogColumn.COURSE, last);
        double heading = log.has(LogColumn.HEADING) ? log.value(LogColumn.HEADING, last) : course;
        if (Double.isNaN(heading)) {
            return;
        }
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

    private void wind(Pen g, Field f, double x, double y) {
        g.setStroke(Ink.SOFT);
        g.setLineWidth(1);
        g.strokeOval(x - 24, y - 24, 48, 48);
        WindArrow.paint(g, f.windFrom(), x, y, 16);
        g.setFill(Ink.INK);
        g.setFont(Face.TEXT, 13);
        g.setTextAlign(TextAlignment.CENTER);
        g.fillText(Quantity.SPEED.text(f.wind(), units), x, y + 34);
    }
}
