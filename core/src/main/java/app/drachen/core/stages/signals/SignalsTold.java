package app.drachen.core.stages.signals;

import app.drachen.core.calc.Told;
import app.drachen.core.hearing.Cover;
import app.drachen.core.hearing.Path;
import app.drachen.core.setup.Setup;
import app.drachen.core.signals.Page;
import app.drachen.core.signals.Supplier;
import app.drachen.core.signals.Value;
import app.drachen.core.units.Quantity;
import app.drachen.core.working.Source;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;

/** Answers of Signals in words. */
public final class SignalsTold {
    private SignalsTold() {}

    /** Which part supplies what, and what would have to be added. */
    public static Told cover() {
        return new Told(
                "SIGNALS-A1",
                "Which part supplies which value",
                new Source.Elementary("set cover by enumeration"),
                SignalsTold::cover);
    }

    private static Map<String, String> cover(Setup setup) {
        Map<String, String> all = new LinkedHashMap<>();
        List<Path> paths = Path.all(setup);
        for (Path path : paths) {
            all.put(
                    path.wanted().value().label(),
                    path.age()
                            .map(a -> path.supplier().orElseThrow().device() + " by "
                                    + path.way().orElseThrow().name() + ", "
                                    + Quantity.TIME_FINE.text(a.value()) + " old at worst")
                            .orElse(path.ends() + ". " + path.help()));
        }
        List<Supplier> add = Cover.of(
                setup,
                paths.stream()
                        .filter(p -> p.supplier().isEmpty())
                        .map(p -> p.wanted().value())
                        .collect(Collectors.toSet()));
        all.put(
                "to add",
                paths.isEmpty()
                        ? "no value is wanted yet"
                        : add.isEmpty()
                                ? "nothing"
                                : add.stream().map(Supplier::device).collect(Collectors.joining(", ")));
        return all;
    }

    /** What must stand on a page before which flights, and where it stands. */
    public static Told pages() {
        return new Told("SIGNALS-A10", "What must stand on a page", Source.COMMON_PRACTICE, setup -> {
            Map<String, String> all = new LinkedHashMap<>();
            for (Value.Needed needed : Value.Needed.values()) {
                if (needed != Value.Needed.NEVER) {
                    all.put(
                            needed.label(),
                            Arrays.stream(Value.values())
                                    .filter(v -> v.needed() == needed)
                                    .map(v -> v.label() + " (" + on(setup, v) + ")")
                                    .collect(Collectors.joining(", ")));
                }
            }
            return all;
        });
    }

    private static String on(Setup setup, Value value) {
        return setup.signals().pages().stream()
                .filter(p -> p.shows(value))
                .map(Page::name)
                .findFirst()
                .orElse("on no page");
    }
}
