/** Strips over time and plans from above. Uses {@code theme}. */
package app.drachen.desktop.chart;
