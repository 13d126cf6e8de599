/**
 * Stages, gates, proofs and findings; what the aircraft may do next. Uses {@code rehearsal} and the
 * floors below.
 */
package app.drachen.core.clearance;
