/**
 * Plain aircraft to start a new record from: usual proportions, to be drawn over. Entry type: {@link
 * app.drachen.core.draft.NewAircraft}. Uses everything below {@code rehearsal}.
 */
package app.drachen.core.draft;
