/**
 * What is plugged where: boards, devices, leads, radios, packs. Volts, amps, ohms, hertz and watts; places as in {@code
 * airframe}. A rail is known by its name everywhere. Uses {@code units}, {@code airframe}.
 */
package app.drachen.core.harness;
