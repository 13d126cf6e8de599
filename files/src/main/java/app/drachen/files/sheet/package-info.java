/**
 * Drawings as lines, areas and text without a screen: a {@link app.drachen.files.sheet.Sheet} is drawn on, and comes out
 * as SVG or as a page of PDF. x to the right, y downwards, in points of 1/72 inch.
 */
package app.drachen.files.sheet;
