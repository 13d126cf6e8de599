/**
 * The answers as calculations that can be asked for one by one, with any numbers or with an aircraft's own. Entry type:
 * {@link app.drachen.core.calc.Calculations}. SI inside; uses everything below.
 */
package app.drachen.core.calc;
