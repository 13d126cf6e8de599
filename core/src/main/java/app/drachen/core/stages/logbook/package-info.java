/**
 * The logbook beside the line: its answers. Uses {@code calc}.
 */
package app.drachen.core.stages.logbook;
