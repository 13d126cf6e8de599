package app.drachen.files.track;

import app.drachen.core.log.FlightLog;
import app.drachen.core.log.LogColumn;
import app.drachen.core.math.Select;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Set;

/**
 * Puts rows with the times of a file onto a time base that starts at 0 and rises strictly. Equal times are spread or
 * left out, a single time that falls back is left out, a clock that jumps for good is set right; all of it is told.
 */
public final class RowClock {
    /** A step larger than this is a clock that was set, not a gap [s]. */
    private static final double JUMP = 6 * 3600;

    /** A larger number is no time: thirty thousand years [s]. */
    private static final double LARGEST = 1e12;

    /** A gap worth telling [s]. */
    private static final double GAP = 2;

    private final FlightLog.Builder builder;
    private final LogColumn[] columns;
    private final Problems problems;
    private final boolean spread;
    private double zero = Double.NaN;
    private double shift;
    private double last = Double.NaN;
    private double step = 0.02;
    private double lasted = Double.POSITIVE_INFINITY;
    private final List<double[]> group = new ArrayList<>();
    private double groupTime = Double.NaN;
    private double[] odd = {};
    private double oddTime = Double.NaN;
    private long oddLine;
    private long sames;

    /**
     * A clock.
     *
     * @param columns what each place of a row means; rows have one number for each
     * @param problems told of repairs
     * @param spread whether rows of one time are spread over the step to the next
     */
    public RowClock(List<LogColumn> columns, Problems problems, boolean spread) {
        this.columns = columns.toArray(new LogColumn[0]);
        this.problems = problems;
        this.spread = spread;
        builder = new FlightLog.Builder(Set.copyOf(columns));
    }

    /** The times of the file count already from where the log's do, and are kept. */
    public RowClock asTheyAre() {
        zero = 0;
        return this;
    }

    /**
     * Adds a row.
     *
     * @param time as the file has it [s]
     * @param values one for each column [SI]; kept
     * @param line of the file, counted from 1
     */
    public void row(double time, double[] values, long line) {
        if (!(Math.abs(time) <= LARGEST)) {
            problems.note(line, "time", "", "is no time; row left out");
            return;
        }
        if (Double.isNaN(zero)) {
            zero = time;
        }
        double t = time - zero + shift;
        if (Double.isNaN(groupTime)) {
            begin(t, values);
        } else if (t == groupTime) {
            // the old clock goes on
            dropOdd();
            same(values);
        } else if (t < groupTime || t > groupTime + JUMP) {
            outOfOrder(t, values, line);
        } else {
            dropOdd();
            close(t);
            begin(t, values);
        }
    }

    private void begin(double t, double[] values) {
        groupTime = t;
        group.add(values);
    }

    private void same(double[] values) {
        if (spread) {
            group.add(values);
        } else {
            sames++;
        }
    }

    /** One row out of order is an error; a second that goes on from it shows a clock that was set. */
    private void outOfOrder(double t, double[] values, long line) {
        boolean goesOn = !Double.isNaN(oddTime) && t >= oddTime && t - oddTime < JUMP;
        if (!goesOn) {
            dropOdd();
            odd = values;
            oddTime = t;
            oddLine = line;
            return;
        }
        double by = groupTime + rest() - oddTime;
        problems.note(
                oddLine,
                "time",
                "",
                String.format(
                        Locale.ROOT, "the clock jumps by %.1f s; the rows from here on follow without a gap", -by));
        shift += by;
        double first = oddTime + by;
        double[] kept = odd;
        oddTime = Double.NaN;
        close(first);
        begin(first, kept);
        row(t + by - shift + zero, values, line);
    }

    /** How long the last time lasts: its rows stand as far apart as those before, and no longer than the time before it lasted [s]. */
    private double rest() {
        return Math.min(step * group.size(), lasted);
    }

    private void dropOdd() {
        if (!Double.isNaN(oddTime)) {
            problems.note(oddLine, "time", "", "does not rise; row left out");
            oddTime = Double.NaN;
        }
    }

    private void close(double next) {
        double span = next - groupTime;
        for (int i = 0; i < group.size(); i++) {
            put(groupTime + span * i / group.size(), group.get(i));
        }
        if (span < 60) {
            step = span / group.size();
            lasted = span;
        }
        group.clear();
    }

    private void put(double time, double[] values) {
        if (!(time > last) && !Double.isNaN(last)) {
            sames++;
            return;
        }
        builder.row(time);
        last = time;
        for (int i = 0; i < values.length; i++) {
            if (!Double.isNaN(values[i]) && columns[i] != LogColumn.TIME) {
                builder.put(columns[i], values[i]);
            }
        }
    }

    /** Rows so far. */
    public int rows() {
        return builder.rows() + group.size();
    }

    /** The log of all rows. */
    public FlightLog finish() {
        dropOdd();
        if (!group.isEmpty()) {
            close(groupTime + rest());
        }
        if (sames > 0) {
            problems.note(sames + (sames == 1 ? " row repeats" : " rows repeat") + " the time before it; left out");
        }
        FlightLog log = builder.build();
        tellGaps(log);
        return log;
    }

    private void tellGaps(FlightLog log) {
        int rows = log.rows();
        double[] steps = new double[Math.max(0, rows - 1)];
        for (int row = 1; row < rows; row++) {
            steps[row - 1] = log.time(row) - log.time(row - 1);
        }
        double usual = steps.length == 0 ? 0 : Select.nth(steps.clone(), steps.length, steps.length / 2);
        double least = Math.max(GAP, 5 * usual);
        int longest = -1;
        int gaps = 0;
        for (int i = 0; i < steps.length; i++) {
            if (steps[i] > least) {
                gaps++;
                longest = longest < 0 || steps[i] > steps[longest] ? i : longest;
            }
        }
        if (gaps > 0) {
            problems.note(String.format(
                    Locale.ROOT,
                    "%d %s in the recording, the longest %.1f s at %.1f s",
                    gaps,
                    gaps == 1 ? "gap" : "gaps",
                    steps[longest],
                    log.time(longest)));
        }
    }
}
