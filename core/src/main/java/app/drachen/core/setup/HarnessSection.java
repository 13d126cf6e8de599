package app.drachen.core.setup;

/**
 * What stage Harness is about, as far as Drachen knows of it yet.
 *
 * @param mount how the board sits
 */
public record HarnessSection(BoardMount mount) {
    /** Nothing entered. */
    public static final HarnessSection EMPTY = new HarnessSection(BoardMount.FORWARD);
}
