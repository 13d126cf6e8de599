package app.drachen.core.airframe;

import app.drachen.core.units.Ranges;

/**
 * How the angle between wing and tail was checked on the finished airframe.
 *
 * @param how it was checked
 * @param difference incidence of the wing's root minus that of the tail, as measured, nose up positive; 0 if it was not
 *     measured, or without a tailplane [rad], −0.3 to 0.3
 */
public record AngleCheck(How how, double difference) {
    /** Ways to check an angle. */
    public enum How {
        NOT("not yet"),
        BY_EYE("by eye"),
        PHOTOGRAPH("from a photograph"),
        GAUGE("with an incidence gauge");

        private final String label;

        How(String label) {
            this.label = label;
        }

        public String label() {
            return label;
        }

        /** Whether it gives a figure. */
        public boolean measures() {
            return this == PHOTOGRAPH || this == GAUGE;
        }
    }

    /** Nobody has looked. */
    public static final AngleCheck NOT_YET = new AngleCheck(How.NOT, 0);

    public AngleCheck {
        Ranges.require("measured difference of incidence", difference, -0.3, 0.3, "rad");
    }
}
