package app.drachen.core.stages.harness;

import app.drachen.core.clearance.ClearanceRule;
import app.drachen.core.clearance.Gate;
import app.drachen.core.clearance.Remedy;
import app.drachen.core.clearance.Ruling;
import app.drachen.core.clearance.Situation;
import app.drachen.core.clearance.Stage;
import app.drachen.core.wiring.Wiring;
import app.drachen.core.working.Finding;
import app.drachen.core.working.Finding.State;
import app.drachen.core.working.Source;
import app.drachen.core.working.Working;
import java.util.List;
import java.util.Optional;

/** A rule about the harness. Where no harness is entered, each of them stands open; the first of them says what to do. */
abstract class HarnessRule implements ClearanceRule {
    private final String id;
    private final String subject;
    private final Source source;

    /**
     * A rule.
     *
     * @param subject what it looks at, for the sentence that nothing is entered
     */
    HarnessRule(String id, String subject, Source source) {
        this.id = id;
        this.subject = subject;
        this.source = source;
    }

    @Override
    public final String id() {
        return id;
    }

    @Override
    public final Source source() {
        return source;
    }

    @Override
    public final Ruling check(Situation situation) {
        Wiring wiring = Wiring.of(situation.setup());
        return wiring.entered() ? judge(situation, wiring) : empty(situation);
    }

    /** What to say while no harness is entered. */
    Ruling empty(Situation situation) {
        return open(Optional.empty(), subject + ": not looked at", "No harness is entered yet.");
    }

    /** Looks at a harness that is entered. */
    abstract Ruling judge(Situation situation, Wiring wiring);

    final Ruling good(String title, String detail, Working... workings) {
        return Ruling.advice(Stage.HARNESS, Finding.of(id, State.GOOD, title, detail, workings));
    }

    final Ruling open(Optional<Gate> gate, String title, String detail, Remedy... remedies) {
        return new Ruling(Stage.HARNESS, gate, Finding.of(id, State.OPEN, title, detail), List.of(remedies));
    }

    final Ruling caution(String title, String detail, List<Working> workings, Remedy... remedies) {
        return Ruling.advice(
                Stage.HARNESS,
                Finding.of(id, State.CAUTION, title, detail, workings.toArray(new Working[0])),
                remedies);
    }

    final Ruling stop(Gate gate, String title, String detail, List<Working> workings, Remedy... remedies) {
        return Ruling.of(
                Stage.HARNESS,
                gate,
                Finding.of(id, State.STOP, title, detail, workings.toArray(new Working[0])),
                remedies);
    }

    static String upper(String words) {
        return words.isEmpty() ? words : Character.toUpperCase(words.charAt(0)) + words.substring(1);
    }
}
