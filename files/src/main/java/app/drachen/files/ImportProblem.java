package app.drachen.files;

/**
 * Something that was repaired or left out while reading.
 *
 * @param line counted from 1; 0 for the whole file
 * @param column name of the column or field, may be empty
 * @param text what stood there, shortened
 * @param message what was done about it
 */
public record ImportProblem(int line, String column, String text, String message) {
    /** The problem as one sentence. */
    public String sentence() {
        String where = line > 0 ? "line " + line : "the file";
        return where
                + (column.isEmpty() ? "" : ", " + column)
                + ": "
                + (text.isEmpty() ? "" : "\u201c" + text + "\u201d ")
                + message;
    }
}
