/**
 * What the readers of recordings share: rows on one time base, and the list of what was repaired. Uses {@code core}
 * and {@code files}.
 */
package app.drachen.files.track;
