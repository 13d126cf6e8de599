package app.drachen.core.harness;

import app.drachen.core.units.Ranges;

/**
 * How packs are joined, and what they were measured at.
 *
 * @param how the first two packs feed the motors
 * @param first volts of the first at rest [V], 0 to 70; 0 while nobody measured
 * @param second volts of the second at rest [V], 0 to 70; 0 while nobody measured
 * @param rate most that the packs give for long, over their capacity in an hour [-], 0 to 200; 0 where nobody knows
 * @param highVoltage whether the cells are charged to 4.35 V
 * @param receiverVolts of a pack of the receiver's own [V], 0 to 30; 0 without one
 * @param receiverRail rail that it feeds; empty without one
 */
public record PackJoin(
        Joined how,
        double first,
        double second,
        double rate,
        boolean highVoltage,
        double receiverVolts,
        String receiverRail) {
    /** How packs stand to each other. */
    public enum Joined {
        SINGLE("one pack"),
        SERIES("two in series"),
        PARALLEL("two in parallel");

        private final String label;

        Joined(String label) {
            this.label = label;
        }

        public String label() {
            return label;
        }
    }

    /** One pack, nothing measured. */
    public static final PackJoin SINGLE = new PackJoin(Joined.SINGLE, 0, 0, 0, false, 0, "");

    public PackJoin {
        Ranges.require("volts of the first pack", first, 0, 70, "V");
        Ranges.require("volts of the second pack", second, 0, 70, "V");
        Ranges.require("discharge rate", rate, 0, 200, "-");
        Ranges.require("volts of the receiver's pack", receiverVolts, 0, 30, "V");
    }

    /** The same, the receiver's own pack feeding another rail. */
    public PackJoin feeding(String rail) {
        return new PackJoin(how, first, second, rate, highVoltage, receiverVolts, rail);
    }

    /**
     * @return full volts of a cell [V]
     */
    public double fullCell() {
        return highVoltage ? 4.35 : 4.20;
    }
}
