package app.drachen.desktop.chart;

import app.drachen.core.debrief.ModeSegment;
import app.drachen.core.log.FlightLog;
import app.drachen.core.log.LogColumn;
import app.drachen.core.modes.FlightMode;
import app.drachen.core.plot.Decimation;
import app.drachen.core.plot.LinearScale;
import app.drachen.core.plot.Ticks;
import app.drachen.core.units.UnitSystem;
import app.drachen.desktop.theme.Ink;
import app.drachen.desktop.theme.Theme;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.DoubleStream;
import javafx.geometry.VPos;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.paint.Color;
import javafx.scene.text.TextAlignment;

/**
 * Log columns as strips over one time axis, with a band of flight modes on top. The wheel zooms
 * about the pointer, a drag pans; only what a pixel can show is drawn.
 */
public final class StripChart extends CanvasPane {
    private static final double LEFT = 104;
    private static final double RIGHT = 12;
    private static final double BAND = 20;
    private static final double AXIS = 18;

    /**
     * A strip: a column, and perhaps the wanted value behind it.
     *
     * @param column what is shown
     * @param wanted dashed behind it
     */
    public record Strip(LogColumn column, Optional<LogColumn> wanted) {
        /** A strip of one column. */
        public static Strip of(LogColumn column) {
            return new Strip(column, Optional.empty());
        }
    }

    /** A moment to mark: time [s] and a word. */
    public record Mark(double time, String word) {}

    private final List<Strip> strips;
    private final Map<LogColumn, double[]> data = new EnumMap<>(LogColumn.class);
    private List<ModeSegment> segments = List.of();
    private List<Mark> marks = List.of();
    private FlightLog log = new FlightLog.Builder(java.util.Set.of()).build();
    private UnitSystem units = UnitSystem.METRIC;
    private double from;
    private double to = 60;
    private double grab;

    /** A chart of these strips. */
    public StripChart(List<Strip> strips) {
        super(200, 120);
        this.strips = strips;
        getStyleClass().add("canvas-host");
        setId("strips");
        setAccessibleText("Strips over time");
        setOnScroll(e -> {
            if (e.getDeltaY() != 0) {
                zoom(e.getDeltaY() > 0 ? 0.8 : 1.25, time(e.getX()));
            } else {
                pan(-e.getDeltaX() / 400 * (to - from));
            }
            e.consume();
        });
        setOnMousePressed(e -> grab = e.getX());
        setOnMouseDragged(e -> {
            pan((grab - e.getX()) / Math.max(1, getWidth() - LEFT - RIGHT) * (to - from));
            grab = e.getX();
        });
    }

    private double time(double x) {
        double share = (x - LEFT) / Math.max(1, getWidth() - LEFT - RIGHT);
        return from + Math.max(0, Math.min(1, share)) * (to - from);
    }

    /** Shows a log as a whole. */
    public void show(FlightLog newLog, List<ModeSegment> newSegments, List<Mark> newMarks, UnitSystem system) {
        load(newLog, newSegments, system);
        marks = newMarks;
        whole();
    }

    /** Shows a growing log, its last part. */
    public void follow(FlightLog newLog, List<ModeSegment> newSegments, double seconds, UnitSystem system) {
        load(newLog, newSegments, system);
        double end = log.rows() == 0 ? 0 : log.time(log.rows() - 1);
        to = Math.max(seconds, end);
        from = to - seconds;
        repaint();
    }

    private void load(FlightLog newLog, List<ModeSegment> newSegments, UnitSystem system) {
        log = newLog;
        segments = newSegments;
        units = system;
        data.clear();
        data.put(LogColumn.TIME, log.values(LogColumn.TIME));
        for (Strip strip : strips) {
            data.put(strip.column(), log.values(strip.column()));
            strip.wanted().ifPresent(w -> data.put(w, log.values(w)));
        }
    }

    /** Zooms to the whole log. */
    public void whole() {
        from = log.rows() == 0 ? 0 : log.time(0);
        to = Math.max(from + 1, log.rows() == 0 ? 60 : log.time(log.rows() - 1));
        repaint();
    }

    /** Zooms about the middle. */
    public void zoom(double factor) {
        zoom(factor, (from + to) / 2);
    }

    private void zoom(double factor, double about) {
        double span = Math.max(0.5, Math.min(1e6, (to - from) * factor));
        double share = (about - from) / (to - from);
        from = about - share * span;
        to = from + span;
        repaint();
    }

    /** Moves the view by seconds. */
    public void pan(double seconds) {
        from += seconds;
        to += seconds;
        repaint();
    }

    /** Moves the view by a share of its width. */
    public void page(double share) {
        pan(share * (to - from));
    }

    /** Shows a stretch. */
    public void stretch(double start, double end) {
        from = start;
        to = Math.max(end, start + 0.5);
        repaint();
    }

    /** Middle of the view [s]. */
    public double middle() {
        return (from + to) / 2;
    }

    @Override
    protected void paint(GraphicsContext g, double width, double height) {
        if (width < LEFT + 60) {
            return;
        }
        double right = width - RIGHT;
        LinearScale time = new LinearScale(from, to, LEFT, right);
        bands(g, time, right, height);
        double top = BAND + 8;
        double each = (height - top - AXIS) / strips.size();
        g.save();
        g.beginPath();
        g.rect(0, 0, width, height);
        g.clip();
        for (int i = 0; i < strips.size(); i++) {
            strip(g, strips.get(i), top + i * each, each, right);
        }
        g.restore();
        axis(g, time, right, height);
        double written = Double.NEGATIVE_INFINITY;
        for (Mark mark : marks) {
            if (mark.time() >= from && mark.time() <= to) {
                double x = time.toScreen(mark.time());
                g.setStroke(Ink.AMBER);
                g.setLineWidth(1);
                g.setLineDashes(3, 3);
                g.strokeLine(x, top, x, height - AXIS);
                g.setLineDashes();
                g.setFill(Ink.AMBER);
                g.setFont(Theme.text(12.5));
                g.setTextAlign(TextAlignment.LEFT);
                if (x - written > 42) {
                    g.fillText(mark.word(), x + 3, top + 6);
                    written = x;
                }
            }
        }
        if (log.rows() == 0) {
            g.setFill(Ink.SOFT);
            g.setFont(Theme.text(14));
            g.setTextAlign(TextAlignment.CENTER);
            g.fillText("Nothing flown yet.", (LEFT + right) / 2, height / 2);
        }
    }

    private void bands(GraphicsContext g, LinearScale time, double right, double height) {
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
                g.setFont(Theme.text(13));
                g.setTextAlign(TextAlignment.CENTER);
                g.fillText(segment.mode().label(), (a + b) / 2, 4 + BAND / 2);
            }
            if (!manual) {
                g.setFill(Ink.wash(Ink.SKY));
                g.fillRect(a, 4 + BAND, b - a, height - BAND - AXIS - 4);
            }
        }
    }

    private void strip(GraphicsContext g, Strip strip, double top, double height, double right) {
        int columns = (int) Math.max(1, right - LEFT);
        double[] pairs = seen(strip.column(), columns);
        double[] wanted = strip.wanted().map(w -> seen(w, columns)).orElse(new double[0]);
        double low = DoubleStream.concat(Arrays.stream(pairs), Arrays.stream(wanted))
                .filter(v -> !Double.isNaN(v))
                .min()
                .orElse(Double.POSITIVE_INFINITY);
        double high = DoubleStream.concat(Arrays.stream(pairs), Arrays.stream(wanted))
                .filter(v -> !Double.isNaN(v))
                .max()
                .orElse(Double.NEGATIVE_INFINITY);
        g.setFont(Theme.strong(14));
        g.setFill(Ink.INK);
        g.setTextAlign(TextAlignment.LEFT);
        g.fillText(strip.column().meaning(), 10, top + height / 2 - 8);
        g.setFont(Theme.text(12.5));
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
        g.setFont(Theme.figures(9.5));
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
        return Decimation.leastAndGreatest(data.get(LogColumn.TIME), data.get(column), from, to, columns);
    }

    private void line(GraphicsContext g, double[] pairs, LinearScale scale, Color colour, boolean dashed) {
        g.setStroke(colour);
        g.setLineWidth(1.4);
        if (dashed) {
            g.setLineDashes(4, 3);
        }
        boolean open = false;
        int empty = 0;
        double seconds = (to - from) / (pairs.length / 2.0);
        int bridge = (int) Math.max(2, 0.5 / seconds);
        g.beginPath();
        for (int i = 0; i < pairs.length / 2; i++) {
            if (Double.isNaN(pairs[2 * i])) {
                empty++;
                if (empty > bridge) {
                    open = false;
                }
                continue;
            }
            empty = 0;
            double x = LEFT + i + 0.5;
            double y1 = scale.toScreen(pairs[2 * i]);
            double y2 = scale.toScreen(pairs[2 * i + 1]);
            if (open) {
                g.lineTo(x, y1);
            } else {
                g.moveTo(x, y1);
                open = true;
            }
            if (Math.abs(y2 - y1) > 0.4) {
                g.lineTo(x, y2);
            }
        }
        g.stroke();
        g.setLineDashes();
    }

    private void axis(GraphicsContext g, LinearScale time, double right, double height) {
        double step = Ticks.step(to - from, (int) Math.max(2, (right - LEFT) / 80));
        g.setFont(Theme.figures(10.5));
        g.setFill(Ink.SOFT);
        g.setTextAlign(TextAlignment.CENTER);
        for (double t = Math.ceil(from / step) * step; t <= to; t += step) {
            g.fillText(clock(t, step), time.toScreen(t), height - 8);
        }
    }

    private static String clock(double seconds, double step) {
        long whole = Math.round(Math.floor(seconds + 1e-9));
        String text = (whole < 0 ? "-" : "")
                + Math.abs(whole) / 60
                + ":"
                + String.format(java.util.Locale.ROOT, "%02d", Math.abs(whole) % 60);
        return step >= 1
                ? text
                : text + String.format(java.util.Locale.ROOT, ".%d", Math.round((seconds - whole) * 10));
    }
}
