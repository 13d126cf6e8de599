package app.drachen.core.rehearsal;

import app.drachen.core.modes.Loss;
import java.util.EnumMap;
import java.util.Map;

/**
 * What is lost in the air.
 *
 * @param linkRange distance from home beyond which the radio is not heard [m]; infinity for never
 * @param fixLostAt time since launch from which there are no fixes [s]; infinity for never
 * @param pitotBlockedAt time since launch from which the pitot is stopped up [s]; infinity for never
 * @param climbsOn whether the pilot climbs until an alarm stops him
 * @param lostAt time since launch from which something else is gone, and the board knows it [s]
 */
public record Mishaps(
        double linkRange, double fixLostAt, double pitotBlockedAt, boolean climbsOn, Map<Loss, Double> lostAt) {
    public static final Mishaps NONE =
            new Mishaps(Double.POSITIVE_INFINITY, Double.POSITIVE_INFINITY, Double.POSITIVE_INFINITY, false, Map.of());

    public Mishaps {
        lostAt = Map.copyOf(lostAt);
    }

    /** The same with the radio heard to a distance [m]. */
    public Mishaps withLinkRange(double distance) {
        return new Mishaps(distance, fixLostAt, pitotBlockedAt, climbsOn, lostAt);
    }

    /** The same with fixes up to a time [s]. */
    public Mishaps withFixLostAt(double time) {
        return new Mishaps(linkRange, time, pitotBlockedAt, climbsOn, lostAt);
    }

    /** The same with the pitot free up to a time [s]. */
    public Mishaps withPitotBlockedAt(double time) {
        return new Mishaps(linkRange, fixLostAt, time, climbsOn, lostAt);
    }

    /** The same with a pilot who climbs until an alarm stops him. */
    public Mishaps climbingOn() {
        return new Mishaps(linkRange, fixLostAt, pitotBlockedAt, true, lostAt);
    }

    /**
     * The same with something else there up to a time.
     *
     * @param time since launch [s]
     */
    public Mishaps withLostAt(Loss what, double time) {
        Map<Loss, Double> all = new EnumMap<>(Loss.class);
        all.putAll(lostAt);
        all.put(what, time);
        return new Mishaps(linkRange, fixLostAt, pitotBlockedAt, climbsOn, all);
    }
}
