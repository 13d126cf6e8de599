/**
 * State, equations of motion, servos, sensors. Body axes x forward, y right, z down; earth frame
 * north, east, down from home. Uses {@code aerodynamics} and the floors below.
 */
package app.drachen.core.flight;
