package app.drachen.core.airframe;

import app.drachen.core.units.Ranges;

/**
 * A hinged part of the trailing edge, the same on both sides.
 *
 * @param kind what it is for
 * @param from inner end as a share of the semi-span [-], 0 to 1
 * @param to outer end as a share of the semi-span [-], 0 to 1
 * @param chordRatio flap chord over local chord [-], 0.05 to 1
 */
public record Flap(Kind kind, double from, double to, double chordRatio) {
    /** What a flap is for. */
    public enum Kind {
        AILERON,
        ELEVON,
        FLAP,
        BRAKE
    }

    public Flap {
        Ranges.require("inner end of the flap", from, 0, 1, "-");
        Ranges.require("outer end of the flap", to, from, 1, "-");
        Ranges.require("flap chord ratio", chordRatio, 0.05, 1, "-");
    }

    /**
     * An aileron.
     *
     * @param from inner end, share of the half span [-]
     * @param to outer end, share of the half span [-]
     * @param chordRatio share of the chord [-]
     */
    public static Flap aileron(double from, double to, double chordRatio) {
        return new Flap(Kind.AILERON, from, to, chordRatio);
    }

    /**
     * An elevon.
     *
     * @param from inner end, share of the half span [-]
     * @param to outer end, share of the half span [-]
     * @param chordRatio share of the chord [-]
     */
    public static Flap elevon(double from, double to, double chordRatio) {
        return new Flap(Kind.ELEVON, from, to, chordRatio);
    }

    /** Whether it rolls the aircraft. */
    public boolean rolls() {
        return kind == Kind.AILERON || kind == Kind.ELEVON;
    }

    /**
     * The part of a stretch of the wing that it takes.
     *
     * @param inner as a share of the semi-span [-]
     * @param outer as a share of the semi-span [-], above the inner end
     * @return [-], 0 to 1
     */
    public double covers(double inner, double outer) {
        return Math.max(0, Math.min(outer, to) - Math.max(inner, from)) / (outer - inner);
    }
}
