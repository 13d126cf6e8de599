/**
 * Statistics and seeded noise. Pure numbers, no units of its own;
 * frames are named by the caller. Uses {@code units} for range checks.
 */
package app.drachen.core.math;
