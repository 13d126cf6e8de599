/**
 * Sheets of paper: black on white, one page each, from the same figures and painters as the screen. Entry type: {@link
 * app.drachen.desktop.paper.Papers}. Needs no screen.
 */
package app.drachen.desktop.paper;
