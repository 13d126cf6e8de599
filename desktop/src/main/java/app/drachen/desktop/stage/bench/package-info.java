/** The Bench stage: checks against the aircraft or the stand-in board. */
package app.drachen.desktop.stage.bench;
