package app.drachen.core.bench;

import app.drachen.core.setup.Setup;
import java.util.List;
import java.util.Map;

/**
 * The stand-in of an aircraft on the bench: board, receiver, console and meter. What the pilot believes and what is really there differ
 * by what is hidden in it.
 */
public final class StandIn {
    private final Setup believed;
    private final RealThing real;

    /**
     * A stand-in.
     *
     * @param believed the set-up
     * @param hidden the faults
     */
    public StandIn(Setup believed, List<Planted> hidden) {
        this.believed = believed;
        real = Planted.planted(believed, hidden);
    }

    public Setup believed() {
        return believed;
    }

    /** A fresh board that lives. */
    public LiveBoard board() {
        return new LiveBoard(real);
    }

    /** Whether this aircraft has anything that a card is about. */
    public boolean knows(CardId card) {
        return BenchCards.makesSense(card, believed);
    }

    /**
     * Answers to a card, by the ids of its readings [SI].
     *
     * @param seed of the scatter
     */
    public Map<String, Double> answers(CardId card, long seed) {
        return StandInAnswers.to(card, believed, real, seed);
    }
}
