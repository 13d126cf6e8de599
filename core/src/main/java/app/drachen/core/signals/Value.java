package app.drachen.core.signals;

import app.drachen.core.units.Quantity;
import java.util.Optional;

/** A value that may reach the pilot. */
public enum Value {
    PACK_VOLTS("pack volts", Quantity.VOLTAGE, Needed.LAUNCH, 5),
    TIME("time", Quantity.TIME, Needed.LAUNCH, 5),
    MODE("mode", Quantity.COUNT, Needed.HOLD, 7),
    HEIGHT("height", Quantity.HEIGHT, Needed.HOLD, 4),
    CLIMB("climb", Quantity.CLIMB, Needed.NEVER, 5),
    AIRSPEED("airspeed", Quantity.SPEED, Needed.NEVER, 5),
    GROUND_SPEED("ground speed", Quantity.SPEED, Needed.NEVER, 5),
    HOME_BEARING("bearing home", Quantity.BEARING, Needed.HOME, 4),
    HOME_DISTANCE("distance home", Quantity.DISTANCE, Needed.HOME, 5),
    SATELLITES("satellites", Quantity.COUNT, Needed.HOME, 2),
    CHARGE("charge used", Quantity.CHARGE, Needed.REACH, 5),
    STRENGTH("strength", Quantity.DECIBEL, Needed.REACH, 4),
    WIND("wind", Quantity.SPEED, Needed.REACH, 6),
    CURRENT("current", Quantity.CURRENT, Needed.NEVER, 5),
    RPM("motor speed", Quantity.ROTATION, Needed.NEVER, 5),
    TEMPERATURE("temperature", Quantity.TEMPERATURE, Needed.NEVER, 4),
    RECEIVER_VOLTS("receiver volts", Quantity.VOLTAGE, Needed.NEVER, 4),
    POSITION("position", Quantity.COORDINATE, Needed.NEVER, 18);

    /** From which flights on a pilot needs it in sight (SIGNALS-A10); common practice. */
    public enum Needed {
        LAUNCH("launch"),
        HOLD("Hold"),
        HOME("Home"),
        REACH("reach"),
        NEVER("nothing");

        private final String label;

        Needed(String label) {
            this.label = label;
        }

        public String label() {
            return label;
        }
    }

    private final String label;
    private final Quantity quantity;
    private final Needed needed;
    private final int width;

    Value(String label, Quantity quantity, Needed needed, int width) {
        this.label = label;
        this.quantity = quantity;
        this.needed = needed;
        this.width = width;
    }

    public String label() {
        return label;
    }

    public Quantity quantity() {
        return quantity;
    }

    /** How a small step of it is told: finer than the value itself, and a difference of temperatures is no temperature. */
    public Quantity step() {
        return switch (this) {
            case HEIGHT, HOME_DISTANCE -> Quantity.SPAN;
            case TEMPERATURE -> Quantity.WARMING;
            default -> quantity;
        };
    }

    public Needed needed() {
        return needed;
    }

    /** Characters that it takes on a page, without its name. */
    public int width() {
        return width;
    }

    /** A value by its label. */
    public static Optional<Value> named(String label) {
        for (Value value : values()) {
            if (value.label.equals(label)) {
                return Optional.of(value);
            }
        }
        return Optional.empty();
    }
}
