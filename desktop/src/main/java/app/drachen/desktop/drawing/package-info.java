/** The kite line and the aircraft, drawn to scale. Uses {@code theme}. */
package app.drachen.desktop.drawing;
