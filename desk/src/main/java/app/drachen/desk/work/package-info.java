/**
 * Long work beside the interface: lanes, subjects, progress, cancel. Entry type: {@link
 * app.drachen.desk.work.Jobs}. Executors are handed in. Uses {@code core} and the exceptions of {@code files}.
 */
package app.drachen.desk.work;
