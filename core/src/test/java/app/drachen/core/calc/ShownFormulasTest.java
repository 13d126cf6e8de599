package app.drachen.core.calc;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.drachen.core.stages.Calculations;
import app.drachen.core.units.Quantity;
import app.drachen.core.working.Working;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/**
 * Each number of each calculation is computed again from the text that is shown: with the symbols that stand at the ends
 * of the meanings of the inputs, and with what the formulas above it have given names to.
 */
class ShownFormulasTest {
    private static final int WANTED = 5;

    /** What is found by trying, not by a formula; checked below. */
    private static final Set<String> SOUGHT = Set.of(
            "BUILD-A11 Least airspeed of the throw",
            "REACH-A4-HOME Fly",
            "REACH-A4-HOME Charge per way over ground",
            "HARNESS-A8-ALL Products that fall into a band",
            "HARNESS-A8-ALL The nearest stays away by",
            "HARNESS-A10 Yaw of the nearest right-angle turn",
            "HARNESS-A10 Pitch of it",
            "HARNESS-A10 Roll of it",
            "HARNESS-A10 Rest angle",
            "MODES-A2 Weight",
            "MODES-A2 Offset",
            "MODES-A2 Least distance to an edge",
            "MODES-A3 Moves from anywhere, at most",
            "THROWS-A1 Channel",
            "THROWS-A1 It moves by",
            "THROWS-A1 The next moves, of that");

    static Stream<Calculation> all() {
        return Calculations.all().stream();
    }

    private static String symbol(Calculation.Input input) {
        return input.meaning().replaceAll(".*[ \u00a0]", "");
    }

    /** As the formula counts: turns in a second, not radians. */
    private static double counted(Quantity quantity, double value) {
        return quantity == Quantity.ROTATION ? value / (2 * Math.PI) : value;
    }

    private static double draw(Random random, Calculation.Input input) {
        double low = input.low();
        double high = input.high();
        double value = low > 0 && high / low > 20
                ? low * Math.pow(high / low, random.nextDouble())
                : low + (high - low) * random.nextDouble();
        return input.quantity() == Quantity.COUNT ? Math.max(low, Math.rint(value)) : value;
    }

    private static Map<String, Double> drawn(Random random, Calculation calculation) {
        Map<String, Double> values = new LinkedHashMap<>();
        for (Calculation.Input input : calculation.inputs()) {
            boolean needed = input.usual().isEmpty() && !input.optional();
            if (needed || random.nextDouble() < 0.7) {
                values.put(input.name(), draw(random, input));
            }
        }
        return values;
    }

    @ParameterizedTest
    @MethodSource("all")
    void theShownFormulaGivesTheShownNumber(Calculation calculation) {
        Random random = new Random(7);
        Map<String, Integer> checked = new LinkedHashMap<>();
        calculation.results().forEach(r -> checked.put(r.formula() + " " + r.name(), 0));
        for (int draw = 0; draw < 20_000 && checked.values().stream().anyMatch(n -> n < WANTED); draw++) {
            Map<String, Double> values = drawn(random, calculation);
            List<Working> workings;
            try {
                workings = calculation.compute(values);
            } catch (IllegalArgumentException e) {
                continue;
            }
            Map<String, Double> known = new LinkedHashMap<>();
            for (Calculation.Input input : calculation.inputs()) {
                Double value = values.containsKey(input.name())
                        ? values.get(input.name())
                        : input.usual().orElse(null);
                if (value != null) {
                    known.put(symbol(input), counted(input.quantity(), value));
                }
            }
            for (Working working : workings) {
                String name = calculation.id() + " " + working.name();
                checked.merge(working.formula() + " " + working.name(), 1, Integer::sum);
                if (SOUGHT.contains(name)) {
                    continue;
                }
                FormulaReader formula = new FormulaReader(working.formula(), known);
                double expected = counted(working.quantity(), working.value());
                double read = formula.value();
                if (working.quantity() == Quantity.BEARING) {
                    read = (read + 4 * Math.PI) % (2 * Math.PI);
                }
                double scale = Math.max(Math.abs(expected), 1e-6);
                assertEquals(expected, read, 1e-6 * scale, name + ": " + working.formula() + " with " + known);
                formula.name().ifPresent(n -> known.put(n, expected));
            }
        }
        checked.forEach((formula, times) -> assertTrue(times >= WANTED, formula + " was tried " + times + " times"));
    }

    /** The least throw loses half the release height, by the formula above it. */
    @Test
    void theLeastThrowLosesHalfTheReleaseHeight() {
        Calculation launch = Calculations.byId("BUILD-A11").orElseThrow();
        Map<String, Double> values = Map.of("stall", 8.5, "thrust", 0.6, "drag", 0.1, "release", 1.8, "speed", 7.0);
        List<Working> workings = launch.compute(values);
        Map<String, Double> known = new LinkedHashMap<>();
        launch.inputs().forEach(i -> known.put(symbol(i), values.get(i.name())));
        known.put("V₀", workings.get(1).value());
        assertEquals(0.9, new FormulaReader(workings.get(0).formula(), known).value(), 1e-6);
    }

    @Test
    void theReaderReadsAsAPilotDoes() {
        Map<String, Double> known = Map.of("a", 2.0, "b", 3.0, "x₁", 1.0, "x₂", 4.0, "GS", 5.0);
        assertEquals(8.0, new FormulaReader("a·b + 2", known).value());
        assertEquals(2.0 / 3 * 5, new FormulaReader("a/b·GS", known).value(), 1e-12);
        assertEquals(36.0, new FormulaReader("y = (ab)²", known).value());
        assertEquals(5.0, new FormulaReader("s = Σxᵢ", known).value());
        assertEquals(17.0, new FormulaReader("Σ(xᵢ²)", known).value());
        assertEquals(Math.sqrt(5), new FormulaReader("√(q² + 1), q = a", known).value(), 1e-12);
        assertEquals(0.5, new FormulaReader("cos(60°)", known).value(), 1e-12);
        assertEquals(1.3556, new FormulaReader("E(0.7)", known).value(), 1e-4, "Abramowitz and Stegun, table 17.1");
        assertEquals(6_371_000.0, new FormulaReader("R, R = 6371 km", known).value());
    }
}
