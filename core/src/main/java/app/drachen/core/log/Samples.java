package app.drachen.core.log;

import java.util.Arrays;

/**
 * The samples of one column in rooms of equal size, so that a log can grow without copying what it has. Whoever
 * writes keeps to rows that no finished log can see.
 */
final class Samples {
    private static final int BITS = 7;
    static final int ROOM = 1 << BITS;
    private static final int MASK = ROOM - 1;

    private double[][] rooms = new double[4][];

    /**
     * Writes samples of rows that follow one another.
     *
     * @param row the first
     * @param block where they are [unit of the column]
     * @param at place of the first in it
     * @param width from one to the next
     * @param count of them
     */
    void set(int row, double[] block, int at, int width, int count) {
        for (int done = 0; done < count; ) {
            int first = (row + done) & MASK;
            int here = Math.min(count - done, ROOM - first);
            double[] room = room((row + done) >> BITS, here);
            for (int i = 0; i < here; i++) {
                room[first + i] = block[at + (done + i) * width];
            }
            done += here;
        }
    }

    /** A room that is about to get so many samples. */
    private double[] room(int number, int samples) {
        if (number >= rooms.length) {
            // a column may begin late in a long log
            rooms = Arrays.copyOf(rooms, Math.max(rooms.length * 2, number + 1));
        }
        if (rooms[number] == null) {
            rooms[number] = new double[ROOM];
            if (samples < ROOM) {
                Arrays.fill(rooms[number], Double.NaN);
            }
        }
        return rooms[number];
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
        samples.set(0, values, 0, 1, values.length);
        return samples;
    }
}
