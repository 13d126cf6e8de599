package app.drachen.core.airframe;

import app.drachen.core.units.Ranges;

/**
 * One trapezoid of a tail: half a tailplane, half a V-tail, or a fin.
 *
 * @param leadingEdge station of the inner leading edge [m], 0 to 5
 * @param right distance of the inner end from the plane of symmetry [m], 0 to 2
 * @param up height of the inner end above the body axis [m], −0.5 to 1
 * @param rootChord inner chord [m], 0.005 to 1
 * @param tipChord outer chord [m], 0.005 to 1
 * @param length true length from inner to outer end [m], 0.01 to 2
 * @param sweep leading edge sweep [rad], −0.8 to 1.2
 * @param incidence to the body axis, nose up positive (fins: 0) [rad], −0.2 to 0.2
 * @param controlChordRatio hinged part of the chord, 0 for none [-], 0 to 1
 */
public record TailPanel(
        double leadingEdge,
        double right,
        double up,
        double rootChord,
        double tipChord,
        double length,
        double sweep,
        double incidence,
        double controlChordRatio) {
    public TailPanel {
        Ranges.require("tail leading edge", leadingEdge, 0, 5, "m");
        Ranges.require("tail distance from the middle", right, 0, 2, "m");
        Ranges.require("tail height", up, -0.5, 1, "m");
        Ranges.require("tail root chord", rootChord, 0.005, 1, "m");
        Ranges.require("tail tip chord", tipChord, 0.005, 1, "m");
        Ranges.require("tail panel length", length, 0.01, 2, "m");
        Ranges.require("tail sweep", sweep, -0.8, 1.2, "rad");
        Ranges.require("tail incidence", incidence, -0.2, 0.2, "rad");
        Ranges.require("control chord ratio", controlChordRatio, 0, 1, "-");
    }

    /**
     * @return true area [m²]
     */
    public double area() {
        return 0.5 * (rootChord + tipChord) * length;
    }

    /**
     * @return mean aerodynamic chord ⅔c(1+λ+λ²)/(1+λ) [m]
     */
    public double meanChord() {
        double taper = tipChord / rootChord;
        return 2.0 / 3 * rootChord * (1 + taper + taper * taper) / (1 + taper);
    }

    /**
     * @return station of the quarter point of the mean chord [m]
     */
    public double quarterStation() {
        double taper = tipChord / rootChord;
        double out = length / 3 * (1 + 2 * taper) / (1 + taper);
        return leadingEdge + out * Math.tan(sweep) + meanChord() / 4;
    }
}
