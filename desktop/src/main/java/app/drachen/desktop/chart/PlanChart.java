package app.drachen.desktop.chart;

import app.drachen.core.air.Field;
import app.drachen.core.log.FlightLog;
import app.drachen.core.units.UnitSystem;
import app.drachen.desktop.drawing.Pen;
import java.util.List;
import java.util.Optional;

/** A flight from above, painted by a {@link PlanPainter}. */
public final class PlanChart extends CanvasPane {
    private PlanPainter painter =
            new PlanPainter(new FlightLog.Builder(java.util.Set.of()).build(), Optional.empty(), UnitSystem.METRIC);

    /** An empty plan. */
    public PlanChart() {
        super(120, 140);
        setId("plan");
    }

    /** Shows a log so far. */
    public void show(FlightLog newLog, Optional<Field> newField, UnitSystem system) {
        painter = new PlanPainter(newLog, newField, system, painter.ends());
        repaint();
    }

    /** Shows where other flights ended. */
    public void ends(List<PlanPainter.End> ends) {
        painter = new PlanPainter(painter.log(), painter.field(), painter.units(), ends);
        repaint();
    }

    /** What is shown, for pictures and paper. */
    public PlanPainter painter() {
        return painter;
    }

    @Override
    protected void paint(Pen g, double width, double height) {
        painter.paint(g, width, height);
    }
}
