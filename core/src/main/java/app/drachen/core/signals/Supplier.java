package app.drachen.core.signals;

import app.drachen.core.harness.DeviceKind;
import app.drachen.core.units.Ranges;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;

/**
 * What a part can tell: a pilot's own description of a device of the harness, or what one of its kind usually tells.
 *
 * @param device name of the device in the harness, or of a part that could be added; {@code board} for the board itself
 * @param values what it tells, each once
 * @param rate how often [Hz], 0.01 to 1 000
 * @param delay from the measurement to its line [s], 0 to 10
 * @param serial whether it needs a serial port of the board for that
 */
public record Supplier(String device, List<Value> values, double rate, double delay, boolean serial) {
    /** The board itself: its clock, its mode, its pressure height. */
    public static final String BOARD = "board";

    /** What a list of them begins with. */
    public static final Supplier FIRST = new Supplier("part", List.of(), 5, 0.05, false);

    public Supplier {
        Ranges.requireText("name of what tells values", device);
        values = List.copyOf(values).stream().distinct().toList();
        Ranges.require("rate of " + device, rate, 0.01, 1_000, "Hz");
        Ranges.require("delay of " + device, delay, 0, 10, "s");
    }

    public boolean tells(Value value) {
        return values.contains(value);
    }

    /** The board itself, with what it makes of what else is told: the wind wants ground speed. */
    public static Supplier board(Set<Value> others) {
        List<Value> all = new ArrayList<>(List.of(Value.TIME, Value.MODE, Value.HEIGHT, Value.CLIMB));
        if (others.contains(Value.GROUND_SPEED)) {
            all.add(Value.WIND);
        }
        return new Supplier(BOARD, all, 25, 0.05, false);
    }

    /**
     * What a device of a kind usually tells; common practice. A speed controller tells nothing
     * unless its pilot says that it has a data line.
     */
    public static Supplier usual(String name, DeviceKind kind) {
        return switch (kind) {
            case RECEIVER -> new Supplier(name, List.of(Value.STRENGTH, Value.RECEIVER_VOLTS), 10, 0.05, false);
            case SATELLITE_RECEIVER -> new Supplier(
                    name,
                    List.of(
                            Value.SATELLITES,
                            Value.GROUND_SPEED,
                            Value.HOME_BEARING,
                            Value.HOME_DISTANCE,
                            Value.POSITION),
                    5,
                    0.2,
                    true);
            case CURRENT_SENSOR -> new Supplier(
                    name, List.of(Value.PACK_VOLTS, Value.CURRENT, Value.CHARGE), 10, 0.1, false);
            case AIRSPEED_SENSOR -> new Supplier(name, List.of(Value.AIRSPEED), 20, 0.1, false);
            default -> new Supplier(name, List.of(), 1, 0, false);
        };
    }

    /**
     * Parts that could be added, invented: what each would tell.
     *
     * <p>Source: own estimate of what such parts tell.
     */
    public static List<Supplier> shelf() {
        return List.of(
                new Supplier(
                        "data line of the speed controller",
                        List.of(Value.PACK_VOLTS, Value.CURRENT, Value.RPM, Value.TEMPERATURE),
                        10,
                        0.1,
                        true),
                new Supplier("current sensor", List.of(Value.PACK_VOLTS, Value.CURRENT, Value.CHARGE), 10, 0.1, false),
                new Supplier(
                        "satellite receiver",
                        List.of(
                                Value.SATELLITES,
                                Value.GROUND_SPEED,
                                Value.HOME_BEARING,
                                Value.HOME_DISTANCE,
                                Value.POSITION,
                                Value.WIND),
                        5,
                        0.2,
                        true),
                new Supplier("airspeed probe", List.of(Value.AIRSPEED), 20, 0.1, false),
                new Supplier(
                        "receiver with a way back", List.of(Value.STRENGTH, Value.RECEIVER_VOLTS), 10, 0.05, false),
                new Supplier("thermometer", List.of(Value.TEMPERATURE), 1, 0.5, false));
    }
}
