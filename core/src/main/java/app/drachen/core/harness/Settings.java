package app.drachen.core.harness;

import app.drachen.core.units.Ranges;
import java.util.List;

/**
 * A copy of the values in a board.
 *
 * @param version software that they were read from; empty where nobody noted it
 * @param day on which they were read, such as 2026-05-31; empty where nobody noted it
 * @param values in the order of the copy, at most 5 000
 */
public record Settings(String version, String day, List<Value> values) {
    /**
     * A value of the board.
     *
     * @param name in the words of its maker
     * @param text of the value
     */
    public record Value(String name, String text) {
        public Value {
            Ranges.requireText("name of a value", name);
        }
    }

    public Settings {
        values = List.copyOf(values);
        Ranges.require("number of values", values.size(), 0, 5_000, "-");
    }
}
