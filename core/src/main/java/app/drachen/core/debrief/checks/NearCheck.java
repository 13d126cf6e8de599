package app.drachen.core.debrief.checks;

import app.drachen.core.debrief.Flown;
import app.drachen.core.log.FlightLog;
import app.drachen.core.log.LogColumn;
import app.drachen.core.units.Quantity;
import app.drachen.core.working.Finding;
import app.drachen.core.working.Finding.State;
import app.drachen.core.working.Source;
import app.drachen.core.working.Working;
import java.util.Arrays;
import java.util.List;

/** SIGNALS-R10: gaps beside the aircraft at great strength are a receiver that hears too much. */
public final class NearCheck implements DebriefCheck {
    private static final double NEAR = 5;
    private static final double STRONG = -40;
    private static final double GAP = 1;

    @Override
    public String id() {
        return "SIGNALS-R10";
    }

    @Override
    public String looksFor() {
        return "No gap of a second within 5 m at a strength over \u221240 dBm: there the receiver is overloaded.";
    }

    @Override
    public List<Finding> findings(Flown flight) {
        FlightLog log = flight.log();
        if (!log.has(LogColumn.STRENGTH) || !log.has(LogColumn.NORTH) || log.rows() < 20) {
            return List.of();
        }
        double usual = usual(log);
        boolean near = false;
        double longest = 0;
        double at = 0;
        for (int row = 0; row + 1 < log.rows(); row++) {
            boolean beside = Math.hypot(log.value(LogColumn.NORTH, row), log.value(LogColumn.EAST, row)) < NEAR
                    && log.value(LogColumn.STRENGTH, row) > STRONG;
            double gap = log.time(row + 1) - log.time(row);
            near |= beside;
            // a log of few rows a second has no gap where it has its usual step
            if (beside && gap > GAP && gap > 3 * usual && gap > longest) {
                longest = gap;
                at = log.time(row);
            }
        }
        if (!near) {
            return List.of();
        }
        if (longest == 0) {
            return List.of(Finding.of(id(), State.GOOD, "No gap beside the aircraft at full strength", ""));
        }
        Working working = Working.of(
                id(),
                "Gap within 5 m",
                longest,
                Quantity.TIME,
                "time between two rows, strength over \u221240 dBm",
                Source.COMMON_PRACTICE,
                Working.in("at", at, Quantity.TIME),
                Working.in("usual step", usual, Quantity.TIME_FINE));
        return List.of(Finding.of(
                        id(),
                        State.CAUTION,
                        "Link gaps beside the aircraft: the receiver is overloaded",
                        "Go 3 m away or lower the power of the sender, then test again.",
                        working)
                .during(at, at + longest));
    }

    private static double usual(FlightLog log) {
        double[] steps = new double[log.rows() - 1];
        for (int i = 0; i < steps.length; i++) {
            steps[i] = log.time(i + 1) - log.time(i);
        }
        Arrays.sort(steps);
        return steps[steps.length / 2];
    }
}
