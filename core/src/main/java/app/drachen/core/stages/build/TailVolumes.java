package app.drachen.core.stages.build;

import app.drachen.core.aerodynamics.BuildSheet;
import app.drachen.core.clearance.ClearanceRule;
import app.drachen.core.clearance.Judgement;
import app.drachen.core.clearance.Ruling;
import app.drachen.core.clearance.Situation;
import app.drachen.core.clearance.Stage;
import app.drachen.core.units.Quantity;
import app.drachen.core.working.Finding;
import app.drachen.core.working.Finding.State;
import app.drachen.core.working.Source;
import app.drachen.core.working.Working;
import java.util.List;

/** BUILD-R7: tail and fin are of usual size. */
public final class TailVolumes implements ClearanceRule {
    private static final Judgement TAIL_LEAST =
            new Judgement("BUILD-R7.tail-least", "least usual tail volume", Quantity.NUMBER, 0.35, 0.05, 2);
    private static final Judgement TAIL_MOST =
            new Judgement("BUILD-R7.tail-most", "greatest usual tail volume", Quantity.NUMBER, 0.80, 0.05, 3);
    private static final Judgement FIN_LEAST =
            new Judgement("BUILD-R7.fin-least", "least usual fin volume", Quantity.NUMBER, 0.02, 0.002, 0.2);
    private static final Judgement FIN_MOST =
            new Judgement("BUILD-R7.fin-most", "greatest usual fin volume", Quantity.NUMBER, 0.06, 0.002, 0.4);

    @Override
    public String id() {
        return "BUILD-R7";
    }

    @Override
    public String demand() {
        return "Tail volume lies within " + TAIL_LEAST.text() + "–" + TAIL_MOST.text() + " and fin volume within "
                + FIN_LEAST.text() + "–" + FIN_MOST.text() + ".";
    }

    @Override
    public Source source() {
        return Source.RAYMER;
    }

    @Override
    public List<Judgement> judgements() {
        return List.of(TAIL_LEAST, TAIL_MOST, FIN_LEAST, FIN_MOST);
    }

    @Override
    public Ruling check(Situation situation) {
        List<Working> volumes = BuildSheet.tailVolumes(situation.setup());
        for (Working volume : volumes) {
            boolean tail = volume.name().startsWith("Tail");
            double low = situation.judged(tail ? TAIL_LEAST : FIN_LEAST);
            double high = situation.judged(tail ? TAIL_MOST : FIN_MOST);
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
                                        + Quantity.NUMBER.text(low)
                                        + "–"
                                        + Quantity.NUMBER.text(high)
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
