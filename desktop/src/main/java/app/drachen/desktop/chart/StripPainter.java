package app.drachen.desktop.chart;

import app.drachen.core.debrief.ModeSegment;
import app.drachen.core.log.FlightLog;
import app.drachen.core.log.LogColumn;
import app.drachen.core.modes.FlightMode;
import app.drachen.core.plot.LinearScale;
import app.drachen.core.plot.Pyramid;
import app.drachen.core.plot.Sight;
import app.drachen.core.plot.Ticks;
import app.drachen.core.units.UnitSystem;
import app.drachen.core.working.Span;
import app.drachen.desktop.drawing.Pen;
import app.drachen.desktop.theme.Ink;
import app.drachen.files.sheet.Face;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import javafx.geometry.VPos;
import javafx.scene.paint.Color;
import javafx.scene.text.TextAlignment;

/** Paints log columns as strips over one time axis, with a band of flight modes on top. Needs no screen; for one thread. */
public final class StripPainter {
    static final double LEFT = 104;
    static final double RIGHT = 12;
    static final double BAND = 20;
    static final double AXIS = 18;

    private static final double THICK = 1.4;

    /** Samples to a pixel from which on the area they cover is painted instead of their line. */
    private static final double DENSE = 4;

    /** Samples to a pixel from which on that area has no slanting edges any more: a thousand of them cost more than a frame has. */
    private static final double ROUGH = 60;

    private final List<StripChart.Strip> strips;
    private final Map<LogColumn, Sight> data = new EnumMap<>(LogColumn.class);
    private final FlightLog log;
    private final List<ModeSegment> segments;
    private final List<StripChart.Mark> marks;
    private final UnitSystem units;
    private double from;
    private double to = 60;

    /** Of one pixel [s], and where the first one of the view lies on the grid of them from zero on. */
    private double pixel = 1;

    private long first;
    private Optional<Span> lit = Optional.empty();

    /** A painter of a log. */
    public StripPainter(
            List<StripChart.Strip> strips,
            FlightLog log,
            List<ModeSegment> segments,
            List<StripChart.Mark> marks,
            UnitSystem units) {
        this.strips = strips;
        this.log = log;
        this.segments = segments;
        this.marks = marks;
        this.units = units;
        double[] times = log.values(LogColumn.TIME);
        for (StripChart.Strip strip : strips) {
            data.put(strip.column(), new Sight(new Pyramid(times, log.values(strip.column()))));
            strip.wanted().ifPresent(w -> data.put(w, new Sight(new Pyramid(times, log.values(w)))));
        }
        view(start(), end());
    }

    /** First moment of the log [s]. */
    public double start() {
        return log.rows() == 0 ? 0 : log.time(0);
    }

    /** End of the view that shows all [s]. */
    public double end() {
        return Math.max(start() + 1, log.rows() == 0 ? 60 : log.time(log.rows() - 1));
    }

    /** The stretch to paint [s]. */
    public void view(double newFrom, double newTo) {
        from = newFrom;
        to = newTo;
    }

    /** Marks a stretch that something is said about, or none. */
    void light(Optional<Span> stretch) {
        lit = stretch;
    }

    /** Paints into a box of pixels. */
    public void paint(Pen g, double width, double height) {
        if (width < LEFT + 60) {
            return;
        }
        double right = width - RIGHT;
        LinearScale time = time((int) (right - LEFT));
        bands(g, time, right, height);
        lit.ifPresent(s -> lit(g, time, s, right, height));
        double top = BAND + 8;
        double each = (height - top - AXIS) / strips.size();
        g.clip(0, 0, width, height);
        for (int i = 0; i < strips.size(); i++) {
            strip(g, strips.get(i), top + i * each, each, right);
        }
        g.unclip();
        axis(g, time, right, height);
        double written = Double.NEGATIVE_INFINITY;
        for (StripChart.Mark mark : marks) {
            if (mark.time() >= from && mark.time() <= to) {
                double x = time.toScreen(mark.time());
                g.setStroke(Ink.AMBER);
                g.setLineWidth(1);
                g.setLineDashes(3, 3);
                g.strokeLine(x, top, x, height - AXIS);
                g.setLineDashes();
                g.setFill(Ink.AMBER);
                g.setFont(Face.TEXT, 12.5);
                g.setTextAlign(TextAlignment.LEFT);
                if (x - written > 42) {
                    g.fillText(mark.word(), x + 3, top + 6);
                    written = x;
                }
            }
        }
        if (log.rows() == 0) {
            g.setFill(Ink.SOFT);
            g.setFont(Face.TEXT, 14);
            g.setTextAlign(TextAlignment.CENTER);
            g.fillText("Nothing flown yet.", (LEFT + right) / 2, height / 2);
        }
    }

    /** The view, moved by less than a pixel to where its pixels hold what they held before it moved. */
    private LinearScale time(int columns) {
        double seconds = (to - from) / columns;
        if (Math.abs(seconds - pixel) > 1e-9 * seconds) {
            pixel = seconds;
        }
        first = (long) Math.floor(from / pixel);
        return new LinearScale(first * pixel, (first + columns) * pixel, LEFT, LEFT + columns);
    }

    private static void lit(Pen g, LinearScale time, Span stretch, double right, double height) {
        double a = Math.max(LEFT, time.toScreen(stretch.from()));
        double b = Math.max(a + 2, Math.min(right, time.toScreen(stretch.to())));
        if (a <= right && b >= LEFT) {
            g.setFill(Ink.wash(Ink.AMBER));
            g.fillRect(a, 4 + BAND, b - a, height - BAND - AXIS - 4);
        }
    }

    private void bands(Pen g, LinearScale time, double right, double height) {
        g.setTextBaseline(VPos.CENTER);
        for (ModeSegment segment : segments) {
            if (segment.to() < 1 || segment.to() > log.rows()) {
                continue;
            }
            double a = Math.max(LEFT, time.toScreen(log.time(segment.from())));
            double b = Math.min(right, time.toScreen(log.time(segment.to() - 1)));
            if (b <= a) {
                continue;
            }
            boolean manual = segment.mode() == FlightMode.MANUAL;
            g.setFill(manual ? Ink.GRID : Ink.SKY);
            g.fillRect(a, 4, b - a, BAND);
            g.setStroke(Ink.SHEET);
            g.strokeLine(b, 4, b, 4 + BAND);
            if (b - a > 40) {
                g.setFill(Ink.INK);
                g.setFont(Face.TEXT, 13);
                g.setTextAlign(TextAlignment.CENTER);
                g.fillText(segment.mode().label(), (a + b) / 2, 4 + BAND / 2);
            }
            if (!manual) {
                g.setFill(Ink.wash(Ink.SKY));
                g.fillRect(a, 4 + BAND, b - a, height - BAND - AXIS - 4);
            }
        }
    }

    private void strip(Pen g, StripChart.Strip strip, double top, double height, double right) {
        // one more, since the view may begin within its first
        int columns = (int) (right - LEFT) + 1;
        double[] pairs = seen(strip.column(), columns);
        double[] wanted = strip.wanted().map(w -> seen(w, columns)).orElse(new double[0]);
        double low = Double.POSITIVE_INFINITY;
        double high = Double.NEGATIVE_INFINITY;
        for (double[] values : new double[][] {pairs, wanted}) {
            for (double value : values) {
                // no number is neither less nor more
                low = value < low ? value : low;
                high = value > high ? value : high;
            }
        }
        g.setFont(Face.STRONG, 14);
        g.setFill(Ink.INK);
        g.setTextAlign(TextAlignment.LEFT);
        g.fillText(strip.column().meaning(), 10, top + height / 2 - 8);
        g.setFont(Face.TEXT, 12.5);
        g.setFill(Ink.SOFT);
        String unit = strip.column().quantity().unit(units).symbol();
        g.fillText(unit + (strip.wanted().isPresent() ? " · wanted" : ""), 10, top + height / 2 + 9);
        g.setStroke(Ink.GRID);
        g.setLineWidth(1);
        g.strokeLine(LEFT, Math.rint(top + height) - 0.5, right, Math.rint(top + height) - 0.5);
        if (low > high) {
            return;
        }
        double size = strip.column().quantity().unit(units).size();
        double least = Math.max(high - low, size * 0.5);
        double mid = (low + high) / 2;
        LinearScale scale = new LinearScale(mid - least / 2, mid + least / 2, top + height - 7, top + 7);
        g.setFont(Face.FIGURES, 9.5);
        g.setTextAlign(TextAlignment.RIGHT);
        g.fillText(strip.column().quantity().number(mid + least / 2, units), LEFT - 4, top + 9);
        g.fillText(strip.column().quantity().number(mid - least / 2, units), LEFT - 4, top + height - 9);
        if (low < 0 && high > 0) {
            g.setStroke(Ink.RULE);
            g.strokeLine(LEFT, scale.toScreen(0), right, scale.toScreen(0));
        }
        if (wanted.length > 0) {
            line(g, wanted, scale, Ink.AMBER, true);
        }
        line(g, pairs, scale, Ink.INK, false);
    }

    private double[] seen(LogColumn column, int columns) {
        return data.get(column).of(pixel, first, columns);
    }

    private void line(Pen g, double[] pairs, LinearScale scale, Color colour, boolean dashed) {
        int bridge = (int) Math.max(2, 0.5 / pixel);
        double perPixel = (log.rowAt(to) - log.rowAt(from)) / (pairs.length / 2.0);
        boolean dense = perPixel > (dashed ? 10 : 1) * DENSE;
        g.setStroke(colour);
        g.setFill(colour);
        g.setLineWidth(THICK);
        if (dashed) {
            g.setLineDashes(4, 3);
        }
        int[] run = new int[pairs.length / 2];
        int length = 0;
        int empty = 0;
        for (int i = 0; i < run.length; i++) {
            if (Double.isNaN(pairs[2 * i])) {
                empty++;
                continue;
            }
            if (empty > bridge) {
                run(g, pairs, scale, run, length, dense, perPixel > ROUGH);
                length = 0;
            }
            empty = 0;
            run[length++] = i;
        }
        run(g, pairs, scale, run, length, dense, perPixel > ROUGH);
        g.setLineDashes();
    }

    /** A stretch without gaps: a line, or where many samples share a pixel, the area they cover. */
    private static void run(
            Pen g, double[] pairs, LinearScale scale, int[] columns, int length, boolean dense, boolean rough) {
        if (dense && length > 1) {
            area(g, pairs, scale, columns, length, rough);
            return;
        }
        g.beginPath();
        for (int k = 0; k < length; k++) {
            double x = LEFT + columns[k] + 0.5;
            double y1 = scale.toScreen(pairs[2 * columns[k]]);
            double y2 = scale.toScreen(pairs[2 * columns[k] + 1]);
            if (k > 0) {
                g.lineTo(x, y1);
            } else {
                g.moveTo(x, y1);
            }
            if (Math.abs(y2 - y1) > 0.4) {
                g.lineTo(x, y2);
            }
        }
        g.stroke();
    }

    /** From the greatest to the least of every column, reaching as far as its neighbours do. */
    private static void area(Pen g, double[] pairs, LinearScale scale, int[] columns, int length, boolean rough) {
        double[] x = new double[2 * length];
        double[] y = new double[2 * length];
        for (int k = 0; k < length; k++) {
            int before = columns[Math.max(0, k - 1)];
            int after = columns[Math.min(length - 1, k + 1)];
            double low = Math.min(pairs[2 * columns[k]], Math.min(pairs[2 * before + 1], pairs[2 * after + 1]));
            double high = Math.max(pairs[2 * columns[k] + 1], Math.max(pairs[2 * before], pairs[2 * after]));
            double top = scale.toScreen(high) - THICK / 2;
            double bottom = scale.toScreen(low) + THICK / 2;
            if (rough) {
                g.fillRect(LEFT + columns[k], Math.rint(top), 1, Math.max(1, Math.rint(bottom) - Math.rint(top)));
            }
            x[k] = LEFT + columns[k] + 0.5;
            y[k] = top;
            x[2 * length - 1 - k] = x[k];
            y[2 * length - 1 - k] = bottom;
        }
        if (!rough) {
            g.fillPolygon(x, y, 2 * length);
        }
    }

    private void axis(Pen g, LinearScale time, double right, double height) {
        double step = Ticks.step(to - from, (int) Math.max(2, (right - LEFT) / 80));
        g.setFont(Face.FIGURES, 10.5);
        g.setFill(Ink.SOFT);
        g.setTextAlign(TextAlignment.CENTER);
        for (double t = Math.ceil(from / step) * step; t <= to; t += step) {
            g.fillText(clock(t, step), time.toScreen(t), height - 8);
        }
    }

    private static String clock(double seconds, double step) {
        long whole = Math.round(Math.floor(seconds + 1e-9));
        String text = Span.clock(whole);
        return step >= 1 ? text : text + String.format(Locale.ROOT, ".%d", Math.round((seconds - whole) * 10));
    }
}
