package app.drachen.core.harness;

import app.drachen.core.units.Ranges;

/**
 * What a device gives back through its lead, or carries through itself.
 *
 * @param volts its regulator gives [V], 0 to 30; 0 where it has none
 * @param amps its regulator gives for long [A], 0 to 100; 0 where nobody knows
 * @param linear whether that regulator is linear
 * @param carries current that it carries through itself, as a speed controller or motor [A], 0 to 500; 0 where nobody knows
 */
public record Gives(double volts, double amps, boolean linear, double carries) {
    /** Gives nothing. */
    public static final Gives NOTHING = new Gives(0, 0, false, 0);

    /** Most speed controllers bring a regulator of 5 V with them; common practice. What it carries is not known. */
    public static final Gives TYPICAL_CONTROLLER = new Gives(5, 3, false, 0);

    public Gives {
        Ranges.require("volts given", volts, 0, 30, "V");
        Ranges.require("amps given", amps, 0, 100, "A");
        Ranges.require("current carried", carries, 0, 500, "A");
    }
}
