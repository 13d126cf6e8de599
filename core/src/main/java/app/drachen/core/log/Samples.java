package app.drachen.core.log;

import java.util.Arrays;
import java.util.List;

/**
 * The samples of one column in rooms of equal size, so that a log can grow without copying what it has. A room does not change once it
 * is taken in; one that was not full is given again with more. A room of numbers with few decimals, as files have them, is held as whole
 * numbers and gives every sample back to the bit.
 */
final class Samples {
    private static final int BITS = 7;
    static final int ROOM = 1 << BITS;
    private static final int MASK = ROOM - 1;
    private static final double[] TENS = {1, 1e1, 1e2, 1e3, 1e4, 1e5, 1e6, 1e7, 1e8};

    private Room[] rooms = new Room[4];

    /** How many decimals the room before had: the next one is likely to have as many. */
    private int decimals;

    /**
     * Samples that stand together, held in one of three ways. Whole numbers are divided, not multiplied: the quotient of two whole
     * numbers is the double that their decimal text would be read as.
     *
     * @param plain numbers as they are; else null
     * @param near whole numbers not far from each other; else null
     * @param whole whole numbers; else null
     * @param base what 0 in near stands for [the unit over per]
     * @param per units in one, a power of ten [-]
     */
    private record Room(double[] plain, short[] near, int[] whole, double base, double per) {
        static final short NO_SHORT = Short.MIN_VALUE;
        static final int NO_INT = Integer.MIN_VALUE;

        static Room of(double[] plain) {
            return new Room(plain, null, null, 0, 1);
        }

        /** Writes some of its samples to a place. */
        void copy(int from, int to, double[] into, int at) {
            if (plain != null) {
                System.arraycopy(plain, from, into, at, to - from);
            } else if (near != null) {
                for (int i = from; i < to; i++) {
                    into[at + i - from] = near[i] == NO_SHORT ? Double.NaN : (base + near[i]) / per;
                }
            } else {
                for (int i = from; i < to; i++) {
                    into[at + i - from] = whole[i] == NO_INT ? Double.NaN : whole[i] / per;
                }
            }
        }

        double get(int at) {
            if (plain != null) {
                return plain[at];
            }
            if (near != null) {
                short value = near[at];
                return value == NO_SHORT ? Double.NaN : (base + value) / per;
            }
            int value = whole[at];
            return value == NO_INT ? Double.NaN : value / per;
        }
    }

    /** A room in which nothing is written yet [NaN]. */
    static double[] empty() {
        double[] values = new double[ROOM];
        Arrays.fill(values, Double.NaN);
        return values;
    }

    /**
     * Takes in a room, or one that was not full again.
     *
     * @param number of the room, from 0
     * @param values of its rows, copied [unit of the column]
     * @param count of rows that are written
     */
    void room(int number, double[] values, int count) {
        if (number >= rooms.length) {
            // a column may begin late in a long log
            rooms = Arrays.copyOf(rooms, Math.max(rooms.length * 2, number + 1));
        }
        rooms[number] = count == ROOM ? packed(values) : Room.of(values.clone());
    }

    /** A full room in as little space as gives all its samples back; null for one without any. */
    private Room packed(double[] values) {
        for (; decimals < TENS.length; decimals++) {
            double per = TENS[decimals];
            double least = Double.POSITIVE_INFINITY;
            double most = Double.NEGATIVE_INFINITY;
            int i = 0;
            for (; i < ROOM; i++) {
                double value = values[i];
                double whole = Math.rint(value * per);
                if (whole / per != value || whole == 0 && 1 / value < 0) {
                    if (value == value) {
                        break;
                    }
                } else {
                    least = Math.min(least, whole);
                    most = Math.max(most, whole);
                }
            }
            if (i == ROOM) {
                return packed(values, per, least, most);
            }
        }
        // once more from the beginning for the next room: a few such numbers do not make a column of them
        decimals = 0;
        return Room.of(values.clone());
    }

    private static Room packed(double[] values, double per, double least, double most) {
        if (least > most) {
            return null;
        }
        if (most - least < 0xFFFF) {
            double base = least + Short.MAX_VALUE;
            short[] near = new short[ROOM];
            for (int i = 0; i < ROOM; i++) {
                near[i] = Double.isNaN(values[i]) ? Room.NO_SHORT : (short) (Math.rint(values[i] * per) - base);
            }
            return new Room(null, near, null, base, per);
        }
        if (Math.max(-least, most) >= Integer.MAX_VALUE) {
            return Room.of(values.clone());
        }
        int[] whole = new int[ROOM];
        for (int i = 0; i < ROOM; i++) {
            whole[i] = Double.isNaN(values[i]) ? Room.NO_INT : (int) Math.rint(values[i] * per);
        }
        return new Room(null, null, whole, 0, per);
    }

    /** A sample [unit of the column]; NaN where none was written. */
    double get(int row) {
        Room room = row >> BITS < rooms.length ? rooms[row >> BITS] : null;
        return room == null ? Double.NaN : room.get(row & MASK);
    }

    /** The first rows, as they are now; rooms are shared, for none changes once it is taken in. */
    Samples frozen(int rows) {
        Samples frozen = new Samples();
        frozen.rooms = Arrays.copyOf(rooms, (rows + MASK) >> BITS);
        return frozen;
    }

    /**
     * Writes rows to a place that is used again.
     *
     * @param from first row
     * @param rows how many
     * @param into written from its beginning on [unit of the column]; NaN where none was written
     */
    void copy(int from, int rows, double[] into) {
        for (int row = from; row < from + rows; ) {
            int number = row >> BITS;
            int at = row & MASK;
            int count = Math.min(ROOM - at, from + rows - row);
            if (number < rooms.length && rooms[number] != null) {
                rooms[number].copy(at, at + count, into, row - from);
            } else {
                Arrays.fill(into, row - from, row - from + count, Double.NaN);
            }
            row += count;
        }
    }

    /** Samples one after the other; rooms are shared. All but the last have full ones only. */
    static Samples joined(List<Samples> parts) {
        Samples joined = new Samples();
        joined.rooms = parts.stream().flatMap(part -> Arrays.stream(part.rooms)).toArray(Room[]::new);
        return joined;
    }

    static Samples of(double[] values) {
        Samples samples = new Samples();
        samples.rooms = new Room[(values.length + MASK) >> BITS];
        double[] room = new double[ROOM];
        for (int row = 0; row < values.length; row += ROOM) {
            int count = Math.min(ROOM, values.length - row);
            System.arraycopy(values, row, room, 0, count);
            Arrays.fill(room, count, ROOM, Double.NaN);
            samples.room(row >> BITS, room, count);
        }
        return samples;
    }
}
