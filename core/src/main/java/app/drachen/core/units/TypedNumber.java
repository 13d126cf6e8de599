package app.drachen.core.units;

import java.util.regex.Pattern;

/**
 * Numbers as people type them, with a point or a comma for the fraction and perhaps the other between thousands. Where a
 * comma may be either, nobody guesses.
 */
final class TypedNumber {
    /** What is looked for where there is a comma, or more points than one. */
    private static final class Shapes {
        static final Pattern ONE_COMMA = Pattern.compile("[+-]?[1-9][0-9]{0,2},[0-9]{3}");
        static final Pattern COMMA_THOUSANDS = Pattern.compile("[+-]?[0-9]{1,3}(,[0-9]{3})+(\\.[0-9]*)?");
        static final Pattern POINT_THOUSANDS = Pattern.compile("[+-]?[0-9]{1,3}(\\.[0-9]{3})+(,[0-9]*)?");
    }

    private TypedNumber() {}

    /**
     * The number in digits and a point.
     *
     * @param typed what was typed, without its unit
     * @throws IllegalArgumentException if it may mean two numbers; with both
     */
    static String plain(String typed) {
        if (typed.indexOf(',') < 0 && typed.indexOf('.') == typed.lastIndexOf('.')) {
            return typed;
        }
        if (Shapes.ONE_COMMA.matcher(typed).matches()) {
            String fraction = typed.replace(',', '.').replaceAll("0+$", "").replaceAll("\\.$", "");
            throw new IllegalArgumentException("\u201c" + typed + "\u201d may be " + fraction + " or "
                    + typed.replace(",", "") + "; type the one you mean, without a comma");
        }
        boolean both = typed.indexOf(',') >= 0 && typed.indexOf('.') >= 0;
        boolean many = typed.indexOf(',') != typed.lastIndexOf(',') || typed.indexOf('.') != typed.lastIndexOf('.');
        if ((both || many) && Shapes.COMMA_THOUSANDS.matcher(typed).matches()) {
            return typed.replace(",", "");
        }
        if ((both || many) && Shapes.POINT_THOUSANDS.matcher(typed).matches()) {
            return typed.replace(".", "").replace(',', '.');
        }
        return typed.replace(',', '.');
    }
}
