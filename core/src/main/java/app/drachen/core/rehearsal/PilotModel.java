package app.drachen.core.rehearsal;

import app.drachen.core.air.Field;
import app.drachen.core.autopilot.Autopilot;
import app.drachen.core.autopilot.Helper;
import app.drachen.core.autopilot.Sticks;
import app.drachen.core.cards.Card;
import app.drachen.core.cards.Task;
import app.drachen.core.flight.Aircraft;
import app.drachen.core.modes.FlightMode;
import app.drachen.core.setup.Setup;

/**
 * A pilot who flies a card step by step: {@link Hands} that see and steer, and a {@link PilotTask} for each step.
 *
 * <p>Source: {@link Skill}.
 *
 * <p>Mutable, for one thread.
 */
final class PilotModel {
    private final Card card;
    private final Hands hands;
    private int step;
    private PilotTask task;

    PilotModel(Setup setup, Card card, Field field, double cruisePower, double cruiseAlpha) {
        this.card = card;
        hands = new Hands(setup, field, Skill.USUAL, cruisePower, cruiseAlpha);
        start(0);
    }

    private void start(int next) {
        step = Math.min(next, card.steps().size() - 1);
        task = of(card.steps().get(step).task());
    }

    private PilotTask of(Task kind) {
        return switch (kind) {
            case LAUNCH -> new Launching(hands, card);
            case CLIMB -> new Climbing(hands, card);
            case TRIM -> new Trimming(hands, card);
            case STALL -> new Stalling(hands, card);
            case LEVEL -> new Levelling(hands, card);
            case HOLD -> new Holding(hands, card);
            case CHOP -> new Chopping(hands, card);
            case GLIDE -> new Gliding(hands, card);
            case TUNE_ROLL -> new Tuning(hands, card, true);
            case TUNE_PITCH -> new Tuning(hands, card, false);
            case AUTO_TRIM -> new AutoTrimming(hands, card);
            case OUT -> new FlyingOut(hands, card);
            case HOME -> new FlyingHome(hands, card);
            case MISSION -> new FlyingRoute(hands, card);
            case LAND -> new Landing(hands, card);
        };
    }

    /** An alarm has told him that he is high: he goes no higher than this [m]. */
    void stopAt(double height) {
        hands.ceiling = Math.min(hands.ceiling, height);
    }

    /** He climbs until an alarm stops him. */
    void climbOn() {
        hands.climbsOn = true;
    }

    int step() {
        return step;
    }

    FlightMode mode() {
        return hands.mode;
    }

    Helper helper() {
        return hands.helper;
    }

    /** Goes to the landing at once; false if it lands already. */
    boolean breakOff() {
        for (int i = 0; i < card.steps().size(); i++) {
            if (card.steps().get(i).task() == Task.LAND && step < i) {
                start(i);
                return true;
            }
        }
        return false;
    }

    /** Looks, thinks, and moves the sticks. */
    Sticks fly(double dt, Aircraft aircraft, Autopilot autopilot) {
        hands.look(dt, aircraft);
        task.pass(dt);
        if (task.fly(dt, aircraft, autopilot)) {
            start(step + 1);
        }
        return hands.sticks();
    }
}
