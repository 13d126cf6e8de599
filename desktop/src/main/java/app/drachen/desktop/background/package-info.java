/** The one place with threads. Uses nothing else. */
package app.drachen.desktop.background;
