/** How fast the model flies, by JMH; started by {@code ./drachen jmh}. Uses the core. */
package app.drachen.benchmarks;
