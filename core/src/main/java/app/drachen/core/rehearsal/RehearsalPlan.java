package app.drachen.core.rehearsal;

import app.drachen.core.aerodynamics.ModelError;
import app.drachen.core.air.Field;
import app.drachen.core.cards.Card;
import app.drachen.core.setup.Setup;
import java.util.OptionalDouble;

/**
 * What is to be rehearsed.
 *
 * @param setup the aircraft, mistakes included
 * @param card the card
 * @param field where and in what weather
 * @param seed of gusts, throw and sensor noise; the same seed flies the same flight
 * @param throwSpeed speed of the throw over ground [m/s]; without it about 8 m/s, drawn from the seed
 * @param error how the air differs from the drawing
 * @param mishaps what is lost in the air
 */
public record RehearsalPlan(
        Setup setup, Card card, Field field, long seed, OptionalDouble throwSpeed, ModelError error, Mishaps mishaps) {
    /** An aircraft as drawn, thrown as usual. */
    public RehearsalPlan(Setup setup, Card card, Field field, long seed) {
        this(setup, card, field, seed, OptionalDouble.empty(), ModelError.NONE, Mishaps.NONE);
    }

    /**
     * The same plan with another throw.
     *
     * @param speed over ground [m/s]
     */
    public RehearsalPlan thrownAt(double speed) {
        return new RehearsalPlan(setup, card, field, seed, OptionalDouble.of(speed), error, mishaps);
    }

    /** The same plan for another set-up, whose card stays. */
    public RehearsalPlan of(Setup other) {
        return new RehearsalPlan(other, card, field, seed, throwSpeed, error, mishaps);
    }

    /** The same plan in other weather, whose card stays. */
    public RehearsalPlan on(Field other) {
        return new RehearsalPlan(setup, card, other, seed, throwSpeed, error, mishaps);
    }

    /** The same plan in other luck and other air. */
    public RehearsalPlan drawn(long otherSeed, ModelError otherError) {
        return new RehearsalPlan(setup, card, field, otherSeed, throwSpeed, otherError, mishaps);
    }

    /** The same plan with other losses. */
    public RehearsalPlan losing(Mishaps other) {
        return new RehearsalPlan(setup, card, field, seed, throwSpeed, error, other);
    }
}
