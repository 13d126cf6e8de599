package app.drachen.core.debrief.checks;

import app.drachen.core.debrief.Flown;
import app.drachen.core.log.FlightLog;
import app.drachen.core.log.LogColumn;
import app.drachen.core.propulsion.Running;
import app.drachen.core.units.Quantity;
import app.drachen.core.working.Finding;
import app.drachen.core.working.Finding.State;
import app.drachen.core.working.Source;
import app.drachen.core.working.Working;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * SIGNALS-R8: the current follows the power: little without it, more with more of it, and no more than the motor can take.
 *
 * <p>Source: rank correlation after C. Spearman, "The proof and measurement of association between two things", 1904; bounds are common
 * practice. The most that the motor can take is that of full power, standing, of the set-up.
 */
public final class CurrentCheck implements DebriefCheck {
    private static final double AT_REST = 0.5;
    private static final double OFF = 0.02;
    private static final double FOLLOWS = 0.5;
    private static final double TOO_MUCH = 1.5;

    /** So much of a thing tells something [s]. */
    private static final double ENOUGH = 5;

    /** A power that hardly moves tells nothing of what follows it [-]. */
    private static final double MOVES = 0.05;

    @Override
    public String id() {
        return "SIGNALS-R8";
    }

    @Override
    public String looksFor() {
        return "Current follows power: under 0.5 A without it, more with more of it, never 1.5 times what the motor takes.";
    }

    @Override
    public List<Finding> findings(Flown flight) {
        FlightLog log = flight.log();
        if (!log.has(LogColumn.AMPS) || !log.has(LogColumn.POWER)) {
            return List.of();
        }
        OptionalDouble rest = atRest(log);
        if (rest.isPresent() && rest.getAsDouble() > AT_REST) {
            return List.of(caution(
                    "The sensor shows " + Quantity.CURRENT.text(rest.getAsDouble()) + " without power",
                    "Set its offset at rest (SIGNALS-A5); servos and board take less.",
                    working("Current without power", rest.getAsDouble(), "median of the amps while power < 2 %")));
        }
        Optional<Double> most = flight.setup()
                .filter(s -> !s.propulsion().drives().isEmpty())
                .map(s -> Running.of(s.propulsion(), 1, 0, 0, 1.225).current());
        double steady = highest(log);
        if (most.isPresent() && steady > TOO_MUCH * most.get()) {
            return List.of(caution(
                    "The sensor shows " + Quantity.CURRENT.text(steady) + "; the motor takes "
                            + Quantity.CURRENT.text(most.get()) + " at most",
                    "Check its scale against the charger, and the motor in the set-up.",
                    working("Greatest current", steady, "greatest mean of amps over a second")));
        }
        OptionalDouble rank = follows(log);
        if (rank.isEmpty()) {
            return List.of();
        }
        Working working = Working.of(
                id(),
                "Rank correlation of current with power",
                rank.getAsDouble(),
                Quantity.NUMBER,
                "Spearman's ρ of means over half seconds",
                new Source.Published(
                        "C. Spearman", "The proof and measurement of association between two things", 1904));
        return List.of(
                rank.getAsDouble() < FOLLOWS
                        ? caution(
                                "Current does not follow power",
                                "Check sensor, wiring, offset and scale: what it shows says nothing of the charge used.",
                                working)
                        : Finding.of(id(), State.GOOD, "Current follows power", "", working));
    }

    private Finding caution(String title, String detail, Working working) {
        return Finding.of(id(), State.CAUTION, title, detail, working);
    }

    private Working working(String name, double amps, String formula) {
        return Working.of(id(), name, amps, Quantity.CURRENT, formula, Source.COMMON_PRACTICE);
    }

    private static OptionalDouble atRest(FlightLog log) {
        double[] amps = new double[log.rows()];
        int n = 0;
        double seconds = 0;
        for (int row = 1; row < log.rows(); row++) {
            double now = log.value(LogColumn.AMPS, row);
            boolean off = log.value(LogColumn.POWER, row) < OFF && log.value(LogColumn.POWER, row - 1) < OFF;
            if (off && !Double.isNaN(now)) {
                amps[n++] = now;
                seconds += Math.min(1, log.time(row) - log.time(row - 1));
            }
        }
        Arrays.sort(amps, 0, n);
        return seconds < ENOUGH ? OptionalDouble.empty() : OptionalDouble.of(amps[n / 2]);
    }

    /** Greatest mean over a second [A]. */
    private static double highest(FlightLog log) {
        double most = 0;
        for (double t = log.time(0); t + 1 <= log.time(log.rows() - 1); t += 0.5) {
            double mean = log.mean(LogColumn.AMPS, log.rowAt(t), log.rowAt(t + 1) + 1);
            most = mean > most ? mean : most;
        }
        return most;
    }

    private static OptionalDouble follows(FlightLog log) {
        int count = (int) Math.min(20_000, 2 * log.duration());
        double[] power = new double[count];
        double[] amps = new double[count];
        int n = 0;
        for (int i = 0; i < count; i++) {
            int from = log.rowAt(log.time(0) + i / 2.0);
            int to = Math.max(from + 1, log.rowAt(log.time(0) + (i + 1) / 2.0));
            double p = log.mean(LogColumn.POWER, from, to);
            double a = log.mean(LogColumn.AMPS, from, to);
            if (!Double.isNaN(p) && !Double.isNaN(a)) {
                power[n] = p;
                amps[n++] = a;
            }
        }
        double[] x = Arrays.copyOf(power, n);
        double[] y = Arrays.copyOf(amps, n);
        return n < 2 * ENOUGH * 2 || deviation(x) < MOVES
                ? OptionalDouble.empty()
                : OptionalDouble.of(correlation(ranks(x), ranks(y)));
    }

    private static double deviation(double[] values) {
        double mean = Arrays.stream(values).average().orElse(0);
        return Math.sqrt(Arrays.stream(values)
                .map(v -> (v - mean) * (v - mean))
                .average()
                .orElse(0));
    }

    /** Ranks; equals share the mean of theirs. */
    static double[] ranks(double[] values) {
        Integer[] order = new Integer[values.length];
        Arrays.setAll(order, i -> i);
        Arrays.sort(order, (a, b) -> Double.compare(values[a], values[b]));
        double[] ranks = new double[values.length];
        for (int i = 0; i < order.length; ) {
            int j = i;
            while (j < order.length && values[order[j]] == values[order[i]]) {
                j++;
            }
            for (int k = i; k < j; k++) {
                ranks[order[k]] = (i + j - 1) / 2.0;
            }
            i = j;
        }
        return ranks;
    }

    private static double correlation(double[] x, double[] y) {
        double mx = Arrays.stream(x).average().orElse(0);
        double my = Arrays.stream(y).average().orElse(0);
        double xy = 0;
        for (int i = 0; i < x.length; i++) {
            xy += (x[i] - mx) * (y[i] - my);
        }
        double both = deviation(x) * deviation(y) * x.length;
        return both == 0 ? 0 : xy / both;
    }
}
