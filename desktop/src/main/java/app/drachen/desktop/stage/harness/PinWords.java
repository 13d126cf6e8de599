package app.drachen.desktop.stage.harness;

import app.drachen.core.harness.Pin;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.stream.Collectors;

/** Pins of a plug as words that can be typed: "ground, power, transmit, receive". */
final class PinWords {
    private PinWords() {}

    static String text(List<Pin> pins) {
        return pins.stream().map(Pin::label).collect(Collectors.joining(", "));
    }

    /** Reads pins; the beginning of a word is enough where it is one pin's alone. */
    static Optional<List<Pin>> read(String text, Consumer<String> told) {
        List<Pin> pins = new ArrayList<>();
        for (String word : text.split("[,;\\s]+")) {
            if (word.isBlank()) {
                continue;
            }
            List<Pin> fit = List.of(Pin.values()).stream()
                    .filter(p -> p.label().startsWith(word.toLowerCase(Locale.ROOT)))
                    .toList();
            if (fit.size() != 1) {
                told.accept("\u201c" + word + "\u201d is no pin; write " + text(List.of(Pin.values())) + ".");
                return Optional.empty();
            }
            pins.add(fit.get(0));
        }
        return Optional.of(pins);
    }
}
