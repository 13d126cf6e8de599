package app.drachen.core.units;

import java.util.Optional;

/** Range checks whose failure names the value, its unit and the allowed range. NaN always fails. */
public final class Ranges {
    private Ranges() {}

    /**
     * Requires a value inside a closed range.
     *
     * @param name what the value is called in the message
     * @param value the value [unit as given]
     * @param low least allowed value [unit as given]
     * @param high greatest allowed value [unit as given]
     * @param unit SI unit for the message
     * @return the value [unit as given]
     * @throws IllegalArgumentException if the value is NaN or outside the range
     */
    public static double require(String name, double value, double low, double high, String unit) {
        if (!(low <= value && value <= high)) {
            throw new IllegalArgumentException(name + " is "
                    + (Double.isFinite(value) ? said(value, low, high, unit) : "no number") + "; allowed is "
                    + said(low, value, high, unit) + " to " + said(high, value, low, unit));
        }
        return value;
    }

    /**
     * Requires a text with something in it.
     *
     * @param name what the text is called in the message
     * @param text the text
     * @return the text
     * @throws IllegalArgumentException if the text is blank
     */
    public static String requireText(String name, String text) {
        if (text == null || text.isBlank()) {
            throw new IllegalArgumentException(name + " is empty; a text is needed");
        }
        return text;
    }

    /** A value as a pilot reads it, so long as that tells it from the others; else as it is kept. */
    private static String said(double value, double other, double third, String unit) {
        Optional<Quantity> quantity = read(unit, Math.max(Math.abs(other), Math.max(Math.abs(value), Math.abs(third))));
        if (quantity.isPresent()) {
            String text = quantity.get().text(value, UnitSystem.METRIC);
            boolean tells = !text.equals(quantity.get().text(other, UnitSystem.METRIC))
                    && !text.equals(quantity.get().text(third, UnitSystem.METRIC));
            if (tells && Math.abs(value) < 1e12) {
                return text.replace('\u00a0', ' ').replace('\u2212', '-');
            }
        }
        return value + (unit.equals("-") ? "" : " " + unit);
    }

    /** How values in a unit are read; lengths by their size. */
    private static Optional<Quantity> read(String unit, double largest) {
        return switch (unit) {
            case "Pa" -> Optional.of(Quantity.PRESSURE);
            case "K" -> Optional.of(Quantity.TEMPERATURE);
            case "rad" -> Optional.of(Quantity.ANGLE);
            case "kg" -> Optional.of(Quantity.MASS);
            case "m/s" -> Optional.of(Quantity.SPEED);
            case "m" -> Optional.of(largest <= 10 ? Quantity.LENGTH : Quantity.DISTANCE);
            case "s" -> Optional.of(Quantity.TIME);
            case "µs" -> Optional.of(Quantity.PULSE);
            default -> Optional.empty();
        };
    }
}
