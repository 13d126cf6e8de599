package app.drachen.files.csv;

import java.util.List;

/**
 * How a table of text is laid out.
 *
 * @param charset name of its character set
 * @param separator between fields
 * @param decimalComma whether numbers have a comma
 * @param headerLine line of the headers, counted from 1; 0 without headers
 * @param unitsBelow whether the line below the headers names units
 * @param headers one for each column
 * @param units one for each column, empty texts without a row of units
 */
public record CsvShape(
        String charset,
        char separator,
        boolean decimalComma,
        int headerLine,
        boolean unitsBelow,
        List<String> headers,
        List<String> units) {
    public CsvShape {
        headers = List.copyOf(headers);
        units = List.copyOf(units);
    }

    /** The same text for every file of this shape: what a remembered mapping is found by. */
    public String key() {
        return separator + "|" + String.join("|", headers);
    }

    /** Lines before the first row of data. */
    int leading() {
        return headerLine + (unitsBelow ? 1 : 0);
    }
}
