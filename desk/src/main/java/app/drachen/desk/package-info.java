/**
 * What is on the desk: a hangar that is open, its aircraft as identities with their standing, the sessions (windows) on
 * it, and the events that tell of changes. No window, no SQL: the hangar's file is touched by jobs only, so nothing here
 * waits for a disk. Entry types: {@link app.drachen.desk.Desk} and {@link app.drachen.desk.Session}. Uses {@code work},
 * {@code files} and {@code core}.
 */
package app.drachen.desk;
