package app.drachen.core.calc;

import app.drachen.core.units.Quantity;
import app.drachen.core.units.UnitSystem;
import app.drachen.core.working.Source;
import app.drachen.core.working.Working;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.ToDoubleFunction;

/**
 * One answer that can be asked for: its inputs with their ranges, its results with their formulas.
 *
 * @param id as in the catalogue, such as {@code MODES-A4}
 * @param title what it answers
 * @param source where its formulas come from
 * @param inputs what goes in
 * @param results what comes out
 */
public record Calculation(String id, String title, Source source, List<Input> inputs, List<Result> results) {
    public Calculation {
        inputs = List.copyOf(inputs);
        results = List.copyOf(results);
    }

    /**
     * An input.
     *
     * @param name short name to type
     * @param meaning what it is, with its symbol
     * @param quantity what kind of number
     * @param low least allowed [SI unit of the quantity]
     * @param high greatest allowed [SI unit of the quantity]
     * @param usual taken if none is given [SI unit of the quantity]; empty if it must be given
     * @param optional whether it may be absent
     * @param own under which name the aircraft knows it, may be empty
     */
    public record Input(
            String name,
            String meaning,
            Quantity quantity,
            double low,
            double high,
            Optional<Double> usual,
            boolean optional,
            String own) {
        /** The allowed range in words. */
        public String range() {
            return quantity.text(low, UnitSystem.METRIC) + " to " + quantity.text(high, UnitSystem.METRIC);
        }
    }

    /**
     * A result.
     *
     * @param name what it is
     * @param quantity what kind of number
     * @param formula in words and symbols
     * @param share half width of its band over its value [-], 0 if it is exact
     * @param of computes it [SI unit of the quantity]; NaN where it has no value
     */
    public record Result(String name, Quantity quantity, String formula, double share, ToDoubleFunction<Given> of) {}

    /** Starts a calculation. */
    static Builder of(String id, String title, Source source) {
        return new Builder(id, title, source);
    }

    /**
     * Computes all results.
     *
     * @param values inputs in SI by name
     * @throws IllegalArgumentException naming an input that is missing, unknown or out of range, with unit and range
     */
    public List<Working> compute(Map<String, Double> values) {
        values.keySet().forEach(this::input);
        Map<String, Double> all = new LinkedHashMap<>();
        List<Working.Input> shown = new ArrayList<>();
        for (Input input : inputs) {
            Double value = values.get(input.name());
            if (value == null && input.usual().isPresent()) {
                value = input.usual().get();
            }
            if (value == null && !input.optional()) {
                throw new IllegalArgumentException(id + ": " + input.name() + " (" + input.meaning()
                        + ") is missing; give it as " + input.name() + "=" + example(input) + ", " + input.range());
            }
            if (value != null) {
                if (!(input.low() <= value && value <= input.high())) {
                    throw new IllegalArgumentException(id + ": " + input.name() + " (" + input.meaning() + ") is "
                            + input.quantity().text(value, UnitSystem.METRIC) + "; allowed is " + input.range());
                }
                all.put(input.name(), value);
                shown.add(Working.in(input.meaning(), value, input.quantity()));
            }
        }
        Given given = new Given(all);
        List<Working> workings = new ArrayList<>();
        for (Result result : results) {
            double value = result.of().applyAsDouble(given);
            if (!Double.isNaN(value)) {
                Working working = Working.of(
                        id,
                        result.name(),
                        value,
                        result.quantity(),
                        result.formula(),
                        source,
                        shown.toArray(new Working.Input[0]));
                double half = result.share() * Math.abs(value);
                workings.add(half > 0 && Double.isFinite(half) ? working.within(value - half, value + half) : working);
            }
        }
        return workings;
    }

    private static String example(Input input) {
        String unit = input.quantity().unit(UnitSystem.METRIC).symbol();
        return "<number>" + unit;
    }

    /** An input by name. */
    public Input input(String name) {
        return inputs.stream()
                .filter(i -> i.name().equals(name))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException(id + ": there is no input " + name + "; there are "
                        + String.join(", ", inputs.stream().map(Input::name).toList())));
    }

    /** Collects inputs and results. */
    static final class Builder {
        private final String id;
        private final String title;
        private final Source source;
        private final List<Input> inputs = new ArrayList<>();
        private final List<Result> results = new ArrayList<>();

        private Builder(String id, String title, Source source) {
            this.id = id;
            this.title = title;
            this.source = source;
        }

        /** An input that must be given, or is known of the aircraft under {@code own}. */
        Builder in(String name, String meaning, Quantity quantity, double low, double high, String own) {
            inputs.add(new Input(name, meaning, quantity, low, high, Optional.empty(), false, own));
            return this;
        }

        Builder in(String name, String meaning, Quantity quantity, double low, double high) {
            return in(name, meaning, quantity, low, high, "");
        }

        /** An input with a value that is usual [SI]. */
        Builder usual(
                String name, String meaning, Quantity quantity, double low, double high, double usual, String own) {
            inputs.add(new Input(name, meaning, quantity, low, high, Optional.of(usual), false, own));
            return this;
        }

        Builder usual(String name, String meaning, Quantity quantity, double low, double high, double usual) {
            return usual(name, meaning, quantity, low, high, usual, "");
        }

        /** An input that may be absent. */
        Builder maybe(String name, String meaning, Quantity quantity, double low, double high) {
            inputs.add(new Input(name, meaning, quantity, low, high, Optional.empty(), true, ""));
            return this;
        }

        Builder out(String name, Quantity quantity, String formula, ToDoubleFunction<Given> of) {
            return out(name, quantity, formula, 0, of);
        }

        /** A result that is only known within a share of itself. */
        Builder out(String name, Quantity quantity, String formula, double share, ToDoubleFunction<Given> of) {
            results.add(new Result(name, quantity, formula, share, of));
            return this;
        }

        Calculation build() {
            return new Calculation(id, title, source, inputs, results);
        }
    }
}
