package app.drachen.core.setup;

import app.drachen.core.units.Ranges;

/**
 * How the board sits in the aircraft and what it has been told about it.
 *
 * @param mountedQuarterTurns quarter turns to the right in which its arrow really points, 0 to 3
 * @param configuredQuarterTurns quarter turns entered in the board, 0 to 3
 * @param levelRoll roll the board shows when the aircraft is level [rad], −0.2 to 0.2
 * @param levelPitch pitch the board shows when the aircraft is level [rad], −0.2 to 0.2
 */
public record BoardMount(int mountedQuarterTurns, int configuredQuarterTurns, double levelRoll, double levelPitch) {
    public static final BoardMount FORWARD = new BoardMount(0, 0, 0, 0);

    public BoardMount {
        Ranges.require("mounted quarter turns", mountedQuarterTurns, 0, 3, "-");
        Ranges.require("configured quarter turns", configuredQuarterTurns, 0, 3, "-");
        Ranges.require("level offset in roll", levelRoll, -0.2, 0.2, "rad");
        Ranges.require("level offset in pitch", levelPitch, -0.2, 0.2, "rad");
    }

    /**
     * The same board told another level.
     *
     * @param roll [rad], −0.2 to 0.2
     * @param pitch [rad], −0.2 to 0.2
     */
    public BoardMount withLevel(double roll, double pitch) {
        return new BoardMount(mountedQuarterTurns, configuredQuarterTurns, roll, pitch);
    }

    /** Quarter turns by which what the board believes is turned against the aircraft, 0 to 3. */
    public int errorQuarterTurns() {
        return Math.floorMod(mountedQuarterTurns - configuredQuarterTurns, 4);
    }
}
