package app.drachen.core.signals;

import app.drachen.core.units.Ranges;
import java.util.List;

/**
 * Something that is spoken again and again.
 *
 * @param value what
 * @param text how; {@code #} stands for the figure
 * @param every from beginning to beginning [s], 1 to 600
 * @param takes how long it is spoken [s], 0.2 to 20
 * @param start when it is spoken first [s], 0 to 600
 * @param priority 1 goes before 2, 1 to 9
 * @param positions positions of the switch in which it is spoken, 1 to 3
 */
public record Call(
        Value value, String text, double every, double takes, double start, int priority, List<Integer> positions) {
    /** What a list of them begins with. */
    public static final Call FIRST = new Call(Value.HEIGHT, "# metres", 10, 1.8, 2, 2, List.of(1, 2, 3));

    public Call {
        Ranges.requireText("text of the call", text);
        Ranges.require("interval of the call", every, 1, 600, "s");
        Ranges.require("length of the call", takes, 0.2, 20, "s");
        Ranges.require("first call", start, 0, 600, "s");
        Ranges.require("priority of the call", priority, 1, 9, "-");
        positions = List.copyOf(positions).stream().distinct().sorted().toList();
        positions.forEach(p -> Ranges.require("position of the switch", p, 1, 3, "-"));
    }

    /**
     * The same begun at another time.
     *
     * @param when [s]
     */
    public Call startingAt(double when) {
        return new Call(value, text, every, takes, when, priority, positions);
    }

    /**
     * The same at another interval.
     *
     * @param interval [s]
     */
    public Call each(double interval) {
        return new Call(value, text, interval, takes, start, priority, positions);
    }
}
