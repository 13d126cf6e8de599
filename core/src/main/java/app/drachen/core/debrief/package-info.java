/**
 * From log to results. Entry type: {@link app.drachen.core.debrief.Debrief}. Uses {@code bench} and
 * the floors below.
 */
package app.drachen.core.debrief;
