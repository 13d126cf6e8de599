package app.drachen.core.debrief;

import app.drachen.core.log.FlightLog;
import app.drachen.core.log.LogColumn;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Supplier;

/** The columns of a flight at equal steps, each made once. For any thread. */
final class Sampled {
    private final FlightLog log;
    private final int first;
    private final int last;
    private final Map<LogColumn, Grid> grids = Collections.synchronizedMap(new HashMap<>());
    private final Map<Rate, Grid> sampled = Collections.synchronizedMap(new HashMap<>());

    /** Columns of the rows from a first to a last. */
    Sampled(FlightLog log, int first, int last) {
        this.log = log;
        this.first = first;
        this.last = last;
    }

    /**
     * A column at a rate.
     *
     * @param column the column
     * @param rate samples in a second [Hz]
     */
    private record Rate(LogColumn column, double rate) {}

    /**
     * A stick or a wish that may move a column, at the rate of some windows.
     *
     * @param column the stick or the wish
     * @param hides whether it is the stick of the column: far off its middle and back, it hides what swings beside it
     * @param all its samples
     */
    record Pusher(LogColumn column, boolean hides, Grid all) {
        /** Less than this is no movement [SI unit of the column]. */
        double still() {
            return switch (column.quantity()) {
                case HEIGHT -> 0.3;
                case SPEED -> 0.2;
                case ANGLE -> Math.toRadians(0.7);
                default -> 0.015;
            };
        }
    }

    Grid grid(LogColumn column) {
        return once(grids, column, () -> Grid.of(log, column, first, last));
    }

    /** Lets a column go that nobody will ask for soon; it is made again for whoever does. */
    void forget(LogColumn column) {
        grids.remove(column);
    }

    /** A stick or a wish at the rate of some windows, made once; what is nearly as fine as the grid is made in a moment, for one column. */
    Grid sampled(LogColumn column, Bins bins) {
        Grid grid = grid(column);
        return bins.fine(grid)
                ? bins.sampled(grid)
                : once(sampled, new Rate(column, bins.rate()), () -> bins.sampled(grid));
    }

    /** Made once, or twice at the same time: nobody waits for another's. */
    private static <K, V> V once(Map<K, V> made, K key, Supplier<V> make) {
        V there = made.get(key);
        if (there == null) {
            there = make.get();
            made.put(key, there);
        }
        return there;
    }

    static Optional<LogColumn> stick(LogColumn column) {
        return switch (column) {
            case ROLL, ROLL_RATE -> Optional.of(LogColumn.STICK_ROLL);
            case PITCH, PITCH_RATE, HEIGHT -> Optional.of(LogColumn.STICK_PITCH);
            case YAW_RATE -> Optional.of(LogColumn.STICK_YAW);
            case POWER -> Optional.of(LogColumn.STICK_POWER);
            default -> Optional.empty();
        };
    }

    private static List<LogColumn> wishes(LogColumn column) {
        return switch (column) {
            case ROLL, ROLL_RATE -> List.of(LogColumn.WANTED_ROLL);
            case YAW_RATE -> List.of(LogColumn.WANTED_ROLL, LogColumn.STICK_ROLL);
            case PITCH, PITCH_RATE -> List.of(LogColumn.STICK_POWER);
            case HEIGHT -> List.of(LogColumn.WANTED_HEIGHT, LogColumn.STICK_POWER);
            case POWER -> List.of(LogColumn.WANTED_AIRSPEED);
            default -> List.of();
        };
    }

    /** The sticks and wishes of a column that are in the log. */
    List<Pusher> pushers(LogColumn column, Bins bins) {
        List<Pusher> pushers = new ArrayList<>();
        List<LogColumn> moving = new ArrayList<>(wishes(column));
        stick(column).ifPresent(moving::add);
        for (LogColumn mover : moving) {
            Grid grid = log.has(mover) ? grid(mover) : Grid.NONE;
            if (grid.steps() > 0) {
                boolean hides = stick(column).equals(Optional.of(mover)) && mover != LogColumn.STICK_POWER;
                pushers.add(new Pusher(mover, hides, sampled(mover, bins)));
            }
        }
        return pushers;
    }
}
