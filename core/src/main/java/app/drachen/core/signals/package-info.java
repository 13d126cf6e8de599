/**
 * What is entered of the values that reach the pilot: which part sends them, by which way, what warns, what is spoken, how readings are
 * scaled, and what stands on which page. SI units; times in seconds.
 */
package app.drachen.core.signals;
