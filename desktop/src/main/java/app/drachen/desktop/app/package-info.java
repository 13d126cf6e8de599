/**
 * Start, window and command line. Entry types: {@code Main} and {@code Shell}. Uses everything
 * below.
 */
package app.drachen.desktop.app;
