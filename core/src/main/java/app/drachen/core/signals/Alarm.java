package app.drachen.core.signals;

import app.drachen.core.units.Quantity;
import app.drachen.core.units.Ranges;
import java.util.List;

/**
 * Something that speaks up.
 *
 * @param kind what about; each once
 * @param threshold where it speaks [SI unit of the kind]
 * @param hysteresis how far the value must go back before it may speak again [SI unit of the kind], not negative
 * @param lasting how long the value must be beyond before it speaks [s], 0 to 60
 * @param priority 1 speaks over 2 and so on, 1 to 9
 * @param words what is said
 * @param silentIn positions of the switch of the calls in which it is silent, 1 to 3
 */
public record Alarm(
        Kind kind,
        double threshold,
        double hysteresis,
        double lasting,
        int priority,
        String words,
        List<Integer> silentIn) {
    /** What an alarm is about. */
    public enum Kind {
        HEIGHT("height", Value.HEIGHT, Quantity.HEIGHT, true),
        PACK("pack, per cell under load", Value.PACK_VOLTS, Quantity.VOLTAGE, false),
        RESTING("pack, per cell at rest", Value.PACK_VOLTS, Quantity.VOLTAGE, false),
        ENERGY("charge used", Value.CHARGE, Quantity.CHARGE, true),
        LINK("strength as shown", Value.STRENGTH, Quantity.SHARE, false),
        SATELLITES("satellites", Value.SATELLITES, Quantity.COUNT, false),
        TEMPERATURE("temperature", Value.TEMPERATURE, Quantity.TEMPERATURE, true),
        SPEED("airspeed", Value.AIRSPEED, Quantity.SPEED, false),
        TIME("time flown", Value.TIME, Quantity.TIME, true);

        private final String label;
        private final Value value;
        private final Quantity quantity;
        private final boolean above;

        Kind(String label, Value value, Quantity quantity, boolean above) {
            this.label = label;
            this.value = value;
            this.quantity = quantity;
            this.above = above;
        }

        public String label() {
            return label;
        }

        public Value value() {
            return value;
        }

        public Quantity quantity() {
            return quantity;
        }

        /** Whether it speaks above its threshold, not below. */
        public boolean above() {
            return above;
        }
    }

    /** What a list of them begins with. */
    public static final Alarm FIRST = new Alarm(Kind.HEIGHT, 100, 3, 0, 1, "height", List.of());

    public Alarm {
        Ranges.require(
                "threshold of the alarm for " + kind.label(),
                threshold,
                -1e6,
                1e6,
                kind.quantity().si());
        Ranges.require(
                "hysteresis of the alarm for " + kind.label(),
                hysteresis,
                0,
                1e6,
                kind.quantity().si());
        Ranges.require("time that the alarm for " + kind.label() + " waits", lasting, 0, 60, "s");
        Ranges.require("priority of the alarm for " + kind.label(), priority, 1, 9, "-");
        Ranges.requireText("words of the alarm for " + kind.label(), words);
        silentIn = List.copyOf(silentIn).stream().distinct().sorted().toList();
        silentIn.forEach(p -> Ranges.require("position of the switch", p, 1, 3, "-"));
    }

    /**
     * Whether a value is beyond.
     *
     * @param now [SI unit of the kind]
     */
    public boolean beyond(double now) {
        return kind.above() ? now > threshold : now < threshold;
    }

    /**
     * Whether a value has come back far enough for the alarm to be ready again.
     *
     * @param now [SI unit of the kind]
     */
    public boolean back(double now) {
        return kind.above() ? now < threshold - hysteresis : now > threshold + hysteresis;
    }

    /**
     * The same elsewhere.
     *
     * @param where [SI unit of the kind]
     */
    public Alarm at(double where) {
        return new Alarm(kind, where, hysteresis, lasting, priority, words, silentIn);
    }

    /** The same, heard in every position of the switch. */
    public Alarm everywhere() {
        return new Alarm(kind, threshold, hysteresis, lasting, priority, words, List.of());
    }
}
