package app.drachen.core.calc;

import app.drachen.core.setup.Setup;
import app.drachen.core.units.Quantity;
import app.drachen.core.units.UnitSystem;
import app.drachen.core.working.Source;
import app.drachen.core.working.Working;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.BiFunction;
import java.util.function.ToDoubleFunction;
import java.util.stream.Collectors;

/**
 * One answer that can be asked for: its inputs with their ranges, its results with their formulas.
 *
 * @param id as in the catalogue, such as {@code MODES-A4}
 * @param title what it answers
 * @param source where its formulas come from
 * @param inputs what goes in
 * @param results what comes out
 * @param offers where a result has a place in the set-up
 */
public record Calculation(
        String id, String title, Source source, List<Input> inputs, List<Result> results, List<Offer> offers) {
    public Calculation {
        inputs = List.copyOf(inputs);
        results = List.copyOf(results);
        offers = List.copyOf(offers);
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
     * @param own what of the aircraft it is, if the aircraft knows it
     */
    public record Input(
            String name,
            String meaning,
            Quantity quantity,
            double low,
            double high,
            Optional<Double> usual,
            boolean optional,
            Optional<Own> own) {
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
     * @param of computes it [SI unit of the quantity]; NaN where it has no value
     * @param half half width of its band [SI unit of the quantity]; 0 if it is exact
     */
    public record Result(
            String name, Quantity quantity, String formula, ToDoubleFunction<Given> of, ToDoubleFunction<Given> half) {}

    /**
     * A place in the set-up for a result.
     *
     * @param result name of the result
     * @param place what it would become, in a few words
     * @param into puts it there [SI unit of the result]
     */
    public record Offer(String result, String place, BiFunction<Setup, Double, Setup> into) {}

    /** Starts a calculation. */
    public static Builder of(String id, String title, Source source) {
        return new Builder(id, title, source);
    }

    /**
     * Computes all results.
     *
     * @param values inputs in SI by name
     * @throws IllegalArgumentException naming an input that is missing, unknown or out of range, with unit and range, or
     *     a result that has no answer
     */
    public List<Working> compute(Map<String, Double> values) {
        for (String name : values.keySet()) {
            input(name);
        }
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
            double value;
            try {
                value = result.of().applyAsDouble(given);
            } catch (IllegalArgumentException e) {
                throw new IllegalArgumentException(id + ", " + result.name() + ": " + e.getMessage(), e);
            }
            if (Double.isInfinite(value)) {
                throw new IllegalArgumentException(id + ": " + result.name()
                        + " has no answer for these inputs: " + result.formula()
                        + " divides by nothing, or grows beyond all bounds; check them");
            }
            if (!Double.isNaN(value)) {
                Working working = Working.of(
                        id,
                        result.name(),
                        value,
                        result.quantity(),
                        result.formula(),
                        source,
                        shown.toArray(new Working.Input[0]));
                double half = result.half().applyAsDouble(given);
                workings.add(half > 0 && Double.isFinite(half) ? working.within(value - half, value + half) : working);
            }
        }
        if (workings.isEmpty()) {
            throw new IllegalArgumentException(
                    id + ": with these inputs there is no answer; give more of those that may be absent: "
                            + inputs.stream()
                                    .filter(i -> i.optional() && !all.containsKey(i.name()))
                                    .map(Input::name)
                                    .collect(Collectors.joining(", ")));
        }
        return workings;
    }

    private static String example(Input input) {
        String unit = input.quantity().unit(UnitSystem.METRIC).symbol();
        return "<number>" + unit;
    }

    /** The index of a symbol, such as the one of m₂. */
    public static String index(int i) {
        return String.valueOf((char) ('₀' + i));
    }

    /** An input by name. */
    public Input input(String name) {
        for (Input input : inputs) {
            if (input.name().equals(name)) {
                return input;
            }
        }
        throw new IllegalArgumentException(id + ": there is no input " + name + "; there are "
                + String.join(", ", inputs.stream().map(Input::name).toList()));
    }

    /** Collects inputs and results. */
    public static final class Builder {
        private final String id;
        private final String title;
        private final Source source;
        private final List<Input> inputs = new ArrayList<>();
        private final List<Result> results = new ArrayList<>();
        private final List<Offer> offers = new ArrayList<>();

        private Builder(String id, String title, Source source) {
            this.id = id;
            this.title = title;
            this.source = source;
        }

        private Builder input(
                String name,
                String meaning,
                Quantity quantity,
                double low,
                double high,
                Optional<Double> usual,
                boolean optional,
                Optional<Own> own) {
            if (own.isPresent() && !own.get().quantity().si().equals(quantity.si())) {
                Own other = own.get();
                throw new IllegalArgumentException(
                        id + ": " + name + " is no " + other.quantity() + ", as " + other + " is");
            }
            inputs.add(new Input(name, meaning, quantity, low, high, usual, optional, own));
            return this;
        }

        /**
         * An input that must be given.
         *
         * @param low least value [SI unit of the quantity]
         * @param high greatest value [SI unit of the quantity]
         */
        public Builder in(String name, String meaning, Quantity quantity, double low, double high) {
            return input(name, meaning, quantity, low, high, Optional.empty(), false, Optional.empty());
        }

        /**
         * An input that must be given, or is known of the aircraft.
         *
         * @param low least value [SI unit of the quantity]
         * @param high greatest value [SI unit of the quantity]
         */
        public Builder in(String name, String meaning, Quantity quantity, double low, double high, Own own) {
            return input(name, meaning, quantity, low, high, Optional.empty(), false, Optional.of(own));
        }

        /** An input with a value that is usual [SI]. */
        public Builder usual(String name, String meaning, Quantity quantity, double low, double high, double usual) {
            return input(name, meaning, quantity, low, high, Optional.of(usual), false, Optional.empty());
        }

        /** An input with a value that is usual [SI] where the aircraft does not know better. */
        public Builder usual(
                String name, String meaning, Quantity quantity, double low, double high, double usual, Own own) {
            return input(name, meaning, quantity, low, high, Optional.of(usual), false, Optional.of(own));
        }

        /**
         * An input that may be absent.
         *
         * @param low least value [SI unit of the quantity]
         * @param high greatest value [SI unit of the quantity]
         */
        public Builder maybe(String name, String meaning, Quantity quantity, double low, double high) {
            return input(name, meaning, quantity, low, high, Optional.empty(), true, Optional.empty());
        }

        /**
         * An input that may be absent, or is known of the aircraft.
         *
         * @param low least value [SI unit of the quantity]
         * @param high greatest value [SI unit of the quantity]
         */
        public Builder maybe(String name, String meaning, Quantity quantity, double low, double high, Own own) {
            return input(name, meaning, quantity, low, high, Optional.empty(), true, Optional.of(own));
        }

        public Builder out(String name, Quantity quantity, String formula, ToDoubleFunction<Given> of) {
            return out(name, quantity, formula, 0, of);
        }

        /**
         * A result that is only known within a share of itself.
         *
         * @param share of the result that counts as its spread, each way [-]
         */
        public Builder out(String name, Quantity quantity, String formula, double share, ToDoubleFunction<Given> of) {
            return out(name, quantity, formula, of, share == 0 ? g -> 0 : g -> share * Math.abs(of.applyAsDouble(g)));
        }

        /**
         * A result with a band.
         *
         * @param half half width of the band [SI unit of the quantity]; 0 if it is exact
         */
        public Builder out(
                String name,
                Quantity quantity,
                String formula,
                ToDoubleFunction<Given> of,
                ToDoubleFunction<Given> half) {
            results.add(new Result(name, quantity, formula, of, half));
            return this;
        }

        /**
         * The last result cannot be meant outside a range: then there is no answer, but a sentence.
         *
         * @param low least sound value [SI unit of the quantity]
         * @param high greatest sound value [SI unit of the quantity]
         * @param otherwise what is wrong with the inputs then, and what to do
         */
        public Builder sound(double low, double high, String otherwise) {
            Result last = results.remove(results.size() - 1);
            results.add(new Result(
                    last.name(),
                    last.quantity(),
                    last.formula(),
                    g -> {
                        double value = last.of().applyAsDouble(g);
                        if (Double.isFinite(value) && (value < low || value > high)) {
                            throw new IllegalArgumentException(otherwise);
                        }
                        return value;
                    },
                    last.half()));
            return this;
        }

        /** The last result has a place in the set-up. */
        public Builder offers(String place, BiFunction<Setup, Double, Setup> into) {
            offers.add(new Offer(results.get(results.size() - 1).name(), place, into));
            return this;
        }

        public Calculation build() {
            return new Calculation(id, title, source, inputs, results, offers);
        }
    }
}
