package app.drachen.core.stages.maiden;

import app.drachen.core.clearance.Gate;
import app.drachen.core.clearance.Judgement;
import app.drachen.core.clearance.Proof;
import app.drachen.core.clearance.ProofKind;
import app.drachen.core.clearance.ProofRule;
import app.drachen.core.clearance.Ruling;
import app.drachen.core.clearance.Situation;
import app.drachen.core.rehearsal.Scatter;
import app.drachen.core.setup.Decision;
import app.drachen.core.setup.Setup;
import app.drachen.core.units.Quantity;
import app.drachen.core.working.Finding;
import app.drachen.core.working.Finding.State;
import app.drachen.core.working.Working;
import java.util.List;
import java.util.Optional;

/** MAIDEN-R5: the first flight has been rehearsed many times at this set-up; one lucky flight proves nothing. */
public final class Rehearsed extends ProofRule {
    private static final Judgement LEAST = new Judgement(
            "MAIDEN-R5.least",
            "least share of rehearsals that come down whole, lower bound",
            Quantity.SHARE,
            0.80,
            0.5,
            1);

    public Rehearsed() {
        super(ProofKind.REHEARSAL, Gate.LAUNCH, "First flight not rehearsed", "Rehearse card M1 many times");
    }

    @Override
    public String id() {
        return "MAIDEN-R5";
    }

    @Override
    public String demand() {
        return "Of " + Scatter.LEAST_FLIGHTS
                + " scattered rehearsals of the first flight so many come down whole that the"
                + " lower bound of their share is at least " + LEAST.text() + ".";
    }

    @Override
    public List<Judgement> judgements() {
        return List.of(LEAST);
    }

    @Override
    public boolean mayBeWaived() {
        return true;
    }

    @Override
    public Ruling check(Situation situation) {
        Ruling ruling = super.check(situation);
        if (launchedAsItIs(situation)) {
            return saying(
                    ruling,
                    State.GOOD,
                    "It was launched and flown as it is",
                    "A log of the real aircraft shows it; a model adds nothing.");
        }
        Optional<Proof> proof = situation.proof(ProofKind.REHEARSAL).filter(situation::fresh);
        if (proof.isEmpty()) {
            return ruling;
        }
        int flights = (int) Math.round(proof.get().values().getOrDefault(Scatter.FLIGHTS, 1.0));
        int whole = (int) Math.round(proof.get().values().getOrDefault(Scatter.WHOLE, 0.0));
        if (flights < Scatter.LEAST_FLIGHTS) {
            return saying(
                    ruling,
                    State.OPEN,
                    "First flight rehearsed once",
                    "One flight proves nothing: " + Scatter.LEAST_FLIGHTS
                            + " with other gusts, throws and small errors do (M).");
        }
        Working share = Scatter.share("Came down whole", whole, flights);
        boolean good = enough(situation.setup(), whole, flights);
        String title = whole + " of " + flights + " rehearsals came down whole";
        String wanted = "The lower bound of that share must be " + Quantity.SHARE.text(situation.judged(LEAST)) + ". ";
        return saying(
                ruling,
                good ? State.GOOD : State.STOP,
                title,
                (good ? "" : wanted) + proof.get().note(),
                share);
    }

    /** Whether so many whole landings are enough for an aircraft. */
    public static boolean enough(Setup setup, long whole, int flights) {
        double least = setup.decision(LEAST.id()).map(Decision::value).orElse(LEAST.usual());
        return Scatter.share("Came down whole", whole, flights)
                        .spread()
                        .orElseThrow()
                        .low()
                >= least;
    }

    /** Whether a log of the real aircraft shows it in Manual, and nothing that a rehearsal depends on has changed since. */
    private static boolean launchedAsItIs(Situation situation) {
        return situation
                .proof(ProofKind.MANUAL_FLOWN)
                .filter(p -> p.passed() && situation.fresh(p) && p.evidence() == Proof.Evidence.REAL)
                .filter(p -> ProofKind.REHEARSAL.facets().stream()
                        .noneMatch(f -> situation.changedAt().getOrDefault(f, 0) > p.revision()))
                .isPresent();
    }

    private Ruling saying(Ruling ruling, State state, String title, String detail, Working... workings) {
        return new Ruling(
                ruling.stage(), ruling.gate(), Finding.of(id(), state, title, detail, workings), ruling.remedies());
    }
}
