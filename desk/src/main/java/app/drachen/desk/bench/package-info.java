/**
 * What {@code drachen bench} measures without a window: growing old, a large log. Entry types: {@link
 * app.drachen.desk.bench.Age}, {@link app.drachen.desk.bench.LargeLog}. Uses {@code core}, {@code files} and the desk.
 */
package app.drachen.desk.bench;
