/**
 * What of an aircraft reaches its pilot, by which part and way, how late, and what is then heard: resolved once from harness and
 * signals. SI units.
 */
package app.drachen.core.hearing;
