package app.drachen.core.stages.bench;

import app.drachen.core.clearance.CardRule;
import app.drachen.core.clearance.Gate;
import app.drachen.core.clearance.Judgement;
import app.drachen.core.clearance.ProofKind;
import app.drachen.core.clearance.Ruling;
import app.drachen.core.clearance.Situation;
import app.drachen.core.units.Quantity;
import app.drachen.core.working.Finding;
import app.drachen.core.working.Finding.State;
import app.drachen.core.working.Source;
import app.drachen.core.working.Working;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** BENCH-R9: the radio reaches three times as far as the flight is planned. */
final class RangeWalked extends CardRule {
    private static final Judgement TIMES = new Judgement(
            "BENCH-R9.times", "full range over the greatest distance of the plan", Quantity.NUMBER, 3, 1, 20);

    RangeWalked() {
        super(
                "BENCH-R9",
                ProofKind.RANGE_WALK,
                Optional.of(Gate.LAUNCH),
                "At reduced power the control holds for 30 m with the motor off and on, and full range is "
                        + TIMES.text() + " times the greatest distance that is planned.",
                "Nobody has walked the range",
                "Walk the range");
    }

    @Override
    public List<Judgement> judgements() {
        return List.of(TIMES);
    }

    /** Not every radio can reduce its power. */
    @Override
    public boolean mayBeWaived() {
        return true;
    }

    /** Greatest distance of the card that is to be flown next; none while no card is chosen or it goes nowhere [m]. */
    private static Optional<Double> planned(Situation situation) {
        if (situation.plan().isEmpty() || situation.field().isEmpty()) {
            return Optional.empty();
        }
        return situation
                .plan()
                .get()
                .forAircraft(situation.setup(), situation.field().get())
                .route()
                .map(r -> r.points().stream()
                        .mapToDouble(p -> Math.hypot(p.north(), p.east()))
                        .max()
                        .orElse(0));
    }

    @Override
    protected Optional<Ruling> more(Situation situation, Map<String, Double> values) {
        if (!values.keySet().containsAll(List.of("reduced", "distance", "running"))) {
            return Optional.empty();
        }
        double nearer = Math.min(values.get("distance"), values.get("running"));
        double full = nearer * Math.pow(10, values.get("reduced") / 20);
        Working working = Working.of(
                "BENCH-A4",
                "Full range",
                full,
                Quantity.DISTANCE,
                "d·10^(ΔdB/20), the nearer of the two walks",
                new Source.Published("ITU-R", "P.525", 2019),
                Working.in("nearer walk d", nearer, Quantity.DISTANCE),
                Working.in("power reduced by ΔdB", values.get("reduced"), Quantity.DECIBEL));
        Optional<Double> planned = planned(situation);
        if (planned.filter(d -> full < situation.judged(TIMES) * d).isPresent()) {
            return Optional.of(Ruling.of(
                    kind().stage(),
                    Gate.REACH,
                    Finding.of(
                            id(),
                            State.STOP,
                            "Range walk: " + Quantity.DISTANCE.text(full) + ", planned "
                                    + Quantity.DISTANCE.text(planned.get()),
                            "Look at the aerials, then walk again, motor off and on.",
                            working)));
        }
        return Optional.of(Ruling.advice(
                kind().stage(),
                Finding.of(
                        id(),
                        State.GOOD,
                        "Range walk: " + Quantity.DISTANCE.text(full) + " at full power",
                        planned.map(d -> "Planned: " + Quantity.DISTANCE.text(d) + ".")
                                .orElse(""),
                        working)));
    }
}
