package app.drachen.desktop.chart;

import app.drachen.core.debrief.ModeSegment;
import app.drachen.core.log.FlightLog;
import app.drachen.core.log.LogColumn;
import app.drachen.core.units.UnitSystem;
import app.drachen.core.working.Span;
import app.drachen.desktop.drawing.Pen;
import java.util.List;
import java.util.Optional;

/**
 * Log columns as strips over one time axis, with a band of flight modes on top. The wheel zooms
 * about the pointer, a drag pans; only what a pixel can show is drawn.
 */
public final class StripChart extends CanvasPane {
    private static final double LEFT = StripPainter.LEFT;
    private static final double RIGHT = StripPainter.RIGHT;

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

    private List<Strip> strips;
    private StripPainter painter;
    private double from;
    private double to = 60;
    private double grab;

    /** A chart of these strips. */
    public StripChart(List<Strip> strips) {
        super(200, 120);
        this.strips = strips;
        painter = nothing();
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

    private StripPainter nothing() {
        return new StripPainter(
                strips, new FlightLog.Builder(java.util.Set.of()).build(), List.of(), List.of(), UnitSystem.METRIC);
    }

    /** Shows these columns from the next log on. */
    public void of(List<Strip> columns) {
        strips = List.copyOf(columns);
    }

    /** Shows a log as a whole. */
    public void show(FlightLog newLog, List<ModeSegment> newSegments, List<Mark> newMarks, UnitSystem system) {
        painter = new StripPainter(strips, newLog, newSegments, newMarks, system);
        whole();
    }

    /** Shows a growing log, its last part. */
    public void follow(FlightLog newLog, List<ModeSegment> newSegments, double seconds, UnitSystem system) {
        painter = new StripPainter(strips, newLog, newSegments, List.of(), system);
        to = Math.max(seconds, newLog.rows() == 0 ? 0 : painter.end());
        from = to - seconds;
        repaint();
    }

    /** What is shown, for pictures and paper. */
    public StripPainter painter() {
        painter.view(from, to);
        return painter;
    }

    /** Zooms to the whole log. */
    public void whole() {
        from = painter.start();
        to = painter.end();
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

    /** Shows a stretch that something is said about, marked, with a little of what is round it. */
    public void light(Span said) {
        painter.light(Optional.of(said));
        double round = Math.max(2, 0.25 * (said.to() - said.from()));
        stretch(Math.max(painter.start(), said.from() - round), Math.min(painter.end(), said.to() + round));
    }

    /** Middle of the view [s]. */
    public double middle() {
        return (from + to) / 2;
    }

    @Override
    protected void paint(Pen g, double width, double height) {
        painter.view(from, to);
        painter.paint(g, width, height);
    }
}
