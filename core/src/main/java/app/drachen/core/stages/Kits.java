package app.drachen.core.stages;

import app.drachen.core.clearance.Clearance;
import app.drachen.core.clearance.ClearanceRule;
import app.drachen.core.clearance.Situation;
import app.drachen.core.clearance.Stage;
import app.drachen.core.clearance.StageKit;
import app.drachen.core.setup.Setup;
import app.drachen.core.stages.bench.BenchKit;
import app.drachen.core.stages.build.BuildKit;
import app.drachen.core.stages.harness.HarnessKit;
import app.drachen.core.stages.homing.HomingKit;
import app.drachen.core.stages.maiden.MaidenKit;
import app.drachen.core.stages.mission.MissionKit;
import app.drachen.core.stages.modes.ModesKit;
import app.drachen.core.stages.reach.ReachKit;
import app.drachen.core.stages.signals.SignalsKit;
import app.drachen.core.stages.throwing.ThrowsKit;
import app.drachen.core.stages.tune.TuneKit;
import java.util.ArrayList;
import java.util.List;

/** The list of stages, in the order of the line. */
public final class Kits {
    private static final List<StageKit> ALL = List.of(
            BuildKit.kit(),
            HarnessKit.kit(),
            ThrowsKit.kit(),
            ModesKit.kit(),
            SignalsKit.kit(),
            BenchKit.kit(),
            MaidenKit.kit(),
            TuneKit.kit(),
            HomingKit.kit(),
            ReachKit.kit(),
            MissionKit.kit());

    private Kits() {}

    public static List<StageKit> all() {
        return ALL;
    }

    /** The kit of a stage. */
    public static StageKit of(Stage stage) {
        return ALL.get(stage.ordinal());
    }

    /** Every rule, in the order of the line. */
    public static List<ClearanceRule> rules() {
        return ALL.stream().flatMap(kit -> kit.rules().stream()).toList();
    }

    /** What the pilot has decided otherwise for an aircraft, in sentences, to be printed. */
    public static List<String> decided(Setup setup) {
        List<String> said = new ArrayList<>();
        for (ClearanceRule rule : rules()) {
            rule.judgements().forEach(j -> j.decided(setup.decision(j.id())).ifPresent(said::add));
            setup.waiver(rule.id())
                    .filter(w -> rule.mayBeWaived())
                    .ifPresent(w -> said.add("Passed over by you: " + rule.demand() + " Because: " + w.reason() + "."));
        }
        return said;
    }

    /** Asks every rule about a situation. */
    public static Clearance clearance(Situation situation) {
        return Clearance.of(situation, ALL);
    }
}
