package app.drachen.core.working;

import java.util.Locale;

/**
 * A stretch of a log that something is said about.
 *
 * @param from first moment, on the log's clock [s]
 * @param to last moment, not before the first [s]
 */
public record Span(double from, double to) {
    public Span {
        if (!(from <= to)) {
            throw new IllegalArgumentException("a stretch from " + from + " s to " + to + " s");
        }
    }

    /** The stretch in minutes and seconds, as the time axis of the strips counts: {@code 0:47 to 1:23}. */
    public String text() {
        String first = clock(Math.floor(from));
        String last = clock(Math.ceil(to));
        return to - from < 2 ? first : first + " to " + last;
    }

    private static String clock(double seconds) {
        long whole = Math.round(Math.abs(seconds));
        return (seconds < 0 ? "−" : "") + whole / 60 + ":" + String.format(Locale.ROOT, "%02d", whole % 60);
    }
}
