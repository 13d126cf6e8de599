package app.drachen.core.log;

import java.util.EnumMap;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.Set;

/**
 * A flight log: columns of equal length on one time base. Immutable. NaN means no sample; times
 * rise strictly.
 */
public final class FlightLog {
    private static final Samples NONE = new Samples().frozen(0);

    private final Map<LogColumn, Samples> columns;
    private final Samples times;
    private final int rows;
    private final OptionalDouble start;

    private FlightLog(Map<LogColumn, Samples> columns, int rows, OptionalDouble start) {
        this.columns = columns;
        this.times = columns.get(LogColumn.TIME);
        this.rows = rows;
        this.start = start;
    }

    /**
     * When time 0 was.
     *
     * @return seconds since 1970-01-01 UTC [s]; empty if the log does not tell
     */
    public OptionalDouble start() {
        return start;
    }

    /**
     * The same log with the date of its time 0.
     *
     * @param epochSeconds since 1970-01-01 UTC [s]
     */
    public FlightLog startedAt(double epochSeconds) {
        return new FlightLog(columns, rows, OptionalDouble.of(epochSeconds));
    }

    /**
     * The same log with a column set.
     *
     * @param column any but the time
     * @param values one for each row [SI unit of the column]; copied
     * @throws IllegalArgumentException if it is the time or the number of rows differs
     */
    public FlightLog with(LogColumn column, double[] values) {
        if (column == LogColumn.TIME || values.length != rows) {
            throw new IllegalArgumentException(
                    column.id() + " has " + values.length + " samples for " + rows + " rows, or is the time");
        }
        Map<LogColumn, Samples> more = new EnumMap<>(columns);
        more.put(column, Samples.of(values));
        return new FlightLog(more, rows, start);
    }

    /** Number of rows. */
    public int rows() {
        return rows;
    }

    /** Columns that have been filled. */
    public Set<LogColumn> columns() {
        return Set.copyOf(columns.keySet());
    }

    public boolean has(LogColumn column) {
        return columns.containsKey(column);
    }

    /**
     * One sample.
     *
     * @param column the column
     * @param row 0 to rows − 1
     * @return the value [SI unit of the column]; NaN without a sample or column
     */
    public double value(LogColumn column, int row) {
        Samples values = columns.get(column);
        return values == null ? Double.NaN : values.get(row);
    }

    /**
     * A copy of a column.
     *
     * @return the values [SI unit of the column]; all NaN without the column
     */
    public double[] values(LogColumn column) {
        return columns.getOrDefault(column, NONE).copy(rows);
    }

    /**
     * Mean of a stretch of a column, without copying it.
     *
     * @param column the column
     * @param from first row
     * @param to row behind the last
     * @return mean of the samples there [SI unit of the column]; NaN without samples or column
     */
    public double mean(LogColumn column, int from, int to) {
        Samples values = columns.get(column);
        double sum = 0;
        int n = 0;
        for (int row = from; values != null && row < to; row++) {
            double value = values.get(row);
            if (!Double.isNaN(value)) {
                sum += value;
                n++;
            }
        }
        return n == 0 ? Double.NaN : sum / n;
    }

    /**
     * @return time of a row [s]
     */
    public double time(int row) {
        return times.get(row);
    }

    /**
     * @return from the first to the last row [s]; 0 for fewer than two rows
     */
    public double duration() {
        return rows < 2 ? 0 : time(rows - 1) - time(0);
    }

    /**
     * The first row at or after a time.
     *
     * @param time [s]
     * @return 0 to rows
     */
    public int rowAt(double time) {
        int low = 0;
        int high = rows;
        while (low < high) {
            int middle = (low + high) >>> 1;
            if (times.get(middle) < time) {
                low = middle + 1;
            } else {
                high = middle;
            }
        }
        return low;
    }

    /** Collects rows. Not for several threads. */
    public static final class Builder {
        private final Map<LogColumn, Samples> columns = new EnumMap<>(LogColumn.class);
        private final Samples times = new Samples();
        private double last = Double.NEGATIVE_INFINITY;
        private int rows;

        /** Starts a log with these columns; the time is always among them. */
        public Builder(Set<LogColumn> wanted) {
            for (LogColumn column : wanted) {
                columns.put(column, new Samples());
            }
            columns.put(LogColumn.TIME, times);
        }

        /**
         * Adds a row without samples but its time.
         *
         * @param time [s], above the last row's
         * @throws IllegalArgumentException if the time does not rise
         */
        public void row(double time) {
            if (!(time > last)) {
                throw new IllegalArgumentException("time " + time + " s does not rise");
            }
            times.set(rows, time);
            last = time;
            rows++;
        }

        /**
         * Fills a sample of the last row.
         *
         * @param column one of the builder's columns; another is left out
         * @param value [SI unit of the column]
         */
        public Builder put(LogColumn column, double value) {
            Samples values = columns.get(column);
            if (values != null) {
                values.set(rows - 1, value);
            }
            return this;
        }

        public int rows() {
            return rows;
        }

        /** The log so far. */
        public FlightLog build() {
            Map<LogColumn, Samples> frozen = new EnumMap<>(LogColumn.class);
            columns.forEach((column, values) -> frozen.put(column, values.frozen(rows)));
            return new FlightLog(frozen, rows, OptionalDouble.empty());
        }
    }
}
