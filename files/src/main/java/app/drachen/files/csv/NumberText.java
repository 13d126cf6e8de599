package app.drachen.files.csv;

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
        char sign = comma ? ',' : '.';
        int length = text.length();
        int at = 0;
        boolean minus = length > 0 && text.charAt(0) == '-';
        if (minus || length > 0 && text.charAt(0) == '+') {
            at++;
        }
        long digits = 0;
        int count = 0;
        int behind = -1;
        for (; at < length; at++) {
            char c = text.charAt(at);
            if (c >= '0' && c <= '9') {
                digits = digits * 10 + (c - '0');
                count++;
                if (count > 15) {
                    return slow(text, comma);
                }
                behind += behind >= 0 ? 1 : 0;
            } else if (c == sign && behind < 0) {
                behind = 0;
            } else {
                return slow(text, comma);
            }
        }
        if (count == 0) {
            return Double.NaN;
        }
        double value = behind > 0 ? digits / TENS[behind] : digits;
        return minus ? -value : value;
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
