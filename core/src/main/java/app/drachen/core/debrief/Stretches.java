package app.drachen.core.debrief;

import app.drachen.core.log.FlightLog;
import app.drachen.core.working.Span;
import java.util.ArrayList;
import java.util.List;
import java.util.function.IntUnaryOperator;

/** Stretches of a log in which something holds for long enough. */
public final class Stretches {
    /** What a row can say of it: that it holds, that it does not, or nothing. */
    public static final int HOLDS = 1;

    public static final int NOT = 0;
    public static final int UNKNOWN = -1;

    private Stretches() {}

    /**
     * What a comparison says, where a value may be missing.
     *
     * @param value that was compared [any unit]; NaN for a missing one
     * @param holds what the comparison says
     */
    public static int said(double value, boolean holds) {
        return Double.isNaN(value) ? UNKNOWN : holds ? HOLDS : NOT;
    }

    /**
     * All stretches, in order; a row that says nothing continues what was.
     *
     * @param from first row
     * @param to row behind the last
     * @param least length from which on it counts [s], not negative
     * @param row what a row says
     */
    public static List<Span> of(FlightLog log, int from, int to, double least, IntUnaryOperator row) {
        List<Span> found = new ArrayList<>();
        double since = Double.NaN;
        for (int i = Math.max(0, from); i < Math.min(to, log.rows()); i++) {
            int says = row.applyAsInt(i);
            if (says == HOLDS && Double.isNaN(since)) {
                since = log.time(i);
            } else if (says == NOT && !Double.isNaN(since)) {
                add(found, since, log.time(i), least);
                since = Double.NaN;
            }
        }
        if (!Double.isNaN(since)) {
            add(found, since, log.time(Math.min(to, log.rows()) - 1), least);
        }
        return found;
    }

    private static void add(List<Span> found, double from, double to, double least) {
        if (to - from >= least) {
            found.add(new Span(from, to));
        }
    }
}
