package app.drachen.core.rehearsal;

/**
 * Something that happened on the way.
 *
 * @param time since launch [s]
 * @param sentence what happened
 */
public record Notice(double time, String sentence) {}
