package app.drachen.core.stages.bench;

import app.drachen.core.bench.BenchCards;
import app.drachen.core.clearance.ClearanceRule;
import app.drachen.core.clearance.Gate;
import app.drachen.core.clearance.ProofKind;
import app.drachen.core.clearance.Remedy;
import app.drachen.core.clearance.Ruling;
import app.drachen.core.clearance.Situation;
import app.drachen.core.clearance.Stage;
import app.drachen.core.working.Finding;
import app.drachen.core.working.Finding.State;
import app.drachen.core.working.Source;
import java.util.List;
import java.util.Optional;

/** BENCH-R16: a flight card finds the proofs of the bench that it needs. */
final class CardReady implements ClearanceRule {
    @Override
    public String id() {
        return "BENCH-R16";
    }

    @Override
    public String demand() {
        return "A flight that is chosen, and before one is chosen the first one, has its proofs of the bench: sticks, linkages, arming and loss of link, and where it is"
                + " stabilised tilts, rotation and modes.";
    }

    @Override
    public Source source() {
        return Source.COMMON_PRACTICE;
    }

    @Override
    public Ruling check(Situation situation) {
        boolean chosen = situation.plan().isPresent();
        List<ProofKind> missing = BenchProofs.needed(situation).stream()
                .filter(k -> BenchProofs.card(k)
                        .filter(c -> BenchCards.makesSense(c, situation.setup()))
                        .isPresent())
                .filter(k -> !situation.proven(k))
                .toList();
        if (missing.isEmpty()) {
            return Ruling.advice(
                    Stage.BENCH,
                    Finding.of(
                            id(),
                            State.GOOD,
                            (chosen ? "The chosen flight" : "A first flight") + " has its proofs of the bench",
                            ""));
        }
        Finding finding = Finding.of(
                id(),
                State.OPEN,
                (chosen ? "The chosen flight" : "A first flight") + " lacks: " + ProofKind.labels(missing),
                situation.hasFlown()
                        ? "It has flown since, so this stops nothing; do them at the next chance."
                        : "Do these checks first.");
        return new Ruling(
                Stage.BENCH,
                situation.hasFlown() ? Optional.empty() : Optional.of(Gate.LAUNCH),
                finding,
                List.of(new Remedy.GoTo("To the checks", Stage.BENCH)));
    }
}
