/**
 * From sticks to pulses: the mixer, the outputs with centre, travel and sense, radio trims and
 * rates. Commands are -1 to 1 (roll + right wing down, pitch + nose up, yaw + nose right), power 0
 * to 1; surface deflection is positive trailing edge down, for a rudder trailing edge left. Uses
 * {@code units}, {@code working} and {@code math}.
 */
package app.drachen.core.controls;
