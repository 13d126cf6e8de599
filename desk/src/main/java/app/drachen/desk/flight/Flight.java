package app.drachen.desk.flight;

import app.drachen.core.air.Field;
import app.drachen.core.cards.Card;
import app.drachen.core.cards.Verdict;
import app.drachen.core.debrief.Debrief;
import app.drachen.core.log.FlightLog;
import app.drachen.core.rehearsal.Notice;
import app.drachen.core.rehearsal.Outcome;
import app.drachen.core.rehearsal.Rehearsal;
import app.drachen.core.setup.Setup;
import java.util.List;

/** A rehearsed flight with all that was read from it; one with a mistake on purpose is not as set up. */
public record Flight(
        Setup setup,
        int revision,
        Card card,
        Field field,
        long seed,
        FlightLog log,
        Outcome outcome,
        Debrief debrief,
        List<Verdict> verdicts,
        List<Notice> notices,
        boolean asSetUp) {
    public Flight {
        verdicts = List.copyOf(verdicts);
        notices = List.copyOf(notices);
    }

    /** Reads a finished rehearsal. */
    public static Flight of(Rehearsal rehearsal, int revision, boolean asSetUp) {
        var plan = rehearsal.plan();
        FlightLog log = rehearsal.log();
        Debrief debrief = Debrief.of(log, plan.setup(), plan.field());
        Outcome outcome = rehearsal.outcome().orElseThrow();
        return new Flight(
                plan.setup(),
                revision,
                plan.card(),
                plan.field(),
                plan.seed(),
                log,
                outcome,
                debrief,
                Verdict.of(plan.card(), debrief.flight(), outcome.touchdownSink()),
                rehearsal.notices(),
                asSetUp);
    }

    /** Whether it came down whole and every limit was shown and kept. */
    public boolean passed() {
        return outcome.whole() && verdicts.stream().allMatch(Verdict::passed);
    }

    /** In one line, what it showed. */
    public String summary() {
        if (!outcome.whole()) {
            return outcome.sentence();
        }
        return verdicts.stream()
                .filter(v -> !v.passed())
                .findFirst()
                .map(v -> "Not kept: " + v.limit().sentence())
                .orElse("Landed, all limits kept");
    }
}
