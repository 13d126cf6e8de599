/**
 * Files that come in: logs for an aircraft, set-ups for the shelf. Entry type: {@link
 * app.drachen.desk.imports.ImportQueue}. Uses {@code desk}, {@code desk.work} and {@code files}.
 */
package app.drachen.desk.imports;
