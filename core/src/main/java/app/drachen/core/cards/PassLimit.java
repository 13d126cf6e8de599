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
        ROLL_TRIM("Roll trim"),
        PITCH_TRIM("Pitch trim"),
        STALL_SPEED("Stall speed"),
        WING_DROP("Wing drop in the stall"),
        SETTLE_TIME("Time to settle in Level"),
        CHARGE_LEFT("Charge left"),
        TOUCHDOWN_SINK("Sink at the touchdown"),
        CHOP_PITCH("Nose after the power is cut"),
        CHOP_HEIGHT("Height lost without power"),
        HOLD_HEIGHT("Height in Hold"),
        HOLD_TURN("Turn in Hold"),
        ROLL_REVERSALS("Reversals of the roll stick"),
        PITCH_REVERSALS("Reversals of the pitch stick"),
        LINE_UP("Time to line up for home"),
        HOME_HEIGHT("Height at home"),
        POINTS_REACHED("Points of the route reached");

        private final String label;

        Measure(String label) {
            this.label = label;
        }

        public String label() {
            return label;
        }
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
