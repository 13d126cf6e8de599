package app.drachen.desktop.widget;

import javafx.scene.input.KeyCombination;

/**
 * Something the pilot can do by a key.
 *
 * @param label what it does, in a few words
 * @param keys the key
 * @param shown the key as it is written beside the action
 * @param run does it
 */
public record Action(String label, KeyCombination keys, String shown, Runnable run) {
    /** An action on a key such as {@code "Ctrl+Z"}, {@code "R"} or {@code "F1"}. */
    public static Action of(String label, String key, Runnable run) {
        return new Action(label, KeyCombination.valueOf(key), written(key), run);
    }

    /** The same action on one more key, which is not shown. */
    public static Action also(String key, Runnable run) {
        return new Action("", KeyCombination.valueOf(key), "", run);
    }

    private static String written(String key) {
        return switch (key) {
            case "Plus" -> "+";
            case "Minus" -> "−";
            case "Period" -> ".";
            case "Comma" -> ",";
            case "Left" -> "←";
            case "Right" -> "→";
            case "Up" -> "↑";
            case "Down" -> "↓";
            default -> key.replace("+", " ");
        };
    }
}
