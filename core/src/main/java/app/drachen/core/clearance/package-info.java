/**
 * Stages, gates, proofs and findings; what the aircraft may do next, from the kits of the stages. Uses {@code calc} and
 * the floors below.
 */
package app.drachen.core.clearance;
