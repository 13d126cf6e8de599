package app.drachen.core.log;

import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
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

    /** The same columns by their number; none where a column is not there. */
    private final Samples[] byNumber = new Samples[LogColumn.values().length];

    private FlightLog(Map<LogColumn, Samples> columns, int rows, OptionalDouble start) {
        this.columns = columns;
        for (Map.Entry<LogColumn, Samples> column : columns.entrySet()) {
            byNumber[column.getKey().ordinal()] = column.getValue();
        }
        this.times = columns.get(LogColumn.TIME);
        this.rows = rows;
        this.start = start;
    }

    /**
     * A log of whole columns.
     *
     * @param columns of equal length, the time among them [SI unit of each]; copied
     * @throws IllegalArgumentException if the time is missing or does not rise, or lengths differ
     */
    public static FlightLog of(Map<LogColumn, double[]> columns) {
        Map<LogColumn, Column> held = new EnumMap<>(LogColumn.class);
        columns.forEach((column, values) -> held.put(column, Column.of(values)));
        return ofColumns(held);
    }

    /**
     * A log of whole columns that are held already, so that whoever makes a long one need not have all its numbers at once.
     *
     * @param columns of equal length, the time among them
     * @throws IllegalArgumentException if the time is missing or does not rise, or lengths differ
     */
    public static FlightLog ofColumns(Map<LogColumn, Column> columns) {
        Column times = columns.getOrDefault(LogColumn.TIME, Column.of(new double[0]));
        double last = Double.NEGATIVE_INFINITY;
        for (int row = 0; row < times.rows; row++) {
            double time = times.samples.get(row);
            if (!(time > last)) {
                throw new IllegalArgumentException("time " + time + " s does not rise");
            }
            last = time;
        }
        Map<LogColumn, Samples> samples = new EnumMap<>(LogColumn.class);
        samples.put(LogColumn.TIME, times.samples);
        for (Map.Entry<LogColumn, Column> column : columns.entrySet()) {
            Column values = column.getValue();
            if (values.rows != times.rows) {
                throw new IllegalArgumentException(
                        column.getKey().id() + " has " + values.rows + " samples for " + times.rows + " rows");
            }
            samples.put(column.getKey(), values.samples);
        }
        return new FlightLog(samples, times.rows, OptionalDouble.empty());
    }

    /** The samples of one column in the little space that a log holds them in. Immutable. */
    public static final class Column {
        /** Parts that stand one after the other have a multiple of so many rows. */
        public static final int PART = Samples.ROOM;

        private final Samples samples;
        private final int rows;

        private Column(Samples samples, int rows) {
            this.samples = samples;
            this.rows = rows;
        }

        /**
         * Samples of a column.
         *
         * @param values one for each row [SI unit of the column]; NaN where there is none; copied
         */
        public static Column of(double[] values) {
            return new Column(Samples.of(values), values.length);
        }

        /**
         * A column of parts that stand one after the other, so that not all its numbers need be there at once.
         *
         * @param parts in order; each but the last has a multiple of {@value #PART} rows
         * @throws IllegalArgumentException if one has not
         */
        public static Column of(List<Column> parts) {
            int rows = 0;
            for (Column part : parts) {
                if (rows % PART != 0) {
                    throw new IllegalArgumentException("a part ends at row " + rows + ", no multiple of " + PART);
                }
                rows += part.rows;
            }
            return new Column(
                    Samples.joined(parts.stream().map(part -> part.samples).toList()), rows);
        }

        /** How many rows it has. */
        public int rows() {
            return rows;
        }
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
        Samples values = byNumber[column.ordinal()];
        return values == null ? Double.NaN : values.get(row);
    }

    /**
     * A copy of a column.
     *
     * @return the values [SI unit of the column]; all NaN without the column
     */
    public double[] values(LogColumn column) {
        return values(column, 0, rows);
    }

    /**
     * A copy of a stretch of a column.
     *
     * @param column the column
     * @param from first row
     * @param to row behind the last
     * @return the values [SI unit of the column]; all NaN without the column
     */
    public double[] values(LogColumn column, int from, int to) {
        double[] copy = new double[to - from];
        values(column, from, copy.length, copy);
        return copy;
    }

    /**
     * A stretch of a column, to a place that is used again.
     *
     * @param column the column
     * @param from first row
     * @param count how many rows, at most as many as there is room for
     * @param into the values from its beginning on [SI unit of the column]; all NaN without the column
     */
    public void values(LogColumn column, int from, int count, double[] into) {
        columns.getOrDefault(column, NONE).copy(from, count, into);
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
        // rows mostly come evenly: looked for around where it would be then, farther and farther out
        double even = rows < 2 ? 0 : (time - time(0)) / (time(rows - 1) - time(0)) * (rows - 1);
        int near = (int) Math.max(0, Math.min(rows, even));
        int low = near;
        int high = near;
        for (int out = 1; low > 0 && !(times.get(low - 1) < time); out *= 4) {
            high = low - 1;
            low = Math.max(0, low - out);
        }
        for (int out = 1; high < rows && times.get(high) < time; out *= 4) {
            low = high + 1;
            high = Math.min(rows, high + out);
        }
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
        private static final int WIDTH = LogColumn.values().length;
        private static final int TIME = LogColumn.TIME.ordinal();

        private final Samples[] columns = new Samples[WIDTH];

        /** What is written just now, a room for each column; another column's samples go where none are read. */
        private final double[][] open = new double[WIDTH][];

        private double last = Double.NEGATIVE_INFINITY;
        private int rows;

        /** The next place in the open rooms. */
        private int place;

        /** Starts a log with these columns; the time is always among them. */
        public Builder(Set<LogColumn> wanted) {
            Arrays.fill(open, new double[Samples.ROOM]);
            for (LogColumn column : wanted) {
                begin(column.ordinal());
            }
            begin(TIME);
        }

        private void begin(int column) {
            columns[column] = new Samples();
            open[column] = Samples.empty();
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
            if (place == Samples.ROOM) {
                settle();
                place = 0;
                for (int column = 0; column < WIDTH; column++) {
                    if (columns[column] != null && column != TIME) {
                        Arrays.fill(open[column], Double.NaN);
                    }
                }
            }
            open[TIME][place++] = time;
            last = time;
            rows++;
        }

        /** Gives what is open to the columns. */
        private void settle() {
            for (int column = 0; column < WIDTH; column++) {
                if (columns[column] != null) {
                    columns[column].room((rows - 1) / Samples.ROOM, open[column], place);
                }
            }
        }

        /**
         * Fills a sample of the last row.
         *
         * @param column one of the builder's columns; another is left out
         * @param value [SI unit of the column]
         */
        public Builder put(LogColumn column, double value) {
            open[column.ordinal()][place - 1] = value;
            return this;
        }

        public int rows() {
            return rows;
        }

        /** The log so far. */
        public FlightLog build() {
            if (rows > 0) {
                settle();
            }
            Map<LogColumn, Samples> frozen = new EnumMap<>(LogColumn.class);
            for (LogColumn column : LogColumn.values()) {
                Samples values = columns[column.ordinal()];
                if (values != null) {
                    frozen.put(column, values.frozen(rows));
                }
            }
            return new FlightLog(frozen, rows, OptionalDouble.empty());
        }
    }
}
