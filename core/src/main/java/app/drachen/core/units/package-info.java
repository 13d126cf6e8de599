/**
 * Quantities as people read them. Entry type: {@link app.drachen.core.units.Quantity}. Everything
 * else in {@code core} is SI and radians; conversion happens here and at the edges only. Uses no
 * other package.
 */
package app.drachen.core.units;
