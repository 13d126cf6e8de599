package app.drachen.core.stages.bench;

import app.drachen.core.clearance.CardRule;
import app.drachen.core.clearance.Gate;
import app.drachen.core.clearance.Judgement;
import app.drachen.core.clearance.ProofKind;
import app.drachen.core.clearance.Remedy;
import app.drachen.core.clearance.Ruling;
import app.drachen.core.clearance.Situation;
import app.drachen.core.clearance.Stage;
import app.drachen.core.units.Quantity;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** BENCH-R15: the checks before the flight are of this hour. While no flight is chosen nothing is due. */
final class Preflight extends CardRule {
    private static final Judgement OLD = new Judgement(
            "BENCH-R15.old", "age of the checks before the flight", Quantity.DURATION, 3_600, 300, 86_400);

    Preflight() {
        super(
                "BENCH-R15",
                ProofKind.PREFLIGHT,
                Optional.of(Gate.LAUNCH),
                "When a flight is chosen, the checks before it are complete, at most " + OLD.text()
                        + " old, and with the pack that flies.",
                "The checks before the flight are not done",
                "Do them");
    }

    @Override
    public List<Judgement> judgements() {
        return List.of(OLD);
    }

    @Override
    protected Optional<Ruling> before(Situation situation) {
        return Due.notYet(id(), situation, kind());
    }

    @Override
    protected Optional<Ruling> more(Situation situation, Map<String, Double> values) {
        long age = situation.since(situation.proof(kind()).orElseThrow().when()).orElse(0);
        return age > situation.judged(OLD)
                ? Optional.of(open(
                        situation.hasFlown() ? Optional.empty() : Optional.of(Gate.LAUNCH),
                        "The checks before the flight are " + Quantity.DURATION.text(age) + " old",
                        "Do them again: 6 minutes.",
                        new Remedy.GoTo("Do them", Stage.BENCH)))
                : Optional.empty();
    }
}
