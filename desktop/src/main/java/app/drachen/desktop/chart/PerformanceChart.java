package app.drachen.desktop.chart;

import app.drachen.core.debrief.PerformanceSeen;
import app.drachen.core.flight.Performance;
import app.drachen.core.flight.Performance.Band;
import app.drachen.core.flight.Performance.Point;
import app.drachen.core.plot.LinearScale;
import app.drachen.core.plot.Ticks;
import app.drachen.core.units.Quantity;
import app.drachen.core.units.UnitSystem;
import app.drachen.desktop.drawing.Pen;
import app.drachen.desktop.theme.Ink;
import app.drachen.files.sheet.Face;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import javafx.geometry.VPos;
import javafx.scene.text.TextAlignment;

/** One quantity over the airspeed with its band; what flights showed stands beside it as points. */
public final class PerformanceChart extends CanvasPane {
    private static final double LEFT = 44;
    private static final double BOTTOM = 20;
    private static final double TOP = 20;
    private static final double RIGHT = 8;

    private final Performance performance;
    private final String title;
    private final Quantity quantity;
    private final Function<Point, Optional<Band>> what;
    private final double cruise;
    private final UnitSystem units;
    private List<PerformanceSeen> seen = List.of();
    private boolean rehearsed;

    /**
     * A chart.
     *
     * @param what the quantity of a point
     * @param cruise speed that is marked [m/s]
     */
    public PerformanceChart(
            Performance performance,
            String title,
            Quantity quantity,
            Function<Point, Optional<Band>> what,
            double cruise,
            UnitSystem units) {
        super(200, 120);
        this.performance = performance;
        this.title = title;
        this.quantity = quantity;
        this.what = what;
        this.cruise = cruise;
        this.units = units;
        setPrefSize(430, 196);
    }

    /** Shows what flights showed; hollow where they were rehearsed. */
    public void seen(List<PerformanceSeen> points, boolean inTheModel) {
        seen = List.copyOf(points);
        rehearsed = inTheModel;
        repaint();
    }

    @Override
    protected void paint(Pen g, double width, double height) {
        List<Point> points = performance.having(what);
        g.setFill(Ink.INK);
        g.setFont(Face.STRONG, 12.5);
        g.setTextBaseline(VPos.CENTER);
        g.setTextAlign(TextAlignment.LEFT);
        g.fillText(title, LEFT, TOP / 2 + 1);
        if (points.size() < 2) {
            g.setFill(Ink.SOFT);
            g.setFont(Face.TEXT, 12.5);
            g.fillText("not at any speed", LEFT, height / 2);
            return;
        }
        LinearScale x = new LinearScale(
                Math.min(performance.stall().low(), points.get(0).speed()),
                points.get(points.size() - 1).speed(),
                LEFT,
                width - RIGHT);
        LinearScale y = vertical(points, height);
        axes(g, x, y, width, height);
        band(g, points, x, y);
        mark(g, x, performance.stall().value(), height, "stall");
        mark(g, x, cruise, height, "cruise");
        dots(g, x, y);
    }

    private LinearScale vertical(List<Point> points, double height) {
        double low = 0;
        double high = 0;
        for (Point point : points) {
            Band band = what.apply(point).orElseThrow();
            low = Math.min(low, band.low());
            high = Math.max(high, band.high());
        }
        for (PerformanceSeen one : seen) {
            low = Math.min(low, one.value());
            high = Math.max(high, one.value());
        }
        double room = 0.04 * (high - low);
        return new LinearScale(low < 0 ? low - room : 0, high + room, height - BOTTOM, TOP + 4);
    }

    private void axes(Pen g, LinearScale x, LinearScale y, double width, double height) {
        g.setLineWidth(1);
        g.setFont(Face.FIGURES, 10);
        g.setStroke(Ink.GRID);
        double size = quantity.unit(units).size();
        double step = Ticks.step((y.high() - y.low()) / size, 5) * size;
        g.setTextAlign(TextAlignment.RIGHT);
        for (double value = Math.ceil(y.low() / step) * step; value <= y.high(); value += step) {
            double at = y.toScreen(value);
            g.strokeLine(LEFT, at, width - RIGHT, at);
            g.setFill(Ink.SOFT);
            g.fillText(trimmed(quantity, value), LEFT - 5, at);
        }
        double speedSize = Quantity.SPEED.unit(units).size();
        double across = Ticks.step((x.high() - x.low()) / speedSize, 6) * speedSize;
        g.setTextAlign(TextAlignment.CENTER);
        for (double value = Math.ceil(x.low() / across) * across; value <= x.high(); value += across) {
            g.setFill(Ink.SOFT);
            g.fillText(trimmed(Quantity.SPEED, value), x.toScreen(value), height - BOTTOM / 2);
        }
        g.setTextAlign(TextAlignment.RIGHT);
        g.fillText(
                quantity.unit(units).symbol() + " over "
                        + Quantity.SPEED.unit(units).symbol(),
                width - RIGHT,
                TOP / 2 + 1);
    }

    private String trimmed(Quantity of, double value) {
        String text = of.number(value, units);
        return text.contains(".") ? text.replaceAll("\\.?0+$", "") : text;
    }

    private void band(Pen g, List<Point> points, LinearScale x, LinearScale y) {
        int n = points.size();
        double[] px = new double[2 * n];
        double[] py = new double[2 * n];
        double[] cx = new double[n];
        double[] cy = new double[n];
        for (int i = 0; i < n; i++) {
            Band band = what.apply(points.get(i)).orElseThrow();
            double at = x.toScreen(points.get(i).speed());
            px[i] = at;
            py[i] = y.toScreen(band.high());
            px[2 * n - 1 - i] = at;
            py[2 * n - 1 - i] = y.toScreen(band.low());
            cx[i] = at;
            cy[i] = y.toScreen(band.value());
        }
        g.setFill(Ink.SKY);
        g.fillPolygon(px, py, 2 * n);
        g.setStroke(Ink.PROOF);
        g.setLineWidth(2);
        g.strokePolyline(cx, cy, n);
        g.setStroke(Ink.RULE);
        g.setLineWidth(1);
        g.strokeLine(LEFT, y.toScreen(0), x.to(), y.toScreen(0));
    }

    private static void mark(Pen g, LinearScale x, double speed, double height, String word) {
        if (speed < x.low() || speed > x.high()) {
            return;
        }
        double at = x.toScreen(speed);
        g.setStroke(Ink.SOFT);
        g.setLineDashes(3, 3);
        g.strokeLine(at, TOP + 2, at, height - BOTTOM);
        g.setLineDashes();
        g.setFill(Ink.SOFT);
        g.setFont(Face.TEXT, 11);
        g.setTextAlign(TextAlignment.LEFT);
        g.fillText(word, at + 3, height - BOTTOM - 8);
    }

    private void dots(Pen g, LinearScale x, LinearScale y) {
        List<PerformanceSeen> shown = new ArrayList<>(seen);
        shown.removeIf(p -> p.speed() < x.low() || p.speed() > x.high());
        g.setLineWidth(1.2);
        for (PerformanceSeen one : shown) {
            double px = x.toScreen(one.speed()) - 3;
            double py = y.toScreen(one.value()) - 3;
            if (rehearsed) {
                g.setStroke(Ink.AMBER);
                g.strokeOval(px, py, 6, 6);
            } else {
                g.setFill(Ink.KITE);
                g.fillOval(px, py, 6, 6);
            }
        }
    }
}
