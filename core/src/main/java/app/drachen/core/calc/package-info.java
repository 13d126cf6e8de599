/**
 * The answers as calculations that can be asked for one by one, with any numbers or with an aircraft's own. Entry type:
 * {@link app.drachen.core.calc.Calculation}. SI inside; uses everything below. Each belongs to a stage, whose kit lists it.
 */
package app.drachen.core.calc;
