package app.drachen.core.wiring;

import app.drachen.core.harness.Settings;
import app.drachen.core.harness.Settings.Value;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

/**
 * Copies of the values in a board as plain lines of name and value, and what differs between two.
 *
 * <p>Source: the format is Drachen's own, as plain as can be: one value a line, its name first, then blanks, an equals sign, a comma or a
 * colon, then the value; lines that begin with # say something about the whole.
 */
public final class SettingsDifference {
    private SettingsDifference() {}

    /**
     * A value that differs.
     *
     * @param name of it
     * @param before empty where it was not there
     * @param after empty where it is gone
     * @param effect what it acts on, where its name tells; empty where it does not
     */
    public record Change(String name, Optional<String> before, Optional<String> after, String effect) {
        /** In one line. */
        public String words() {
            String was = before.orElse("not there");
            String is = after.orElse("gone");
            return name + ": " + was + " \u2192 " + is;
        }
    }

    /** Something in a text that could not be read as a value. */
    public record Skipped(int line, String text) {}

    /** What was read, with what could not be. */
    public record Read(Settings settings, List<Skipped> skipped) {}

    /**
     * Reads lines of name and value. A name that comes twice counts as it stands last, and is told.
     *
     * @param text of the file
     */
    public static Read read(String text) {
        Map<String, String> values = new LinkedHashMap<>();
        List<Skipped> skipped = new ArrayList<>();
        String version = "";
        String day = "";
        String[] lines = text.split("\\R");
        for (int i = 0; i < lines.length; i++) {
            String line = lines[i].strip();
            if (line.isEmpty()) {
                continue;
            }
            if (line.startsWith("#")) {
                String[] said = line.substring(1).strip().split("[\\s:=]+", 2);
                if (said.length == 2 && said[0].equalsIgnoreCase("version")) {
                    version = said[1];
                } else if (said.length == 2 && said[0].equalsIgnoreCase("day")) {
                    day = said[1];
                }
                continue;
            }
            String[] halves = line.split("\\s*[=,:\\t]\\s*|\\s+", 2);
            if (halves.length < 2 || halves[0].isEmpty()) {
                skipped.add(new Skipped(i + 1, line));
            } else if (values.put(halves[0], halves[1]) != null) {
                skipped.add(new Skipped(i + 1, halves[0] + " stands there twice; the last counts"));
            }
        }
        List<Value> list = new ArrayList<>();
        values.forEach((n, v) -> list.add(new Value(n, v)));
        return new Read(new Settings(version, day, list), skipped);
    }

    /** Writes lines of name and value. */
    public static String write(Settings settings) {
        StringBuilder text = new StringBuilder();
        if (!settings.version().isEmpty()) {
            text.append("# version ").append(settings.version()).append('\n');
        }
        if (!settings.day().isEmpty()) {
            text.append("# day ").append(settings.day()).append('\n');
        }
        settings.values()
                .forEach(v -> text.append(v.name()).append(' ').append(v.text()).append('\n'));
        return text.toString();
    }

    /** What differs; numbers that mean the same, such as 0.30 and 0.3, do not. */
    public static List<Change> between(Settings before, Settings after) {
        Map<String, String> was = new LinkedHashMap<>();
        before.values().forEach(v -> was.put(v.name(), v.text()));
        List<Change> changes = new ArrayList<>();
        for (Value now : after.values()) {
            Optional<String> old = Optional.ofNullable(was.remove(now.name()));
            if (old.filter(o -> same(o, now.text())).isEmpty()) {
                changes.add(new Change(now.name(), old, Optional.of(now.text()), effect(now.name())));
            }
        }
        was.forEach((n, v) -> changes.add(new Change(n, Optional.of(v), Optional.empty(), effect(n))));
        return changes;
    }

    private static boolean same(String a, String b) {
        if (a.equals(b)) {
            return true;
        }
        try {
            return Double.parseDouble(a) == Double.parseDouble(b);
        } catch (NumberFormatException e) {
            return false;
        }
    }

    /** Words in a name that tell what the value acts on, the more telling first. */
    private static final Map<String, String> WORDS = words();

    private static Map<String, String> words() {
        Map<String, String> words = new LinkedHashMap<>();
        words.put("arm", "arming: try it on the bench, propeller off");
        words.put("fail", "what happens on a loss: try it on the bench");
        words.put("loss", "what happens on a loss: try it on the bench");
        words.put("home", "the way home");
        words.put("return", "the way home");
        words.put("revers", "servo senses: Stick to surface goes stale");
        words.put("trim", "servo centres: Centre and throw goes stale");
        words.put("centre", "servo centres: Centre and throw goes stale");
        words.put("servo", "servos: Stick to surface goes stale");
        words.put("output", "outputs: Stick to surface goes stale");
        words.put("mix", "mixer: Stick to surface and Tilt to surface go stale");
        words.put("mount", "board mount: Tilt to surface goes stale");
        words.put("rotat", "board mount: Tilt to surface goes stale");
        words.put("roll", "roll: fly Level again");
        words.put("pitch", "pitch: fly Level again");
        words.put("yaw", "yaw: fly Level again");
        words.put("height", "height: fly Hold again");
        words.put("alt", "height: fly Hold again");
        words.put("speed", "speeds: fly Hold again");
        words.put("circle", "Circle: fly it again");
        words.put("radius", "Circle: fly it again");
        words.put("mode", "modes on the switch: read them back on the bench");
        words.put("port", "ports: see that the device still talks");
        words.put("baud", "ports: see that the device still talks");
        words.put("volt", "volts as shown: compare with a meter");
        words.put("cell", "volts as shown: compare with a meter");
        words.put("curr", "current as shown: compare with the charger");
        words.put("amp", "current as shown: compare with the charger");
        return words;
    }

    /** What a value acts on, as far as its name tells. */
    static String effect(String name) {
        String low = name.toLowerCase(Locale.ROOT);
        return WORDS.entrySet().stream()
                .filter(e -> low.contains(e.getKey()))
                .findFirst()
                .map(Map.Entry::getValue)
                .orElse("");
    }
}
