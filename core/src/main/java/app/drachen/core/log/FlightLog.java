package app.drachen.core.log;

import app.drachen.core.math.Statistics;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.Map;
import java.util.Set;

/**
 * A flight log: columns of equal length on one time base. Immutable. NaN means no sample; times
 * rise strictly.
 */
public final class FlightLog {
    private final Map<LogColumn, double[]> columns;
    private final int rows;

    private FlightLog(Map<LogColumn, double[]> columns, int rows) {
        this.columns = columns;
        this.rows = rows;
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
        double[] values = columns.get(column);
        return values == null ? Double.NaN : values[row];
    }

    /**
     * A copy of a column.
     *
     * @return the values [SI unit of the column]; all NaN without the column
     */
    public double[] values(LogColumn column) {
        double[] values = columns.get(column);
        if (values == null) {
            double[] none = new double[rows];
            Arrays.fill(none, Double.NaN);
            return none;
        }
        return values.clone();
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
        double[] values = columns.get(column);
        return values == null ? Double.NaN : Statistics.mean(values, from, to);
    }

    /**
     * @return time of a row [s]
     */
    public double time(int row) {
        return value(LogColumn.TIME, row);
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
        double[] times = columns.get(LogColumn.TIME);
        int found = Arrays.binarySearch(times, 0, rows, time);
        return found >= 0 ? found : -found - 1;
    }

    /** Collects rows. Not for several threads. */
    public static final class Builder {
        private final Map<LogColumn, double[]> columns = new EnumMap<>(LogColumn.class);
        private int rows;
        private int room = 1024;

        /** Starts a log with these columns; the time is always among them. */
        public Builder(Set<LogColumn> wanted) {
            columns.put(LogColumn.TIME, new double[room]);
            for (LogColumn column : wanted) {
                columns.put(column, new double[room]);
            }
        }

        /**
         * Adds a row without samples but its time.
         *
         * @param time [s], above the last row's
         * @throws IllegalArgumentException if the time does not rise
         */
        public void row(double time) {
            if (rows > 0 && !(time > columns.get(LogColumn.TIME)[rows - 1])) {
                throw new IllegalArgumentException("time " + time + " s does not rise");
            }
            if (rows == room) {
                room *= 2;
                columns.replaceAll((column, values) -> Arrays.copyOf(values, room));
            }
            for (double[] values : columns.values()) {
                values[rows] = Double.NaN;
            }
            columns.get(LogColumn.TIME)[rows] = time;
            rows++;
        }

        /**
         * Fills a sample of the last row.
         *
         * @param column one of the builder's columns; another is left out
         * @param value [SI unit of the column]
         */
        public Builder put(LogColumn column, double value) {
            double[] values = columns.get(column);
            if (values != null) {
                values[rows - 1] = value;
            }
            return this;
        }

        public int rows() {
            return rows;
        }

        /** The log so far. */
        public FlightLog build() {
            Map<LogColumn, double[]> cut = new EnumMap<>(LogColumn.class);
            columns.forEach((column, values) -> cut.put(column, Arrays.copyOf(values, rows)));
            return new FlightLog(cut, rows);
        }
    }
}
