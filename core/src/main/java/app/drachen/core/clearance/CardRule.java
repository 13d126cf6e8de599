package app.drachen.core.clearance;

import app.drachen.core.setup.Setup;
import app.drachen.core.working.Finding;
import app.drachen.core.working.Finding.State;
import java.util.Map;
import java.util.Optional;
import java.util.function.Predicate;

/**
 * A rule that wants a card of the bench passed. Where an aircraft has nothing that the card is about, that is said. An aircraft that
 * has flown by hand since the last change is not grounded by a card that nobody asked for when it first flew: it stands open. A card that
 * was tried and not passed counts at once.
 */
public class CardRule extends ProofRule {
    private final String id;
    private final String demand;
    private final Optional<Gate> gate;
    private final Predicate<Setup> applies;
    private final String without;

    /**
     * A rule that blocks a gate.
     *
     * @param demand what it demands, one sentence
     * @param missing what is said while there is no proof
     * @param todo what the button says
     */
    public CardRule(String id, ProofKind kind, Optional<Gate> gate, String demand, String missing, String todo) {
        this(id, kind, gate, demand, missing, todo, s -> true, "");
    }

    /**
     * A rule for aircraft that have what its card is about.
     *
     * @param applies which have it
     * @param without what is said of the others
     */
    public CardRule(
            String id,
            ProofKind kind,
            Optional<Gate> gate,
            String demand,
            String missing,
            String todo,
            Predicate<Setup> applies,
            String without) {
        super(kind, gate.orElse(Gate.LAUNCH), missing, todo);
        this.id = id;
        this.demand = demand;
        this.gate = gate;
        this.applies = applies;
        this.without = without;
    }

    @Override
    public final String id() {
        return id;
    }

    @Override
    public final String demand() {
        return demand;
    }

    @Override
    protected final Stage place() {
        return Stage.BENCH;
    }

    @Override
    public final Ruling check(Situation situation) {
        Stage stage = kind().stage();
        if (!applies.test(situation.setup())) {
            return Ruling.advice(stage, Finding.of(id, State.GOOD, without, ""));
        }
        Optional<Ruling> first = before(situation);
        Ruling card = ofCard(situation);
        // what only warns never stands before a card that blocks
        return first.filter(f -> f.blocks() || f.finding().state() != State.CAUTION || !card.blocks())
                .orElse(card);
    }

    private Ruling ofCard(Situation situation) {
        Stage stage = kind().stage();
        Ruling ruling = super.check(situation);
        State state = ruling.finding().state();
        if (state == State.GOOD) {
            return situation
                    .proof(kind())
                    .flatMap(p -> more(situation, p.values()))
                    .orElse(ruling);
        }
        boolean failed = state == State.STOP;
        if (gate.isEmpty()) {
            return failed
                    ? Ruling.advice(
                            stage,
                            Finding.of(
                                    id,
                                    State.CAUTION,
                                    ruling.finding().title(),
                                    ruling.finding().detail()),
                            ruling.remedies().toArray(new Remedy[0]))
                    : new Ruling(stage, Optional.empty(), ruling.finding(), ruling.remedies());
        }
        if (!failed && situation.hasFlown()) {
            return new Ruling(
                    stage,
                    Optional.empty(),
                    ruling.finding().noting("It has flown since, so this stops nothing."),
                    ruling.remedies());
        }
        return ruling;
    }

    /** What is said before any card is looked at, because the set-up itself says it. */
    protected Optional<Ruling> before(Situation situation) {
        return Optional.empty();
    }

    /** What is said of a passed and fresh card beyond that. */
    protected Optional<Ruling> more(Situation situation, Map<String, Double> values) {
        return Optional.empty();
    }

    /** A finding that blocks. */
    protected final Ruling stop(Gate blocks, String title, String detail, Remedy... remedies) {
        return Ruling.of(kind().stage(), blocks, Finding.of(id, State.STOP, title, detail), remedies);
    }

    /** A finding that warns. */
    protected final Ruling caution(String title, String detail, Remedy... remedies) {
        return Ruling.advice(kind().stage(), Finding.of(id, State.CAUTION, title, detail), remedies);
    }

    /** Something missing that may block. */
    protected final Ruling open(Optional<Gate> blocks, String title, String detail, Remedy... remedies) {
        return new Ruling(
                kind().stage(), blocks, Finding.of(id, State.OPEN, title, detail), java.util.List.of(remedies));
    }
}
