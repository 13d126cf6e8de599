package app.drachen.core.rehearsal;

import app.drachen.core.air.Field;
import app.drachen.core.cards.Card;
import app.drachen.core.setup.Setup;

/**
 * What is to be rehearsed.
 *
 * @param setup the aircraft, mistakes included
 * @param card the card
 * @param field where and in what weather
 * @param seed of gusts, throw and sensor noise; the same seed flies the same flight
 */
public record RehearsalPlan(Setup setup, Card card, Field field, long seed) {}
