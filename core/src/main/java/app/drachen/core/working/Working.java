package app.drachen.core.working;

import app.drachen.core.units.Quantity;
import app.drachen.core.units.Ranges;
import app.drachen.core.units.UnitSystem;
import java.util.List;
import java.util.Optional;

/**
 * A computed value with how it came about, so that a reader can check it.
 *
 * @param id stable id, as in reports, such as {@code BUILD-A1}
 * @param name what the value is
 * @param value the value [SI unit of the quantity]; NaN if it cannot be computed
 * @param quantity how to show it
 * @param spread the band in which it lies, if it is uncertain
 * @param formula formula in words and symbols
 * @param inputs what went in
 * @param source where the formula comes from
 */
public record Working(
        String id,
        String name,
        double value,
        Quantity quantity,
        Optional<Spread> spread,
        String formula,
        List<Input> inputs,
        Source source) {
    public Working {
        Ranges.requireText("id", id);
        Ranges.requireText("name", name);
        Ranges.requireText("formula", formula);
        inputs = List.copyOf(inputs);
    }

    /**
     * An input of the formula.
     *
     * @param name what it is, with its symbol
     * @param value its value [SI unit of the quantity]
     * @param quantity how to show it
     */
    public record Input(String name, double value, Quantity quantity) {}

    /**
     * A band.
     *
     * @param low lower bound [SI unit of the quantity]
     * @param high upper bound [SI unit of the quantity]
     */
    public record Spread(double low, double high) {
        public Spread {
            Ranges.require("low", low, -1e12, 1e12, "SI");
            Ranges.require("high", high, low, 1e12, "SI");
        }
    }

    /**
     * Starts a working of an exact value.
     *
     * @param value in the quantity's unit [SI]
     */
    public static Working of(
            String id, String name, double value, Quantity quantity, String formula, Source source, Input... inputs) {
        return new Working(id, name, value, quantity, Optional.empty(), formula, List.of(inputs), source);
    }

    /**
     * Starts an input.
     *
     * @param value in the quantity's unit [SI]
     */
    public static Input in(String name, double value, Quantity quantity) {
        return new Input(name, value, quantity);
    }

    /**
     * The same working with a band.
     *
     * @param low lower bound [SI unit of the quantity]
     * @param high upper bound [SI unit of the quantity]
     */
    public Working within(double low, double high) {
        return new Working(id, name, value, quantity, Optional.of(new Spread(low, high)), formula, inputs, source);
    }

    /** The value as a reader of this unit system sees it, with its band where it has one. */
    public String text(UnitSystem system) {
        return spread.map(s -> quantity.number(s.low(), system)
                        + (s.low() < 0 ? " to " : "\u2013")
                        + quantity.text(s.high(), system))
                .orElseGet(() -> quantity.text(value, system));
    }

    /** The whole working as lines of text, to read or to copy. */
    public String explain(UnitSystem system) {
        StringBuilder text = new StringBuilder(name).append(" = ").append(quantity.text(value, system));
        spread.ifPresent(s -> text.append("  (between ")
                .append(quantity.number(s.low(), system))
                .append(" and ")
                .append(quantity.text(s.high(), system))
                .append(')'));
        text.append("\n").append(formula);
        for (Input input : inputs) {
            text.append("\n  ")
                    .append(input.name())
                    .append(" = ")
                    .append(input.quantity().text(input.value(), system));
        }
        return text.append("\nSource: ")
                .append(source.text())
                .append(" · ")
                .append(id)
                .toString();
    }
}
