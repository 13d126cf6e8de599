package app.drachen.core.rehearsal;

import app.drachen.core.autopilot.Autopilot;
import app.drachen.core.cards.Card;
import app.drachen.core.flight.Aircraft;

/** What the pilot does in one step of a card; one class for each kind of step, made anew for each step. */
abstract class PilotTask {
    final Hands hands;
    final Card card;

    /** Time in this step [s]. */
    double inStep;

    /** Time in this phase of the step [s]. */
    double inPhase;

    int phase;

    PilotTask(Hands hands, Card card) {
        this.hands = hands;
        this.card = card;
    }

    final void startPhase(int next) {
        phase = next;
        inPhase = 0;
    }

    /** Time has passed. */
    final void pass(double dt) {
        inStep += dt;
        inPhase += dt;
    }

    /**
     * Moves the sticks.
     *
     * @param dt since the last look [s]
     * @return whether the step is done
     */
    abstract boolean fly(double dt, Aircraft aircraft, Autopilot autopilot);
}
