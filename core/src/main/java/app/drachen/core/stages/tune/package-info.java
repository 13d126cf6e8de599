/**
 * Stage Tune: its kit, rules and answers. Uses {@code clearance} and the floors below, no other stage.
 */
package app.drachen.core.stages.tune;
