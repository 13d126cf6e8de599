/** The screen of stage Signals: the chain from sensor to thumb, alarms, calls, tones, scales and pages. */
package app.drachen.desktop.stage.signals;
