/** The flights of an aircraft: logs read in, debriefed, counted as flown, written out. Uses {@code widget}, {@code chart}. */
package app.drachen.desktop.stage.logbook;
