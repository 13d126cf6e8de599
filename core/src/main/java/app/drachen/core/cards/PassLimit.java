package app.drachen.core.cards;

import app.drachen.core.units.Ranges;
import app.drachen.core.working.Working;

/**
 * What a flight must show, computed for this aircraft.
 *
 * @param id which result of the debrief it judges
 * @param sentence what is wanted, with the figures
 * @param least lower limit [SI unit of the measure]; negative infinity for none
 * @param most upper limit [SI unit of the measure]; infinity for none
 * @param working how the limit came about
 */
public record PassLimit(Measure id, String sentence, double least, double most, Working working) {
    public PassLimit {
        Ranges.requireText("sentence", sentence);
        Ranges.require("least", least, Double.NEGATIVE_INFINITY, most, "SI");
    }

    /** The results that can be judged. */
    public enum Measure {
        ROLL_TRIM,
        PITCH_TRIM,
        STALL_SPEED,
        WING_DROP,
        SETTLE_TIME,
        CHARGE_LEFT,
        TOUCHDOWN_SINK
    }

    /**
     * Whether a measured value passes.
     *
     * @param value [SI unit of the measure]
     */
    public boolean passes(double value) {
        return least <= value && value <= most;
    }
}
