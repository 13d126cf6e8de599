package app.drachen.files.csv;

import java.time.DateTimeException;
import java.time.LocalDate;

/**
 * Reads times as text: ISO 8601 date and time, a date, a time of day.
 *
 * <p>Source: ISO 8601-1:2019; also day.month.year as common practice. Times without a zone count as UTC.
 */
final class TimeText {
    private static final double DAY = 86_400;

    private TimeText() {}

    /** Whether a text is a date with a time. */
    static boolean isMoment(String text) {
        return !Double.isNaN(moment(text));
    }

    /** Whether a text is a time of day. */
    static boolean isClock(String text) {
        return !Double.isNaN(clock(text, 0, text.length()));
    }

    /**
     * Date and time.
     *
     * @return seconds since 1970-01-01 UTC [s], NaN if the text is no such thing
     */
    static double moment(String text) {
        int split = text.indexOf('T') > 0 ? text.indexOf('T') : text.indexOf(' ');
        if (split < 8) {
            return Double.NaN;
        }
        double day = day(text.substring(0, split));
        int end = text.length();
        double zone = 0;
        if (half(text, split + 1, end) >= 0) {
            return day * DAY + clock(text, split + 1, end);
        }
        if (text.charAt(end - 1) == 'Z') {
            end--;
        } else {
            int sign = Math.max(text.lastIndexOf('+'), text.lastIndexOf('-'));
            if (sign > split) {
                zone = zone(text.substring(sign));
                end = sign;
            }
        }
        return day * DAY + clock(text, split + 1, end) - zone;
    }

    private static double zone(String text) {
        String digits = text.substring(1).replace(":", "");
        boolean known = digits.matches("[0-9]{2}([0-9]{2})?");
        if (!known) {
            return Double.NaN;
        }
        int hours = Integer.parseInt(digits.substring(0, 2));
        int minutes = digits.length() == 4 ? Integer.parseInt(digits.substring(2)) : 0;
        return (text.charAt(0) == '-' ? -1 : 1) * (hours * 3600.0 + minutes * 60.0);
    }

    /**
     * A date as year-month-day, yearmonthday or day.month.year; month/day/year where the second number can be no month.
     *
     * @return days since 1970-01-01 [d], NaN if the text is no such thing
     */
    static double day(String text) {
        String[] parts = text.split("[-./]");
        try {
            if (parts.length == 1 && text.matches("[0-9]{8}")) {
                return LocalDate.of(whole(text.substring(0, 4)), whole(text.substring(4, 6)), whole(text.substring(6)))
                        .toEpochDay();
            }
            if (parts.length != 3) {
                return Double.NaN;
            }
            boolean yearFirst = parts[0].length() == 4;
            int year = whole(parts[yearFirst ? 0 : 2]);
            int month = whole(parts[1]);
            int day = whole(parts[yearFirst ? 2 : 0]);
            boolean swapped = !yearFirst && month > 12 && day <= 12;
            return LocalDate.of(year < 100 ? 2000 + year : year, swapped ? day : month, swapped ? month : day)
                    .toEpochDay();
        } catch (DateTimeException | NumberFormatException e) {
            return Double.NaN;
        }
    }

    private static int whole(String digits) {
        return Integer.parseInt(digits);
    }

    /**
     * Hours:minutes:seconds or minutes:seconds, with a fraction behind a point or comma, and AM or PM behind it.
     *
     * @return seconds [s], NaN if the text is no such thing
     */
    static double clock(String text, int from, int to) {
        int half = half(text, from, to);
        if (half >= 0) {
            String whole = text.substring(from, to).replaceAll("[\\s\u00a0]*[AaPp]\\.?[Mm]\\.?$", "");
            whole += whole.chars().filter(c -> c == ':').count() == 1 ? ":00" : "";
            double clock = clock(whole, 0, whole.length());
            // twelve is nought, in both halves
            return clock >= 46_800 ? Double.NaN : clock % 43_200 + half * 43_200.0;
        }
        double total = 0;
        int fields = 0;
        int start = from;
        for (int at = from; at <= to; at++) {
            if (at == to || text.charAt(at) == ':') {
                boolean last = at == to;
                double part = part(text, start, at, last);
                boolean good = last || part == Math.rint(part);
                if (Double.isNaN(part) || !good || fields > 0 && part >= 60.5) {
                    return Double.NaN;
                }
                total = total * 60 + part;
                fields++;
                start = at + 1;
            }
        }
        double unit = fields == 3 ? 1 : fields == 2 ? (from > 0 ? 60 : 1) : Double.NaN;
        return total * unit;
    }

    /** 0 for a time with AM behind it, 1 for PM, −1 for neither; with or without points. */
    private static int half(String text, int from, int to) {
        int at = to - 1;
        int letters = 0;
        int half = -1;
        while (at > from && letters < 2) {
            char c = Character.toLowerCase(text.charAt(at--));
            if (c == '.') {
                continue;
            }
            letters++;
            if (letters == 1 && c != 'm') {
                return -1;
            }
            half = letters == 2 ? (c == 'a' ? 0 : c == 'p' ? 1 : -1) : -1;
        }
        return half;
    }

    private static double part(String text, int from, int to, boolean fraction) {
        String part = text.substring(from, to);
        boolean plain = !part.isEmpty() && Character.isDigit(part.charAt(0));
        if (!plain || !fraction && part.length() > 2) {
            return Double.NaN;
        }
        return NumberText.parse(part.replace(',', '.'), false);
    }
}
