package app.drachen.files.csv;

import de.siegmar.fastcsv.reader.AbstractBaseCsvCallbackHandler;
import de.siegmar.fastcsv.reader.RecordWrapper;
import java.util.Arrays;

/**
 * Takes the fields that are wanted out of the characters of a table, without making words of those that are numbers.
 *
 * <p>A row is good until the one after the next is read, since whoever asks whether there is a next one has it read.
 */
final class TableRows extends AbstractBaseCsvCallbackHandler<TableRow> {
    /** What is wanted of a place. */
    enum Want {
        NOTHING,
        NUMBER,
        TEXT
    }

    private final Want[] wanted;
    private final boolean comma;
    private final TableRow[] rows;
    private int filled;
    private TableRow row;

    TableRows(int places, boolean comma) {
        wanted = new Want[places];
        Arrays.fill(wanted, Want.NOTHING);
        this.comma = comma;
        rows = new TableRow[] {new TableRow(places), new TableRow(places)};
        row = rows[0];
    }

    /** Says what is wanted of a place; −1 for none. */
    void want(int place, Want what) {
        if (place >= 0) {
            wanted[place] = what;
        }
    }

    @Override
    protected void handleBegin(long line) {
        filled = 1 - filled;
        row = rows[filled];
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
        row.texts[place] = same(rows[1 - filled].texts[place], characters, from, length);
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
        return wrapRecord(row);
    }
}
