/** The debrief of a flight. */
package app.drachen.desktop.stage.debrief;
