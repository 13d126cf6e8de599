package app.drachen.core.debrief;

import app.drachen.core.log.FlightLog;
import app.drachen.core.log.LogColumn;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Supplier;

/** The columns of a flight at equal steps, each made once; and what sticks and wishes did in a window. For any thread. */
final class Sampled {
    private static final double LARGE = 0.25;

    /** After so long an aircraft may answer a stick [s]. */
    private static final double[] LATER = {0.25, 0.7};

    private final FlightLog log;
    private final int first;
    private final int last;
    private final Map<LogColumn, Grid> grids = Collections.synchronizedMap(new HashMap<>());
    private final Map<Rate, double[]> sampled = Collections.synchronizedMap(new HashMap<>());

    /** Columns of the rows from a first to a last. */
    Sampled(FlightLog log, int first, int last) {
        this.log = log;
        this.first = first;
        this.last = last;
    }

    /**
     * Where a stick or a wish moved in a window: its spectrum is asked for only where something was found.
     *
     * @param all its samples at the rate of the windows [SI unit of its column]
     * @param at the first of the window
     */
    record Mover(double[] all, int at) {
        /** Power of each line. */
        double[] power(Bins bins) {
            return bins.power(Arrays.copyOfRange(all, at, at + bins.size()));
        }
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
     * @param start time of the first sample [s]
     * @param all its samples [SI unit of its column]
     */
    record Pusher(LogColumn column, boolean hides, double start, double[] all) {}

    Grid grid(LogColumn column) {
        return once(grids, column, () -> Grid.of(log, column, first, last));
    }

    /** Lets a column go that nobody will ask for soon; it is made again for whoever does. */
    void forget(LogColumn column) {
        grids.remove(column);
    }

    /** A stick or a wish at the rate of some windows, made once. */
    double[] sampled(LogColumn column, Bins bins) {
        return once(sampled, new Rate(column, bins.rate()), () -> bins.sampled(grid(column)));
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
                pushers.add(new Pusher(mover, hides, grid.start(), sampled(mover, bins)));
            }
        }
        return pushers;
    }

    /**
     * What sticks and wishes did in a window: as they are, later, and summed up.
     *
     * @param from beginning [s]
     * @param movers to which those are added that moved
     * @return none where the stick moves so much that all is its doing
     */
    static Optional<List<double[]>> commanded(List<Pusher> pushers, double from, Bins bins, List<Mover> movers) {
        List<double[]> out = new ArrayList<>();
        for (Pusher pusher : pushers) {
            double[] all = pusher.all();
            int at = (int) Math.rint((from - pusher.start()) * bins.rate());
            double[] now = new double[bins.size()];
            double moved = bins.fill(all, at, now) ? Fit.deviation(now) : 0;
            if (pusher.hides() && moved > LARGE) {
                return Optional.empty();
            }
            if (moved >= still(pusher.column())) {
                add(out, all, at, now, bins);
                movers.add(new Mover(all, at));
            }
        }
        return Optional.of(out);
    }

    private static void add(List<double[]> out, double[] all, int at, double[] now, Bins bins) {
        for (double later : LATER) {
            double[] before = new double[now.length];
            if (bins.fill(all, at - (int) Math.rint(later * bins.rate()), before)) {
                out.add(before);
            }
        }
        out.add(now);
        out.add(Fit.summed(now));
    }

    /** Less than this is no movement of a stick or a wish [SI unit of the column]. */
    private static double still(LogColumn mover) {
        return switch (mover.quantity()) {
            case HEIGHT -> 0.3;
            case SPEED -> 0.2;
            case ANGLE -> Math.toRadians(0.7);
            default -> 0.015;
        };
    }
}
