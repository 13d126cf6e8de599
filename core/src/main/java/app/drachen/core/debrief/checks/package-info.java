/** The debrief checks, one class each, and their list. */
package app.drachen.core.debrief.checks;
