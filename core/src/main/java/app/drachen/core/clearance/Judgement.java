package app.drachen.core.clearance;

import app.drachen.core.setup.Decision;
import app.drachen.core.units.Quantity;
import app.drachen.core.units.Ranges;
import app.drachen.core.units.UnitSystem;
import java.util.Optional;

/**
 * A limit of a rule that is a matter of judgement. The rule's sentence quotes it from here; a pilot may set it otherwise
 * for his aircraft, with a reason that is shown wherever the rule speaks.
 *
 * @param id the rule's id and a word, such as {@code MODES-R7.room}
 * @param meaning what it is, in a few words
 * @param quantity what kind of number
 * @param usual unless decided otherwise [SI unit of the quantity]
 * @param low least that may be chosen [SI unit of the quantity]
 * @param high greatest that may be chosen [SI unit of the quantity]
 */
public record Judgement(String id, String meaning, Quantity quantity, double usual, double low, double high) {
    public Judgement {
        Ranges.requireText("id of a judgement", id);
        Ranges.require("usual value of " + id, usual, low, high, quantity.name());
    }

    /** The usual value in words. */
    public String text() {
        return quantity.text(usual);
    }

    /**
     * A decision about it.
     *
     * @param value [SI unit of the quantity]
     * @throws IllegalArgumentException with one sentence if the value is out of range or there is no reason
     */
    public Decision decide(double value, String reason) {
        if (!(low <= value && value <= high)) {
            throw new IllegalArgumentException(meaning + " may be " + quantity.text(low, UnitSystem.METRIC) + " to "
                    + quantity.text(high, UnitSystem.METRIC) + ".");
        }
        if (reason.isBlank()) {
            throw new IllegalArgumentException("Say why " + meaning + " should differ: the reason is printed with it.");
        }
        return new Decision(id, value, reason.strip());
    }

    /** In words, what a decision changes; empty without one. */
    public Optional<String> decided(Optional<Decision> decision) {
        return decision.map(d -> "Judged by you: " + meaning + " " + quantity.text(d.value()) + " instead of " + text()
                + ", because: " + d.reason() + ".");
    }
}
