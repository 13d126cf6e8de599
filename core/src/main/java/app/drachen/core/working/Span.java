package app.drachen.core.working;

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

    /**
     * A moment in minutes and seconds, with hours from the first hour on.
     *
     * @param seconds on the log's clock [s]; rounded to whole ones
     */
    public static String clock(double seconds) {
        long whole = Math.round(Math.abs(seconds));
        String sign = seconds < 0 ? "−" : "";
        return whole < 3_600
                ? sign + whole / 60 + two(whole % 60)
                : sign + whole / 3_600 + two(whole / 60 % 60) + two(whole % 60);
    }

    private static String two(long part) {
        return (part < 10 ? ":0" : ":") + part;
    }
}
