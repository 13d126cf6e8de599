package app.drachen.core.stages.bench;

import app.drachen.core.bench.BenchCards;
import app.drachen.core.bench.CardId;
import app.drachen.core.clearance.CardRule;
import app.drachen.core.clearance.Gate;
import app.drachen.core.clearance.Judgement;
import app.drachen.core.clearance.ProofKind;
import app.drachen.core.clearance.Ruling;
import app.drachen.core.clearance.Situation;
import app.drachen.core.units.Quantity;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** BENCH-R13: a compass was swung where it is flown, not long ago. How far away that was nobody can tell from here. */
final class CompassSwung extends CardRule {
    private static final Judgement DAYS =
            new Judgement("BENCH-R13.days", "days between two swings of the compass", Quantity.COUNT, 90, 1, 1_000);

    CompassSwung() {
        super(
                "BENCH-R13",
                ProofKind.COMPASS_SWING,
                Optional.of(Gate.CIRCLE),
                "A compass deviates by at most 10°, was swung within " + DAYS.text()
                        + " days, and since anything near it was changed.",
                "The compass was never swung",
                "Swing the compass",
                s -> BenchCards.makesSense(CardId.COMPASS_SWING, s),
                "No compass among the devices: nothing to swing");
    }

    @Override
    public List<Judgement> judgements() {
        return List.of(DAYS);
    }

    @Override
    protected Optional<Ruling> more(Situation situation, Map<String, Double> values) {
        long days =
                situation.since(situation.proof(kind()).orElseThrow().when()).orElse(0) / 86_400;
        return days > situation.judged(DAYS)
                ? Optional.of(caution(
                        "The compass was swung " + days + " days ago",
                        "Swing it again, the motor's current flowing, propeller off."))
                : Optional.empty();
    }
}
