package app.drachen.core.log;

import app.drachen.core.units.Quantity;
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
    STEP("step", "Step of the card", "", Quantity.COUNT, 0, 99),
    ARMED("armed", "Armed", "", Quantity.COUNT, 0, 1),
    LATITUDE("lat", "Latitude", "rad", Quantity.COORDINATE, -Math.PI / 2, Math.PI / 2),
    LONGITUDE("lon", "Longitude", "rad", Quantity.COORDINATE, -Math.PI, Math.PI),
    SATELLITE_HEIGHT("satHeight", "Satellite height", "m", Quantity.HEIGHT, -1_000, 50_000),
    SATELLITES("sats", "Satellites", "", Quantity.COUNT, 0, 99),
    DILUTION("hdop", "Dilution of position", "", Quantity.NUMBER, 0, 100),
    STRENGTH("strength", "Signal strength", "dBm", Quantity.LEVEL, -150, 40),
    WANTED_HEADING("yawWanted", "Wanted heading", "rad", Quantity.BEARING, -Math.PI, 2 * Math.PI),
    WANTED_HEIGHT("heightWanted", "Wanted height", "m", Quantity.HEIGHT, -500, 10_000),
    WANTED_AIRSPEED("airspeedWanted", "Wanted airspeed", "m/s", Quantity.SPEED, 0, 150),
    WIND_NORTH("windNorth", "Wind towards north", "m/s", Quantity.SPEED, -60, 60),
    WIND_EAST("windEast", "Wind towards east", "m/s", Quantity.SPEED, -60, 60),
    ACCELERATION_X("accelX", "Acceleration forward", "m/s²", Quantity.ACCELERATION, -400, 400),
    ACCELERATION_Y("accelY", "Acceleration right", "m/s²", Quantity.ACCELERATION, -400, 400),
    ACCELERATION_Z("accelZ", "Acceleration down", "m/s²", Quantity.ACCELERATION, -400, 400),
    ROTATION("rotation", "Motor speed", "rad/s", Quantity.ROTATION, 0, 12_000),
    MOTOR_TEMPERATURE("tempMotor", "Motor temperature", "K", Quantity.TEMPERATURE, 220, 500),
    CONTROLLER_TEMPERATURE("tempController", "Controller temperature", "K", Quantity.TEMPERATURE, 220, 500),
    LEG("leg", "Leg of the route", "", Quantity.COUNT, 0, 9_999),
    HELPER("helper", "Helper", "", Quantity.COUNT, 0, 2),
    LINK("link", "Link quality", "", Quantity.SHARE, 0, 1),
    FIX("fix", "Fix", "", Quantity.COUNT, 0, 9),
    AIRSPEED_MEASURED("airspeedMeasured", "Airspeed measured", "", Quantity.COUNT, 0, 1);

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

    /**
     * @return least plausible value [SI unit of the column]
     */
    public double low() {
        return low;
    }

    /**
     * @return greatest plausible value [SI unit of the column]
     */
    public double high() {
        return high;
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

    /**
     * How finely the column is kept: positions to 0.1 mm on the ground, all else to a millionth.
     *
     * @return steps in one of its unit [1/SI unit of the column]
     */
    public double perUnit() {
        return quantity == Quantity.COORDINATE ? 1e11 : 1e6;
    }

    /**
     * The same as decimal places.
     *
     * @return 11 or 6
     */
    public int places() {
        return quantity == Quantity.COORDINATE ? 11 : 6;
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
        for (LogColumn column : values()) {
            if (column.header().equals(wanted) || column.id.equals(wanted)) {
                return Optional.of(column);
            }
        }
        return Optional.empty();
    }
}
