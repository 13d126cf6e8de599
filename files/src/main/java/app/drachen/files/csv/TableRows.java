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
        if (before == null || before.length() != length) {
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
