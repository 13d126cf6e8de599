/**
 * Coefficients and forces from the drawn geometry. Body axes x forward, y right, z down about the
 * centre of gravity. Sources stand at each type. Uses {@code setup} and the floors below.
 */
package app.drachen.core.aerodynamics;
