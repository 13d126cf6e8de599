/**
 * Bench checks with the answers a set-up must give, and the stand-in board that can hide a fault.
 * Uses {@code autopilot} and the floors below.
 */
package app.drachen.core.bench;
