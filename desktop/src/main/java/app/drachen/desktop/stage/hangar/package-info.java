/** The shelf of aircraft. */
package app.drachen.desktop.stage.hangar;
