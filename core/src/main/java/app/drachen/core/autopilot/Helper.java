package app.drachen.core.autopilot;

import java.util.List;
import java.util.Locale;
import java.util.Optional;

/** What may be switched on beside a mode. */
public enum Helper {
    NONE("no helper"),
    AUTOTUNE("Autotune"),
    AUTO_TRIM("auto-trim");

    private final String label;

    Helper(String label) {
        this.label = label;
    }

    public String label() {
        return label;
    }

    /** The helper that a word in a log names: {@code Autotune}, {@code AUTO TRIM}, {@code none}. */
    public static Optional<Helper> named(String text) {
        String word = text.toLowerCase(Locale.ROOT).replaceAll("[^a-z]", "");
        return word.contains("tune") || word.contains("tuning")
                ? Optional.of(AUTOTUNE)
                : word.contains("trim")
                        ? Optional.of(AUTO_TRIM)
                        : List.of("none", "nohelper", "off", "").contains(word) ? Optional.of(NONE) : Optional.empty();
    }
}
