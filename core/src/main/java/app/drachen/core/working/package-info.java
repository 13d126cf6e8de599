/**
 * A computed value together with how it came about. Entry type: {@link
 * app.drachen.core.working.Working}. Uses {@code units}.
 */
package app.drachen.core.working;
