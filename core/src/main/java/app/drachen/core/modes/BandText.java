package app.drachen.core.modes;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/**
 * Pulse bands as one line of text: edges and modes in turn, such as {@code 800 Manual 1300 Level 1700 Home 2200}; a
 * dash stands for a gap without a mode.
 */
public final class BandText {
    private static final String GAP = "-";

    private BandText() {}

    /** Writes bands in rising order. */
    public static String write(List<PulseBand> bands) {
        List<PulseBand> rising = bands.stream()
                .sorted(java.util.Comparator.comparingDouble(PulseBand::lowMicros))
                .toList();
        StringBuilder text = new StringBuilder();
        double edge = Double.NaN;
        for (PulseBand band : rising) {
            if (Double.isNaN(edge)) {
                text.append(number(band.lowMicros()));
            } else if (band.lowMicros() > edge) {
                text.append(' ').append(GAP).append(' ').append(number(band.lowMicros()));
            }
            text.append(' ').append(band.mode().label()).append(' ').append(number(band.highMicros()));
            edge = band.highMicros();
        }
        return text.toString();
    }

    private static String number(double micros) {
        return micros == Math.rint(micros) ? String.valueOf((long) micros) : String.valueOf(micros);
    }

    /**
     * Reads bands.
     *
     * @param text edges and modes in turn
     * @return the bands
     * @throws IllegalArgumentException with one sentence that names the word and what is wanted there
     */
    public static List<PulseBand> read(String text) {
        String[] words = text.strip().split("[\\s,;]+");
        if (words.length < 3 || words.length % 2 == 0) {
            throw new IllegalArgumentException(
                    "Write edges and modes in turn, such as 800 Manual 1300 Level 1700 Home 2200.");
        }
        List<PulseBand> bands = new ArrayList<>();
        for (int i = 1; i < words.length; i += 2) {
            double low = edge(words[i - 1]);
            double high = edge(words[i + 1]);
            if (!(high > low)) {
                throw new IllegalArgumentException(
                        "The edge " + words[i + 1] + " does not lie above " + words[i - 1] + ".");
            }
            Optional<FlightMode> mode = mode(words[i]);
            mode.ifPresent(m -> bands.add(new PulseBand(low, high, m)));
        }
        return bands;
    }

    private static double edge(String word) {
        try {
            return Double.parseDouble(word);
        } catch (NumberFormatException e) {
            throw new IllegalArgumentException("\u201c" + word + "\u201d stands where an edge in µs is wanted.", e);
        }
    }

    private static Optional<FlightMode> mode(String word) {
        if (word.equals(GAP)) {
            return Optional.empty();
        }
        for (FlightMode mode : FlightMode.values()) {
            if (mode.label().toLowerCase(Locale.ROOT).equals(word.toLowerCase(Locale.ROOT))) {
                return Optional.of(mode);
            }
        }
        throw new IllegalArgumentException("\u201c" + word + "\u201d stands where a mode is wanted, such as Level.");
    }
}
