package app.drachen.files.hangar;

import app.drachen.core.log.FlightLog;
import app.drachen.core.log.LogColumn;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.DataInputStream;
import java.io.DataOutputStream;
import java.io.EOFException;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Deque;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ForkJoinPool;
import java.util.concurrent.ForkJoinTask;
import java.util.zip.Deflater;
import java.util.zip.DeflaterOutputStream;
import java.util.zip.InflaterInputStream;

/**
 * A log as bytes in the hangar: column by column, as differences of whole multiples of the column's resolution, in as
 * few bytes as they need, deflated. Keeps what a CSV of the same log would say.
 *
 * <p>Source: variable-length integers with alternating signs as common practice; RFC 1950 and 1951 for the deflating.
 */
final class PackedLog {
    private static final byte[] MARK = {'D', 'R', 'L', 1};

    /** So many rows of a column are put away at once. */
    private static final int PART = 256 * FlightLog.Column.PART;

    /** So many of them may wait for it. */
    private static final int AHEAD = 8;

    private PackedLog() {}

    /** Bytes one by one, for one thread. */
    private static final class Bytes extends InputStream {
        private final InputStream from;
        private final byte[] held = new byte[1 << 16];
        private int at;
        private int end;

        Bytes(InputStream from) {
            this.from = from;
        }

        @Override
        public int read() throws IOException {
            return at < end || fill() ? held[at++] & 0xFF : -1;
        }

        @Override
        public int read(byte[] into, int first, int length) throws IOException {
            if (at == end && !fill()) {
                return -1;
            }
            int n = Math.min(length, end - at);
            System.arraycopy(held, at, into, first, n);
            at += n;
            return n;
        }

        private boolean fill() throws IOException {
            at = 0;
            end = Math.max(0, from.read(held));
            return end > 0;
        }

        @Override
        public void close() throws IOException {
            from.close();
        }
    }

    /** The same for writing; the library's own takes a lock for each byte. */
    private static final class Gathered extends OutputStream {
        private final OutputStream to;
        private final byte[] held = new byte[1 << 16];
        private int at;

        Gathered(OutputStream to) {
            this.to = to;
        }

        @Override
        public void write(int b) throws IOException {
            if (at == held.length) {
                flush();
            }
            held[at++] = (byte) b;
        }

        @Override
        public void flush() throws IOException {
            to.write(held, 0, at);
            at = 0;
        }

        @Override
        public void close() throws IOException {
            flush();
            to.close();
        }
    }

    static byte[] pack(FlightLog log) throws IOException {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        bytes.write(MARK);
        Deflater deflater = new Deflater(3);
        Gathered all = new Gathered(new DeflaterOutputStream(bytes, deflater, 1 << 16));
        try (DataOutputStream out = new DataOutputStream(all)) {
            out.writeInt(log.rows());
            out.writeDouble(log.start().orElse(Double.NaN));
            List<LogColumn> columns =
                    Arrays.stream(LogColumn.values()).filter(log::has).toList();
            out.writeInt(columns.size());
            for (LogColumn column : columns) {
                out.writeUTF(column.id());
                double size = column.perUnit();
                long last = 0;
                for (int row = 0; row < log.rows(); row++) {
                    double value = log.value(column, row);
                    if (Double.isNaN(value)) {
                        number(all, 0);
                    } else {
                        long now = Math.round(value * size);
                        if (column == LogColumn.TIME && row > 0) {
                            // rows nearer than the resolution stay rows, and rise
                            now = Math.max(now, last + 1);
                        }
                        long step = now - last;
                        number(all, (step << 1 ^ step >> 63) + 1);
                        last = now;
                    }
                }
            }
        } finally {
            deflater.end();
        }
        return bytes.toByteArray();
    }

    private static void number(Gathered out, long number) throws IOException {
        long rest = number;
        while ((rest & ~0x7FL) != 0) {
            out.write((int) (rest & 0x7F | 0x80));
            rest >>>= 7;
        }
        out.write((int) rest);
    }

    static boolean isPacked(byte[] bytes) {
        return bytes.length > MARK.length && Arrays.equals(Arrays.copyOf(bytes, MARK.length), MARK);
    }

    static FlightLog unpack(byte[] bytes) throws IOException {
        try (Bytes all = new Bytes(new InflaterInputStream(
                        new ByteArrayInputStream(bytes, MARK.length, bytes.length - MARK.length)));
                DataInputStream in = new DataInputStream(all)) {
            int rows = in.readInt();
            double start = in.readDouble();
            int count = in.readInt();
            // a deflated byte holds at most some 1032 bytes, and a sample takes one of them
            if (rows < 0 || count < 0 || count > 1_000 || rows > bytes.length * 1_040L) {
                throw new IOException("its sizes make no sense");
            }
            Putting putting = new Putting();
            Map<LogColumn, List<FlightLog.Column>> held = new EnumMap<>(LogColumn.class);
            for (int i = 0; i < count; i++) {
                Optional<LogColumn> column = LogColumn.byHeader(in.readUTF());
                Numbers numbers =
                        new Numbers(all, column.map(LogColumn::perUnit).orElse(1.0));
                List<FlightLog.Column> parts = new ArrayList<>();
                for (int row = 0; row < rows; row += PART) {
                    double[] values = putting.room(Math.min(PART, rows - row));
                    numbers.next(values);
                    if (column.isPresent()) {
                        putting.away(values, parts);
                    }
                }
                column.ifPresent(known -> held.put(known, parts));
            }
            putting.until(0);
            Map<LogColumn, FlightLog.Column> columns = new EnumMap<>(LogColumn.class);
            held.forEach((column, parts) -> columns.put(column, FlightLog.Column.of(parts)));
            return log(rows, columns, start);
        }
    }

    /** Parts of columns that are put away while the next are read: both cores work, and only a few parts stand in full. */
    private static final class Putting {
        private final Deque<Waiting> underWay = new ArrayDeque<>();
        private double[] room = new double[0];

        /**
         * A part that is put away; it holds its numbers as long as it is held itself.
         *
         * @param part what it will be
         * @param values its numbers
         * @param parts of its column, to which it belongs then
         */
        private record Waiting(ForkJoinTask<FlightLog.Column> part, double[] values, List<FlightLog.Column> parts) {}

        /** Room for the next part, of one that was put away if there is some. */
        double[] room(int rows) {
            until(AHEAD - 1);
            double[] free = room;
            room = new double[0];
            return free.length == rows ? free : new double[rows];
        }

        void away(double[] values, List<FlightLog.Column> parts) {
            ForkJoinTask<FlightLog.Column> part = ForkJoinPool.commonPool().submit(() -> FlightLog.Column.of(values));
            underWay.add(new Waiting(part, values, parts));
        }

        /** Waits until no more than so many are left, in their order. */
        void until(int left) {
            while (underWay.size() > left) {
                Waiting first = underWay.remove();
                first.parts().add(first.part().join());
                room = first.values();
            }
        }
    }

    /** The samples of a column, each as what it differs from the one before. */
    private static final class Numbers {
        private final Bytes in;
        private final double size;
        private long last;

        Numbers(Bytes in, double size) {
            this.in = in;
            this.size = size;
        }

        void next(double[] values) throws IOException {
            for (int row = 0; row < values.length; row++) {
                long number = 0;
                int shift = 0;
                int b;
                do {
                    b = in.read();
                    if (b < 0) {
                        throw new EOFException();
                    }
                    number |= (long) (b & 0x7F) << shift;
                    shift += 7;
                } while ((b & 0x80) != 0 && shift < 70);
                if (number == 0) {
                    values[row] = Double.NaN;
                } else {
                    long step = number - 1;
                    last += step >>> 1 ^ -(step & 1);
                    values[row] = last / size;
                }
            }
        }
    }

    private static FlightLog log(int rows, Map<LogColumn, FlightLog.Column> columns, double start) throws IOException {
        if (!columns.containsKey(LogColumn.TIME) && rows > 0) {
            throw new IOException("it has no times");
        }
        FlightLog log;
        try {
            log = FlightLog.ofColumns(columns);
        } catch (IllegalArgumentException e) {
            throw new IOException(e.getMessage(), e);
        }
        return Double.isNaN(start) ? log : log.startedAt(start);
    }
}
