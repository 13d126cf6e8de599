package app.drachen.core.units;

/**
 * A unit people read: {@code shown = (si - offset) / size}.
 *
 * <p>Source: International System of Units (BIPM, SI brochure, 9th edition 2019); inch, pound,
 * ounce and mile by the international yard and pound agreement of 1959 (0.0254 m, 0.45359237 kg).
 *
 * @param symbol as written behind the number, may be empty
 * @param size one of this unit in SI [SI unit of the quantity]
 * @param offset SI value of this unit's zero [SI unit of the quantity]
 * @param decimals digits shown behind the point, 0 to 9
 */
public record Unit(String symbol, double size, double offset, int decimals) {
    public Unit {
        Ranges.require("size", size, Double.MIN_NORMAL, 1e12, "SI");
        Ranges.require("decimals", decimals, 0, 9, "-");
    }

    static Unit of(String symbol, double size, int decimals) {
        return new Unit(symbol, size, 0, decimals);
    }

    /**
     * Converts for showing.
     *
     * @param si value [SI unit of the quantity]
     * @return value [this unit]
     */
    public double fromSi(double si) {
        return (si - offset) / size;
    }

    /**
     * Converts what a person typed.
     *
     * @param shown value [this unit]
     * @return value [SI unit of the quantity]
     */
    public double toSi(double shown) {
        return shown * size + offset;
    }
}
