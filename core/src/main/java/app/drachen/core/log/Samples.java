package app.drachen.core.log;

import java.util.Arrays;

/**
 * The samples of one column in rooms of equal size, so that a log can grow without copying what it has. Whoever
 * writes keeps to rows that no finished log can see.
 */
final class Samples {
    private static final int BITS = 12;
    private static final int ROOM = 1 << BITS;
    private static final int MASK = ROOM - 1;

    private double[][] rooms = new double[4][];

    /** Writes a sample [unit of the column]; rows in front of it stay as they are. */
    void set(int row, double value) {
        int room = row >> BITS;
        if (room >= rooms.length) {
            // a column may begin late in a long log
            rooms = Arrays.copyOf(rooms, Math.max(rooms.length * 2, room + 1));
        }
        if (rooms[room] == null) {
            rooms[room] = new double[ROOM];
            Arrays.fill(rooms[room], Double.NaN);
        }
        rooms[room][row & MASK] = value;
    }

    /** A sample [unit of the column]; NaN where none was written. */
    double get(int row) {
        double[] room = row >> BITS < rooms.length ? rooms[row >> BITS] : null;
        return room == null ? Double.NaN : room[row & MASK];
    }

    /** The first rows, as they are now: full rooms are shared, the last one is copied. */
    Samples frozen(int rows) {
        Samples frozen = new Samples();
        int full = rows >> BITS;
        frozen.rooms = Arrays.copyOf(rooms, full + 1);
        if (full < rooms.length && rooms[full] != null) {
            frozen.rooms[full] = rooms[full].clone();
        }
        return frozen;
    }

    /** A copy of the first rows [unit of the column]. */
    double[] copy(int rows) {
        double[] copy = new double[rows];
        for (int row = 0; row < rows; row += ROOM) {
            double[] room = row >> BITS < rooms.length ? rooms[row >> BITS] : null;
            int length = Math.min(ROOM, rows - row);
            if (room == null) {
                Arrays.fill(copy, row, row + length, Double.NaN);
            } else {
                System.arraycopy(room, 0, copy, row, length);
            }
        }
        return copy;
    }

    static Samples of(double[] values) {
        Samples samples = new Samples();
        for (int row = 0; row < values.length; row++) {
            samples.set(row, values[row]);
        }
        return samples;
    }
}
