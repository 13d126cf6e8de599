/**
 * A flight in the model as a state machine: ready, flying, landed, read, kept, or lost with a reason. Entry type: {@link
 * app.drachen.desk.flight.FlightRun}. Uses {@code desk}, {@code desk.work} and {@code core}.
 */
package app.drachen.desk.flight;
