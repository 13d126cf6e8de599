package app.drachen.core.debrief;

import app.drachen.core.log.LogColumn;
import app.drachen.core.modes.FlightMode;
import java.util.ArrayList;
import java.util.DoubleSummaryStatistics;
import java.util.List;
import java.util.Optional;

/** What was looked at of one column in one mode. */
final class SwingsSeen {
    private final List<Swings.Reach> reaches = new ArrayList<>();
    private final DoubleSummaryStatistics speeds = new DoubleSummaryStatistics();
    private double shortest = Double.POSITIVE_INFINITY;
    private double seconds;

    void add(Swings.Reach reach) {
        reaches.add(reach);
        shortest = Math.min(shortest, reach.length());
    }

    /** A window. They overlap by half; those of the shortest length, which come first, count the seconds. */
    void add(double length, double speed) {
        if (!Double.isNaN(speed)) {
            speeds.accept(speed);
        }
        seconds += length == shortest ? length / 2 : 0;
    }

    Swings.Examined told(LogColumn column, Optional<FlightMode> mode) {
        boolean known = speeds.getCount() > 0;
        return new Swings.Examined(
                column,
                mode,
                seconds,
                reaches,
                known ? speeds.getMin() : Double.NaN,
                known ? speeds.getMax() : Double.NaN);
    }
}
