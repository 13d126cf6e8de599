/**
 * The list of stages with their kits, and what follows from the list: the clearance of a situation, all calculations. Entry
 * type: {@link app.drachen.core.stages.Kits}. A stage is one package below and one line there.
 */
package app.drachen.core.stages;
