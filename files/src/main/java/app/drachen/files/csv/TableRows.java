package app.drachen.files.csv;

import de.siegmar.fastcsv.reader.AbstractBaseCsvCallbackHandler;
import de.siegmar.fastcsv.reader.RecordWrapper;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/**
 * Takes the fields that are wanted out of the characters of a table, without making words of those that are numbers.
 *
 * <p>A row is good until the one after the next is read, since whoever asks whether there is a next one has it read; or for as long as
 * {@link RowReader} keeps the piece that it stands in.
 */
final class TableRows extends AbstractBaseCsvCallbackHandler<TableRow> {
    /** What is wanted of a place. */
    enum Want {
        NOTHING,
        NUMBER,
        TEXT
    }

    /** More places than this are not kept in rows [-]. */
    private static final int MOST = 1 << 19;

    private final Want[] wanted;
    private final boolean comma;
    private final char point;
    private final NumberText.Plain plain = new NumberText.Plain();

    /** So many rows are filled in turns. */
    private final int turns;

    private final List<TableRow> rows = new ArrayList<>();
    private int filled = -1;
    private boolean overfull;

    /** The row last filled is one that is not handed on. */
    private boolean again;

    private TableRow row;
    private TableRow rowBefore;

    /** Fills two rows in turns. */
    TableRows(int places, boolean comma) {
        this(new Want[places], comma, 2);
        Arrays.fill(wanted, Want.NOTHING);
    }

    private TableRows(Want[] wanted, boolean comma, int turns) {
        this.wanted = wanted;
        this.comma = comma;
        point = comma ? ',' : '.';
        this.turns = turns;
        row = new TableRow(wanted.length);
        rowBefore = row;
    }

    /** One that wants the same, now and later, and keeps the rows from {@link #fromTheFirst} on. */
    TableRows another() {
        return new TableRows(wanted, comma, Math.max(2, MOST / wanted.length));
    }

    /** Rows that were filled may be filled anew. */
    void fromTheFirst() {
        filled = -1;
        overfull = false;
        again = false;
    }

    /** Whether there were more rows than can be kept, so that some were lost: many short ones in a wide table. */
    boolean overfull() {
        return overfull;
    }

    /** Says what is wanted of a place; −1 for none. */
    void want(int place, Want what) {
        if (place >= 0) {
            wanted[place] = what;
        }
    }

    /**
     * Takes the rows out of characters in which every separator ends a field and every end of a line a row, as long as no
     * quotation mark says otherwise. What they are is what the library finds; a number is read while the end of its field is looked for.
     *
     * @param characters of whole lines, the last perhaps without its end
     * @param length how many of them count
     * @param found to which the rows are added, which stay good until {@link #fromTheFirst}
     * @return how many lines end there; −1 if there is a quotation mark, or there are more rows than can be kept
     */
    long lines(char[] characters, int length, char separator, List<TableRow> found) {
        long lines = 0;
        int at = 0;
        while (at < length) {
            boolean empty = ends(characters[at]);
            if (!empty) {
                handleBegin(lines + 1);
                at = fields(characters, at, length, separator);
                if (at < 0 || overfull) {
                    return -1;
                }
                found.add(row);
            }
            if (at < length) {
                lines++;
                at += characters[at] == '\r' && at + 1 < length && characters[at + 1] == '\n' ? 2 : 1;
            }
        }
        return lines;
    }

    private static boolean ends(char c) {
        return c == '\n' || c == '\r';
    }

    /** Takes the fields of a row; where its line ends, or −1 at a quotation mark. */
    private int fields(char[] characters, int from, int length, char separator) {
        int begin = from;
        for (int place = 0; ; place++) {
            int end = begin;
            boolean number = point != separator && place < wanted.length && wanted[place] == Want.NUMBER;
            if (number) {
                end = plain.read(characters, begin, length, point);
            }
            if (number
                    && (end == length || characters[end] == separator || ends(characters[end]))
                    && (end == begin || !Double.isNaN(plain.number))) {
                take(place, end == begin);
            } else {
                while (end < length && characters[end] != separator && !ends(characters[end])) {
                    if (characters[end++] == '"') {
                        return -1;
                    }
                }
                handleField(place, characters, begin, end - begin, false);
            }
            if (end == length || characters[end] != separator) {
                row.fields = place + 1;
                return end;
            }
            begin = end + 1;
        }
    }

    /** Takes the number read last, or that there is none. */
    private void take(int place, boolean empty) {
        row.blank &= place > 0 || empty;
        row.numbers[place] = plain.number;
        if (!row.texts[place].isEmpty()) {
            row.texts[place] = "";
        }
    }

    @Override
    protected void handleBegin(long line) {
        if (!again) {
            overfull |= filled + 1 == turns;
            filled = (filled + 1) % turns;
            if (filled == rows.size()) {
                rows.add(new TableRow(wanted.length));
            }
            rowBefore = row;
            row = rows.get(filled);
        }
        again = false;
        row.line = line;
        row.blank = true;
        row.remark = false;
        Arrays.fill(row.numbers, Double.NaN);
    }

    @Override
    protected void handleField(int place, char[] characters, int from, int length, boolean quoted) {
        if (place == 0) {
            row.remark = length > 0 && characters[from] == '#';
            row.blank = blank(characters, from, length);
        }
        if (place >= wanted.length || wanted[place] == Want.NOTHING) {
            return;
        }
        if (wanted[place] == Want.NUMBER) {
            double number = NumberText.plain(characters, from, length, comma);
            if (!Double.isNaN(number)) {
                row.numbers[place] = number;
                row.texts[place] = "";
                return;
            }
        }
        row.texts[place] = same(rowBefore.texts[place], characters, from, length);
    }

    /** The word of the row before where it stands here too, which is nearly always. */
    private static String same(String before, char[] characters, int from, int length) {
        if (before.length() != length) {
            return length == 0 ? "" : new String(characters, from, length);
        }
        for (int i = 0; i < length; i++) {
            if (before.charAt(i) != characters[from + i]) {
                return new String(characters, from, length);
            }
        }
        return before;
    }

    private static boolean blank(char[] characters, int from, int length) {
        for (int i = 0; i < length; i++) {
            if (!Character.isWhitespace(characters[from + i])) {
                return false;
            }
        }
        return true;
    }

    @Override
    protected RecordWrapper<TableRow> buildRecord() {
        row.fields = getFieldCount();
        again = isEmptyLine();
        return wrapRecord(row);
    }
}
