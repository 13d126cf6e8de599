/**
 * What the board believes of the flight: sensors with their errors, and the filters that make attitude, height, place and
 * wind of them. Body axes x forward, y right, z down; earth frame north, east, down. Uses {@code flight} and the floors
 * below.
 */
package app.drachen.core.sensing;
