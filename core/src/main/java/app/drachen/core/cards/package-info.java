/**
 * Flight cards: steps, pass limits, reasons to break off, and their list. Uses {@code debrief} and
 * the floors below.
 */
package app.drachen.core.cards;
