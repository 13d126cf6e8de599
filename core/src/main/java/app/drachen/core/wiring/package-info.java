/**
 * What follows from what is plugged where: rails and their currents, places for signals, lengths of leads, radios against
 * each other, the board's rotation, the order of installing. Entry type: {@link app.drachen.core.wiring.Wiring}. Volts,
 * amps, ohms, hertz, metres; body axes where directions are named. Uses {@code harness} and {@code setup}.
 *
 * <p>Source: circuit theory, and what each type names.
 */
package app.drachen.core.wiring;
