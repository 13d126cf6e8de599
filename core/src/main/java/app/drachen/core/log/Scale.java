package app.drachen.core.log;

import app.drachen.core.units.Ranges;
import java.util.List;

/**
 * How the numbers of a foreign column become SI: {@code si = number · factor + offset}.
 *
 * <p>Source: factors follow from the SI brochure (BIPM 2019), the international yard and pound of 1959 and the
 * nautical mile of 1 852 m; pulses of 1 000 to 2 000 µs about 1 500 as common practice.
 *
 * @param symbol as shown to the pilot
 * @param factor one of this unit in SI [SI unit of the column], not 0
 * @param offset SI value of the number 0 [SI unit of the column]
 * @param names what a header may call this unit, small letters without spaces
 */
public record Scale(String symbol, double factor, double offset, List<String> names) {
    public Scale {
        Ranges.requireText("symbol", symbol);
        Ranges.require("size of the factor", Math.abs(factor), 1e-12, 1e12, "SI");
        Ranges.require("offset", offset, -1e6, 1e6, "SI");
        names = List.copyOf(names);
    }

    static Scale of(String symbol, double factor, String... names) {
        return new Scale(symbol, factor, 0, List.of(names));
    }

    static Scale shifted(String symbol, double factor, double offset, String... names) {
        return new Scale(symbol, factor, offset, List.of(names));
    }

    /**
     * Converts a number of the file.
     *
     * @param number as it stands in the file [this unit]
     * @return value [SI unit of the column]
     */
    public double toSi(double number) {
        return number * factor + offset;
    }

    /** Whether a header's unit means this scale. */
    public boolean named(String unit) {
        return names.contains(unit);
    }
}
