/**
 * The session model, and controls that several screens need: ledger, fields, popover, keys. Uses
 * {@code theme} and {@code background}.
 */
package app.drachen.desktop.widget;
