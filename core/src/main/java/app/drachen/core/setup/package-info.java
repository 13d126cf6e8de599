/**
 * The immutable whole of one aircraft, and its facets with their fingerprints. Entry type: {@link
 * app.drachen.core.setup.Setup}. Uses the packages of the floors below.
 */
package app.drachen.core.setup;
