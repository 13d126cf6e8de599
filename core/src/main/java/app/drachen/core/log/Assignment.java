package app.drachen.core.log;

/**
 * What a column of a foreign file is taken for.
 *
 * @param column the column
 * @param scale how its numbers become SI
 */
public record Assignment(LogColumn column, Scale scale) {
    /** The column as Drachen writes it, or with the first scale that it may have. */
    public static Assignment of(LogColumn column) {
        return new Assignment(column, Scales.of(column).get(0));
    }
}
