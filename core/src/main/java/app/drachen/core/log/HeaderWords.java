package app.drachen.core.log;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;

/**
 * The words of a foreign column's header and the unit it names.
 *
 * @param words small letters, in order, without the unit
 * @param unit small letters without spaces, empty if none is named
 */
record HeaderWords(List<String> words, String unit) {
    HeaderWords {
        words = List.copyOf(words);
    }

    /**
     * Takes a header apart: {@code "Roll rate (rad/s)"}, {@code gyro_x_rads}, {@code rollRate[deg/s]}.
     *
     * @param header the header
     * @param unitBelow what a row of units says, empty if there is none
     */
    static HeaderWords of(String header, String unitBelow) {
        String text = header.strip();
        String unit = plain(unitBelow);
        int open = Math.max(text.lastIndexOf('('), text.lastIndexOf('['));
        int close = Math.max(text.lastIndexOf(')'), text.lastIndexOf(']'));
        if (open >= 0 && close > open) {
            String inside = plain(text.substring(open + 1, close));
            boolean isUnit = Scales.isUnit(inside) || open > 0 && close == text.length() - 1;
            if (isUnit && unit.isEmpty()) {
                unit = inside;
                text = text.substring(0, open) + " " + text.substring(close + 1);
            }
        }
        List<String> words = split(text);
        if (unit.isEmpty() && words.size() > 1) {
            for (int last = Math.min(2, words.size() - 1); last >= 1 && unit.isEmpty(); last--) {
                List<String> tail = words.subList(words.size() - last, words.size());
                String joined = String.join("", tail);
                if (Scales.isUnit(joined)) {
                    unit = joined;
                    words = new ArrayList<>(words.subList(0, words.size() - last));
                }
            }
        }
        return new HeaderWords(Translated.english(words), unit);
    }

    private static String plain(String unit) {
        String plain = unit.strip().toLowerCase(Locale.ROOT).replace(" ", "").replace("µ", "u");
        return plain.replace("\u03bc", "u").replaceAll("^[\\[(]|[\\])]$", "");
    }

    private static String umlauts(String text) {
        return text.replace("µ", "u")
                .replaceAll("[äÄ]", "ae")
                .replaceAll("[öÖ]", "oe")
                .replaceAll("[üÜ]", "ue")
                .replace("ß", "ss");
    }

    private static List<String> split(String text) {
        String spaced = Translated.plain(umlauts(text))
                .replaceAll("([a-z])([A-Z])", "$1 $2")
                .replaceAll("(?<=[A-Za-z]{2})(?=[0-9])", " ")
                .replace("%", " pct ");
        List<String> words = new ArrayList<>();
        for (String word : spaced.toLowerCase(Locale.ROOT).split("[^\\p{L}0-9]+")) {
            if (!word.isEmpty()) {
                words.add(word);
            }
        }
        return words;
    }

    boolean has(String... wanted) {
        return Arrays.stream(wanted).anyMatch(words::contains);
    }

    /** A number in the header, such as 3 in {@code servo3}; 0 without one. */
    int number() {
        for (String word : words) {
            if (word.matches("[0-9]{1,2}")) {
                return Integer.parseInt(word);
            }
        }
        return 0;
    }
}
