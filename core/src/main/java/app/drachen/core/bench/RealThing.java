package app.drachen.core.bench;

import app.drachen.core.setup.Setup;
import java.util.EnumMap;
import java.util.Map;
import java.util.function.UnaryOperator;

/**
 * An aircraft as it really is: its set-up, and what no set-up tells.
 *
 * @param setup as it is
 * @param quirks what differs from a sound aircraft
 */
public record RealThing(Setup setup, Map<Quirk, Double> quirks) {
    public RealThing {
        quirks = Map.copyOf(quirks);
    }

    /** An aircraft that is what its set-up says. */
    static RealThing sound(Setup setup) {
        return new RealThing(setup, Map.of());
    }

    double quirk(Quirk which) {
        return quirks.getOrDefault(which, which.sound());
    }

    boolean has(Quirk which) {
        return quirk(which) != which.sound();
    }

    RealThing with(Quirk which, double value) {
        Map<Quirk, Double> more = new EnumMap<>(Quirk.class);
        more.putAll(quirks);
        more.put(which, value);
        return new RealThing(setup, more);
    }

    RealThing changed(UnaryOperator<Setup> how) {
        return new RealThing(how.apply(setup), quirks);
    }
}
