package app.drachen.files.track;

import app.drachen.core.log.Derived;
import app.drachen.core.log.FlightLog;
import app.drachen.core.log.LogColumn;
import app.drachen.files.ImportFailedException;
import app.drachen.files.Imported;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;

/** Collects the points of a track; what has no sample in any point is no column of the log. */
public final class TrackRows {
    private static final List<LogColumn> COLUMNS = List.of(
            LogColumn.LATITUDE,
            LogColumn.LONGITUDE,
            LogColumn.SATELLITE_HEIGHT,
            LogColumn.HEIGHT,
            LogColumn.GROUND_SPEED,
            LogColumn.COURSE,
            LogColumn.SATELLITES,
            LogColumn.DILUTION);

    private final Problems problems;
    private final RowClock clock;
    private final Set<LogColumn> filled = EnumSet.noneOf(LogColumn.class);
    private double[] values = {};
    private long line;
    private double start = Double.NaN;

    /** Rows whose troubles are told there. */
    public TrackRows(Problems problems) {
        this.problems = problems;
        clock = new RowClock(COLUMNS, problems, false);
    }

    /** Begins a point that stands at a line of the file. */
    public void begin(long atLine) {
        values = new double[COLUMNS.size()];
        Arrays.fill(values, Double.NaN);
        line = atLine;
    }

    /**
     * Fills the point; what cannot be meant is left out and told.
     *
     * @param value [SI unit of the column], NaN for none
     */
    public TrackRows put(LogColumn column, double value) {
        if (!column.plausible(value)) {
            problems.note(line, column.id(), String.valueOf(value), "lies outside " + column.range() + "; left out");
        } else if (!Double.isNaN(value)) {
            values[COLUMNS.indexOf(column)] = value;
            filled.add(column);
        }
        return this;
    }

    /**
     * Ends the point.
     *
     * @param time since 1970-01-01 UTC, or since some midnight [s]
     */
    public void end(double time) {
        if (Double.isNaN(start)) {
            start = time;
        }
        clock.row(time, values, line);
    }

    /** Points so far. */
    public int count() {
        return clock.rows();
    }

    /**
     * The track as a log, with what follows from positions and heights.
     *
     * @throws ImportFailedException if there is no point with a time
     */
    public Imported<FlightLog> finish(Path file) throws ImportFailedException {
        return finish(file, start);
    }

    /** The same, with the first point's date known from elsewhere [s]. */
    public Imported<FlightLog> finish(Path file, double startedAt) throws ImportFailedException {
        if (clock.rows() == 0) {
            throw new ImportFailedException(
                    file, "", "no position with a time in it; choose a recording of a flight or drive");
        }
        FlightLog all = clock.finish();
        FlightLog.Builder builder = new FlightLog.Builder(filled);
        for (int row = 0; row < all.rows(); row++) {
            builder.row(all.time(row));
            for (LogColumn column : filled) {
                builder.put(column, all.value(column, row));
            }
        }
        Derived full = Derived.of(builder.build());
        full.worked().forEach(problems::note);
        FlightLog log = startedAt > 1e8 ? full.log().startedAt(startedAt) : full.log();
        return new Imported<>(log, problems.list());
    }
}
