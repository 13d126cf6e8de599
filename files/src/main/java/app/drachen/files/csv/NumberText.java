package app.drachen.files.csv;

import java.math.BigDecimal;

/**
 * Reads decimal numbers, whole token or nothing, with a point or a comma.
 *
 * <p>Up to 15 digits and powers of ten up to 22 are exact in binary, so one division rounds rightly (Clinger, "How to
 * read floating point numbers accurately", 1990); everything else goes to the JDK.
 */
final class NumberText {
    private static final double[] TENS = new double[23];

    static {
        for (int i = 0; i < TENS.length; i++) {
            TENS[i] = Double.parseDouble("1e" + i);
        }
    }

    private NumberText() {}

    /**
     * The number of a text without blanks around it.
     *
     * @param text the field
     * @param comma whether the decimal sign is a comma
     * @return the number [unit of the file]; NaN if it is none
     */
    static double parse(String text, boolean comma) {
        double plain = plain(text.toCharArray(), 0, text.length(), comma);
        return Double.isNaN(plain) ? slow(text, comma) : plain;
    }

    /**
     * The number of characters that are a sign, at most 15 digits and a decimal sign, and nothing else.
     *
     * @param text characters
     * @param from the first of them
     * @param length how many
     * @param comma whether the decimal sign is a comma
     * @return the number [unit of the file]; NaN if they are more or less than that
     */
    static double plain(char[] text, int from, int length, boolean comma) {
        Plain plain = new Plain();
        return plain.read(text, from, from + length, comma ? ',' : '.') == from + length ? plain.number : Double.NaN;
    }

    /** Reads plain numbers out of longer texts. */
    static final class Plain {
        /** The number read last [unit of the file]; NaN if there was none. */
        double number = Double.NaN;

        /**
         * Reads a sign, digits and a decimal sign as far as they go.
         *
         * @param text characters
         * @param from the first of them
         * @param end behind the last that may be read
         * @param point the decimal sign
         * @return behind the last that was read
         */
        int read(char[] text, int from, int end, char point) {
            int at = from;
            boolean minus = at < end && text[at] == '-';
            if (minus || at < end && text[at] == '+') {
                at++;
            }
            long digits = 0;
            int first = at;
            int behind = -1;
            for (; at < end; at++) {
                int digit = text[at] - '0';
                if (digit >= 0 && digit <= 9) {
                    digits = digits * 10 + digit;
                } else if (text[at] == point && behind < 0) {
                    behind = at + 1;
                } else {
                    break;
                }
            }
            int count = at - first - (behind < 0 ? 0 : 1);
            if (count == 0 || count > 15) {
                number = Double.NaN;
            } else {
                double value = behind >= 0 && behind < at ? digits / TENS[at - behind] : digits;
                number = minus ? -value : value;
            }
            return at;
        }
    }

    /**
     * A decimal number as it is written, without zeros at its end. It reads back as the quotient of the two whole numbers.
     *
     * @param steps how many of the last place [-], below 1e15 either way
     * @param places behind the point [-], 1 to 15
     */
    static String decimal(long steps, int places) {
        String digits = Long.toString(Math.abs(steps));
        String all = digits.length() > places ? digits : "0".repeat(places + 1 - digits.length()) + digits;
        int point = all.length() - places;
        int end = all.length();
        while (end > point && all.charAt(end - 1) == '0') {
            end--;
        }
        String sign = steps < 0 ? "-" : "";
        String whole = sign.concat(all.substring(0, point));
        return end == point ? whole : whole.concat(".").concat(all.substring(point, end));
    }

    /** A number as somebody would write it [unit of the file]. */
    static String written(double number, boolean comma) {
        String text =
                new BigDecimal(Double.toString(number)).stripTrailingZeros().toPlainString();
        return comma ? text.replace('.', ',') : text;
    }

    private static double slow(String text, boolean comma) {
        if (text.isEmpty() || Character.isLetter(text.charAt(text.length() - 1))) {
            return Double.NaN;
        }
        if (comma && text.indexOf('.') >= 0) {
            return grouped(text);
        }
        String plain = comma ? text.replace(',', '.') : text;
        for (int i = 0; i < plain.length(); i++) {
            if ("0123456789+-.eE".indexOf(plain.charAt(i)) < 0) {
                return Double.NaN;
            }
        }
        try {
            return Double.parseDouble(plain);
        } catch (NumberFormatException e) {
            return Double.NaN;
        }
    }

    /** A thousands point before a decimal comma, as in 1.234,5. */
    private static double grouped(String text) {
        return text.matches("[+-]?[0-9]{1,3}(\\.[0-9]{3})+(,[0-9]+)?")
                ? Double.parseDouble(text.replace(".", "").replace(',', '.'))
                : Double.NaN;
    }
}
