package app.drachen.core.debrief;

import app.drachen.core.log.FlightLog;
import app.drachen.core.working.Span;
import java.util.ArrayList;
import java.util.List;
import java.util.function.IntPredicate;
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

    /** So long a measured value may be missing between two that agree [s]. */
    private static final double GAP = 3;

    /**
     * Stretches of something measured: where its value is missing for longer than 3 s, nobody knows.
     *
     * @param from first row
     * @param to row behind the last
     * @param least length from which on it counts [s], not negative
     * @param row what a row says
     */
    public static List<Span> measured(FlightLog log, int from, int to, double least, IntUnaryOperator row) {
        return of(log, from, to, least, GAP, row);
    }

    /**
     * Time in which something measured is known.
     *
     * @return [s]
     */
    public static double known(FlightLog log, int from, int to, IntPredicate row) {
        return measured(log, from, to, 0, i -> row.test(i) ? HOLDS : UNKNOWN).stream()
                .mapToDouble(s -> s.to() - s.from())
                .sum();
    }

    /**
     * All stretches of a state, in order; a row that says nothing continues what was.
     *
     * @param from first row
     * @param to row behind the last
     * @param least length from which on it counts [s], not negative
     * @param row what a row says
     */
    public static List<Span> of(FlightLog log, int from, int to, double least, IntUnaryOperator row) {
        return of(log, from, to, least, Double.POSITIVE_INFINITY, row);
    }

    private static List<Span> of(FlightLog log, int from, int to, double least, double gap, IntUnaryOperator row) {
        List<Span> found = new ArrayList<>();
        double since = Double.NaN;
        double held = Double.NaN;
        int last = Math.min(to, log.rows()) - 1;
        for (int i = Math.max(0, from); i <= last; i++) {
            double time = log.time(i);
            int says = row.applyAsInt(i);
            if (!Double.isNaN(since) && (says == NOT || time - held > gap)) {
                add(found, since, time - held > gap ? held : time, least);
                since = Double.NaN;
            }
            if (says == HOLDS) {
                since = Double.isNaN(since) ? time : since;
                held = time;
            }
        }
        if (!Double.isNaN(since)) {
            add(found, since, Double.isInfinite(gap) ? log.time(last) : held, least);
        }
        return found;
    }

    private static void add(List<Span> found, double from, double to, double least) {
        if (to - from >= least) {
            found.add(new Span(from, to));
        }
    }
}
