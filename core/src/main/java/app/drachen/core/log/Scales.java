package app.drachen.core.log;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/** The units in which foreign files may write a column, the most usual first. */
public final class Scales {
    private static final double DEGREE = Math.PI / 180;
    private static final double FOOT = 0.3048;

    private static final List<Scale> TIMES = List.of(
            Scale.of("s", 1, "s", "sec", "secs", "second", "seconds", "sek"),
            Scale.of("ms", 1e-3, "ms", "msec", "millis", "millisec", "milliseconds", "millisecond"),
            Scale.of("µs", 1e-6, "us", "µs", "usec", "micros", "microseconds"),
            Scale.of("ns", 1e-9, "ns", "nsec", "nanos", "nanoseconds"),
            Scale.of("min", 60, "min", "mins", "minutes"),
            Scale.of("h", 3600, "h", "hours"));
    private static final List<Scale> ANGLES = List.of(
            Scale.of("°", DEGREE, "deg", "degs", "degree", "degrees", "°", "grad"),
            Scale.of("rad", 1, "rad", "rads", "radian", "radians"),
            Scale.of("0.01°", DEGREE / 100, "cdeg", "centideg", "centidegrees", "cdegs", "deg100", "degx100"),
            Scale.of("0.1°", DEGREE / 10, "ddeg", "decideg", "decidegrees", "deg10", "degx10"),
            Scale.of("mrad", 1e-3, "mrad", "milliradians"));
    private static final List<Scale> COORDINATES = List.of(
            Scale.of("°", DEGREE, "deg", "degree", "degrees", "°"),
            Scale.of("1e-7 °", DEGREE * 1e-7, "e7", "dege7", "1e7", "deg7", "10^-7deg", "1e-7deg", "degx1e7"),
            Scale.of("1e-6 °", DEGREE * 1e-6, "e6", "dege6", "1e6", "udeg", "µdeg", "microdeg", "1e-6deg"),
            Scale.of("rad", 1, "rad", "radian", "radians"));
    private static final List<Scale> RATES = List.of(
            Scale.of("°/s", DEGREE, "deg/s", "dps", "degs", "degps", "°/s", "deg/sec", "degs-1", "deg"),
            Scale.of("rad/s", 1, "rad/s", "rads", "radps", "rad/sec", "rads-1", "rad"),
            Scale.of("0.01°/s", DEGREE / 100, "cdeg/s", "cdegs", "cdps", "centideg/s", "cdeg"),
            Scale.of("0.1°/s", DEGREE / 10, "ddeg/s", "ddegs", "ddps", "ddeg"),
            Scale.of("mrad/s", 1e-3, "mrad/s", "mrads", "mrad"));
    private static final List<Scale> SPEEDS = List.of(
            Scale.of("m/s", 1, "m/s", "mps", "ms", "m/sec", "ms-1"),
            Scale.of("km/h", 1 / 3.6, "km/h", "kmh", "kph", "kmph"),
            Scale.of("mph", 1609.344 / 3600, "mph", "mi/h"),
            Scale.of("kn", 1852.0 / 3600, "kn", "kt", "kts", "knot", "knots"),
            Scale.of("cm/s", 0.01, "cm/s", "cms", "cmps", "cm/sec"),
            Scale.of("mm/s", 0.001, "mm/s", "mms", "mmps"),
            Scale.of("ft/s", FOOT, "ft/s", "fts", "fps", "ft/sec"));
    private static final List<Scale> CLIMBS = List.of(
            SPEEDS.get(0),
            SPEEDS.get(4),
            SPEEDS.get(5),
            SPEEDS.get(6),
            Scale.of("ft/min", FOOT / 60, "ft/min", "ftmin", "fpm"),
            SPEEDS.get(1),
            Scale.of("m/s down", -1, "m/sdown"),
            Scale.of("cm/s down", -0.01, "cm/sdown"));
    private static final List<Scale> LENGTHS = List.of(
            Scale.of("m", 1, "m", "meter", "meters", "metre", "metres", "mtr"),
            Scale.of("ft", FOOT, "ft", "feet", "foot"),
            Scale.of("cm", 0.01, "cm", "centimeters", "centimetres"),
            Scale.of("dm", 0.1, "dm"),
            Scale.of("mm", 0.001, "mm", "millimeters", "millimetres"),
            Scale.of("km", 1000, "km"));
    private static final List<Scale> COMMANDS = List.of(
            Scale.of("−1…1", 1, "norm", "normalized", "normalised", "unit", "-1..1", "-1to1"),
            Scale.of("%", 0.01, "%", "pct", "percent", "proz"),
            Scale.shifted("µs", 1.0 / 500, -3, "us", "µs", "usec", "micros", "microseconds", "pwm"),
            Scale.of("−1000…1000", 1e-3, "permille", "‰"));
    private static final List<Scale> POWERS = List.of(
            Scale.of("0…1", 1, "norm", "normalized", "normalised", "unit", "0..1", "0to1"),
            Scale.of("%", 0.01, "%", "pct", "percent", "proz"),
            Scale.shifted("µs", 1e-3, -1, "us", "µs", "usec", "micros", "microseconds", "pwm"),
            Scale.of("0…1000", 1e-3, "permille", "‰"),
            Scale.shifted("−1…1", 0.5, 0.5, "-1..1", "-1to1"));
    private static final List<Scale> QUALITIES =
            List.of(POWERS.get(0), POWERS.get(1), Scale.of("0…255", 1.0 / 255, "0..255"), POWERS.get(3));
    private static final List<Scale> PULSES = List.of(
            Scale.of("µs", 1, "us", "µs", "usec", "micros", "microseconds", "pwm"),
            Scale.shifted("%", 5, 1500, "%", "pct", "percent", "proz"),
            Scale.shifted("−1…1", 500, 1500, "norm", "normalized", "normalised", "unit", "-1..1", "-1to1"));
    private static final List<Scale> VOLTAGES = List.of(
            Scale.of("V", 1, "v", "volt", "volts"),
            Scale.of("mV", 1e-3, "mv", "millivolt", "millivolts"),
            Scale.of("0.01 V", 0.01, "cv", "centivolt"),
            Scale.of("0.1 V", 0.1, "dv", "decivolt"));
    private static final List<Scale> CURRENTS = List.of(
            Scale.of("A", 1, "a", "amp", "amps", "ampere"),
            Scale.of("mA", 1e-3, "ma", "milliamp", "milliamps"),
            Scale.of("0.01 A", 0.01, "ca", "centiamp"),
            Scale.of("0.1 A", 0.1, "da", "deciamp"));
    private static final List<Scale> CHARGES = List.of(
            Scale.of("mAh", 3.6, "mah", "milliamphours"),
            Scale.of("Ah", 3600, "ah", "amphours"),
            Scale.of("C", 1, "c", "as", "coulomb"));
    private static final List<Scale> TEMPERATURES = List.of(
            Scale.shifted("°C", 1, 273.15, "c", "°c", "degc", "celsius"),
            Scale.shifted("°F", 5.0 / 9, 459.67 * 5 / 9, "f", "°f", "degf", "fahrenheit"),
            Scale.of("K", 1, "k", "kelvin"),
            Scale.shifted("0.1 °C", 0.1, 273.15, "ddegc", "dc"));
    private static final List<Scale> ROTATIONS = List.of(
            Scale.of("rpm", Math.PI / 30, "rpm", "1/min", "u/min", "min-1"),
            Scale.of("1/s", 2 * Math.PI, "hz", "1/s", "rps"),
            Scale.of("rad/s", 1, "rad/s", "rads", "radps"));
    private static final List<Scale> ACCELERATIONS = List.of(
            Scale.of("m/s²", 1, "m/s2", "m/s²", "m/s^2", "mss", "mps2", "m/s/s", "ms2"),
            Scale.of("g", 9.80665, "g", "gs"),
            Scale.of("mg", 9.80665e-3, "mg"));
    private static final List<Scale> PLAIN = List.of(Scale.of("as it is", 1, "count", "g", "-", "dbm", "db"));

    private Scales() {}

    /** The scales of a column; the first is meant where nothing speaks against it. */
    public static List<Scale> of(LogColumn column) {
        return switch (column.quantity()) {
            case TIME -> TIMES;
            case ANGLE, BEARING -> ANGLES;
            case COORDINATE -> COORDINATES;
            case ANGULAR_RATE -> RATES;
            case SPEED -> SPEEDS;
            case CLIMB -> CLIMBS;
            case DISTANCE, HEIGHT, SPAN, LENGTH -> LENGTHS;
            case SHARE, SHARE_FINE -> switch (column) {
                case POWER, STICK_POWER -> POWERS;
                case LINK -> QUALITIES;
                default -> COMMANDS;
            };
            case PULSE -> PULSES;
            case VOLTAGE -> VOLTAGES;
            case CURRENT -> CURRENTS;
            case CHARGE -> CHARGES;
            case TEMPERATURE -> TEMPERATURES;
            case ROTATION -> ROTATIONS;
            case ACCELERATION -> ACCELERATIONS;
            default -> PLAIN;
        };
    }

    /** The scale of a column with this symbol. */
    public static Optional<Scale> bySymbol(LogColumn column, String symbol) {
        for (Scale scale : of(column)) {
            if (scale.symbol().equals(symbol)) {
                return Optional.of(scale);
            }
        }
        return Optional.empty();
    }

    /** The scale of a column that a header's unit means; small letters, no spaces. */
    public static Optional<Scale> byName(LogColumn column, String unit) {
        for (Scale scale : of(column)) {
            if (scale.named(unit)) {
                return Optional.of(scale);
            }
        }
        return Optional.empty();
    }

    /** Whether any column is ever written in this unit. */
    static boolean isUnit(String unit) {
        return Arrays.stream(LogColumn.values()).anyMatch(c -> byName(c, unit).isPresent());
    }
}
