package app.drachen.core.debrief;

import app.drachen.core.log.FlightLog;
import app.drachen.core.log.LogColumn;
import app.drachen.core.modes.FlightMode;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;

/** Cuts a log into stretches of one mode. A row without a mode continues the mode before it. */
public final class Segments {
    private Segments() {}

    /** All stretches in order; empty if the log names no mode. */
    public static List<ModeSegment> of(FlightLog log) {
        List<ModeSegment> segments = new ArrayList<>();
        int from = 0;
        int mode = -1;
        for (int row = 0; row < log.rows(); row++) {
            double value = log.value(LogColumn.MODE, row);
            int now = Double.isNaN(value) ? mode : (int) value;
            if (now != mode) {
                if (mode >= 0 && row > from) {
                    segments.add(new ModeSegment(FlightMode.values()[mode], from, row));
                }
                mode = now;
                from = row;
            }
        }
        if (mode >= 0) {
            segments.add(new ModeSegment(FlightMode.values()[mode], from, log.rows()));
        }
        return segments;
    }

    /** The modes of some stretches, each once. */
    public static String labels(List<ModeSegment> segments) {
        return segments.stream().map(s -> s.mode().label()).distinct().collect(Collectors.joining(", "));
    }
}
