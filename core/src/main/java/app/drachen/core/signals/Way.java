package app.drachen.core.signals;

import app.drachen.core.units.Quantity;
import app.drachen.core.units.Ranges;
import app.drachen.core.working.Source;
import app.drachen.core.working.Working;
import java.util.ArrayList;
import java.util.List;

/**
 * A way from the board to the pilot.
 *
 * @param name its own
 * @param sender name of the device that sends, as in the harness; empty for the control link's way back
 * @param rate how often each value has its turn [Hz], 0.01 to 100
 * @param board delay in the board [s], 0 to 5
 * @param air delay in the air and the two radios' modems [s], 0 to 5
 * @param radio delay in what the pilot holds [s], 0 to 5
 * @param voice from there to the beginning of a spoken word [s], 0 to 5
 */
public record Way(String name, String sender, double rate, double board, double air, double radio, double voice) {
    /** What a list of them begins with; typical figures, own estimate. */
    public static final Way FIRST = new Way("telemetry", "", 2, 0.05, 0.2, 0.15, 0.3);

    public Way {
        Ranges.requireText("name of the way", name);
        Ranges.require("rate of " + name, rate, 0.01, 100, "Hz");
        Ranges.require("delay in the board", board, 0, 5, "s");
        Ranges.require("delay in the air", air, 0, 5, "s");
        Ranges.require("delay in the radio", radio, 0, 5, "s");
        Ranges.require("delay of the voice", voice, 0, 5, "s");
    }

    /**
     * A stretch of the way and how long it takes at worst.
     *
     * @param name in words
     * @param seconds at worst [s]
     * @param least at best [s]
     */
    public record Stretch(String name, double seconds, double least) {}

    /**
     * All stretches from a measurement to the pilot: whole periods are waited for where a value has its turn.
     *
     * @param from what measures
     * @param heard whether it is spoken, not seen
     */
    public List<Stretch> stretches(Supplier from, boolean heard) {
        List<Stretch> all = new ArrayList<>();
        all.add(new Stretch("sensor", from.delay() + 1 / from.rate(), from.delay()));
        all.add(new Stretch("board", board, board));
        all.add(new Stretch("waits its turn", 1 / rate, 0));
        all.add(new Stretch("air", air, air));
        all.add(new Stretch("radio", radio, radio));
        if (heard) {
            all.add(new Stretch("voice begins", voice, voice));
        }
        return all;
    }

    /** Worst age of a value when it reaches the pilot (SIGNALS-A7). */
    public Working age(Value value, Supplier from, boolean heard) {
        List<Stretch> all = stretches(from, heard);
        double worst = all.stream().mapToDouble(Stretch::seconds).sum();
        double least = all.stream().mapToDouble(Stretch::least).sum();
        return Working.of(
                        "SIGNALS-A7",
                        "Age of the " + value.label() + (heard ? " when you hear it" : " when you see it"),
                        worst,
                        Quantity.TIME_FINE,
                        "sum of the delays, and a whole period wherever it waits its turn",
                        Source.ARITHMETIC,
                        all.stream()
                                .map(s -> Working.in(s.name(), s.seconds(), Quantity.TIME_FINE))
                                .toArray(Working.Input[]::new))
                .within(least, worst);
    }

    /** The same under another name. */
    public Way named(String other) {
        return new Way(other, sender, rate, board, air, radio, voice);
    }
}
