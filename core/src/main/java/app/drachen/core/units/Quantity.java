package app.drachen.core.units;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.text.DecimalFormat;
import java.text.DecimalFormatSymbols;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;

/**
 * What kind of thing a number is, and so how it is shown and typed in either unit system.
 *
 * <p>Pulses are the one exception to SI inside: they are microseconds everywhere, and every name
 * says so.
 *
 * <p>Source: factors as in {@link Unit}; standard gravity 9.80665 m/s² (CGPM 1901).
 */
public enum Quantity {
    NUMBER(Unit.of("", 1, 2)),
    NUMBER_FINE(Unit.of("", 1, 4)),
    COUNT(Unit.of("", 1, 0)),
    SHARE(Unit.of("%", 0.01, 0)),
    SHARE_FINE(Unit.of("%", 0.01, 1)),
    ANGLE(Unit.of("°", Math.PI / 180, 1), Unit.of("°", Math.PI / 180, 1), Unit.of("rad", 1, 3)),
    BEARING(Unit.of("°", Math.PI / 180, 0), Unit.of("°", Math.PI / 180, 0), Unit.of("rad", 1, 3)),
    ANGULAR_RATE(Unit.of("°/s", Math.PI / 180, 0), Unit.of("°/s", Math.PI / 180, 0), Unit.of("rad/s", 1, 2)),
    SPAN(
            Unit.of("m", 1, 2),
            Unit.of("in", 0.0254, 1),
            Unit.of("mm", 1e-3, 0),
            Unit.of("cm", 1e-2, 1),
            Unit.of("ft", 0.3048, 2)),
    LENGTH(Unit.of("mm", 1e-3, 0), Unit.of("in", 0.0254, 2), Unit.of("cm", 1e-2, 1), Unit.of("m", 1, 3)),
    HEIGHT(Unit.of("m", 1, 0), Unit.of("ft", 0.3048, 0)),
    DISTANCE(Unit.of("m", 1, 0), Unit.of("ft", 0.3048, 0), Unit.of("km", 1e3, 2), Unit.of("mi", 1609.344, 2)),
    AREA(Unit.of("dm²", 1e-2, 1), Unit.of("in²", 0.0254 * 0.0254, 0), Unit.of("m²", 1, 3), Unit.of("cm²", 1e-4, 0)),
    MASS(Unit.of("g", 1e-3, 0), Unit.of("oz", 0.45359237 / 16, 1), Unit.of("kg", 1, 3), Unit.of("lb", 0.45359237, 2)),
    WING_LOADING(Unit.of("g/dm²", 0.1, 1), Unit.of("oz/ft²", 0.45359237 / 16 / (0.3048 * 0.3048), 1)),
    INERTIA(Unit.of("kg m²", 1, 4), Unit.of("lb ft²", 0.45359237 * 0.3048 * 0.3048, 3)),
    SPEED(
            Unit.of("m/s", 1, 1),
            Unit.of("mph", 1609.344 / 3600, 1),
            Unit.of("km/h", 1 / 3.6, 0),
            Unit.of("kn", 1852.0 / 3600, 1),
            Unit.of("ft/s", 0.3048, 1)),
    CLIMB(Unit.of("m/s", 1, 1), Unit.of("ft/s", 0.3048, 1), Unit.of("ft/min", 0.3048 / 60, 0)),
    LOAD_FACTOR(Unit.of("g", 1, 2)),
    ACCELERATION(Unit.of("m/s²", 1, 2), Unit.of("ft/s²", 0.3048, 1)),
    DENSITY(Unit.of("kg/m³", 1, 4), Unit.of("lb/ft³", 0.45359237 / (0.3048 * 0.3048 * 0.3048), 4)),
    TEMPERATURE(new Unit("°C", 1, 273.15, 0), new Unit("°F", 5.0 / 9, 459.67 * 5 / 9, 0), Unit.of("K", 1, 1)),
    /** A difference of temperatures. */
    WARMING(Unit.of("K", 1, 0), Unit.of("°F", 5.0 / 9, 0)),
    PRESSURE(
            Unit.of("hPa", 100, 0),
            Unit.of("inHg", 3386.389, 2),
            Unit.of("Pa", 1, 0),
            Unit.of("kPa", 1e3, 2),
            Unit.of("mbar", 100, 0)),
    PULSE(Unit.of("µs", 1, 0)),
    TIME(Unit.of("s", 1, 1), Unit.of("s", 1, 1), Unit.of("min", 60, 1), Unit.of("h", 3600, 2), Unit.of("ms", 1e-3, 0)),
    DURATION(Unit.of("min", 60, 0), Unit.of("min", 60, 0), Unit.of("h", 3600, 2), Unit.of("s", 1, 0)),
    TIME_FINE(Unit.of("s", 1, 3), Unit.of("s", 1, 3), Unit.of("ms", 1e-3, 0)),
    /** A way too long for metres. */
    WAY(Unit.of("km", 1e3, 1), Unit.of("mi", 1609.344, 1), Unit.of("m", 1, 0)),
    CHARGE(Unit.of("mAh", 3.6, 0), Unit.of("mAh", 3.6, 0), Unit.of("Ah", 3600, 2)),
    CURRENT(Unit.of("A", 1, 1), Unit.of("A", 1, 1), Unit.of("mA", 1e-3, 0)),
    CURRENT_FINE(Unit.of("A", 1, 2), Unit.of("A", 1, 2), Unit.of("mA", 1e-3, 0)),
    VOLTAGE(Unit.of("V", 1, 2)),
    RESISTANCE(Unit.of("mΩ", 1e-3, 0), Unit.of("mΩ", 1e-3, 0), Unit.of("Ω", 1, 3)),
    SPEED_CONSTANT(Unit.of("rpm/V", Math.PI / 30, 0)),
    POWER(Unit.of("W", 1, 0), Unit.of("W", 1, 0), Unit.of("mW", 1e-3, 0), Unit.of("kW", 1e3, 2)),
    POWER_FINE(Unit.of("W", 1, 2), Unit.of("W", 1, 2), Unit.of("mW", 1e-3, 0)),
    TORQUE(Unit.of("N\u00a0m", 1, 3), Unit.of("ozf\u00a0in", 0.45359237 / 16 * 9.80665 * 0.0254, 1)),
    CONSUMPTION(Unit.of("mAh/km", 3.6e-3, 1), Unit.of("mAh/mi", 3.6 / 1609.344, 1)),
    WAY_ENERGY(Unit.of("Wh/km", 3.6, 3), Unit.of("Wh/mi", 3600 / 1609.344, 3)),
    DECIBEL(Unit.of("dB", 1, 1)),
    RADIO(Unit.of("MHz", 1e6, 1), Unit.of("MHz", 1e6, 1), Unit.of("GHz", 1e9, 3), Unit.of("kHz", 1e3, 0)),
    FORCE(Unit.of("N", 1, 1), Unit.of("ozf", 0.45359237 / 16 * 9.80665, 1)),
    FREQUENCY(Unit.of("Hz", 1, 2)),
    PER_SECOND(Unit.of("1/s", 1, 3)),
    ROTATION(Unit.of("rpm", Math.PI / 30, 0)),
    LEVEL(Unit.of("dBm", 1, 0)),
    COORDINATE(Unit.of("°", Math.PI / 180, 6)),
    PER_RADIAN(Unit.of("1/rad", 1, 2));

    /** From here on a number is written with a power of ten [-]. */
    private static final double LONGEST = 1e12;

    private static final char OPEN = '\u27e6';
    private static final char CLOSE = '\u27e7';

    private final Unit metric;
    private final Unit imperial;
    private final List<Unit> also;

    Quantity(Unit both) {
        this(both, both);
    }

    Quantity(Unit metric, Unit imperial, Unit... also) {
        this.metric = metric;
        this.imperial = imperial;
        this.also = List.of(also);
    }

    /** Numbers with a power of ten, which are rare, so that the start need not wait for what writes them. */
    private static final class Powers {
        private static final DecimalFormatSymbols SYMBOLS = symbols();

        private static DecimalFormatSymbols symbols() {
            DecimalFormatSymbols symbols = DecimalFormatSymbols.getInstance(Locale.ROOT);
            symbols.setMinusSign('\u2212');
            return symbols;
        }

        static String number(double shown) {
            return new DecimalFormat("0.###E0", SYMBOLS).format(shown);
        }
    }

    public Unit unit(UnitSystem system) {
        return system == UnitSystem.METRIC ? metric : imperial;
    }

    /**
     * Writes a value without its unit.
     *
     * @param si value [SI unit of this quantity]; NaN is written as a dash
     * @param system the reader's unit system
     * @return digits with a thin space between thousands
     */
    public String number(double si, UnitSystem system) {
        if (!Double.isFinite(si)) {
            return "\u2013";
        }
        Unit unit = unit(system);
        double shown = unit.fromSi(si);
        double step = Math.pow(10, -unit.decimals());
        if (Math.abs(shown) < step / 2) {
            shown = 0;
        }
        if (Math.abs(shown) >= LONGEST) {
            return Powers.number(shown);
        }
        // the exact value of the double is rounded, half to even
        String digits = new BigDecimal(Math.abs(shown))
                .setScale(unit.decimals(), RoundingMode.HALF_EVEN)
                .toPlainString();
        StringBuilder text = new StringBuilder(digits);
        if (Math.abs(shown) >= 10_000) {
            int whole = unit.decimals() == 0 ? digits.length() : digits.indexOf('.');
            for (int at = whole - 3; at > 0; at -= 3) {
                text.insert(at, '\u202f');
            }
        }
        return shown < 0 ? text.insert(0, '\u2212').toString() : text.toString();
    }

    /**
     * Writes a value with its unit.
     *
     * @param si value [SI unit of this quantity]
     * @param system the reader's unit system
     * @return for example {@code 28.4 dm²}
     */
    public String text(double si, UnitSystem system) {
        String symbol = unit(system).symbol();
        boolean tight = symbol.startsWith("°") && symbol.length() == 1;
        return number(si, system) + (symbol.isEmpty() ? "" : (tight ? "" : "\u00a0") + symbol);
    }

    /**
     * Writes a value into a sentence that leaves the unit system to the reader; {@link #read(String, UnitSystem)} fills
     * it in. So findings, notes and reasons can be kept and still be read in either system.
     *
     * @param si value [SI unit of this quantity]
     * @return the value between two marks
     */
    public String text(double si) {
        return OPEN + name() + ' ' + si + CLOSE;
    }

    /** A sentence as a reader of this unit system sees it. */
    public static String read(String sentence, UnitSystem system) {
        if (sentence.indexOf(OPEN) < 0) {
            return sentence;
        }
        StringBuilder read = new StringBuilder(sentence.length());
        int done = 0;
        for (int open = sentence.indexOf(OPEN); open >= 0; open = sentence.indexOf(OPEN, open + 1)) {
            int close = sentence.indexOf(CLOSE, open);
            Optional<String> value = close < 0 ? Optional.empty() : marked(sentence.substring(open + 1, close), system);
            if (value.isPresent()) {
                read.append(sentence, done, open).append(value.get());
                done = close + 1;
            }
        }
        return read.append(sentence, done, sentence.length()).toString();
    }

    /** What stands between two marks; nothing where a pilot's own words have such signs. */
    private static Optional<String> marked(String between, UnitSystem system) {
        int space = between.indexOf(' ');
        for (Quantity quantity : values()) {
            if (space == quantity.name().length() && between.startsWith(quantity.name())) {
                try {
                    return Optional.of(quantity.text(Double.parseDouble(between.substring(space + 1)), system));
                } catch (NumberFormatException e) {
                    return Optional.empty();
                }
            }
        }
        return Optional.empty();
    }

    /**
     * Reads what a person typed: a number with a point or comma, and perhaps a unit of this quantity, whatever its
     * capitals. A number that may mean two things is not guessed.
     *
     * @param typed the text
     * @param system the unit system meant when no unit is typed
     * @return the value [SI unit of this quantity]
     * @throws IllegalArgumentException with one sentence that names the text and the units understood
     */
    public double parse(String typed, UnitSystem system) {
        String text = typed.strip().replace('\u2212', '-');
        if (text.indexOf(' ') > 0 || text.indexOf('\u202f') > 0 || text.indexOf('\u00a0') > 0) {
            text = text.replaceAll("(?<=[0-9])[ \u202f\u00a0](?=[0-9]{3}(?![0-9]))", "");
        }
        int end = 0;
        while (end < text.length() && "+-.,0123456789".indexOf(text.charAt(end)) >= 0 || isExponent(text, end)) {
            end++;
        }
        String symbol = text.substring(end).strip();
        double value;
        try {
            value = Double.parseDouble(TypedNumber.plain(text.substring(0, end)));
        } catch (NumberFormatException e) {
            throw new IllegalArgumentException(
                    "\u201c" + typed + "\u201d is no number; type one like " + sample(system), e);
        }
        if (this == LEVEL && value > 0 && (symbol.equals("mW") || symbol.equals("W"))) {
            return 10 * Math.log10(symbol.equals("W") ? 1_000 * value : value);
        }
        Optional<Unit> unit = find(symbol, system);
        if (unit.isEmpty()) {
            throw new IllegalArgumentException(
                    "\u201c" + symbol + "\u201d does not belong here" + other(symbol) + "; use " + understood());
        }
        return unit.get().toSi(value);
    }

    /** What a symbol is that belongs to another quantity; empty where it belongs to none. */
    private String other(String symbol) {
        for (Quantity quantity : values()) {
            if (quantity != this
                    && !symbol.isEmpty()
                    && quantity.find(symbol, UnitSystem.METRIC).isPresent()) {
                String name = quantity.name().toLowerCase(Locale.ROOT).replace('_', ' ');
                return ", it is of " + ("aeiou".indexOf(name.charAt(0)) >= 0 ? "an " : "a ") + name;
            }
        }
        return "";
    }

    /** Whether an e stands here as part of a number, as in 1.2e-3. */
    private static boolean isExponent(String text, int at) {
        return at > 0
                && at + 1 < text.length()
                && (text.charAt(at) == 'e' || text.charAt(at) == 'E')
                && "+-0123456789".indexOf(text.charAt(at + 1)) >= 0
                && Character.isDigit(text.charAt(at - 1));
    }

    /** Something that would be understood, to be shown. */
    public String sample(UnitSystem system) {
        String symbol = unit(system).symbol();
        return "12.5" + (symbol.isEmpty() ? "" : " " + symbol);
    }

    /**
     * The SI unit in which values of this quantity are kept.
     *
     * @return its symbol, empty for plain numbers
     */
    public String si() {
        return switch (this) {
            case NUMBER, NUMBER_FINE, COUNT, SHARE, SHARE_FINE -> "";
            case ANGLE, BEARING, COORDINATE -> "rad";
            case ANGULAR_RATE, ROTATION -> "rad/s";
            case SPAN, LENGTH, HEIGHT, DISTANCE, WAY -> "m";
            case AREA -> "m²";
            case MASS -> "kg";
            case WING_LOADING -> "kg/m²";
            case INERTIA -> "kg m²";
            case SPEED, CLIMB -> "m/s";
            case LOAD_FACTOR -> "";
            case ACCELERATION -> "m/s²";
            case DENSITY -> "kg/m³";
            case TEMPERATURE, WARMING -> "K";
            case PRESSURE -> "Pa";
            case PULSE -> "µs";
            case TIME, TIME_FINE, DURATION -> "s";
            case CHARGE -> "C";
            case CURRENT, CURRENT_FINE -> "A";
            case VOLTAGE -> "V";
            case RESISTANCE -> "Ω";
            case SPEED_CONSTANT -> "rad/(V s)";
            case POWER, POWER_FINE -> "W";
            case TORQUE -> "N m";
            case CONSUMPTION -> "C/m";
            case WAY_ENERGY -> "J/m";
            case DECIBEL -> "dB";
            case LEVEL -> "dBm";
            case FORCE -> "N";
            case FREQUENCY, RADIO -> "Hz";
            case PER_SECOND -> "1/s";
            case PER_RADIAN -> "1/rad";
        };
    }

    private Optional<Unit> find(String symbol, UnitSystem system) {
        if (symbol.isEmpty()) {
            return Optional.of(unit(system));
        }
        Optional<Unit> exact = exact(symbol);
        if (exact.isEmpty()) {
            exact = exact(plain(symbol));
        }
        return exact.isPresent() ? exact : anyCapitals(plain(symbol));
    }

    /** What a keyboard can write, in the signs of the units. */
    private String plain(String symbol) {
        String signs = symbol.replace("deg", "°")
                .replace("2", "²")
                .replace("3", "³")
                .replace("us", "µs")
                .replace("\u03bcs", "µs")
                .replace("mohm", "mΩ")
                .replace("ohm", "Ω")
                .replace("pct", "%");
        String known = signs.equalsIgnoreCase("mps")
                ? "m/s"
                : signs.equalsIgnoreCase("kmh")
                        ? "km/h"
                        : signs.equalsIgnoreCase("kt") || signs.equalsIgnoreCase("kts") ? "kn" : signs;
        return this == TEMPERATURE && (known.equals("C") || known.equals("F")) ? "°" + known : known;
    }

    private Optional<Unit> exact(String symbol) {
        for (Unit unit : units()) {
            if (bare(unit.symbol()).equals(bare(symbol))) {
                return Optional.of(unit);
            }
        }
        return Optional.empty();
    }

    /** A unit by its letters, if only one has them: mW and MW would be two. */
    private Optional<Unit> anyCapitals(String symbol) {
        Set<Unit> found = new LinkedHashSet<>();
        for (Unit unit : units()) {
            if (bare(unit.symbol()).equalsIgnoreCase(bare(symbol))) {
                found.add(unit);
            }
        }
        return found.size() == 1 ? Optional.of(found.iterator().next()) : Optional.empty();
    }

    private List<Unit> units() {
        List<Unit> units = new ArrayList<>(List.of(metric, imperial));
        units.addAll(also);
        return units;
    }

    private static String bare(String symbol) {
        return symbol.replace(" ", "").replace("\u00a0", "");
    }

    private String understood() {
        return units().stream()
                .map(Unit::symbol)
                .filter(s -> !s.isEmpty())
                .distinct()
                .reduce((a, b) -> a + ", " + b)
                .orElse("a plain number");
    }
}
