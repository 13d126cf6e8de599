package app.drachen.core.stages;

import app.drachen.core.calc.Calculation;
import app.drachen.core.calc.Told;
import app.drachen.core.stages.logbook.LogbookSums;
import app.drachen.core.stages.modes.ModesSums;
import app.drachen.core.stages.signals.SignalsTold;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/** All calculations, in the order of the line; those of the logbook come last. */
public final class Calculations {
    private static final List<Calculation> ALL = Stream.concat(
                    Kits.all().stream().flatMap(kit -> kit.calculations().stream()), LogbookSums.all().stream())
            .toList();

    private Calculations() {}

    /** All of them. */
    public static List<Calculation> all() {
        return ALL;
    }

    /** The answers in words. */
    public static List<Told> told() {
        return List.of(ModesSums.seen(), SignalsTold.cover(), SignalsTold.pages());
    }

    /** One by its id, in any letters. */
    public static Optional<Calculation> byId(String id) {
        return ALL.stream().filter(c -> c.id().equalsIgnoreCase(id.strip())).findFirst();
    }
}
