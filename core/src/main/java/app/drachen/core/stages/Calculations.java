package app.drachen.core.stages;

import app.drachen.core.calc.Calculation;
import app.drachen.core.calc.Told;
import app.drachen.core.stages.bench.BenchSums;
import app.drachen.core.stages.build.BuildSums;
import app.drachen.core.stages.harness.HarnessSums;
import app.drachen.core.stages.homing.HomingSums;
import app.drachen.core.stages.logbook.LogbookSums;
import app.drachen.core.stages.maiden.MaidenSums;
import app.drachen.core.stages.mission.MissionSums;
import app.drachen.core.stages.modes.ModesSums;
import app.drachen.core.stages.reach.ReachSums;
import app.drachen.core.stages.signals.SignalsSums;
import app.drachen.core.stages.signals.SignalsTold;
import app.drachen.core.stages.throwing.ThrowsSums;
import app.drachen.core.stages.tune.TuneSums;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;

/** All calculations, in the order of the line; those of the logbook come last. */
public final class Calculations {
    private static final class All {
        private static final List<Calculation> LIST = Stream.concat(
                        Kits.all().stream().flatMap(kit -> kit.calculations().get().stream()),
                        LogbookSums.all().stream())
                .toList();
    }

    private Calculations() {}

    /** All of them. */
    public static List<Calculation> all() {
        return All.LIST;
    }

    /** The answers in words. */
    public static List<Told> told() {
        return List.of(ModesSums.seen(), SignalsTold.cover(), SignalsTold.pages());
    }

    /** An answer in words by its id, in any letters. */
    public static Optional<Told> told(String id) {
        for (Told told : told()) {
            if (told.id().equalsIgnoreCase(id.strip())) {
                return Optional.of(told);
            }
        }
        return Optional.empty();
    }

    /** One by its id, in any letters. Only the stage that the id begins with is looked through. */
    public static Optional<Calculation> byId(String id) {
        String wanted = id.strip();
        for (Calculation calculation : of(wanted.split("-")[0].toUpperCase(Locale.ROOT))) {
            if (calculation.id().equalsIgnoreCase(wanted)) {
                return Optional.of(calculation);
            }
        }
        return Optional.empty();
    }

    /** What the kit of a stage has; asked of its sums, since a kit has rules too, which take longer than an answer. */
    private static List<Calculation> of(String prefix) {
        return switch (prefix) {
            case "BUILD" -> BuildSums.all();
            case "HARNESS" -> HarnessSums.all();
            case "THROWS" -> ThrowsSums.all();
            case "MODES" -> ModesSums.all();
            case "SIGNALS" -> SignalsSums.all();
            case "BENCH" -> BenchSums.all();
            case "MAIDEN" -> MaidenSums.all();
            case "TUNE" -> TuneSums.all();
            case "HOMING" -> HomingSums.all();
            case "REACH" -> ReachSums.all();
            case "MISSION" -> MissionSums.all();
            case "LOGBOOK" -> LogbookSums.all();
            default -> List.of();
        };
    }
}
