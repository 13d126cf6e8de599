package app.drachen.core.stages.build;

import app.drachen.core.aerodynamics.BuildSheet;
import app.drachen.core.aerodynamics.Derivative;
import app.drachen.core.aerodynamics.Derivatives;
import app.drachen.core.airframe.Tail;
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

    /** With 0.010 a wing hunts on its circles, with 0.026 it does not (rehearsed). */
    private static final Judgement WEATHERCOCK = new Judgement(
            "BUILD-R7.weathercock",
            "least weathercock C_nβ of a wing without a tail",
            Quantity.NUMBER_FINE,
            0.015,
            0,
            0.2);

    @Override
    public String id() {
        return "BUILD-R7";
    }

    @Override
    public String demand() {
        return "Tail volume lies within " + TAIL_LEAST.text() + "–" + TAIL_MOST.text() + " and fin volume within "
                + FIN_LEAST.text() + "–" + FIN_MOST.text()
                + "; without a tail C_nβ is at least " + WEATHERCOCK.text() + ".";
    }

    @Override
    public Source source() {
        return Source.RAYMER;
    }

    @Override
    public List<Judgement> judgements() {
        return List.of(TAIL_LEAST, TAIL_MOST, FIN_LEAST, FIN_MOST, WEATHERCOCK);
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
        return situation.setup().airframe().tail() instanceof Tail.None
                ? Ruling.advice(Stage.BUILD, weathercock(situation))
                : Ruling.advice(
                        Stage.BUILD,
                        Finding.of(
                                id(),
                                State.GOOD,
                                "Tail and fin are of usual size",
                                "",
                                volumes.toArray(new Working[0])));
    }

    /** Without a tail a fin volume says little, for sweep and arm decide. */
    private Finding weathercock(Situation situation) {
        double value = Derivatives.flown(situation.setup()).at(Derivative.YAW_SLIP);
        Working working = Working.of(
                        id(),
                        "Weathercock C_nβ",
                        value,
                        Quantity.NUMBER_FINE,
                        "yawing moment with sideslip over ½ρV²S·b, from the strips; ±30 % for body and fins, own estimate",
                        Source.NELSON,
                        Working.in("least", situation.judged(WEATHERCOCK), Quantity.NUMBER_FINE))
                .within(Math.min(0.7 * value, 1.3 * value), Math.max(0.7 * value, 1.3 * value));
        boolean weak = value < situation.judged(WEATHERCOCK);
        return Finding.of(
                id(),
                weak ? State.CAUTION : State.GOOD,
                weak
                        ? "Hardly turns into the wind: C_nβ " + Quantity.NUMBER_FINE.text(value)
                        : "Fins turn it into the wind",
                weak
                        ? "Below " + Quantity.NUMBER_FINE.text(situation.judged(WEATHERCOCK))
                                + " a wing wags in turns and hunts on circles. Larger fins, or further aft."
                        : "",
                working);
    }
}
