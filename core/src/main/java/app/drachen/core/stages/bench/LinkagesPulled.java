package app.drachen.core.stages.bench;

import app.drachen.core.clearance.CardRule;
import app.drachen.core.clearance.FlightFact;
import app.drachen.core.clearance.Gate;
import app.drachen.core.clearance.Judgement;
import app.drachen.core.clearance.Proof;
import app.drachen.core.clearance.ProofKind;
import app.drachen.core.clearance.Ruling;
import app.drachen.core.clearance.Situation;
import app.drachen.core.debrief.Landing;
import app.drachen.core.units.Quantity;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** BENCH-R7: every linkage and hinge was pulled at since it was fitted, since a hard landing, and every twenty flights. */
final class LinkagesPulled extends CardRule {
    private static final Judgement FLIGHTS =
            new Judgement("BENCH-R7.flights", "flights between two pulls at the linkages", Quantity.COUNT, 20, 1, 500);

    LinkagesPulled() {
        super(
                "BENCH-R7",
                ProofKind.LINKAGE_PULL,
                Optional.of(Gate.LAUNCH),
                "Every linkage was pulled at and every hinge felt since it was fitted, since a hard landing or a crash, and within "
                        + FLIGHTS.text() + " flights.",
                "Nobody has pulled at the linkages",
                "Pull every linkage");
    }

    @Override
    public List<Judgement> judgements() {
        return List.of(FLIGHTS);
    }

    @Override
    protected Optional<Ruling> more(Situation situation, Map<String, Double> values) {
        Proof proof = situation.proof(kind()).orElseThrow();
        List<FlightFact> since = situation.flights().stream()
                .filter(f -> !f.rehearsed() && f.when() > proof.when())
                .toList();
        Optional<FlightFact> hard =
                since.stream().filter(f -> Landing.hurt(f.outcome())).findFirst();
        if (hard.isPresent()) {
            return Optional.of(stop(
                    Gate.LAUNCH,
                    "Linkages not pulled since flight " + hard.get().number(),
                    "It ended: " + hard.get().outcome() + " Hold each servo, pull at its surface, feel its hinges."));
        }
        return since.size() > situation.judged(FLIGHTS)
                ? Optional.of(caution(
                        since.size() + " flights since the linkages were pulled at",
                        "Hold each servo, pull at its surface, feel its hinges."))
                : Optional.empty();
    }
}
