package app.drachen.core.airframe;

import app.drachen.core.units.Ranges;

/**
 * A hinged part of the trailing edge, the same on both sides.
 *
 * @param from inner end as a share of the semi-span [-], 0 to 1
 * @param to outer end as a share of the semi-span [-], 0 to 1
 * @param chordRatio flap chord over local chord [-], 0.05 to 1
 */
public record Flap(double from, double to, double chordRatio) {
    public Flap {
        Ranges.require("inner end of the flap", from, 0, 1, "-");
        Ranges.require("outer end of the flap", to, from, 1, "-");
        Ranges.require("flap chord ratio", chordRatio, 0.05, 1, "-");
    }
}
