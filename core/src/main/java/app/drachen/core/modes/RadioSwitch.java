package app.drachen.core.modes;

import app.drachen.core.units.Ranges;
import java.util.List;

/**
 * A switch of the radio and what it does.
 *
 * @param name as it is called on the radio
 * @param channel that carries it, 1 to 32
 * @param kind how many positions it has
 * @param use what it is for
 * @param positions what each position does, in words, one for each; an unknown one is empty
 */
public record RadioSwitch(String name, int channel, SelectorKind kind, Use use, List<String> positions) {
    /** What a switch is for. */
    public enum Use {
        MODES("flight modes"),
        ARMING("arming"),
        HELPER("Autotune or auto-trim"),
        RATES("rates"),
        MIX("a mix"),
        FLAPS("flaps"),
        OTHER("something else");

        private final String label;

        Use(String label) {
            this.label = label;
        }

        public String label() {
            return label;
        }
    }

    public RadioSwitch {
        Ranges.requireText("name of the switch", name);
        Ranges.require("channel of switch " + name, channel, 1, 32, "-");
        positions = List.copyOf(positions);
        if (positions.size() != kind.places().size()) {
            throw new IllegalArgumentException("switch " + name + " has " + kind.label() + ", but " + positions.size()
                    + " are described; describe each, or leave it empty");
        }
    }
}
