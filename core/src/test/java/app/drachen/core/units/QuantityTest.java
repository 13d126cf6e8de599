package app.drachen.core.units;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.text.DecimalFormat;
import java.text.DecimalFormatSymbols;
import java.util.Locale;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;

class QuantityTest {
    // International yard and pound, 1959: 1 in = 25.4 mm, 1 oz = 28.349523125 g, 1 mph = 0.44704 m/s,
    // 1 ft = 0.3048 m; freezing point of water 273.15 K = 32 °F (SI brochure, 2019)
    @ParameterizedTest
    @CsvSource({
        "LENGTH, 0.0254, 1.00", "MASS, 0.028349523125, 1.0", "SPEED, 0.44704, 1.0",
        "HEIGHT, 121.92, 400", "TEMPERATURE, 273.15, 32", "WING_LOADING, 0.30515, 1.0"
    })
    void imperialFactors(Quantity quantity, double si, String shown) {
        assertEquals(shown, quantity.number(si, UnitSystem.IMPERIAL));
    }

    @ParameterizedTest
    @EnumSource(Quantity.class)
    void whatIsShownCanBeTypedBack(Quantity quantity) {
        for (UnitSystem system : UnitSystem.values()) {
            double step = Math.pow(10, -quantity.unit(system).decimals())
                    * quantity.unit(system).size();
            double value = 17 * step + quantity.unit(system).offset();
            String shown = quantity.text(value, system);
            assertEquals(value, quantity.parse(shown.replace('\u00a0', ' '), system), step * 0.501, shown);
        }
    }

    @Test
    void commaAndUnitsAreUnderstood() {
        assertEquals(12.5, Quantity.SPEED.parse("12,5", UnitSystem.METRIC), 1e-12);
        assertEquals(12.5, Quantity.SPEED.parse("45 km/h", UnitSystem.METRIC), 1e-12);
        assertEquals(1.2, Quantity.MASS.parse("1.2kg", UnitSystem.IMPERIAL), 1e-12);
        assertEquals(-0.05, Quantity.SHARE.parse("\u22125 %", UnitSystem.METRIC), 1e-12);
    }

    @Test
    void whatIsNoNumberOrOfAnotherKindIsNamed() {
        String none = assertThrows(
                        IllegalArgumentException.class, () -> Quantity.MASS.parse("heavy", UnitSystem.METRIC))
                .getMessage();
        assertTrue(none.contains("heavy") && none.contains("number"), none);
        String other = assertThrows(
                        IllegalArgumentException.class, () -> Quantity.CHARGE.parse("1800 mA", UnitSystem.METRIC))
                .getMessage();
        assertTrue(other.contains("mA") && other.contains("mAh"), other);
    }

    @Test
    void rangesRefuseNaN() {
        String told = assertThrows(IllegalArgumentException.class, () -> Ranges.require("mass", Double.NaN, 0, 1, "kg"))
                .getMessage();
        assertTrue(told.contains("mass") && told.contains("1000 g") && told.contains("no number"), told);
    }

    @Test
    void aSentenceLeavesTheUnitsToItsReader() {
        String sentence = "CG is " + Quantity.LENGTH.text(0.0254) + " behind, " + Quantity.MASS.text(0.45359237) + ".";
        assertEquals("CG is 25\u00a0mm behind, 454\u00a0g.", Quantity.read(sentence, UnitSystem.METRIC));
        assertEquals("CG is 1.00\u00a0in behind, 16.0\u00a0oz.", Quantity.read(sentence, UnitSystem.IMPERIAL));
        assertEquals("nothing to fill in", Quantity.read("nothing to fill in", UnitSystem.METRIC));
        assertEquals("\u2013", Quantity.read(Quantity.NUMBER.text(Double.NaN), UnitSystem.METRIC));
    }

    @ParameterizedTest
    @CsvSource({
        "DISTANCE, '1,234.5', 1234.5",
        "DISTANCE, '1.234,5', 1234.5",
        "DISTANCE, '1,234,567', 1234567",
        "DISTANCE, '2,5', 2.5",
        "DISTANCE, '0,500', 0.5",
        "DISTANCE, '2.500', 2.5",
        "DISTANCE, '1 234', 1234",
        "CURRENT, '350 mA', 0.35",
        "POWER, '25 mW', 0.025",
        "LEVEL, '25 mW', 13.979",
        "PRESSURE, '1013 mbar', 101300",
        "SPEED, '20 KT', 10.289",
        "SPEED, '54 KM/H', 15",
        "MASS, '1.2 KG', 1.2",
        "TIME, '1.5e1', 15",
        "LENGTH, '12 MM', 0.012"
    })
    void numbersAreReadAsPeopleTypeThem(Quantity quantity, String typed, double si) {
        assertEquals(si, quantity.parse(typed, UnitSystem.METRIC), 1e-3);
    }

    /** A comma that may stand for thousands or for a fraction is asked about. */
    @ParameterizedTest
    @ValueSource(strings = {"2,500", "-12,345", "125,000 m"})
    void whatMayMeanTwoNumbersIsAsked(String typed) {
        String told = assertThrows(
                        IllegalArgumentException.class, () -> Quantity.DISTANCE.parse(typed, UnitSystem.METRIC))
                .getMessage();
        assertTrue(told.contains("may be") && told.contains("type the one you mean"), told);
    }

    /** What a message offers is understood. */
    @ParameterizedTest
    @EnumSource
    void theSampleIsUnderstood(Quantity quantity) {
        for (UnitSystem system : UnitSystem.values()) {
            assertEquals(quantity.unit(system).toSi(12.5), quantity.parse(quantity.sample(system), system), 1e-9);
        }
    }

    /** What lies outside a range is told in the units a pilot reads, unless that would hide the difference. */
    @ParameterizedTest
    @CsvSource({
        "pressure, 50000, 60000, 108000, Pa, 'pressure is 500 hPa; allowed is 600 hPa to 1080 hPa'",
        "wind, 40, 0, 30, m/s, 'wind is 40.0 m/s; allowed is 0.0 m/s to 30.0 m/s'",
        "angle, 7, 0, 1.5707963, rad, 'angle is 401.1°; allowed is 0.0° to 90.0°'",
        "chord, 0.0049999, 0.005, 2, m, 'chord is 0.0049999 m; allowed is 0.005 m to 2000 mm'",
        "cells, 77, 1, 14, -, 'cells is 77.0; allowed is 1.0 to 14.0'"
    })
    void rangesSpeakThePilotsUnits(String name, double value, double low, double high, String unit, String said) {
        String told = assertThrows(IllegalArgumentException.class, () -> Ranges.require(name, value, low, high, unit))
                .getMessage();
        assertEquals(said, told);
    }

    /** The JDK's own writer of numbers is the reference, over all magnitudes, ties and signs. */
    @ParameterizedTest
    @EnumSource(Quantity.class)
    void numbersAreThoseOfTheJdk(Quantity quantity) {
        DecimalFormatSymbols symbols = DecimalFormatSymbols.getInstance(Locale.ROOT);
        symbols.setGroupingSeparator('\u202f');
        symbols.setMinusSign('\u2212');
        Random random = new Random(quantity.ordinal());
        for (UnitSystem system : UnitSystem.values()) {
            Unit unit = quantity.unit(system);
            double step = Math.pow(10, -unit.decimals());
            String fraction = unit.decimals() == 0 ? "" : "." + "0".repeat(unit.decimals());
            DecimalFormat small = new DecimalFormat("0" + fraction, symbols);
            DecimalFormat large = new DecimalFormat("#,##0" + fraction, symbols);
            for (int i = 0; i < 400; i++) {
                double wide = (random.nextBoolean() ? 1 : -1) * Math.pow(10, random.nextDouble() * 17 - 5);
                double si = unit.toSi(i % 2 == 0 ? wide : (random.nextInt(40_000) - 20_000 + 0.5) * step);
                double shown = unit.fromSi(si);
                String expected = Math.abs(shown) < step / 2
                        ? small.format(0)
                        : (Math.abs(shown) >= 10_000 ? large : small).format(shown);
                // beyond, the JDK writes noughts for the digits that a double has no room for
                if (Math.abs(shown) < 1e9) {
                    assertEquals(expected, quantity.number(si, system), quantity + " " + si);
                }
            }
        }
        assertEquals("1.235E15", Quantity.NUMBER.number(1.2346e15, UnitSystem.METRIC));
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "\u27e6",
                "\u27e6see note 3\u27e7",
                "\u27e6MASS heavy\u27e7",
                "a\u27e6MASS\u27e7b",
                "\u27e7MASS 1\u27e6"
            })
    void signsOfAPilotsOwnStayAsTheyAre(String own) {
        assertEquals(own, Quantity.read(own, UnitSystem.METRIC));
        String around = own + Quantity.MASS.text(1.5) + own;
        assertEquals(own + "1500\u00a0g" + own, Quantity.read(around, UnitSystem.METRIC));
    }
}
