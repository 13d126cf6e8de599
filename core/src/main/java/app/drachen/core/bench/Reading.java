package app.drachen.core.bench;

import app.drachen.core.units.Quantity;
import app.drachen.core.units.Ranges;
import app.drachen.core.units.UnitSystem;
import java.util.List;
import java.util.Optional;

/**
 * One answer that a card asks for: a number, or one of several words.
 *
 * @param id within its card
 * @param asks the question
 * @param quantity kind of number; {@link Quantity#COUNT} for words
 * @param low least that may be typed [SI unit of the quantity]
 * @param high greatest [SI unit of the quantity]
 * @param options the words; empty for a number
 * @param wanted what it must be, if this set-up says so
 * @param needed whether the card is not complete without it
 */
public record Reading(
        String id,
        String asks,
        Quantity quantity,
        double low,
        double high,
        List<String> options,
        Optional<Wanted> wanted,
        boolean needed) {
    /**
     * What an answer must be.
     *
     * @param low least that is right [SI unit of the reading]
     * @param high greatest that is right [SI unit of the reading]
     * @param words how it is said
     */
    public record Wanted(double low, double high, String words) {
        boolean holds(double value) {
            return value >= low && value <= high;
        }
    }

    public Reading {
        Ranges.requireText("id of a reading", id);
        options = List.copyOf(options);
    }

    /**
     * A number.
     *
     * @param low least that may be typed [SI unit of the quantity]
     * @param high greatest [SI unit of the quantity]
     */
    static Reading number(String id, String asks, Quantity quantity, double low, double high) {
        return new Reading(id, asks, quantity, low, high, List.of(), Optional.empty(), true);
    }

    /** A choice of words; the right one by its place, from 0. */
    static Reading choice(String id, String asks, int right, String... options) {
        return choice(id, asks, right, List.of(options));
    }

    /** A choice of words; the right one by its place, from 0. */
    static Reading choice(String id, String asks, int right, List<String> options) {
        return new Reading(
                id,
                asks,
                Quantity.COUNT,
                0,
                options.size() - 1.0,
                options,
                Optional.of(new Wanted(right, right, options.get(right))),
                true);
    }

    /**
     * The same, right within a distance of a value.
     *
     * @param value [SI unit]
     * @param off [SI unit]
     */
    Reading within(double value, double off) {
        return wanted(value - off, value + off, quantity.text(value) + " ± " + quantity.text(off));
    }

    /** The same, right up to a value [SI unit]. */
    Reading atMost(double value) {
        return wanted(Double.NEGATIVE_INFINITY, value, "at most " + quantity.text(value));
    }

    /** The same, right from a value on [SI unit]. */
    Reading atLeast(double value) {
        return wanted(value, Double.POSITIVE_INFINITY, "at least " + quantity.text(value));
    }

    private Reading wanted(double least, double most, String words) {
        return new Reading(id, asks, quantity, low, high, options, Optional.of(new Wanted(least, most, words)), needed);
    }

    /** The same, which may be left out. */
    Reading orLeftOut() {
        return new Reading(id, asks, quantity, low, high, options, wanted, false);
    }

    /**
     * An answer in words.
     *
     * @param value [SI unit of the quantity]
     */
    public String told(double value) {
        return options.isEmpty() ? quantity.text(value) : options.get((int) Math.rint(value));
    }

    /**
     * An answer that may be typed or pasted.
     *
     * @param value [SI unit of the quantity]
     * @return the same [SI unit of the quantity]
     * @throws IllegalArgumentException with one sentence
     */
    public double checked(double value) {
        if (!(low <= value && value <= high)) {
            throw new IllegalArgumentException(asks + " may be " + quantity.text(low, UnitSystem.METRIC) + " to "
                    + quantity.text(high, UnitSystem.METRIC));
        }
        return value;
    }

    /**
     * Whether an answer is right; so too where nothing is known to be.
     *
     * @param value [SI unit of the quantity]
     */
    public boolean right(double value) {
        return wrong(value).isEmpty();
    }

    /** What is wrong with an answer; nothing where it is right, or where nothing is known to be right. */
    Optional<String> wrong(double value) {
        return wanted.filter(w -> !w.holds(value))
                .map(w -> asks + ": must be " + w.words() + "; it is " + told(value) + ".");
    }
}
