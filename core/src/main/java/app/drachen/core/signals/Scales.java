package app.drachen.core.signals;

import app.drachen.core.units.Quantity;
import app.drachen.core.units.Ranges;
import app.drachen.core.working.Source;
import app.drachen.core.working.Working;
import java.util.Optional;

/**
 * Factors by which readings are multiplied before they are shown.
 *
 * @param current factor of current and charge [-], 0.1 to 10
 * @param currentOffset added to the current behind the factor [A], −20 to 20
 * @param volts factor of the pack's volts [-], 0.1 to 10
 * @param pressure factor of the airspeed's pressure [-], 0.2 to 5
 * @param height factor of the height [-], 0.5 to 2
 * @param polePairs pole pairs of the motor, 1 to 30; 0 if nobody entered them
 * @param strength two points of the signal strength and where it is lost, if they were taken
 */
public record Scales(
        double current,
        double currentOffset,
        double volts,
        double pressure,
        double height,
        int polePairs,
        Optional<TwoPoints> strength) {
    public static final Scales NONE = new Scales(1, 0, 1, 1, 1, 0, Optional.empty());

    public Scales {
        Ranges.require("factor of the current", current, 0.1, 10, "-");
        Ranges.require("offset of the current", currentOffset, -20, 20, "A");
        Ranges.require("factor of the volts", volts, 0.1, 10, "-");
        Ranges.require("factor of the airspeed's pressure", pressure, 0.2, 5, "-");
        Ranges.require("factor of the height", height, 0.5, 2, "-");
        Ranges.require("pole pairs", polePairs, 0, 30, "-");
    }

    /**
     * What is shown at two levels, and where the link is lost.
     *
     * @param shown1 first reading [-], 0 to 1.2
     * @param level1 at this level [dBm], −150 to 30
     * @param shown2 second reading [-], 0 to 1.2
     * @param level2 at this level [dBm], −150 to 30
     * @param loss lost at this level [dBm], −150 to 30
     */
    public record TwoPoints(double shown1, double level1, double shown2, double level2, double loss) {
        /** What it begins with. */
        public static final TwoPoints FIRST = new TwoPoints(1, -45, 0.2, -100, -104);

        public TwoPoints {
            Ranges.require("first reading", shown1, 0, 1.2, "-");
            Ranges.require("first level", level1, -150, 30, "dBm");
            Ranges.require("second reading", shown2, 0, 1.2, "-");
            Ranges.require("second level", level2, -150, 30, "dBm");
            Ranges.require("level of the loss", loss, -150, 30, "dBm");
            if (Math.abs(shown1 - shown2) < 0.05 || Math.abs(level1 - level2) < 3) {
                throw new IllegalArgumentException(
                        "the two points of the strength are too near each other; take them farther apart");
            }
            if ((shown1 - shown2) * (level1 - level2) < 0) {
                throw new IllegalArgumentException("the stronger level shows less; check the two points");
            }
        }

        /**
         * Level of a reading (SIGNALS-A4).
         *
         * @param shown [-]
         * @return [dBm]
         */
        public double level(double shown) {
            return level1 + (shown - shown1) * (level2 - level1) / (shown2 - shown1);
        }

        /**
         * Reading of a level, the other way round.
         *
         * @param level [dBm]
         * @return [-]
         */
        public double shown(double level) {
            return shown1 + (level - level1) * (shown2 - shown1) / (level2 - level1);
        }

        /**
         * Reading at which a link has this much left.
         *
         * @param margin over the loss [dB]
         * @return [-]
         */
        public Working warnAt(double margin) {
            double shown = shown(loss + margin);
            return Working.of(
                    "SIGNALS-A4",
                    "Reading at " + Quantity.DECIBEL.text(margin) + " over the loss",
                    shown,
                    Quantity.SHARE,
                    "x₁ + (S_loss + m − S₁)(x₂ − x₁)/(S₂ − S₁)",
                    new Source.Elementary("straight line through two points"),
                    Working.in("first reading x₁", shown1, Quantity.SHARE),
                    Working.in("at S₁", level1, Quantity.LEVEL),
                    Working.in("second reading x₂", shown2, Quantity.SHARE),
                    Working.in("at S₂", level2, Quantity.LEVEL),
                    Working.in("lost at S_loss", loss, Quantity.LEVEL));
        }
    }

    /**
     * The same with another factor of the current.
     *
     * @param factor [-]
     */
    public Scales withCurrent(double factor) {
        return new Scales(factor, currentOffset, volts, pressure, height, polePairs, strength);
    }

    /**
     * The same with another offset of the current.
     *
     * @param offset [A]
     */
    public Scales withOffset(double offset) {
        return new Scales(current, offset, volts, pressure, height, polePairs, strength);
    }

    /**
     * The same with another factor of the volts.
     *
     * @param factor [-]
     */
    public Scales withVolts(double factor) {
        return new Scales(current, currentOffset, factor, pressure, height, polePairs, strength);
    }

    /**
     * The same with another factor of the airspeed's pressure.
     *
     * @param factor [-]
     */
    public Scales withPressure(double factor) {
        return new Scales(current, currentOffset, volts, factor, height, polePairs, strength);
    }

    /**
     * The same with another factor of the height.
     *
     * @param factor [-]
     */
    public Scales withHeight(double factor) {
        return new Scales(current, currentOffset, volts, pressure, factor, polePairs, strength);
    }

    /** The same with so many pole pairs. */
    public Scales withPolePairs(int pairs) {
        return new Scales(current, currentOffset, volts, pressure, height, pairs, strength);
    }

    /** The same with two points of the strength. */
    public Scales withStrength(Optional<TwoPoints> points) {
        return new Scales(current, currentOffset, volts, pressure, height, polePairs, points);
    }
}
