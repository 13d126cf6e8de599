/** The clearance rules, one class each, and their list. */
package app.drachen.core.clearance.rules;
