package app.drachen.core.stages.bench;

import app.drachen.core.clearance.CardRule;
import app.drachen.core.clearance.Gate;
import app.drachen.core.clearance.ProofKind;
import app.drachen.core.clearance.Ruling;
import app.drachen.core.clearance.Situation;
import java.util.Map;
import java.util.Optional;

/** BENCH-R12: home was set today, where the pilot stands, with a good fix. */
final class HomeFixed extends CardRule {
    HomeFixed() {
        super(
                "BENCH-R12",
                ProofKind.HOME_FIX,
                Optional.of(Gate.HOME),
                "Home was set on the day of the flight with 8 satellites, hdop of at most 1.8 and a fix of 30 s, within 20 m of the"
                        + " pilot.",
                "Where home lies was not looked at",
                "Look at the home fix");
    }

    @Override
    protected Optional<Ruling> before(Situation situation) {
        return Due.notYet(id(), situation, kind());
    }

    @Override
    protected Optional<Ruling> more(Situation situation, Map<String, Double> values) {
        return situation.onAnotherDay(situation.proof(kind()).orElseThrow().when())
                ? Optional.of(open(
                        Optional.of(Gate.HOME),
                        "Home was set on another day",
                        "Wait for the fix, set home where you stand, read it again."))
                : Optional.empty();
    }
}
