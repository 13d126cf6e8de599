package app.drachen.core.aerodynamics;

import app.drachen.core.units.Ranges;

/**
 * How far an aircraft's air forces lie from what its drawing says, as factors.
 *
 * <p>Source: own estimate from the accuracy stated in {@link StripModel}: one standard deviation is 5 % in lift and control
 * and 12.5 % in drag.
 *
 * @param lift on lift slopes [-], 0.5 to 1.5
 * @param drag on profile drag [-], 0.4 to 2
 * @param control on what flaps do [-], 0.5 to 1.5
 */
public record ModelError(double lift, double drag, double control) {
    /** As the drawing says. */
    public static final ModelError NONE = new ModelError(1, 1, 1);

    public ModelError {
        Ranges.require("lift factor", lift, 0.5, 1.5, "-");
        Ranges.require("drag factor", drag, 0.4, 2, "-");
        Ranges.require("control factor", control, 0.5, 1.5, "-");
    }
}
