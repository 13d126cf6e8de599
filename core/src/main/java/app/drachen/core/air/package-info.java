/**
 * The air a flight happens in: standard atmosphere, wind over height, gusts, and the field of the
 * day. Earth frame north, east, down; wind is the motion of the air towards a direction unless the
 * name says {@code From}. Uses {@code units}, {@code working} and {@code math}.
 */
package app.drachen.core.air;
