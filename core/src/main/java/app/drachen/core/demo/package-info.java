/**
 * The three invented aircraft and the invented field of the demo hangar. All names, sizes and
 * places are made up. Uses the floors below.
 */
package app.drachen.core.demo;
