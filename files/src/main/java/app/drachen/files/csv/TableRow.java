package app.drachen.files.csv;

import java.util.Arrays;

/**
 * One row of a table while it is read: numbers where fields are plain numbers, texts where they are not. Filled anew for another
 * row; see {@link TableRows}.
 */
final class TableRow {
    /** Line of the file that is read, from 1. */
    long line;

    /** How many fields it has. */
    int fields;

    /** Whether the first field is blank, or begins a remark. */
    boolean blank;

    boolean remark;

    /** Plain numbers; not a number where the field is none [unit of the file]. */
    final double[] numbers;

    /** What stands in a field that is no plain number; empty where nothing stands there. */
    final String[] texts;

    TableRow(int places) {
        numbers = new double[places];
        texts = new String[places];
        Arrays.fill(texts, "");
    }

    /** The text of a field that was asked for as text, without blanks around it. */
    String text(int place) {
        return texts[place].strip();
    }
}
