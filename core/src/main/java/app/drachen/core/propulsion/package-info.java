/**
 * Motor, propeller and pack from their data-sheet constants. Uses {@code units} and {@code math}.
 */
package app.drachen.core.propulsion;
