package app.drachen.core.log;

import app.drachen.core.units.Quantity;
import java.util.Arrays;
import java.util.Optional;

/** The catalogue of log columns: id, meaning, quantity, plausible range in SI. */
public enum LogColumn {
    TIME("t", "Time", "s", Quantity.TIME, 0, 1e6),
    MODE("mode", "Mode", "", Quantity.COUNT, 0, 6),
    STICK_ROLL("stickRoll", "Roll stick", "", Quantity.SHARE, -1.3, 1.3),
    STICK_PITCH("stickPitch", "Pitch stick", "", Quantity.SHARE, -1.3, 1.3),
    STICK_YAW("stickYaw", "Yaw stick", "", Quantity.SHARE, -1.3, 1.3),
    STICK_POWER("stickPower", "Power stick", "", Quantity.SHARE, 0, 1),
    POWER("power", "Power", "", Quantity.SHARE, 0, 1),
    ROLL("roll", "Roll", "rad", Quantity.ANGLE, -Math.PI, Math.PI),
    PITCH("pitch", "Pitch", "rad", Quantity.ANGLE, -Math.PI / 2, Math.PI / 2),
    HEADING("yaw", "Heading", "rad", Quantity.BEARING, -Math.PI, 2 * Math.PI),
    ROLL_RATE("p", "Roll rate", "rad/s", Quantity.ANGULAR_RATE, -50, 50),
    PITCH_RATE("q", "Pitch rate", "rad/s", Quantity.ANGULAR_RATE, -50, 50),
    YAW_RATE("r", "Yaw rate", "rad/s", Quantity.ANGULAR_RATE, -50, 50),
    WANTED_ROLL("rollWanted", "Wanted roll", "rad", Quantity.ANGLE, -Math.PI, Math.PI),
    WANTED_PITCH("pitchWanted", "Wanted pitch", "rad", Quantity.ANGLE, -Math.PI / 2, Math.PI / 2),
    AIRSPEED("airspeed", "Airspeed", "m/s", Quantity.SPEED, 0, 150),
    GROUND_SPEED("groundSpeed", "Ground speed", "m/s", Quantity.SPEED, 0, 200),
    COURSE("course", "Course", "rad", Quantity.BEARING, -Math.PI, 2 * Math.PI),
    NORTH("north", "North of home", "m", Quantity.DISTANCE, -1e5, 1e5),
    EAST("east", "East of home", "m", Quantity.DISTANCE, -1e5, 1e5),
    HEIGHT("height", "Height", "m", Quantity.HEIGHT, -500, 10_000),
    CLIMB("climb", "Climb", "m/s", Quantity.CLIMB, -100, 100),
    LOAD_FACTOR("loadFactor", "Load factor", "", Quantity.LOAD_FACTOR, -20, 20),
    VOLTS("volts", "Pack volts", "V", Quantity.VOLTAGE, 0, 60),
    AMPS("amps", "Current", "A", Quantity.CURRENT, -5, 500),
    CHARGE("charge", "Charge used", "C", Quantity.CHARGE, 0, 1e6),
    OUT_1("out1", "Output 1", "us", Quantity.PULSE, 500, 2_500),
    OUT_2("out2", "Output 2", "us", Quantity.PULSE, 500, 2_500),
    OUT_3("out3", "Output 3", "us", Quantity.PULSE, 500, 2_500),
    OUT_4("out4", "Output 4", "us", Quantity.PULSE, 500, 2_500),
    OUT_5("out5", "Output 5", "us", Quantity.PULSE, 500, 2_500),
    OUT_6("out6", "Output 6", "us", Quantity.PULSE, 500, 2_500),
    OUT_7("out7", "Output 7", "us", Quantity.PULSE, 500, 2_500),
    OUT_8("out8", "Output 8", "us", Quantity.PULSE, 500, 2_500),
    STEP("step", "Step of the card", "", Quantity.COUNT, 0, 99);

    private final String id;
    private final String meaning;
    private final String unit;
    private final Quantity quantity;
    private final double low;
    private final double high;

    LogColumn(String id, String meaning, String unit, Quantity quantity, double low, double high) {
        this.id = id;
        this.meaning = meaning;
        this.unit = unit;
        this.quantity = quantity;
        this.low = low;
        this.high = high;
    }

    public String id() {
        return id;
    }

    public String meaning() {
        return meaning;
    }

    public Quantity quantity() {
        return quantity;
    }

    /** The header in Drachen's own CSV: id and SI unit. */
    public String header() {
        return unit.isEmpty() ? id : id + " [" + unit + "]";
    }

    /**
     * Whether a value can be meant: inside the range, or no sample at all.
     *
     * @param value [SI unit of the column]
     */
    public boolean plausible(double value) {
        return Double.isNaN(value) || (low <= value && value <= high);
    }

    /** The range in words, for messages. */
    public String range() {
        return low + " to " + high + (unit.isEmpty() ? "" : " " + unit);
    }

    /** The column of an output channel, 1 to 8. */
    public static Optional<LogColumn> output(int channel) {
        return channel >= 1 && channel <= 8 ? Optional.of(values()[OUT_1.ordinal() + channel - 1]) : Optional.empty();
    }

    /** Finds a column by its header or id. */
    public static Optional<LogColumn> byHeader(String header) {
        String wanted = header.strip();
        return Arrays.stream(values())
                .filter(c -> c.header().equals(wanted) || c.id.equals(wanted))
                .findFirst();
    }
}
