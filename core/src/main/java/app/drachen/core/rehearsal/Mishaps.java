package app.drachen.core.rehearsal;

/**
 * What is lost in the air.
 *
 * @param linkRange distance from home beyond which the radio is not heard [m]; infinity for never
 * @param fixLostAt time since launch from which there are no fixes [s]; infinity for never
 * @param pitotBlockedAt time since launch from which the pitot is stopped up [s]; infinity for never
 */
public record Mishaps(double linkRange, double fixLostAt, double pitotBlockedAt) {
    public static final Mishaps NONE =
            new Mishaps(Double.POSITIVE_INFINITY, Double.POSITIVE_INFINITY, Double.POSITIVE_INFINITY);

    /** The same with the radio heard to a distance [m]. */
    public Mishaps withLinkRange(double distance) {
        return new Mishaps(distance, fixLostAt, pitotBlockedAt);
    }

    /** The same with fixes up to a time [s]. */
    public Mishaps withFixLostAt(double time) {
        return new Mishaps(linkRange, time, pitotBlockedAt);
    }

    /** The same with the pitot free up to a time [s]. */
    public Mishaps withPitotBlockedAt(double time) {
        return new Mishaps(linkRange, fixLostAt, time);
    }
}
