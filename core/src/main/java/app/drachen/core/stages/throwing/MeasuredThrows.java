package app.drachen.core.stages.throwing;

import app.drachen.core.clearance.CardRule;
import app.drachen.core.clearance.Judgement;
import app.drachen.core.clearance.ProofKind;
import app.drachen.core.clearance.Remedy;
import app.drachen.core.clearance.Ruling;
import app.drachen.core.clearance.Situation;
import app.drachen.core.clearance.Stage;
import app.drachen.core.controls.Output;
import app.drachen.core.units.Quantity;
import java.util.List;
import java.util.Optional;

/** THROWS-R8: linkages are centred by mechanics first; what was measured fits what they give. */
final class MeasuredThrows extends CardRule {
    private static final Judgement FAR =
            new Judgement("THROWS-R8.far", "how far a centre may lie off 1500 µs", Quantity.PULSE, 80, 10, 300);
    private static final Judgement STEP = new Judgement(
            "THROWS-R8.step", "how far a centre may move between two flights", Quantity.PULSE, 40, 5, 300);

    MeasuredThrows() {
        super(
                "THROWS-R8",
                ProofKind.CENTRES_AND_THROWS,
                Optional.empty(),
                "Centres lie within " + FAR.text() + " of 1500 µs and move by at most " + STEP.text()
                        + " at once; throws were measured as the linkage gives them, left as right.",
                "Centres and throws were not measured",
                "Measure centres and throws");
    }

    @Override
    public List<Judgement> judgements() {
        return List.of(FAR, STEP);
    }

    @Override
    protected Optional<Ruling> before(Situation situation) {
        for (Output o : situation.setup().controls().surfaces()) {
            if (Math.abs(o.centreMicros() - 1_500) > situation.judged(FAR)) {
                return Optional.of(caution(
                        o.surface().label() + " is centred at " + Quantity.PULSE.text(o.centreMicros()),
                        "The servo's arm sits a tooth off, or the clevis is turned wrong: mechanics first, then the centre.",
                        new Remedy.GoTo("To its linkage", Stage.THROWS)));
            }
            Optional<Double> before = situation
                    .flown()
                    .flatMap(s -> s.controls().output(o.surface()))
                    .map(Output::centreMicros);
            if (before.filter(b -> Math.abs(b - o.centreMicros()) > situation.judged(STEP))
                    .isPresent()) {
                return Optional.of(
                        caution(
                                o.surface().label() + " has moved by "
                                        + Quantity.PULSE.text(Math.abs(before.get() - o.centreMicros()))
                                        + " since it flew",
                                "So much trim has a cause: CG, incidence, a bent surface. Land and find it before it is trimmed away."));
            }
        }
        return Optional.empty();
    }
}
