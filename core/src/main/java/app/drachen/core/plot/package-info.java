/**
 * Scales, ticks and decimation without drawing, so that screen, paper and tests share the same
 * numbers. Uses {@code units}.
 */
package app.drachen.core.plot;
