package app.drachen.files.csv;

import de.siegmar.fastcsv.reader.CsvReader;
import java.io.CharArrayReader;
import java.io.IOException;
import java.io.Reader;
import java.io.UncheckedIOException;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Deque;
import java.util.Iterator;
import java.util.List;
import java.util.NoSuchElementException;
import java.util.Optional;
import java.util.concurrent.ForkJoinPool;
import java.util.concurrent.ForkJoinTask;
import java.util.concurrent.atomic.AtomicBoolean;

/**
 * The rows of a table in their order. A long one is cut at ends of lines into pieces, some of which are read beside what the caller
 * does with the rows before. From a piece with a quotation mark on, behind which an end of a line need not end a row, all is read in
 * one go.
 *
 * <p>A row is good until one of the piece after the next is read, and for the last rows until the one after the next.
 */
final class RowReader implements Iterator<TableRow> {
    /** Characters of a piece [-]. */
    private static final int SIZE = 1 << 18;

    /** So many pieces are on their way [-]. */
    private static final int AHEAD = 3;

    private final Reader in;
    private final char separator;
    private final TableRows handler;
    private final int size;
    private final Deque<Piece> free = new ArrayDeque<>();
    private final Deque<Piece> underWay = new ArrayDeque<>();
    private Optional<Piece> before = Optional.empty();
    private Optional<Piece> now = Optional.empty();
    private Iterator<TableRow> rows = List.<TableRow>of().iterator();
    private long linesBefore;
    private long linesBehind;

    /** Characters read, those of the pieces that were begun, and rows handed out of this one. */
    private long charactersRead;

    private long charactersTaken;
    private int handed;

    /** What was read behind the last end of a line. */
    private char[] carried = {};

    /** No more pieces come: the table ends, or cannot be cut. */
    private boolean ended;

    private boolean inOneGo;

    /** A piece of the table, and what was found in it. */
    private static final class Piece {
        private final TableRows handler;
        private final char[] characters;
        private final List<TableRow> found = new ArrayList<>();
        private int length;
        private long lines;
        private boolean whole;
        private boolean plain;

        /** Set by the hand that reads it; another one each time it is filled, for a task that comes late must not read it again. */
        private AtomicBoolean begun = new AtomicBoolean();

        private Optional<ForkJoinTask<?>> elsewhere = Optional.empty();

        Piece(TableRows handler, int size) {
            this.handler = handler;
            characters = new char[size];
        }

        /** Has it read beside what this hand does. */
        void readElsewhere(char separator) {
            AtomicBoolean own = begun;
            elsewhere = Optional.of(ForkJoinPool.commonPool().submit(() -> {
                if (own.compareAndSet(false, true)) {
                    read(separator);
                }
            }));
        }

        /** Reads it here, unless another hand has begun; whether it was this one. */
        boolean readHere(char separator) {
            boolean mine = begun.compareAndSet(false, true);
            if (mine) {
                elsewhere = Optional.empty();
                read(separator);
            }
            return mine;
        }

        /** Finds the rows, unless the end of a line may not end one: that is told when all is read in one go. */
        private void read(char separator) {
            found.clear();
            handler.fromTheFirst();
            lines = whole ? handler.lines(characters, length, separator, found) : -1;
            plain = lines >= 0;
        }

        Reader reader() {
            return new CharArrayReader(characters, 0, length);
        }

        boolean isRead() {
            return begun.get() && elsewhere.map(ForkJoinTask::isDone).orElse(true);
        }

        void await() {
            elsewhere.ifPresent(ForkJoinTask::join);
        }
    }

    /** Some readers, one after the other. */
    private static final class Joined extends Reader {
        private final Deque<Reader> all;

        Joined(Deque<Reader> all) {
            this.all = all;
        }

        @Override
        public int read(char[] into, int from, int length) throws IOException {
            while (!all.isEmpty()) {
                int n = all.peek().read(into, from, length);
                if (n >= 0) {
                    return n;
                }
                all.remove();
            }
            return -1;
        }

        @Override
        public void close() {
            // whoever opened them closes them
        }
    }

    /**
     * Rows of a table.
     *
     * @param in from the first row on
     * @param separator between fields
     * @param handler takes what is wanted
     */
    RowReader(Reader in, char separator, TableRows handler) {
        this(in, separator, handler, SIZE);
    }

    /** The same, cut into pieces of so many characters [-]. */
    RowReader(Reader in, char separator, TableRows handler, int size) {
        this.in = in;
        this.separator = separator;
        this.handler = handler;
        this.size = size;
    }

    private static Iterator<TableRow> records(TableRows handler, char separator, Reader in) {
        return CsvReader.builder().fieldSeparator(separator).build(handler, in).iterator();
    }

    @Override
    public boolean hasNext() {
        try {
            while (!rows.hasNext() && !inOneGo) {
                ahead();
                if (underWay.isEmpty()) {
                    return false;
                }
                take(underWay.remove());
            }
            return rows.hasNext();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    @Override
    public TableRow next() {
        if (!hasNext()) {
            throw new NoSuchElementException("no row any more");
        }
        TableRow row = rows.next();
        row.line += linesBefore;
        handed++;
        return row;
    }

    /**
     * How much of what was read of the table was gone through.
     *
     * @return [-], 0 to 1
     */
    double share() {
        if (inOneGo || now.isEmpty() || charactersRead == 0) {
            return 1;
        }
        double left = 1 - (double) handed / now.get().found.size();
        return (charactersTaken - left * now.get().length) / charactersRead;
    }

    /** Goes on to the rows of a piece, and sends more on their way. */
    private void take(Piece piece) throws IOException {
        if (!piece.readHere(separator) && !piece.isRead()) {
            // this hand helps instead of waiting
            underWay.stream().anyMatch(p -> p.readHere(separator));
        }
        piece.await();
        linesBefore = linesBehind;
        if (!piece.plain) {
            rows = rest(piece);
            inOneGo = true;
            return;
        }
        linesBehind += piece.lines;
        charactersTaken += piece.length;
        if (piece.found.isEmpty()) {
            // the rows before it are still good
            free.add(piece);
        } else {
            before.ifPresent(free::add);
            before = now;
            now = Optional.of(piece);
            handed = 0;
        }
        rows = piece.found.iterator();
        ahead();
    }

    private Iterator<TableRow> rest(Piece first) {
        Deque<Reader> all = new ArrayDeque<>(List.of(first.reader()));
        for (Piece piece : underWay) {
            piece.await();
            all.add(piece.reader());
        }
        all.add(new CharArrayReader(carried));
        all.add(in);
        return records(handler, separator, new Joined(all));
    }

    private void ahead() throws IOException {
        while (!ended && underWay.size() < AHEAD) {
            Piece piece = free.isEmpty() ? new Piece(handler.another(), size) : free.remove();
            fill(piece);
            if (ended && now.isEmpty() && underWay.isEmpty()) {
                // a short table is not worth a second hand
                piece.readHere(separator);
            } else {
                piece.readElsewhere(separator);
            }
            underWay.add(piece);
        }
    }

    /** Fills a piece up to the end of a line; the last one, or one without such an end, with all that there is. */
    private void fill(Piece piece) throws IOException {
        char[] to = piece.characters;
        System.arraycopy(carried, 0, to, 0, carried.length);
        int filled = carried.length;
        carried = new char[0];
        for (int n = 0; n >= 0 && filled < to.length; filled += Math.max(0, n)) {
            n = in.read(to, filled, to.length - filled);
            ended |= n < 0;
            charactersRead += Math.max(0, n);
        }
        int cut = filled;
        while (!ended && cut > 0 && to[cut - 1] != '\n') {
            cut--;
        }
        piece.whole = cut > 0;
        piece.begun = new AtomicBoolean();
        ended |= cut == 0;
        piece.length = cut == 0 ? filled : cut;
        carried = Arrays.copyOfRange(to, piece.length, filled);
    }
}
