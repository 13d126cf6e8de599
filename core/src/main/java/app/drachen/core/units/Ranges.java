package app.drachen.core.units;

import java.util.Locale;

/** Range checks whose failure names the value, its unit and the allowed range. NaN always fails. */
public final class Ranges {
    private Ranges() {}

    /**
     * Requires a value inside a closed range.
     *
     * @param name what the value is called in the message
     * @param value the value [unit as given]
     * @param low least allowed value [unit as given]
     * @param high greatest allowed value [unit as given]
     * @param unit SI unit for the message
     * @return the value [unit as given]
     * @throws IllegalArgumentException if the value is NaN or outside the range
     */
    public static double require(String name, double value, double low, double high, String unit) {
        if (!(low <= value && value <= high)) {
            String is = Double.isFinite(value) ? value + " " + unit : "no number";
            throw new IllegalArgumentException(
                    String.format(Locale.ROOT, "%s is %s; allowed is %s to %s %s", name, is, low, high, unit));
        }
        return value;
    }

    /**
     * Requires a text with something in it.
     *
     * @param name what the text is called in the message
     * @param text the text
     * @return the text
     * @throws IllegalArgumentException if the text is blank
     */
    public static String requireText(String name, String text) {
        if (text == null || text.isBlank()) {
            throw new IllegalArgumentException(name + " is empty; a text is needed");
        }
        return text;
    }
}
