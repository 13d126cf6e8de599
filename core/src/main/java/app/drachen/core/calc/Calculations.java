package app.drachen.core.calc;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/** The list of all calculations, in the order of the line. */
public final class Calculations {
    private static final List<Calculation> ALL = Stream.of(
                    BuildSums.all(),
                    HarnessSums.all(),
                    ThrowsSums.all(),
                    ModesSums.all(),
                    SignalsSums.all(),
                    BenchSums.all(),
                    MaidenSums.all(),
                    TuneSums.all(),
                    HomingSums.all(),
                    ReachSums.all(),
                    MissionSums.all(),
                    LogbookSums.all())
            .flatMap(List::stream)
            .toList();

    private Calculations() {}

    /** All of them. */
    public static List<Calculation> all() {
        return ALL;
    }

    /** One by its id, in any letters. */
    public static Optional<Calculation> byId(String id) {
        return ALL.stream().filter(c -> c.id().equalsIgnoreCase(id.strip())).findFirst();
    }
}
