package app.drachen.core.clearance.rules;

import app.drachen.core.aerodynamics.BuildSheet;
import app.drachen.core.clearance.ClearanceRule;
import app.drachen.core.clearance.Ruling;
import app.drachen.core.clearance.Situation;
import app.drachen.core.clearance.Stage;
import app.drachen.core.working.Finding;
import app.drachen.core.working.Finding.State;
import app.drachen.core.working.Working;
import java.util.List;

/** BUILD-R7: tail and fin are of usual size. */
public final class TailVolumes implements ClearanceRule {
    @Override
    public String id() {
        return "BUILD-R7";
    }

    @Override
    public String demand() {
        return "Tail volume lies within 0.35–0.80 and fin volume within 0.02–0.06.";
    }

    @Override
    public Ruling check(Situation situation) {
        List<Working> volumes = BuildSheet.tailVolumes(situation.setup());
        for (Working volume : volumes) {
            boolean tail = volume.name().startsWith("Tail");
            double low = tail ? 0.35 : 0.02;
            double high = tail ? 0.80 : 0.06;
            // half a unit of the last shown digit, so that 0.02 as shown counts as 0.02
            if (volume.value() < low - 0.005 || volume.value() > high + 0.005) {
                boolean small = volume.value() < low;
                return Ruling.advice(
                        Stage.BUILD,
                        Finding.of(
                                id(),
                                State.CAUTION,
                                volume.name()
                                        + " "
                                        + volume.quantity().text(volume.value())
                                        + " is "
                                        + (small ? "small" : "large"),
                                "Usual is "
                                        + low
                                        + "–"
                                        + high
                                        + ". "
                                        + (small ? "Enlarge it or move it aft." : "It may be smaller or closer."),
                                volumes.toArray(new Working[0])));
            }
        }
        return Ruling.advice(
                Stage.BUILD,
                Finding.of(
                        id(),
                        State.GOOD,
                        volumes.isEmpty() ? "No tail to judge" : "Tail and fin are of usual size",
                        "",
                        volumes.toArray(new Working[0])));
    }
}
