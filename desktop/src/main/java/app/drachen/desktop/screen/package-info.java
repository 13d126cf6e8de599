/** The interface thread and the threads beside it: the one place of {@code desktop} that has any. */
package app.drachen.desktop.screen;
